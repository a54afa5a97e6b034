package openbloom.app.checks;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.picture.LoadLadders;
import openbloom.core.record.Client;
import openbloom.core.record.DatedLoad;
import openbloom.core.record.OpeningCheck;
import openbloom.core.record.OpeningCheck.Outcome;
import openbloom.core.record.OpeningCheck.Tried;
import openbloom.core.record.Standing;
import openbloom.core.record.Training;
import openbloom.core.verdict.Beginning;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Component;

/** The opening check of a first visit: training before and a few try-outs, which place her on every ladder. */
@Component
class OpeningSheet implements SheetReader {
    private static final int HIGHEST = 40;

    static OpeningCheck read(Answers answers) {
        Map<Strand, Tried> tries = new EnumMap<>(Strand.class);
        for (Strand strand : Strand.values()) {
            Optional<Integer> rung = answers.whole("rung-" + strand, 1, HIGHEST);
            Optional<Outcome> outcome = answers.choice("try-" + strand, Outcome.class);
            outcome.ifPresent(went -> rung.ifPresent(tried -> tries.put(strand, new Tried(tried, went))));
        }
        return new OpeningCheck(answers.choice("training", Training.class), tries);
    }

    @Override
    public SheetKind kind() {
        return SheetKind.OPENING;
    }

    @Override
    public boolean examine(Answers answers, SheetContext beside) {
        for (Strand strand : Strand.values()) {
            boolean tried = answers.choice("try-" + strand, Outcome.class).isPresent();
            if (tried && answers.text("rung-" + strand).isBlank()) {
                answers.problems().refuse("try-" + strand, "opening.rung");
            }
        }
        return !read(answers).isEmpty();
    }

    /** The moves to try today. */
    static List<Move> tryOuts(SheetContext beside) {
        return Beginning.tryOuts(judgement(beside, OpeningCheck.NOT_DONE));
    }

    private static Judgement judgement(SheetContext beside, OpeningCheck check) {
        Client known = beside.facts().client();
        Client.Builder client = known.but();
        check.training().ifPresent(client::trained);
        if (!check.tries().isEmpty()) {
            Standing seen = Standing.after(
                    List.of(), List.of(new DatedLoad(beside.day(), check.asLoadCheck())), Standing.Decided.NOTHING);
            client.standing(known.standing().and(seen));
        }
        return Judgement.of(beside.catalogue(), client.build(), beside.day());
    }

    @Override
    public View view(Answers answers, SheetContext beside) {
        OpeningCheck check = read(answers);
        List<Line> lines = new ArrayList<>();
        for (Beginning.Place place : Beginning.places(judgement(beside, check))) {
            String begins = place.move().map(Move::name).orElse("nothing today");
            lines.add(new Line(place.strand().words(), begins + " (" + place.because() + ")"));
        }
        return new View(LoadLadders.of(check.asLoadCheck(), beside.catalogue()), lines);
    }

    @Override
    public String words(Answers answers) {
        OpeningCheck check = read(answers);
        List<String> parts = new ArrayList<>();
        check.training().map(Training::words).ifPresent(parts::add);
        parts.addAll(check.tries().entrySet().stream()
                .map(tried -> tried.getKey().words().toLowerCase(Locale.ROOT) + " rung "
                        + tried.getValue().rung() + " "
                        + tried.getValue().outcome().words())
                .collect(Collectors.toList()));
        return String.join(", ", parts);
    }
}
