package openbloom.core.picture;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import openbloom.core.Days;
import openbloom.core.moves.ExerciseGroup;

/**
 * Every ladder that was decided about, its rung over time: a step up or down is a day it was decided.
 *
 * @see ExerciseGroup
 */
public final class RungsPicture {
    private static final double WIDE = 1_000;
    private static final double LEFT = 190;
    private static final double RIGHT = 930;
    private static final double ROW = 34;
    private static final double HIGH = 22;
    private static final double TOP = 26;
    private static final Letters QUIET = Letters.of(14.5, Palette.MUTED);

    /**
     * The rung of a ladder from a day on.
     *
     * @param top highest rung of the ladder
     */
    public record RungBar(ExerciseGroup strand, LocalDate on, int rung, int top) {}

    private final Svg svg;
    private final LocalDate from;
    private final LocalDate to;

    private RungsPicture(Svg svg, LocalDate from, LocalDate to) {
        this.svg = svg;
        this.from = from;
        this.to = to;
    }

    /**
     * @param steps oldest first; at least one
     * @param today where the lines end
     */
    public static String of(List<RungBar> steps, LocalDate today) {
        Map<ExerciseGroup, List<RungBar>> ladders = new EnumMap<>(ExerciseGroup.class);
        steps.stream()
                .sorted(Comparator.comparing(RungBar::on))
                .forEach(step -> ladders.computeIfAbsent(step.strand(), any -> new ArrayList<>())
                        .add(step));
        LocalDate first =
                steps.stream().map(RungBar::on).min(Comparator.naturalOrder()).orElse(today);
        double high = TOP + ladders.size() * ROW + 6;
        Svg svg = Svg.drawing(0, 0, WIDE, high, describe(ladders), "rungs-picture");
        RungsPicture picture = new RungsPicture(svg, first, today);
        picture.days(high);
        double y = TOP;
        for (Map.Entry<ExerciseGroup, List<RungBar>> ladder : ladders.entrySet()) {
            picture.ladder(ladder.getKey(), ladder.getValue(), y);
            y += ROW;
        }
        return svg.finish();
    }

    private static String describe(Map<ExerciseGroup, List<RungBar>> ladders) {
        StringBuilder words = new StringBuilder("Levels over time: ");
        ladders.forEach((strand, steps) -> words.append(String.format(
                Locale.ROOT, "%s %d to %d; ", strand.words(), steps.get(0).rung(), last(steps))));
        return words.toString();
    }

    private static int last(List<RungBar> steps) {
        return steps.get(steps.size() - 1).rung();
    }

    private void days(double high) {
        svg.words(Days.words(from), LEFT, 14, QUIET);
        svg.words(Days.words(to), RIGHT, 14, QUIET.endingHere());
        svg.line(LEFT, TOP - 6, LEFT, high - 6, Paint.line(Palette.LINE, 1));
        svg.line(RIGHT, TOP - 6, RIGHT, high - 6, Paint.line(Palette.LINE, 1));
    }

    private void ladder(ExerciseGroup strand, List<RungBar> steps, double y) {
        int top = Math.max(1, steps.get(0).top());
        svg.words(
                strand.words(),
                LEFT - 10,
                y + HIGH - 4,
                Letters.of(14.5, Palette.INK).endingHere());
        svg.line(LEFT, y + HIGH, RIGHT, y + HIGH, Paint.line(Palette.LINE, 1));
        StringBuilder path = new StringBuilder();
        for (RungBar step : steps) {
            double x = x(step.on());
            double at = y + HIGH - HIGH * step.rung() / top;
            path.append(path.isEmpty() ? "M" + Svg.point(x, at) : "H" + Svg.number(x) + "V" + Svg.number(at));
        }
        path.append('H').append(Svg.number(RIGHT));
        svg.path(path.toString(), Paint.line(SessionStrip.tone(strand), 2.4));
        svg.words(last(steps) + " of " + top, RIGHT + 8, y + HIGH - 4, QUIET);
    }

    private double x(LocalDate day) {
        double all = Math.max(1, ChronoUnit.DAYS.between(from, to));
        return LEFT + (RIGHT - LEFT) * ChronoUnit.DAYS.between(from, day) / all;
    }
}
