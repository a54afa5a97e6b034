package openbloom.core.picture;

import static openbloom.core.picture.Svg.point;

import java.util.List;
import java.util.Locale;
import openbloom.core.pelvicfloor.trace.Contraction;
import openbloom.core.pelvicfloor.trace.Trace;
import openbloom.core.pelvicfloor.trace.TraceFindings;
import openbloom.core.pelvicfloor.trace.TraceUnit;

/**
 * A sensor's trace with its rest level, holds as shaded stretches, flicks as marks and fade points.
 *
 * @see TraceFindings
 * @see Contraction
 */
public final class TracePicture {
    private static final double WIDE = 1_060;
    private static final double HIGH = 300;
    private static final double LEFT = 56;
    private static final double RIGHT = 1_014;
    private static final double TOP = 30;
    private static final double GROUND = 256;
    private static final int MOST_POINTS = 1_500;
    private static final Letters QUIET = Letters.of(14, Palette.MUTED);

    private final Svg svg;
    private final Trace trace;
    private final TraceFindings found;
    private final double lowest;
    private final double highest;

    private TracePicture(Svg svg, Trace trace, TraceFindings found) {
        this.svg = svg;
        this.trace = trace;
        this.found = found;
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (float step : trace.steps()) {
            if (!Float.isNaN(step)) {
                low = Math.min(low, step);
                high = Math.max(high, step);
            }
        }
        double margin = Math.max(1, (high - low) * 0.08);
        this.lowest = Math.min(0, low) == 0 ? 0 : low - margin;
        this.highest = high + margin;
    }

    public static String of(Trace trace, TraceFindings found, TraceUnit unit) {
        Svg svg = Svg.drawing(0, 0, WIDE, HIGH, describe(found, unit), "trace-picture");
        TracePicture picture = new TracePicture(svg, trace, found);
        picture.grid(unit);
        picture.holds();
        picture.line();
        picture.rest();
        picture.flicks();
        picture.aside();
        return svg.finish();
    }

    private static String describe(TraceFindings found, TraceUnit unit) {
        return String.format(
                Locale.ROOT,
                "Trace: rest %.1f %s, %d holds, %d flicks, longest held %.1f s",
                found.restLevel(),
                unit.words(),
                found.holds().size(),
                found.flicks().size(),
                found.enduranceSeconds());
    }

    private void grid(TraceUnit unit) {
        double step = niceStep((highest - lowest) / 5);
        for (double at = Math.ceil(lowest / step) * step; at <= highest; at += step) {
            svg.line(LEFT, y(at), RIGHT, y(at), Paint.line("#EAE4D7", 1));
            svg.words(Svg.number(at), LEFT - 8, y(at) + 5, QUIET.endingHere());
        }
        svg.upright(unit.words(), 15, (TOP + GROUND) / 2, QUIET.centred());
        double every = niceStep(trace.seconds() / 9);
        for (double at = 0; at <= trace.seconds(); at += every) {
            double x = x(trace.startSeconds() + at);
            svg.line(x, GROUND, x, GROUND + 5, Paint.line(Palette.MUTED, 1));
            svg.words(Svg.number(at) + " s", x, GROUND + 22, QUIET.centred());
        }
        svg.line(LEFT, GROUND, RIGHT, GROUND, Paint.line(Palette.MUTED, 1.2));
    }

    /** 1, 2 or 5 times a power of ten. */
    private static double niceStep(double wanted) {
        double power = Math.pow(10, Math.floor(Math.log10(Math.max(1e-6, wanted))));
        double share = wanted / power;
        return power * (share <= 1 ? 1 : share <= 2 ? 2 : share <= 5 ? 5 : 10);
    }

    private void holds() {
        List<Contraction> holds = found.holds();
        for (int i = 0; i < holds.size(); i++) {
            Contraction hold = holds.get(i);
            double x = x(hold.start());
            double wide = x(hold.end()) - x;
            svg.box(x, TOP, wide, GROUND - TOP, 0, Paint.filled("#E4DEE8"));
            if (wide > 28) {
                svg.words(
                        Svg.number(hold.seconds()) + " s",
                        x + wide / 2,
                        TOP - 6,
                        Letters.of(14, Palette.PLUM).strong().centred());
            }
            hold.faded().ifPresent(after -> {
                double at = x(hold.start() + after);
                svg.line(at, TOP, at, GROUND, Paint.line(Palette.CLAY, 1.6).dashed("5 4"));
            });
        }
    }

    /** One point for every column of the picture, the mean of its steps; a hole in the trace is a hole in the line. */
    private void line() {
        float[] steps = trace.steps();
        int each = Math.max(1, steps.length / MOST_POINTS);
        StringBuilder path = new StringBuilder();
        boolean down = false;
        for (int from = 0; from < steps.length; from += each) {
            double sum = 0;
            int known = 0;
            for (int i = from; i < Math.min(steps.length, from + each); i++) {
                if (!Float.isNaN(steps[i])) {
                    sum += steps[i];
                    known++;
                }
            }
            if (known > 0) {
                path.append(down ? 'L' : 'M').append(point(x(trace.timeOf(from + (each - 1) / 2.0)), y(sum / known)));
            }
            down = known > 0;
        }
        svg.path(path.toString(), Paint.line(Palette.INK, 1.3));
    }

    private void rest() {
        svg.line(
                LEFT,
                y(found.restLevel()),
                RIGHT,
                y(found.restLevel()),
                Paint.line(Palette.MOSS, 1.4).dashed("7 5"));
        svg.words(
                "rest",
                RIGHT + 6,
                y(found.restLevel()) + 5,
                Letters.of(13.5, Palette.MOSS).strong());
    }

    private void flicks() {
        for (Contraction flick : found.flicks()) {
            double x = x((flick.start() + flick.end()) / 2);
            svg.path(
                    "M" + point(x - 6, TOP - 14) + "L" + point(x + 6, TOP - 14) + "L" + point(x, TOP - 3) + "Z",
                    Paint.filled(Palette.PLUM));
        }
    }

    /** Coughs as open rings, jumps of the level at rest as dotted lines, long holes as hatched nothing. */
    private void aside() {
        for (double cough : found.aside().coughs()) {
            svg.circle(x(cough), TOP - 9, 5, Paint.line(Palette.CLAY, 1.8));
        }
        for (double step : found.aside().steps()) {
            svg.line(
                    x(step),
                    TOP,
                    x(step),
                    GROUND,
                    Paint.line(Palette.MUTED, 1.4).dashed("2 4"));
        }
        found.aside().holes().forEach(hole -> {
            svg.box(x(hole.from()), TOP, x(hole.to()) - x(hole.from()), GROUND - TOP, 0, Paint.filled("#F1ECE0"));
            svg.words("no samples", (x(hole.from()) + x(hole.to())) / 2, (TOP + GROUND) / 2, QUIET.centred());
        });
    }

    private double x(double seconds) {
        return LEFT + (RIGHT - LEFT) * (seconds - trace.startSeconds()) / Math.max(1, trace.seconds());
    }

    private double y(double value) {
        return GROUND - (GROUND - TOP) * (value - lowest) / (highest - lowest);
    }
}
