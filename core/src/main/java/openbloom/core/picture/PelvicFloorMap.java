package openbloom.core.picture;

import java.util.List;
import java.util.Set;
import openbloom.core.pelvicfloor.Area;

/**
 * The pelvic floor as it lies, seen from below with the front on top: pubic bone in front, a sitting bone at each side, tailbone
 * behind, the openings plainly. Its five areas are filled where a lift is felt. Our own drawing.
 *
 * @see Area
 */
public final class PelvicFloorMap {
    private static final double SIZE = 300;
    private static final String OUTLINE =
            "M0,-112 C46,-106 96,-46 104,8 C92,58 42,100 0,114 C-42,100 -92,58 -104,8 C-96,-46 -46,-106 0,-112 Z";
    private static final String EMPTY = "#F6F1E6";
    private static final String WEAK = "#A394AE";
    private static final List<Area> ROUND = List.of(Area.RIGHT, Area.LEFT, Area.BACK, Area.FRONT, Area.MIDDLE);

    private PelvicFloorMap() {}

    /**
     * @param felt areas in which a lift is felt
     * @param weaker areas that are weaker than the other side
     */
    public static String of(Set<Area> felt, Set<Area> weaker) {
        return named(describe(felt, weaker), felt, weaker);
    }

    /** To practise with: the five areas by name, nothing said of what is felt. */
    public static String toPractise() {
        return named(
                "The pelvic floor from below with its five areas: front, back, left, right, middle",
                Set.of(),
                Set.of());
    }

    private static String named(String description, Set<Area> felt, Set<Area> weaker) {
        Svg svg = Svg.drawing(-SIZE / 2, -SIZE / 2, SIZE, SIZE, description, "pelvic-floor-map");
        draw(svg, felt, weaker);
        ROUND.forEach(area -> name(svg, area, felt));
        return svg.finish();
    }

    /** Bones, areas and openings, round 0, 0, 230 wide. */
    static void draw(Svg svg, Set<Area> felt, Set<Area> weaker) {
        bones(svg);
        svg.inside("pelvic-floor", OUTLINE);
        ROUND.forEach(area -> area(svg, area, felt, weaker));
        svg.close();
        svg.path(OUTLINE, Paint.line(Palette.MUTED, 1.6));
        openings(svg);
    }

    private static void bones(Svg svg) {
        Paint bone = Paint.filled(Palette.SKIN).outlined(Palette.SKIN_LINE, 1.6);
        svg.path("M-62,-112 C-40,-136 40,-136 62,-112 C44,-116 20,-114 0,-108 C-20,-114 -44,-116 -62,-112 Z", bone);
        svg.path("M100,-14 C124,-18 138,0 134,22 C128,40 108,38 98,24 C106,14 106,-2 100,-14 Z", bone);
        svg.path("M-100,-14 C-124,-18 -138,0 -134,22 C-128,40 -108,38 -98,24 C-106,14 -106,-2 -100,-14 Z", bone);
        svg.path("M-16,110 C-14,128 -6,140 0,142 C6,140 14,128 16,110 C8,116 -8,116 -16,110 Z", bone);
    }

    private static void openings(Svg svg) {
        Paint opening = Paint.filled(Palette.PAPER).outlined(Palette.MUTED, 1.2);
        svg.circle(0, -76, 3.5, opening);
        svg.path("M0,-62 C8,-54 8,-36 0,-28 C-8,-36 -8,-54 0,-62 Z", opening);
        svg.circle(0, 46, 7, opening);
    }

    private static void area(Svg svg, Area area, Set<Area> felt, Set<Area> weaker) {
        String tone = felt.contains(area) ? weaker.contains(area) ? WEAK : Palette.PLUM : EMPTY;
        svg.choosing("areas", area.name())
                .path(outline(area), Paint.filled(tone).outlined(Palette.SKIN_LINE, 1.2))
                .close();
    }

    private static String outline(Area area) {
        return switch (area) {
            case FRONT -> "M-120,-130 L120,-130 L120,-58 C60,-44 -60,-44 -120,-58 Z";
            case BACK -> "M-120,130 L120,130 L120,66 C60,52 -60,52 -120,66 Z";
            case LEFT -> "M0,-60 L120,-60 L120,68 L0,68 Z";
            case RIGHT -> "M0,-60 L-120,-60 L-120,68 L0,68 Z";
            case MIDDLE -> "M0,-52 C34,-48 40,44 0,58 C-40,44 -34,-48 0,-52 Z";
        };
    }

    private static String describe(Set<Area> felt, Set<Area> weaker) {
        if (felt.isEmpty()) {
            return "The pelvic floor from below, a lift felt in none of its five areas yet";
        }
        List<String> words = felt.stream().sorted().map(Area::words).toList();
        List<String> less = weaker.stream().sorted().map(Area::words).toList();
        return "The pelvic floor from below, a lift felt " + String.join(", ", words)
                + (less.isEmpty() ? "" : "; weaker " + String.join(", ", less));
    }

    private static void name(Svg svg, Area area, Set<Area> felt) {
        double x = area == Area.LEFT ? 66 : area == Area.RIGHT ? -66 : 0;
        double y = area == Area.FRONT ? -86 : area == Area.BACK ? 84 : area == Area.MIDDLE ? 12 : 4;
        String tone = felt.contains(area) ? Palette.PAPER : Palette.INK;
        svg.words(area.words(), x, y + 5, Letters.of(16.4, tone).strong().centred());
    }
}
