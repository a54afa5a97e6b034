package openbloom.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Width;
import openbloom.core.stage.Told;

/**
 * The abdominal midline to scale, one torso for each state. One unit is one millimetre; the navel is at 0. The gap's
 * outline passes through the widths that were read; deeper is darker, a firmer floor is hatched more closely.
 *
 * <p>Fingers are drawn at the examiner's own breadths, or, while she has entered none, at 16 mm each (common practice,
 * no source), which the drawing says.
 */
public final class MidlineMap {
    private static final int NOMINAL_FINGER_MM = 16;
    private static final double PANEL = 330;
    private static final double TOP = -215;
    private static final double HEIGHT = 445;
    private static final double BREASTBONE = -150;
    private static final double PUBIS = 150;
    private static final String[] DEPTH_TONES = {"#EBD9C4", "#DDBFA3", "#C99E7C", "#AF7C57"};
    private static final double[] HATCH_SPACING = {0, 11, 7, 4};

    private final Svg svg;
    private final Optional<FingerWidths> fingers;

    private MidlineMap(Svg svg, Optional<FingerWidths> fingers) {
        this.svg = svg;
        this.fingers = fingers;
    }

    /**
     * Draws the states side by side.
     *
     * @param readings what has been read so far; a state with none is drawn empty
     * @param fingers the examiner's own finger breadths, if she has entered them
     */
    public static String of(List<GapReading> readings, Optional<FingerWidths> fingers) {
        double width = PANEL * GapState.values().length;
        Svg svg = Svg.drawing(-PANEL / 2, TOP, width, HEIGHT, describe(readings), "midline-map");
        MidlineMap map = new MidlineMap(svg, fingers);
        for (GapState state : GapState.values()) {
            List<GapReading> own = readings.stream()
                    .filter(reading -> reading.state() == state)
                    .toList();
            svg.open("g", "transform", "translate(" + Svg.number(state.ordinal() * PANEL) + " 0)");
            map.panel(state, own);
            svg.close();
        }
        map.scaleBar();
        map.legend();
        return svg.finish();
    }

    private static String describe(List<GapReading> readings) {
        if (readings.isEmpty()) {
            return "Midline map, nothing read yet";
        }
        List<String> parts = readings.stream()
                .map(reading -> reading.words() + ", " + reading.state().words() + ", "
                        + reading.depth().words() + ", floor "
                        + reading.firmness().words())
                .toList();
        return "Midline map: " + String.join("; ", parts);
    }

    private void panel(GapState state, List<GapReading> readings) {
        torso();
        svg.words(
                title(state),
                -14,
                -196,
                "text-anchor",
                "middle",
                "font-size",
                15,
                "font-weight",
                600,
                "fill",
                Palette.INK);
        if (readings.isEmpty()) {
            svg.words("not read yet", -14, 6, "text-anchor", "middle", "font-size", 13, "fill", Palette.MUTED);
            return;
        }
        List<GapReading> downwards = readings.stream()
                .sorted(Comparator.comparingDouble(MidlineMap::y))
                .toList();
        String lens = lens(downwards);
        String clip = "lens-" + state.name().toLowerCase(java.util.Locale.ROOT);
        svg.open("clipPath", "id", clip).add("path", "d", lens).close();
        svg.open("g", "clip-path", "url(#" + clip + ")");
        bands(downwards);
        svg.close();
        svg.add("path", "d", lens, "fill", "none", "stroke", "#8A6A4C", "stroke-width", 1.2);
        downwards.forEach(this::bar);
    }

    private static String title(GapState state) {
        return switch (state) {
            case REST -> "at rest";
            case LIFT -> "small lift";
            case CONNECTED -> "connected";
        };
    }

    /** A trunk from lower ribs to hips, seen from the front, shifted left to leave room for the readings. */
    private void torso() {
        svg.open("g", "transform", "translate(-14 0)");
        svg.add(
                "path",
                "d",
                "M-118,-184 C-120,-120 -108,-70 -104,-20 C-101,20 -116,60 -126,100 C-132,130 -130,160 -120,190"
                        + " C-80,214 80,214 120,190 C130,160 132,130 126,100 C116,60 101,20 104,-20"
                        + " C108,-70 120,-120 118,-184 C70,-170 -70,-170 -118,-184 Z",
                "fill",
                Palette.SKIN,
                "stroke",
                Palette.SKIN_LINE,
                "stroke-width",
                1.6);
        String faint = "#DCCDB4";
        svg.add(
                "path",
                "d",
                "M-104,-92 C-70,-100 -34,-128 0,-150 C34,-128 70,-100 104,-92",
                "fill",
                "none",
                "stroke",
                faint,
                "stroke-width",
                1.6);
        svg.add(
                "path",
                "d",
                "M-112,118 C-78,132 -34,160 0,166 C34,160 78,132 112,118",
                "fill",
                "none",
                "stroke",
                faint,
                "stroke-width",
                1.6);
        svg.add(
                "path",
                "d",
                "M-52,-112 C-60,-50 -60,50 -40,140 M52,-112 C60,-50 60,50 40,140",
                "fill",
                "none",
                "stroke",
                faint,
                "stroke-width",
                1.2);
        svg.add(
                "line",
                "x1",
                0,
                "y1",
                BREASTBONE,
                "x2",
                0,
                "y2",
                PUBIS,
                "stroke",
                faint,
                "stroke-width",
                1.2,
                "stroke-dasharray",
                "3 4");
        svg.add("circle", "cx", 0, "cy", 0, "r", 3.2, "fill", "none", "stroke", "#A88B6A", "stroke-width", 1.4);
        svg.close();
    }

    /** Down the right edge through the readings and up the left, smooth. */
    private String lens(List<GapReading> downwards) {
        List<double[]> edge = new ArrayList<>();
        edge.add(new double[] {0, BREASTBONE});
        for (GapReading reading : downwards) {
            edge.add(new double[] {mm(reading) / 2, y(reading)});
        }
        edge.add(new double[] {0, PUBIS});
        return "M" + point(-14, BREASTBONE) + side(edge, 1) + side(reversed(edge), -1) + "Z";
    }

    private static List<double[]> reversed(List<double[]> edge) {
        List<double[]> back = new ArrayList<>(edge);
        java.util.Collections.reverse(back);
        return back;
    }

    /** One side as cubic curves whose tangents are vertical at each reading, so that no width is overshot. */
    private static String side(List<double[]> edge, int sign) {
        StringBuilder path = new StringBuilder();
        for (int i = 1; i < edge.size(); i++) {
            double[] from = edge.get(i - 1);
            double[] to = edge.get(i);
            double half = (to[1] - from[1]) / 2;
            path.append('C')
                    .append(point(-14 + sign * from[0], from[1] + half))
                    .append(' ')
                    .append(point(-14 + sign * to[0], to[1] - half))
                    .append(' ')
                    .append(point(-14 + sign * to[0], to[1]));
        }
        return path.toString();
    }

    private static String point(double x, double y) {
        return Svg.number(x) + "," + Svg.number(y);
    }

    /** The inside of the gap, each reading's depth and firmness up to half way to the next. */
    private void bands(List<GapReading> downwards) {
        for (int i = 0; i < downwards.size(); i++) {
            double from = i == 0 ? BREASTBONE : (y(downwards.get(i - 1)) + y(downwards.get(i))) / 2;
            double to = i == downwards.size() - 1 ? PUBIS : (y(downwards.get(i)) + y(downwards.get(i + 1))) / 2;
            GapReading reading = downwards.get(i);
            svg.add(
                    "rect",
                    "x",
                    -114.0,
                    "y",
                    from,
                    "width",
                    200.0,
                    "height",
                    to - from,
                    "fill",
                    DEPTH_TONES[reading.depth().ordinal()]);
            hatch(from, to, HATCH_SPACING[reading.firmness().grade()]);
        }
    }

    private void hatch(double from, double to, double spacing) {
        if (spacing == 0) {
            return;
        }
        StringBuilder lines = new StringBuilder();
        for (double y = from + spacing; y < to + 200; y += spacing) {
            double start = Math.min(y, to);
            double startX = -114 + (y - start);
            double endX = Math.min(86, -114 + (y - from));
            double endY = y - (endX + 114);
            lines.append('M').append(point(startX, start)).append('L').append(point(endX, Math.max(from, endY)));
        }
        svg.add(
                "path",
                "d",
                lines,
                "stroke",
                Palette.MOSS,
                "stroke-width",
                0.9,
                "stroke-opacity",
                0.75,
                "fill",
                "none");
    }

    private void bar(GapReading reading) {
        double y = y(reading);
        double half = mm(reading) / 2;
        svg.add(
                "line",
                "x1",
                -14 - half,
                "y1",
                y,
                "x2",
                -14 + half,
                "y2",
                y,
                "stroke",
                Palette.INK,
                "stroke-width",
                2.4,
                "stroke-linecap",
                "round");
        double labelX = Math.max(18, -14 + half + 8);
        svg.words(
                label(reading),
                labelX,
                y - 1,
                "font-size",
                13,
                "font-weight",
                600,
                "fill",
                Palette.INK,
                "paint-order",
                "stroke",
                "stroke",
                Palette.SKIN,
                "stroke-width",
                3,
                "stroke-opacity",
                0.8);
        svg.words(
                detail(reading),
                labelX,
                y + 13,
                "font-size",
                11.5,
                "fill",
                reading.domed() == Told.YES ? Palette.CLAY : Palette.INK,
                "paint-order",
                "stroke",
                "stroke",
                Palette.SKIN,
                "stroke-width",
                3,
                "stroke-opacity",
                0.8);
        if (reading.domed() == Told.YES) {
            svg.add(
                    "path",
                    "d",
                    "M" + point(-14 - half - 3, y + 9) + "Q" + point(-14, y - 20) + " " + point(-14 + half + 3, y + 9),
                    "fill",
                    "none",
                    "stroke",
                    Palette.CLAY,
                    "stroke-width",
                    2,
                    "stroke-dasharray",
                    "4 3");
        }
    }

    private String label(GapReading reading) {
        if (reading.width() instanceof Width.Fingers width && fingers.isPresent()) {
            return width.words() + " · " + fingers.get().mmOf(width) + " mm";
        }
        return reading.width().words();
    }

    private static String detail(GapReading reading) {
        return reading.depth().words() + (reading.domed() == Told.YES ? " · domes" : "");
    }

    private double mm(GapReading reading) {
        if (reading.width() instanceof Width.Millimetres width) {
            return width.mm();
        }
        Width.Fingers width = (Width.Fingers) reading.width();
        return fingers.map(own -> (double) own.mmOf(width)).orElse(width.fingers() * NOMINAL_FINGER_MM);
    }

    private static double y(GapReading reading) {
        return switch (reading.site()) {
            case XIPHOID, ABOVE -> -reading.offsetMm();
            case NAVEL -> 0;
            case BELOW -> reading.offsetMm();
        };
    }

    private void scaleBar() {
        svg.add(
                "path",
                "d",
                "M-132,206V214M-132,210H-32M-32,206V214",
                "stroke",
                Palette.MUTED,
                "stroke-width",
                1.2,
                "fill",
                "none");
        svg.words("100 mm", -82, 226, "text-anchor", "middle", "font-size", 12, "fill", Palette.MUTED);
    }

    private void legend() {
        String fingerWords =
                fingers.isPresent() ? "mm derived from your fingers" : "drawn at " + NOMINAL_FINGER_MM + " mm a finger";
        svg.add(
                "rect",
                "x",
                20.0,
                "y",
                204.0,
                "width",
                18.0,
                "height",
                12.0,
                "fill",
                DEPTH_TONES[0],
                "stroke",
                Palette.LINE);
        svg.add(
                "rect",
                "x",
                38.0,
                "y",
                204.0,
                "width",
                18.0,
                "height",
                12.0,
                "fill",
                DEPTH_TONES[3],
                "stroke",
                Palette.LINE);
        svg.words("deeper is darker", 62, 214, "font-size", 12, "fill", Palette.MUTED);
        svg.add(
                "path",
                "d",
                "M180,216L192,204M190,216L202,204M200,216L208,208",
                "stroke",
                Palette.MOSS,
                "stroke-width",
                1);
        svg.words("closer lines: firmer floor", 216, 214, "font-size", 12, "fill", Palette.MUTED);
        svg.words(fingerWords, 400, 214, "font-size", 12, "fill", Palette.MUTED);
        svg.add(
                "path",
                "d",
                "M600,216Q612,196 624,216",
                "fill",
                "none",
                "stroke",
                Palette.CLAY,
                "stroke-width",
                2,
                "stroke-dasharray",
                "4 3");
        svg.words("domes", 632, 214, "font-size", 12, "fill", Palette.MUTED);
    }
}
