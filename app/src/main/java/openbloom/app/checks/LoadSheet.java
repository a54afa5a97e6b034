package openbloom.app.checks;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.picture.LoadLadders;
import openbloom.core.record.LoadCheck;
import openbloom.core.record.LoadCheck.EndedBy;
import openbloom.core.verdict.CheckWindow;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Component;

/** The load check: how far up each ladder she stays flat with the breath going. */
@Component
class LoadSheet implements SheetReader {
    private static final int HIGHEST = 20;

    static LoadCheck read(SheetAnswers answers) {
        Map<ExerciseGroup, LoadCheck.LadderClimb> climbs = new EnumMap<>(ExerciseGroup.class);
        for (ExerciseGroup strand : LoadCheck.LADDERS) {
            Optional<Integer> flat = answers.whole("flat-" + strand, 0, HIGHEST);
            EndedBy ended = answers.choice("ended-" + strand, EndedBy.class).orElse(EndedBy.NOT_TRIED_FURTHER);
            flat.ifPresent(rung -> climbs.put(strand, new LoadCheck.LadderClimb(rung, ended)));
        }
        return new LoadCheck(climbs);
    }

    @Override
    public SheetKind kind() {
        return SheetKind.LOAD;
    }

    @Override
    public boolean examine(SheetAnswers answers, SheetContext beside) {
        for (ExerciseGroup strand : LoadCheck.LADDERS) {
            boolean onlyEnded = answers.text("flat-" + strand).isBlank()
                    && answers.choice("ended-" + strand, EndedBy.class)
                            .filter(EndedBy::isLimit)
                            .isPresent();
            if (onlyEnded) {
                answers.problems().refuse("flat-" + strand, "load.flatMissing");
            }
            Optional<Integer> flat =
                    answers.whole("flat-" + strand, 0, beside.catalogue().topRung(strand));
            int most = upTo(beside).get(strand);
            if (flat.filter(rung -> rung > most).isPresent()) {
                answers.problems().refuse("flat-" + strand, "load.window", most);
            }
        }
        return !read(answers).climbs().isEmpty();
    }

    /** The highest rung to try on each ladder today. */
    static Map<ExerciseGroup, Integer> upTo(SheetContext beside) {
        Judgement judgement = Judgement.of(beside.catalogue(), beside.facts().client(), beside.day());
        Map<ExerciseGroup, Integer> most = new EnumMap<>(ExerciseGroup.class);
        LoadCheck.LADDERS.forEach(strand -> most.put(strand, CheckWindow.highestTry(judgement, strand)));
        return most;
    }

    @Override
    public SheetReader.SheetView view(SheetAnswers answers, SheetContext beside) {
        LoadCheck check = read(answers);
        List<SheetReader.FindingLine> lines = check.climbs().entrySet().stream()
                .map(climb -> new SheetReader.FindingLine(
                        climb.getKey().words(), told(climb.getKey(), climb.getValue(), beside.catalogue())))
                .toList();
        return new SheetReader.SheetView(LoadLadders.of(check, beside.catalogue()), lines);
    }

    private static String told(ExerciseGroup strand, LoadCheck.LadderClimb climb, Catalogue catalogue) {
        String flat = climb.flatRung() == 0
                ? "not flat on the first level"
                : "flat up to " + named(strand, climb.flatRung(), catalogue);
        String ended = climb.endedBy().isLimit()
                ? "; " + climb.endedBy().words() + " on the next, so that waits"
                : "; " + climb.endedBy().words();
        return flat + ended;
    }

    private static String named(ExerciseGroup strand, int rung, Catalogue catalogue) {
        String names = catalogue.ladder(strand).stream()
                .filter(move -> move.rung() == rung)
                .map(Move::name)
                .limit(2)
                .collect(Collectors.joining(" or "));
        return "level " + rung + (names.isEmpty() ? "" : ", " + names.toLowerCase(Locale.ROOT));
    }

    @Override
    public String words(SheetAnswers answers) {
        return read(answers).climbs().entrySet().stream()
                .map(climb -> (climb.getKey() == ExerciseGroup.FLEXION
                                ? "curls"
                                : climb.getKey().words().toLowerCase(Locale.ROOT))
                        + " flat to " + climb.getValue().flatRung()
                        + ended(climb.getValue().endedBy()))
                .collect(Collectors.joining(", "));
    }

    private static String ended(EndedBy endedBy) {
        return switch (endedBy) {
            case DOMED -> " then domes";
            case BREATH_STOPPED -> " then breath stops";
            case NOT_TRIED_FURTHER -> "";
        };
    }
}
