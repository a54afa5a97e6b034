package openbloom.app.checks;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.picture.LoadLadders;
import openbloom.core.record.LoadCheck;
import openbloom.core.record.LoadCheck.Climb;
import openbloom.core.record.LoadCheck.EndedBy;
import openbloom.core.verdict.CheckWindow;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Component;

/** The load check: how far up each ladder she stays flat with the breath going. */
@Component
class LoadSheet implements SheetReader {
    private static final int HIGHEST = 20;

    static LoadCheck read(Answers answers) {
        Map<Strand, Climb> climbs = new EnumMap<>(Strand.class);
        for (Strand strand : LoadCheck.LADDERS) {
            Optional<Integer> flat = answers.whole("flat-" + strand, 0, HIGHEST);
            EndedBy ended = answers.choice("ended-" + strand, EndedBy.class).orElse(EndedBy.NOT_TRIED_FURTHER);
            flat.ifPresent(rung -> climbs.put(strand, new Climb(rung, ended)));
        }
        return new LoadCheck(climbs);
    }

    @Override
    public SheetKind kind() {
        return SheetKind.LOAD;
    }

    @Override
    public boolean examine(Answers answers, SheetContext beside) {
        for (Strand strand : LoadCheck.LADDERS) {
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
    static Map<Strand, Integer> upTo(SheetContext beside) {
        Judgement judgement = Judgement.of(beside.catalogue(), beside.facts().client(), beside.day());
        Map<Strand, Integer> most = new EnumMap<>(Strand.class);
        LoadCheck.LADDERS.forEach(strand -> most.put(strand, CheckWindow.highestTry(judgement, strand)));
        return most;
    }

    @Override
    public View view(Answers answers, SheetContext beside) {
        LoadCheck check = read(answers);
        List<Line> lines = check.climbs().entrySet().stream()
                .map(climb ->
                        new Line(climb.getKey().words(), told(climb.getKey(), climb.getValue(), beside.catalogue())))
                .toList();
        return new View(LoadLadders.of(check, beside.catalogue()), lines);
    }

    private static String told(Strand strand, Climb climb, Catalogue catalogue) {
        String flat = climb.flatRung() == 0
                ? "not flat on the first rung"
                : "flat up to " + named(strand, climb.flatRung(), catalogue);
        String ended = climb.endedBy().isLimit()
                ? "; " + climb.endedBy().words() + " on the next, so that waits"
                : "; " + climb.endedBy().words();
        return flat + ended;
    }

    private static String named(Strand strand, int rung, Catalogue catalogue) {
        String names = catalogue.ladder(strand).stream()
                .filter(move -> move.rung() == rung)
                .map(Move::name)
                .limit(2)
                .collect(Collectors.joining(" or "));
        return "rung " + rung + (names.isEmpty() ? "" : ", " + names.toLowerCase(Locale.ROOT));
    }

    @Override
    public String words(Answers answers) {
        return read(answers).climbs().entrySet().stream()
                .map(climb -> (climb.getKey() == Strand.FLEXION
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
