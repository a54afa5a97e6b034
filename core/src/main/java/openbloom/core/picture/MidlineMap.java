package openbloom.core.picture;

import static openbloom.core.picture.Svg.point;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Width;

/**
 * The abdominal midline to scale, one torso for each state. One unit is one millimetre; the navel is at 0. The gap's
 * outline passes through the widths that were read; deeper is darker, a firmer floor is hatched more closely.
 *
 * <p>Fingers are drawn at the examiner's own breadths, or, while she has entered none, at 16 mm each (common practice,
 * no source), which the drawing says.
 *
 * @see GapReading
 * @see GapState
 */
public final class MidlineMap {
    private static final int NOMINAL_FINGER_MM = Published.NOMINAL_FINGER.amount();
    private static final double PANEL = 330;
    private static final double MIDDLE = -26;
    private static final double TOP = -218;
    private static final double HEIGHT = 472;
    private static final double BREASTBONE = -150;
    private static final double PUBIS = 150;
    private static final double HALF_TRUNK = 104;
    private static final double WORDS_HIGH = 37;
    private static final String FAINT = "#DCCDB4";
    private static final String EDGE = "#8A6A4C";
    private static final String[] DEPTH_TONES = {"#EBD9C4", "#DDBFA3", "#C99E7C", "#AF7C57"};
    private static final double[] HATCH_SPACING = {0, 12, 7.5, 4.5};
    private static final Letters QUIET = Letters.of(17.2, Palette.MUTED);

    private final Svg svg;
    private final Optional<FingerWidths> fingers;

    private MidlineMap(Svg svg, Optional<FingerWidths> fingers) {
        this.svg = svg;
        this.fingers = fingers;
    }

    /**
     * Draws states side by side.
     *
     * @param readings what has been read so far; a state with none is drawn empty
     * @param fingers the examiner's own finger breadths, if she has entered them
     * @param states the states to draw, from the left
     */
    public static String of(List<GapReading> readings, Optional<FingerWidths> fingers, List<GapState> states) {
        double width = PANEL * states.size();
        Svg svg = Svg.drawing(-PANEL / 2, TOP, width, HEIGHT, describe(readings), "midline-map");
        MidlineMap map = new MidlineMap(svg, fingers);
        for (GapState state : states) {
            List<GapReading> own = readings.stream()
                    .filter(reading -> reading.state() == state)
                    .toList();
            svg.group(states.indexOf(state) * PANEL, 0);
            map.panel(state, own);
            svg.close();
        }
        map.legend(readings);
        return svg.finish();
    }

    private static String describe(List<GapReading> readings) {
        if (readings.isEmpty()) {
            return "Midline map, nothing read yet";
        }
        List<String> parts = readings.stream()
                .map(reading -> reading.words() + ", " + reading.state().words() + ", " + reading.depthWords() + ", "
                        + reading.floorWords())
                .toList();
        return "Midline map: " + String.join("; ", parts);
    }

    private void panel(GapState state, List<GapReading> readings) {
        torso();
        Letters title = Letters.of(17.5, Palette.INK).strong().centred();
        svg.words(title(state), MIDDLE, -198, title);
        if (readings.isEmpty()) {
            svg.words("not read yet", MIDDLE, 34, QUIET.centred());
            return;
        }
        List<GapReading> downwards = readings.stream()
                .sorted(Comparator.comparingDouble(MidlineMap::y))
                .toList();
        String lens = lens(downwards);
        svg.inside("lens-" + state.name().toLowerCase(Locale.ROOT), lens);
        bands(downwards);
        svg.close();
        svg.path(lens, Paint.line(EDGE, 1.2));
        bars(downwards);
    }

    private static String title(GapState state) {
        return switch (state) {
            case REST -> "at rest";
            case LIFT -> "small lift";
            case CONNECTED -> "connected";
        };
    }

    /** A trunk from lower ribs to hips, seen from the front, left of the middle to leave room for the readings. */
    private void torso() {
        svg.group(MIDDLE, 0);
        svg.path(
                "M-118,-184 C-121,-120 -111,-70 -107,-20 C-104,20 -116,60 -126,100 C-132,130 -130,160 -120,190"
                        + " C-80,212 80,212 120,190 C130,160 132,130 126,100 C116,60 104,20 107,-20"
                        + " C111,-70 121,-120 118,-184 C70,-172 -70,-172 -118,-184 Z",
                Paint.filled(Palette.SKIN).outlined(Palette.SKIN_LINE, 1.6));
        svg.path("M-106,-92 C-72,-98 -34,-126 0,-150 C34,-126 72,-98 106,-92", Paint.line(FAINT, 1.6));
        svg.path("M-112,118 C-78,132 -34,160 0,166 C34,160 78,132 112,118", Paint.line(FAINT, 1.6));
        svg.path("M-54,-108 C-62,-50 -62,50 -42,140 M54,-108 C62,-50 62,50 42,140", Paint.line(FAINT, 1.2));
        svg.line(0, BREASTBONE, 0, PUBIS, Paint.line(FAINT, 1.2).dashed("3 4"));
        svg.circle(0, 0, 3.4, Paint.line("#A88B6A", 1.4));
        svg.close();
    }

    /** Down the right edge through the readings and up the left, smooth. */
    private String lens(List<GapReading> downwards) {
        List<double[]> edge = new ArrayList<>();
        edge.add(new double[] {0, BREASTBONE});
        downwards.forEach(reading -> edge.add(new double[] {mm(reading) / 2, y(reading)}));
        edge.add(new double[] {0, PUBIS});
        List<double[]> back = new ArrayList<>(edge);
        Collections.reverse(back);
        return "M" + point(MIDDLE, BREASTBONE) + side(edge, 1) + side(back, -1) + "Z";
    }

    /** One side as cubic curves whose tangents are vertical at each reading, so that no width is overshot. */
    private static String side(List<double[]> edge, int sign) {
        StringBuilder path = new StringBuilder();
        for (int i = 1; i < edge.size(); i++) {
            double fromX = MIDDLE + sign * edge.get(i - 1)[0];
            double toX = MIDDLE + sign * edge.get(i)[0];
            double fromY = edge.get(i - 1)[1];
            double toY = edge.get(i)[1];
            double half = (toY - fromY) / 2;
            path.append('C').append(point(fromX, fromY + half)).append(' ');
            path.append(point(toX, toY - half)).append(' ').append(point(toX, toY));
        }
        return path.toString();
    }

    /** The inside of the gap: each reading's depth and firmness up to half way to the next. */
    private void bands(List<GapReading> downwards) {
        for (int i = 0; i < downwards.size(); i++) {
            GapReading reading = downwards.get(i);
            double from = i == 0 ? BREASTBONE : (y(downwards.get(i - 1)) + y(reading)) / 2;
            double to = i == downwards.size() - 1 ? PUBIS : (y(reading) + y(downwards.get(i + 1))) / 2;
            reading.depth()
                    .ifPresent(depth -> svg.box(
                            MIDDLE - HALF_TRUNK,
                            from,
                            2 * HALF_TRUNK,
                            to - from,
                            0,
                            Paint.filled(DEPTH_TONES[depth.grade()])));
            reading.firmness().ifPresent(floor -> hatch(from, to, HATCH_SPACING[floor.grade()]));
        }
    }

    /** Slanting lines through a band; each rises by as much as it goes to the right. */
    private void hatch(double from, double to, double spacing) {
        if (spacing == 0) {
            return;
        }
        StringBuilder lines = new StringBuilder();
        double left = MIDDLE - HALF_TRUNK;
        for (double foot = left - (to - from); foot < left + 2 * HALF_TRUNK; foot += spacing) {
            lines.append('M').append(point(foot, to));
            lines.append('L').append(point(foot + to - from, from));
        }
        svg.path(lines.toString(), Paint.line("#5E8177", 0.9));
    }

    /** Bars from the top; where spots lie close the words move down and a thin line leads to them. */
    private void bars(List<GapReading> downwards) {
        double free = TOP;
        for (GapReading reading : downwards) {
            double wordsY = Math.max(y(reading), free);
            bar(reading, wordsY);
            free = wordsY + WORDS_HIGH;
        }
    }

    private void bar(GapReading reading, double wordsY) {
        double y = y(reading);
        double half = mm(reading) / 2;
        boolean domes = reading.domed() == YesNoUnknown.YES;
        svg.line(MIDDLE - half, y, MIDDLE + half, y, Paint.line(Palette.INK, 2.6));
        double besideIt = MIDDLE + half + 9;
        if (wordsY > y) {
            svg.line(MIDDLE + half, y, besideIt + 5, wordsY - 6, Paint.line(Palette.MUTED, 1));
            besideIt += 7;
        }
        Letters letters = Letters.of(17.5, Palette.INK).over(Palette.SKIN);
        svg.words(label(reading), besideIt, wordsY - 2, letters.strong());
        Letters small = Letters.of(17.2, domes || reading.sore() ? Palette.CLAY : Palette.INK)
                .over(Palette.SKIN);
        String also = (domes ? " · domes" : "") + (reading.sore() ? " · sore" : "");
        svg.words(reading.depthWords() + also, besideIt, wordsY + 16, small);
        if (domes) {
            String ridge = "M" + point(MIDDLE - half - 3, y + 10) + "Q" + point(MIDDLE, y - 22) + " "
                    + point(MIDDLE + half + 3, y + 10);
            svg.path(ridge, Paint.line(Palette.CLAY, 2.2).dashed("4 4"));
        }
    }

    private String label(GapReading reading) {
        if (reading.width() instanceof Width.Fingers width && fingers.isPresent()) {
            return width.words() + " · " + fingers.get().mmOf(width) + " mm";
        }
        return reading.width().words();
    }

    private double mm(GapReading reading) {
        return reading.width() instanceof Width.Fingers width && fingers.isPresent()
                ? fingers.get().mmOf(width)
                : reading.width().roughMm();
    }

    private static double y(GapReading reading) {
        return -reading.spot().upMm();
    }

    /** Scale, and what shading, hatching and ridge mean; in the width of two torsos. */
    private void legend(List<GapReading> readings) {
        svg.path("M-150,212V220M-150,216H-50M-50,212V220", Paint.line(Palette.MUTED, 1.2));
        svg.words("100 mm", -100, 240, QUIET.centred());
        svg.box(-30, 211, 15, 11, 0, Paint.filled(DEPTH_TONES[0]).outlined(Palette.LINE, 1));
        svg.box(-15, 211, 15, 11, 0, Paint.filled(DEPTH_TONES[3]).outlined(Palette.LINE, 1));
        svg.words("deeper is darker", 8, 222, QUIET);
        svg.path("M162,222L174,210M170,222L182,210M178,222L188,212", Paint.line("#5E8177", 1));
        svg.words("closer lines: firmer floor", 196, 222, QUIET);
        svg.path("M232,245Q243,225 254,245", Paint.line(Palette.CLAY, 2.2).dashed("4 4"));
        svg.words("domes", 262, 246, QUIET);
        svg.words(drawnBy(readings), -30, 246, QUIET);
    }

    private String drawnBy(List<GapReading> readings) {
        boolean measured = !readings.isEmpty()
                && readings.stream().allMatch(reading -> reading.width() instanceof Width.Millimetres);
        if (measured) {
            return "measured in mm";
        }
        return fingers.isPresent() ? "mm derived from your fingers" : "drawn at " + NOMINAL_FINGER_MM + " mm a finger";
    }
}
