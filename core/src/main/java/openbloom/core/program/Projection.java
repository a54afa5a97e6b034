package openbloom.core.program;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import openbloom.core.gap.GapCheck;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.Client;
import openbloom.core.record.LadderStatus;
import openbloom.core.verdict.Judgement;

/**
 * A woman judged on a day that has not come yet: what she told stays as it is, every check that will be made until then is
 * taken to find the same; only the calendar runs. On the day itself everything is judged anew.
 */
final class Projection {
    private Projection() {}

    static Judgement of(Judgement today, LocalDate day) {
        return Judgement.of(
                today.catalogue(), carried(today.facts().client(), today.facts().day(), day), day);
    }

    /** The same day, with every check left as old as it will be then: what passes only with a fresh one rests on it. */
    static Judgement unchecked(Judgement today, LocalDate day) {
        return Judgement.of(
                today.catalogue(),
                asked(today.facts().client(), today.facts().day(), day).build(),
                day);
    }

    /** The day on which a gap check is made and finds what is known today. */
    static Judgement checkedOn(Judgement today, LocalDate day) {
        Client client = today.facts().client();
        Client.Builder then = carried(client, today.facts().day(), day).but();
        client.checks().gap().ifPresent(check -> then.gap(new GapCheck(day, check.readings(), check.settled())));
        return Judgement.of(today.catalogue(), then.build(), day);
    }

    /** The same with ladders written down as they will stand then. */
    static Judgement of(Judgement today, LocalDate day, Map<ExerciseGroup, Integer> rungs) {
        Catalogue catalogue = today.catalogue();
        Client then = carried(today.facts().client(), today.facts().day(), day);
        Map<ExerciseGroup, Integer> all = new EnumMap<>(ExerciseGroup.class);
        all.putAll(then.standing().rungs());
        rungs.forEach((strand, rung) -> all.merge(strand, rung, Math::max));
        return Judgement.of(catalogue, then.but().rungs(all).build(), day);
    }

    /** She is asked before every visit, and answers as today. */
    private static Client.Builder asked(Client client, LocalDate today, LocalDate day) {
        Client.Builder then = client.but();
        if (client.safety().symptoms().isFreshOn(today)) {
            then.symptoms(client.safety().symptoms().askedAgain(day));
        }
        return then;
    }

    private static Client carried(Client client, LocalDate today, LocalDate day) {
        long days = ChronoUnit.DAYS.between(today, day);
        Client.Builder then = asked(client, today, day);
        Optional<GapCheck> gap = client.checks().gap();
        gap.filter(check -> check.isFreshOn(today))
                .ifPresent(check ->
                        then.gap(new GapCheck(check.date().plusDays(days), check.readings(), check.settled())));
        Map<ExerciseGroup, LadderStatus.Flat> flat = new EnumMap<>(ExerciseGroup.class);
        client.standing()
                .flat()
                .forEach((strand, seen) -> flat.put(
                        strand, new LadderStatus.Flat(seen.rung(), seen.on().plusDays(days))));
        LadderStatus standing = client.standing();
        then.standing(standing.withFlat(flat));
        return then.build();
    }
}
