package openbloom.app.checks;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.picture.LoadLadders;
import openbloom.core.record.Client;
import openbloom.core.record.DatedLoad;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.LadderStatus.DecidedRung;
import openbloom.core.record.OpeningCheck;
import openbloom.core.record.OpeningCheck.Tried;
import openbloom.core.record.Training;
import openbloom.core.verdict.Beginning;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Component;

/** The opening check of a first visit: training before and a few try-outs, which place her on every ladder. */
@Component
class OpeningSheet implements SheetReader {
    private static final int HIGHEST = 40;

    static OpeningCheck read(SheetAnswers answers) {
        Map<ExerciseGroup, Tried> tries = new EnumMap<>(ExerciseGroup.class);
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            Optional<Integer> rung = answers.whole("rung-" + strand, 1, HIGHEST);
            Optional<OpeningCheck.TryOutOutcome> outcome =
                    answers.choice("try-" + strand, OpeningCheck.TryOutOutcome.class);
            outcome.ifPresent(went -> rung.ifPresent(tried -> tries.put(strand, new Tried(tried, went))));
        }
        return new OpeningCheck(answers.choice("training", Training.class), tries);
    }

    @Override
    public SheetKind kind() {
        return SheetKind.OPENING;
    }

    @Override
    public boolean examine(SheetAnswers answers, SheetContext beside) {
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            boolean tried = answers.choice("try-" + strand, OpeningCheck.TryOutOutcome.class)
                    .isPresent();
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
            LadderStatus seen = LadderStatus.after(
                    List.of(), List.of(new DatedLoad(beside.day(), check.asLoadCheck())), DecidedRung.NOTHING);
            client.standing(known.standing().and(seen));
        }
        return Judgement.of(beside.catalogue(), client.build(), beside.day());
    }

    @Override
    public SheetReader.SheetView view(SheetAnswers answers, SheetContext beside) {
        OpeningCheck check = read(answers);
        List<SheetReader.FindingLine> lines = new ArrayList<>();
        for (Beginning.LadderStart place : Beginning.places(judgement(beside, check))) {
            String begins = place.move().map(Move::name).orElse("nothing today");
            lines.add(new SheetReader.FindingLine(place.strand().words(), begins + " (" + place.because() + ")"));
        }
        return new SheetReader.SheetView(LoadLadders.of(check.asLoadCheck(), beside.catalogue()), lines);
    }

    @Override
    public String words(SheetAnswers answers) {
        OpeningCheck check = read(answers);
        List<String> parts = new ArrayList<>();
        check.training().map(Training::words).ifPresent(parts::add);
        parts.addAll(check.tries().entrySet().stream()
                .map(tried -> tried.getKey().words().toLowerCase(Locale.ROOT) + " level "
                        + tried.getValue().rung() + " "
                        + tried.getValue().outcome().words())
                .collect(Collectors.toList()));
        return String.join(", ", parts);
    }
}
