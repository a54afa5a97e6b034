package openbloom.core.picture;

import static openbloom.core.picture.Svg.point;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.Days;
import openbloom.core.pelvicfloor.Area;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.screening.Symptom;

/**
 * Best hold, repetitions and flicks over the weeks, the aim of ten as a line, and a mark where she did not let go; below
 * them the weaker side and, for every day on which she was asked, leaking, heaviness and pain.
 *
 * @see Symptom
 * @see DatedCheck
 */
public final class FloorTrend {
    private static final double LEFT = 44;
    private static final double RIGHT = 410;
    private static final double TOP = 20;
    private static final double GROUND = 216;
    private static final int TEN = 10;
    private static final Letters QUIET = Letters.of(14, Palette.MUTED);

    private static final String LIGHT_SLATE = "#A9BDCD";
    private static final double ROWS = GROUND + 50;
    private static final double ROW = 24;

    /**
     * What she told on a day when she was asked for symptoms.
     *
     * @param on the day she was asked
     * @param told the {@link Symptom}s she told, empty if none
     */
    public record AskedFor(LocalDate on, Set<Symptom> told) {}

    /** Symptoms that share a row. */
    private enum FloorReading {
        LEAK(1, "leaking", Set.of(Symptom.LEAK_WITH_EFFORT, Symptom.LEAK_WITH_URGE)),
        HEAVINESS(2, "heaviness", Set.of(Symptom.HEAVINESS)),
        PAIN(3, "pain", Set.of(Symptom.PELVIC_PAIN, Symptom.PAIN_WITH_LIFTS));

        private final int number;
        private final String words;
        private final Set<Symptom> symptoms;

        FloorReading(int number, String words, Set<Symptom> symptoms) {
            this.number = number;
            this.words = words;
            this.symptoms = symptoms;
        }

        boolean isTold(AskedFor asked) {
            return asked.told().stream().anyMatch(symptoms::contains);
        }
    }

    private final Svg svg;
    private final List<DatedCheck> checks;
    private final List<AskedFor> asked;
    private final long days;
    private final double most;

    private FloorTrend(Svg svg, List<DatedCheck> checks, List<AskedFor> asked) {
        LocalDate first = checks.get(0).on();
        this.svg = svg;
        this.checks = checks;
        this.asked = asked.stream().filter(one -> !one.on().isBefore(first)).toList();
        LocalDate last = Stream.concat(
                        checks.stream().map(DatedCheck::on), this.asked.stream().map(AskedFor::on))
                .max(LocalDate::compareTo)
                .orElse(first);
        this.days = Math.max(14, ChronoUnit.DAYS.between(first, last));
        this.most = Math.max(
                        TEN,
                        checks.stream()
                                .mapToInt(one -> Math.max(
                                        one.check().holdSeconds(),
                                        Math.max(
                                                one.check().holdRepetitions(),
                                                one.check().flicks())))
                                .max()
                                .orElse(TEN))
                + 2.0;
    }

    /**
     * @param checks oldest first
     * @param asked in any order; what was told before the first check is left out
     * @throws IllegalArgumentException if there is none
     */
    public static String of(List<DatedCheck> checks, List<AskedFor> asked) {
        if (checks.isEmpty()) {
            throw new IllegalArgumentException("At least one check is expected, but there was none");
        }
        Svg svg = Svg.drawing(0, 0, 530, ROWS + 4.8 * ROW, describe(checks, asked), "floor-trend");
        FloorTrend trend = new FloorTrend(svg, checks, asked);
        trend.grid();
        trend.line(PelvicFloorCheck::flicks, Paint.line(LIGHT_SLATE, 7), LIGHT_SLATE, "flicks", 0);
        trend.line(
                PelvicFloorCheck::holdRepetitions,
                Paint.line(Palette.SAFFRON, 2.4).dashed("6 4"),
                Palette.SAFFRON,
                "holds",
                1);
        trend.line(PelvicFloorCheck::holdSeconds, Paint.line(Palette.PLUM, 2), Palette.PLUM, "best hold, s", 2);
        trend.lettingGo();
        trend.sides();
        trend.symptoms();
        return svg.finish();
    }

    private static String describe(List<DatedCheck> checks, List<AskedFor> asked) {
        PelvicFloorCheck last = checks.get(checks.size() - 1).check();
        return "Pelvic floor over " + checks.size() + " checks, latest: hold " + last.holdSeconds() + " s, "
                + last.holdRepetitions() + " holds, " + last.flicks() + " flicks, "
                + last.lettingGo().words() + told(asked);
    }

    private static String told(List<AskedFor> asked) {
        return asked.stream()
                .max(Comparator.comparing(AskedFor::on))
                .map(latest -> Arrays.stream(FloorReading.values())
                        .filter(row -> row.isTold(latest))
                        .map(row -> "; " + row.words)
                        .collect(Collectors.joining()))
                .orElse("");
    }

    private void grid() {
        for (int at = 0; at <= most; at += 5) {
            svg.line(
                    LEFT,
                    y(at),
                    RIGHT,
                    y(at),
                    at == TEN ? Paint.line(Palette.MOSS, 1.4).dashed("7 5") : Paint.line("#EAE4D7", 1));
            svg.words(String.valueOf(at), LEFT - 8, y(at) + 5, QUIET.endingHere());
        }
        LocalDate before = null;
        for (DatedCheck one : checks) {
            if (before == null || x(one.on()) - x(before) > 70) {
                String words = Days.words(one.on());
                svg.words(words.substring(0, words.length() - 5), x(one.on()), GROUND + 20, QUIET.centred());
                before = one.on();
            }
        }
    }

    /** Broad, dashed and thin, so that lines that lie on each other are all seen. */
    private void line(ToIntFunction<PelvicFloorCheck> what, Paint paint, String tone, String name, int place) {
        StringBuilder path = new StringBuilder();
        for (DatedCheck one : checks) {
            path.append(path.isEmpty() ? 'M' : 'L').append(point(x(one.on()), y(what.applyAsInt(one.check()))));
            svg.circle(x(one.on()), y(what.applyAsInt(one.check())), place == 0 ? 8 : 4.5, Paint.filled(tone));
        }
        svg.path(path.toString(), paint);
        double middle = TOP + 14 + 24 * place;
        svg.line(RIGHT + 6, middle, RIGHT + 26, middle, paint);
        svg.words(name, RIGHT + 33, TOP + 19 + 24 * place, Letters.of(14, Palette.INK));
    }

    private void lettingGo() {
        checks.stream()
                .filter(one -> one.check().lettingGo() == LettingGo.ABSENT)
                .forEach(one -> {
                    svg.line(
                            x(one.on()),
                            TOP,
                            x(one.on()),
                            GROUND,
                            Paint.line(Palette.CLAY, 1.4).dashed("4 4"));
                    boolean late = x(one.on()) > (LEFT + RIGHT) / 2;
                    Letters letters = Letters.of(14, Palette.CLAY).over(Palette.PAPER);
                    svg.words(
                            "does not let go",
                            x(one.on()) + (late ? -4 : 4),
                            TOP + 10,
                            late ? letters.endingHere() : letters);
                });
    }

    private void sides() {
        svg.words("weaker side", RIGHT + 12, ROWS + 5, QUIET);
        checks.stream()
                .flatMap(one -> one.weaker().stream()
                        .filter(area -> area == Area.LEFT || area == Area.RIGHT)
                        .map(area -> new WeakerArea(one.on(), area)))
                .forEach(weaker -> svg.words(
                        weaker.side() == Area.LEFT ? "L" : "R",
                        x(weaker.on()),
                        ROWS + 5,
                        Letters.of(14, Palette.PLUM).strong().centred()));
    }

    private record WeakerArea(LocalDate on, Area side) {}

    /** Filled where it was told, a ring where she was asked and did not tell it. */
    private void symptoms() {
        svg.words("filled: reported that day; ring: asked, not reported", LEFT, ROWS + 4.3 * ROW, QUIET);
        for (FloorReading row : FloorReading.values()) {
            double y = ROWS + ROW * row.number;
            svg.line(LEFT, y, RIGHT, y, Paint.line("#EAE4D7", 1));
            svg.words(row.words, RIGHT + 12, y + 5, QUIET);
            for (AskedFor one : asked) {
                svg.named(Days.words(one.on()) + ": " + (row.isTold(one) ? "" : "no ") + row.words);
                svg.circle(
                        x(one.on()),
                        y,
                        row.isTold(one) ? 5 : 3.5,
                        row.isTold(one)
                                ? Paint.filled(Palette.CLAY)
                                : Paint.filled(Palette.PAPER).outlined(Palette.MUTED, 1.2));
                svg.close();
            }
        }
    }

    private double x(LocalDate day) {
        return LEFT
                + 14
                + (RIGHT - LEFT - 28) * ChronoUnit.DAYS.between(checks.get(0).on(), day) / days;
    }

    private double y(double amount) {
        return GROUND - (GROUND - TOP) * amount / most;
    }
}
