package openbloom.core.picture;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import openbloom.core.evidence.Published;
import openbloom.core.pelvicfloor.Area;

/**
 * A drawn view that explains one thing to her and moves where movement is the point. Each is drawn from one value: how far the
 * movement has gone, 0 to 1. Our own drawings, not to scale.
 */
public enum ExplainingView {
    BREATH_AND_FLOOR(
            "Cut through the trunk: breathing muscle and pelvic floor move down together and up together",
            View::breath),
    MIDLINE("The belly from in front: the band between the two long muscles, narrow and then wide", View::midline),
    CURLING("Lying on the back from the side: as the head lifts, the middle of the belly pushes out", View::curling),
    DEEP_LAYER(
            "Cut through the waist from above: the deep layer firms all round and the waist gets narrower",
            View::deepLayer),
    FLOOR_AREAS("The pelvic floor from below: one area after the other lifts and lets go", View::areas),
    HOLDS_AND_QUICK("A line of strength over time: one long hold, then four quick lifts", View::holds),
    HEAVINESS(
            "The pelvis turned from standing to leaning on the forearms: the weight goes away from the pelvic floor",
            View::heaviness),
    LEAKING("Two lines over time: the lift begins just before the pressure of the cough", View::leaking),
    STANDING("A woman standing from the side: ribs in front of the pelvis, then above it", View::standing),
    WHAT_TO_EXPECT("Of 100 women how many have a gap of two fingers: at 6 weeks, 26 weeks and a year", View::expect);

    private static final double WIDE = 356;
    private static final double HIGH = 220;

    private final String words;
    private final BiConsumer<Svg, Double> drawing;

    ExplainingView(String words, BiConsumer<Svg, Double> drawing) {
        this.words = words;
        this.drawing = drawing;
    }

    /** What is to be seen, in words. */
    public String words() {
        return words;
    }

    /**
     * The view at a moment of its movement.
     *
     * @param gone 0 where it begins to 1 where it goes to
     * @throws IllegalArgumentException outside 0 to 1
     */
    public String at(double gone) {
        if (gone < 0 || gone > 1) {
            throw new IllegalArgumentException("A share of 0 to 1 was expected, but was " + gone);
        }
        Svg svg = Svg.drawing(0, 0, WIDE, HIGH, words, "explaining-view");
        drawing.accept(svg, gone);
        return svg.finish();
    }

    /** Views of one size from beginning to end, for showing it in motion. */
    public List<String> frames(int count) {
        List<String> frames = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            frames.add(at(i / (count - 1.0)));
        }
        return List.copyOf(frames);
    }

    /** The drawings themselves. */
    private static final class View {
        private static final Letters SMALL = Letters.of(15.8, Palette.INK).over(Palette.PAPER);
        private static final Letters STRONG =
                Letters.of(15.8, Palette.INK).strong().centred();
        private static final Paint SKIN = Paint.filled(Palette.SKIN).outlined(Palette.SKIN_LINE, 2);
        private static final int MOST = 100;

        private static void breath(Svg svg, double gone) {
            double wide = 8 * gone;
            svg.path(
                    "M" + Svg.point(92 - wide, 30) + "C" + Svg.point(70 - wide, 90) + " " + Svg.point(84 - wide, 140)
                            + " "
                            + Svg.point(96, 200) + "L224,200 C" + Svg.point(236 + wide, 140) + " "
                            + Svg.point(250 + wide, 90) + " " + Svg.point(228 + wide, 30) + " Z",
                    SKIN);
            double dome = 34 + 34 * gone;
            double floor = 170 + 16 * gone;
            svg.path(
                    "M" + Svg.point(86 - wide, 92) + "Q160," + Svg.number(dome) + " " + Svg.point(234 + wide, 92),
                    Paint.line(Palette.SLATE, 8));
            svg.path("M104,164 Q160," + Svg.number(floor + 18) + " 216,164", Paint.line(Palette.PLUM, 8));
            arrow(svg, 160, 108, gone > 0.5 ? 132 : 92);
            svg.words("breathing muscle", 246, 60, SMALL).words("pelvic floor", 246, 178, SMALL);
            svg.words(
                    gone > 0.5 ? "in: down and wide" : "out: back up",
                    8,
                    20,
                    Letters.of(15.8, Palette.INK).strong());
        }

        private static void midline(Svg svg, double gone) {
            double half = 6 + 26 * gone;
            svg.path("M96,10 C78,80 80,150 104,212 L216,212 C240,150 242,80 224,10 Z", SKIN);
            svg.path(
                    "M" + Svg.point(160 - half / 3, 18) + "C" + Svg.point(160 - half * 1.4, 80) + " "
                            + Svg.point(160 - half * 1.4, 150) + " " + Svg.point(160 - 4, 204) + "L164,204 C"
                            + Svg.point(160 + half * 1.4, 150) + " " + Svg.point(160 + half * 1.4, 80) + " "
                            + Svg.point(160 + half / 3, 18) + " Z",
                    Paint.filled(Palette.BAND).outlined(Palette.SKIN_LINE, 1.5));
            for (int side = -1; side <= 1; side += 2) {
                svg.path(
                        "M" + Svg.point(160 + side * (half / 3 + 2), 18) + "C" + Svg.point(160 + side * half * 1.4, 80)
                                + " " + Svg.point(160 + side * half * 1.4, 150) + " " + Svg.point(160 + side * 6, 204)
                                + "L"
                                + Svg.point(160 + side * 34, 204) + "C" + Svg.point(160 + side * (half + 46), 150) + " "
                                + Svg.point(160 + side * (half + 46), 80) + " " + Svg.point(160 + side * 40, 18) + " Z",
                        Paint.filled("#D9A79A").outlined(Palette.CLAY, 1.2));
            }
            svg.circle(160, 118, 5, Paint.filled(Palette.SKIN_LINE));
            svg.words("long muscle", 246, 90, SMALL).words("band", 8, 122, SMALL);
            svg.line(44, 117, 154 - half / 2, 117, Paint.line(Palette.MUTED, 1.2));
            svg.words(
                    gone > 0.5 ? "wide" : "narrow",
                    8,
                    20,
                    Letters.of(15.8, Palette.INK).strong());
        }

        private static void curling(Svg svg, double gone) {
            double head = 128 - 40 * gone;
            double belly = 108 - 34 * gone;
            svg.line(10, 172, 310, 172, Paint.line(Palette.LINE, 3));
            svg.path(
                    "M76," + Svg.number(150 - 14 * gone) + "C100,118 120,112 140,112 C165," + Svg.number(belly)
                            + " 185," + Svg.number(belly) + " 210,114 C228,116 236,150 236,168 L84,168 Z",
                    SKIN);
            svg.circle(54, head, 22, SKIN);
            svg.path("M230,150 L266,96 L290,168", Paint.line(Palette.SKIN_LINE, 18));
            svg.path(
                    "M140,112 C165," + Svg.number(belly) + " 185," + Svg.number(belly) + " 210,114",
                    Paint.line(gone > 0.4 ? Palette.CLAY : Palette.MOSS, 6));
            svg.words(gone > 0.4 ? "the middle pushes out" : "flat", 176, 70, STRONG);
        }

        private static void deepLayer(Svg svg, double gone) {
            double in = 12 * gone;
            ring(svg, 118 - in, 78 - in * 0.6, Paint.filled(Palette.SKIN).outlined(Palette.SKIN_LINE, 2));
            ring(svg, 102 - in, 64 - in * 0.6, Paint.line(gone > 0.5 ? Palette.PLUM : "#B9A9C2", 6 + 5 * gone));
            for (int side = -1; side <= 1; side += 2) {
                svg.path(
                        "M" + Svg.point(160 + side * 8, 44 + in * 0.6) + "C" + Svg.point(160 + side * 26, 36 + in * 0.6)
                                + " "
                                + Svg.point(160 + side * 50, 44 + in * 0.6) + " "
                                + Svg.point(160 + side * 58, 58 + in * 0.6)
                                + "C" + Svg.point(160 + side * 40, 62 + in * 0.6) + " "
                                + Svg.point(160 + side * 20, 56 + in * 0.6)
                                + " " + Svg.point(160 + side * 8, 44 + in * 0.6) + " Z",
                        Paint.filled("#D9A79A").outlined(Palette.CLAY, 1.2));
            }
            svg.circle(160, 156 - in * 0.4, 15, Paint.filled(Palette.BAND).outlined(Palette.SKIN_LINE, 1.5));
            svg.words("front", 160, 24, STRONG).words("spine", 160, 212, STRONG);
            svg.words(gone > 0.5 ? "firm all round" : "let go", 160, 112, STRONG);
        }

        private static void ring(Svg svg, double across, double deep, Paint paint) {
            svg.path(
                    "M" + Svg.point(160 - across, 112) + "C" + Svg.point(160 - across, 112 - deep * 1.3) + " "
                            + Svg.point(160 + across, 112 - deep * 1.3) + " " + Svg.point(160 + across, 112) + "C"
                            + Svg.point(160 + across, 112 + deep * 1.3) + " "
                            + Svg.point(160 - across, 112 + deep * 1.3)
                            + " " + Svg.point(160 - across, 112) + " Z",
                    paint);
        }

        private static void areas(Svg svg, double gone) {
            Area[] round = Area.values();
            Area now = round[Math.min(round.length - 1, (int) (gone * round.length))];
            svg.scaled(0.7, 118, 108);
            PelvicFloorMap.draw(svg, EnumSet.of(now), Set.of());
            svg.close();
            svg.words("pubic bone", 222, 24, SMALL)
                    .words("sitting bone", 222, 112, SMALL)
                    .words("tailbone", 222, 206, SMALL);
            svg.words(
                    "lift: " + now.words(),
                    222,
                    68,
                    Letters.of(15.8, Palette.PLUM).strong());
        }

        private static void holds(Svg svg, double gone) {
            String line =
                    "M30,170 L50,170 L66,80 L140,84 L152,170 L170,170 L178,66 L186,170 L204,170 L212,66 L220,170 L238,170"
                            + " L246,66 L254,170 L272,170 L280,68 L288,170 L300,170";
            svg.line(30, 176, 304, 176, Paint.line(Palette.LINE, 2)).path(line, Paint.line(Palette.PLUM, 4));
            double at = 30 + 270 * gone;
            svg.line(at, 50, at, 176, Paint.line(Palette.SAFFRON, 3));
            svg.words("a hold", 103, 46, STRONG).words("quick lifts", 233, 46, STRONG);
            svg.words("strength", 8, 20, SMALL).words("time", 296, 200, SMALL.endingHere());
        }

        private static void heaviness(Svg svg, double gone) {
            double turn = Math.toRadians(-105 * gone);
            double x = 160;
            double y = 104;
            List<double[]> bowl = List.of(
                    new double[] {-70, -40},
                    new double[] {-60, 44},
                    new double[] {0, 66},
                    new double[] {60, 44},
                    new double[] {70, -40});
            StringBuilder path = new StringBuilder();
            for (double[] point : bowl) {
                double px = x + point[0] * Math.cos(turn) - point[1] * Math.sin(turn);
                double py = y + point[0] * Math.sin(turn) + point[1] * Math.cos(turn);
                path.append(path.isEmpty() ? "M" : "L").append(Svg.point(px, py));
            }
            svg.path(path.toString(), Paint.line(Palette.SKIN_LINE, 14));
            double fx = x - 66 * Math.sin(turn);
            double fy = y + 66 * Math.cos(turn);
            double ax = x + 60 * Math.cos(turn) - 44 * Math.sin(turn);
            double ay = y + 60 * Math.sin(turn) + 44 * Math.cos(turn);
            double bx = x - 60 * Math.cos(turn) - 44 * Math.sin(turn);
            double by = y - 60 * Math.sin(turn) + 44 * Math.cos(turn);
            svg.path(
                    "M" + Svg.point(bx, by) + "Q" + Svg.point(fx, fy) + " " + Svg.point(ax, ay),
                    Paint.line(gone > 0.5 ? Palette.MOSS : Palette.CLAY, 9));
            svg.circle(x, y, 20, Paint.filled(Palette.BAND).outlined(Palette.SKIN_LINE, 1.5));
            arrow(svg, x, y + 22, y + 62);
            svg.words(
                    gone > 0.5 ? "on the forearms: it rests in front" : "standing: it rests on the pelvic floor",
                    160,
                    20,
                    STRONG);
        }

        private static void leaking(Svg svg, double gone) {
            svg.line(24, 180, 304, 180, Paint.line(Palette.LINE, 2));
            svg.path("M24,172 L96,172 L112,96 L208,96 L236,172 L300,172", Paint.line(Palette.PLUM, 4));
            svg.path("M24,176 L132,176 L150,52 L168,176 L300,176", Paint.line(Palette.CLAY, 4));
            double at = 24 + 276 * gone;
            svg.line(at, 40, at, 180, Paint.line(Palette.SAFFRON, 3));
            svg.words(
                    "lift first",
                    60,
                    92,
                    Letters.of(15.8, Palette.PLUM).strong().centred());
            svg.words("cough", 150, 40, Letters.of(15.8, Palette.CLAY).strong().centred());
            svg.words(
                    "then let go",
                    262,
                    120,
                    Letters.of(15.8, Palette.PLUM).strong().centred());
            svg.words("time", 296, 204, SMALL.endingHere());
        }

        private static void standing(Svg svg, double gone) {
            double off = 20 * (1 - gone);
            svg.line(160, 14, 160, 208, Paint.line(Palette.SAFFRON, 2).dashed("4 5"));
            svg.line(110, 208, 210, 208, Paint.line(Palette.LINE, 3));
            svg.path("M160,136 L" + Svg.point(158, 172) + "L154,206 L176,206", Paint.line(Palette.SLATE, 16));
            svg.path(
                    "M" + Svg.point(160 + off, 84) + "C" + Svg.point(160 + off * 0.4, 108) + " "
                            + Svg.point(160 - off * 0.6, 112) + " 160,132",
                    Paint.line(Palette.SKIN_LINE, 14));
            svg.path("M132,122 C144,116 176,116 188,122 C188,140 178,150 160,150 C142,150 132,140 132,122 Z", SKIN);
            svg.path(
                    "M" + Svg.point(140 + off, 56) + "C" + Svg.point(148 + off, 42) + " " + Svg.point(174 + off, 42)
                            + " "
                            + Svg.point(182 + off, 60) + "C" + Svg.point(184 + off, 78) + " " + Svg.point(176 + off, 92)
                            + " "
                            + Svg.point(160 + off, 94) + "C" + Svg.point(144 + off, 90) + " " + Svg.point(136 + off, 76)
                            + " "
                            + Svg.point(140 + off, 56) + " Z",
                    SKIN);
            svg.circle(160 + off * 0.6, 26, 14, SKIN);
            svg.words("ribs", 204 + off, 72, SMALL).words("pelvis", 204, 138, SMALL);
            svg.words(
                    gone > 0.5 ? "ribs over the pelvis" : "ribs in front",
                    8,
                    20,
                    Letters.of(15.8, Palette.INK).strong());
        }

        private static void expect(Svg svg, double gone) {
            List<Published> counts =
                    List.of(Published.GAP_AT_6_WEEKS, Published.GAP_AT_26_WEEKS, Published.GAP_AT_A_YEAR);
            List<String> when = List.of("6 weeks", "26 weeks", "a year");
            svg.line(30, 176, 300, 176, Paint.line(Palette.LINE, 2));
            for (int i = 0; i < counts.size(); i++) {
                double x = 48 + 90 * i;
                double high = 130.0 * counts.get(i).amount() / MOST * gone;
                svg.box(x, 176 - high, 52, high, 4, Paint.filled(Palette.SLATE));
                svg.words(counts.get(i).amount() + " of 100", x + 26, 168 - high, STRONG);
                svg.words(when.get(i), x + 26, 200, STRONG);
            }
            svg.words("women with a gap of two fingers", 160, 24, STRONG);
        }

        private static void arrow(Svg svg, double x, double from, double to) {
            double head = to > from ? -9 : 9;
            svg.line(x, from, x, to, Paint.line(Palette.SAFFRON, 4))
                    .path(
                            "M" + Svg.point(x - 8, to + head) + "L" + Svg.point(x, to) + "L"
                                    + Svg.point(x + 8, to + head),
                            Paint.line(Palette.SAFFRON, 4));
        }
    }
}
