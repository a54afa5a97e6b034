package openbloom.core.progress;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.Client;
import openbloom.core.record.LadderDecision;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainSite;
import openbloom.core.verdict.Judgement;

/**
 * What another program tells of her ladders: days as they were done, decisions, and the dose step of the level she works on.
 *
 * @param days by ladder, in any order; the same day told twice counts once
 * @param decisions in any order; the latest of a ladder counts, and days after it move it on
 * @param steps dose step 1 to 3 of the level she works on
 * @see ExerciseGroup
 * @see LadderStatus
 */
public record LadderHistory(
        Map<ExerciseGroup, List<LadderDay>> days, List<LadderDecision> decisions, Map<ExerciseGroup, Integer> steps) {
    public static final LadderHistory NONE = new LadderHistory(Map.of(), List.of(), Map.of());

    public LadderHistory {
        days = Map.copyOf(days);
        decisions = List.copyOf(decisions);
        steps = Map.copyOf(steps);
    }

    /** The woman as she stands after all of it; pain that stops holds her ladder and what loads the place. */
    public Client appliedTo(Judgement judgement) {
        Client client = judgement.facts().client();
        Map<ExerciseGroup, LadderStatus.Working> working = new EnumMap<>(ExerciseGroup.class);
        working.putAll(client.standing().working());
        decisions.stream()
                .sorted(Comparator.comparing(LadderDecision::on))
                .forEach(made ->
                        working.compute(made.strand(), (same, before) -> LadderStatus.Working.decided(made, before)));
        Map<ExerciseGroup, Proposal> proposals = proposals(judged(judgement, working));
        proposals.forEach(
                (ladder, proposal) -> working.put(ladder, new LadderStatus.Working(proposal.rung(), proposal.step())));
        steps.forEach((ladder, step) -> working.put(
                ladder,
                new LadderStatus.Working(
                        Optional.ofNullable(working.get(ladder))
                                .map(LadderStatus.Working::rung)
                                .orElseGet(() -> StartingLevel.of(judgement, ladder)),
                        step)));
        working.values().removeIf(at -> at.rung() < 1);
        return client.but()
                .standing(standing(client.standing(), working, proposals))
                .build();
    }

    /** The same woman, with what was decided. */
    private static Judgement judged(Judgement judgement, Map<ExerciseGroup, LadderStatus.Working> working) {
        Client client = judgement.facts().client();
        return Judgement.of(
                judgement.catalogue(),
                client.but().standing(client.standing().withWorking(working)).build(),
                judgement.facts().day());
    }

    /** Of each ladder with days after its last decision. */
    private Map<ExerciseGroup, Proposal> proposals(Judgement judgement) {
        LocalDate last = days.values().stream()
                .flatMap(List::stream)
                .map(LadderDay::date)
                .max(Comparator.naturalOrder())
                .orElse(LocalDate.MIN);
        Map<ExerciseGroup, Proposal> proposals = new EnumMap<>(ExerciseGroup.class);
        days.forEach((ladder, told) -> {
            LocalDate decided = decisions.stream()
                    .filter(made -> made.strand() == ladder)
                    .map(LadderDecision::on)
                    .max(Comparator.naturalOrder())
                    .orElse(LocalDate.MIN);
            List<LadderDay> since = told.stream()
                    .filter(day -> day.date().isAfter(decided))
                    .distinct()
                    .toList();
            if (!since.isEmpty()) {
                proposals.put(ladder, Progress.of(judgement, ladder, since, last));
            }
        });
        return proposals;
    }

    /** What she works on was reached by the level below it. */
    private LadderStatus standing(
            LadderStatus before,
            Map<ExerciseGroup, LadderStatus.Working> working,
            Map<ExerciseGroup, Proposal> proposals) {
        Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        rungs.putAll(before.rungs());
        working.forEach((ladder, at) -> rungs.merge(ladder, at.rung() - 1, Math::max));
        List<PainHold> holds = proposals.entrySet().stream()
                .filter(told -> told.getValue().decision() == Decision.STOP)
                .flatMap(told -> hold(told.getKey()).stream())
                .toList();
        return new LadderStatus(
                rungs,
                before.ceilings(),
                before.flat(),
                working,
                before.barCurves(),
                new LadderStatus.AgainstLoadCheck(
                        Stream.concat(before.holds().stream(), holds.stream()).toList(),
                        before.against().domed()));
    }

    /** By the pain of its latest day; a warning sign holds everything anyway. */
    private Optional<PainHold> hold(ExerciseGroup ladder) {
        return days.get(ladder).stream()
                .max(Comparator.comparing(LadderDay::date))
                .filter(day -> day.pain().now() > 0)
                .map(day -> new PainHold(
                        0,
                        day.date(),
                        place(ladder, day),
                        ladder,
                        "",
                        OptionalInt.of(day.pain().now())));
    }

    private static PainSite place(ExerciseGroup ladder, LadderDay day) {
        Pain.PainRegion unsaid = ladder.isPelvicFloorLift() ? Pain.PainRegion.FLOOR : Pain.PainRegion.ELSEWHERE;
        return switch (day.pain().place().orElse(unsaid)) {
            case FLOOR -> PainSite.PELVIC_FLOOR;
            case SCAR -> PainSite.SCAR;
            case ELSEWHERE -> PainSite.ELSEWHERE;
        };
    }
}
