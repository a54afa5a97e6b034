package openbloom.core.picture;

import static openbloom.core.picture.Svg.point;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.ToIntFunction;
import openbloom.core.Days;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;

/** Best hold, repetitions and flicks over the weeks, the aim of ten as a line, and a mark where she did not let go. */
public final class FloorTrend {
    private static final double LEFT = 44;
    private static final double RIGHT = 520;
    private static final double TOP = 20;
    private static final double GROUND = 216;
    private static final int TEN = 10;
    private static final Letters QUIET = Letters.of(13.5, Palette.MUTED);

    /** A check on its day. */
    public record Dated(LocalDate on, PelvicFloorCheck check) {}

    private final Svg svg;
    private final List<Dated> checks;
    private final long days;
    private final double most;

    private FloorTrend(Svg svg, List<Dated> checks) {
        this.svg = svg;
        this.checks = checks;
        this.days = Math.max(
                14,
                ChronoUnit.DAYS.between(
                        checks.get(0).on(), checks.get(checks.size() - 1).on()));
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
     * @throws IllegalArgumentException if there is none
     */
    public static String of(List<Dated> checks) {
        if (checks.isEmpty()) {
            throw new IllegalArgumentException("At least one check is expected, but there was none");
        }
        Svg svg = Svg.drawing(0, 0, 640, 252, describe(checks), "floor-trend");
        FloorTrend trend = new FloorTrend(svg, checks);
        trend.grid();
        trend.line(PelvicFloorCheck::flicks, Palette.SLATE, "flicks", 0);
        trend.line(PelvicFloorCheck::holdRepetitions, Palette.SAFFRON, "holds", 1);
        trend.line(PelvicFloorCheck::holdSeconds, Palette.PLUM, "best hold, s", 2);
        trend.lettingGo();
        return svg.finish();
    }

    private static String describe(List<Dated> checks) {
        PelvicFloorCheck last = checks.get(checks.size() - 1).check();
        return "Pelvic floor over " + checks.size() + " checks, latest: hold " + last.holdSeconds() + " s, "
                + last.holdRepetitions() + " holds, " + last.flicks() + " flicks, "
                + last.lettingGo().words();
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
        for (Dated one : checks) {
            if (before == null || x(one.on()) - x(before) > 70) {
                String words = Days.words(one.on());
                svg.words(words.substring(0, words.length() - 5), x(one.on()), GROUND + 20, QUIET.centred());
                before = one.on();
            }
        }
    }

    private void line(ToIntFunction<PelvicFloorCheck> what, String tone, String name, int place) {
        StringBuilder path = new StringBuilder();
        for (Dated one : checks) {
            path.append(path.isEmpty() ? 'M' : 'L').append(point(x(one.on()), y(what.applyAsInt(one.check()))));
            svg.circle(x(one.on()), y(what.applyAsInt(one.check())), 4.5, Paint.filled(tone));
        }
        svg.path(path.toString(), Paint.line(tone, 2));
        svg.circle(RIGHT + 22, TOP + 14 + 24 * place, 5, Paint.filled(tone));
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
                    svg.words(
                            "does not let go",
                            x(one.on()) + 4,
                            TOP + 10,
                            Letters.of(13, Palette.CLAY).over(Palette.PAPER));
                });
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
