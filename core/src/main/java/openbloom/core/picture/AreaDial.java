package openbloom.core.picture;

import java.util.List;
import java.util.Set;
import openbloom.core.pelvicfloor.Area;

/**
 * The five areas of the pelvic floor as petals round a middle, seen from below with the front on top: filled where a lift
 * is felt. Our own drawing; the order of an area round is numbered.
 *
 * @see Area
 */
public final class AreaDial {
    private static final double SIZE = 300;
    private static final double REACH = 104;
    private static final List<Area> ROUND = List.of(Area.RIGHT, Area.LEFT, Area.BACK, Area.MIDDLE, Area.FRONT);

    private AreaDial() {}

    /**
     * @param felt areas in which a lift is felt
     * @param weaker areas that are weaker than the other side
     */
    public static String of(Set<Area> felt, Set<Area> weaker) {
        Svg svg = Svg.drawing(-SIZE / 2, -SIZE / 2, SIZE, SIZE, describe(felt, weaker), "area-dial");
        svg.circle(0, 0, 138, Paint.filled(Palette.SKIN).outlined(Palette.SKIN_LINE, 1.6));
        petal(svg, Area.FRONT, "M0,-44 C34,-58 34,-116 0,-124 C-34,-116 -34,-58 0,-44 Z", felt, weaker);
        petal(svg, Area.BACK, "M0,44 C34,58 34,116 0,124 C-34,116 -34,58 0,44 Z", felt, weaker);
        petal(svg, Area.LEFT, "M44,0 C58,-34 116,-34 124,0 C116,34 58,34 44,0 Z", felt, weaker);
        petal(svg, Area.RIGHT, "M-44,0 C-58,-34 -116,-34 -124,0 C-116,34 -58,34 -44,0 Z", felt, weaker);
        petal(svg, Area.MIDDLE, "M-30,0 A30,30 0 1 1 30,0 A30,30 0 1 1 -30,0 Z", felt, weaker);
        ROUND.forEach(area -> name(svg, area, felt));
        return svg.finish();
    }

    private static String describe(Set<Area> felt, Set<Area> weaker) {
        if (felt.isEmpty()) {
            return "Five areas of the pelvic floor, a lift felt in none yet";
        }
        List<String> words = felt.stream().sorted().map(Area::words).toList();
        List<String> less = weaker.stream().sorted().map(Area::words).toList();
        return "Five areas of the pelvic floor, a lift felt " + String.join(", ", words)
                + (less.isEmpty() ? "" : "; weaker " + String.join(", ", less));
    }

    private static void petal(Svg svg, Area area, String outline, Set<Area> felt, Set<Area> weaker) {
        Paint paint = felt.contains(area)
                ? Paint.filled(weaker.contains(area) ? "#A394AE" : Palette.PLUM)
                : Paint.filled("#F6F1E6");
        svg.choosing("areas", area.name())
                .path(outline, paint.outlined(Palette.MUTED, 1.2))
                .close();
    }

    private static void name(Svg svg, Area area, Set<Area> felt) {
        double x = area == Area.LEFT ? REACH - 20 : area == Area.RIGHT ? 20 - REACH : 0;
        double y = area == Area.FRONT ? 20 - REACH : area == Area.BACK ? REACH - 20 : 0;
        String tone = felt.contains(area) ? Palette.PAPER : Palette.INK;
        svg.words(area.words(), x, y + 5, Letters.of(14, tone).strong().centred());
    }
}
