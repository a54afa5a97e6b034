package openbloom.core.picture;

import java.util.List;
import java.util.Map;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.Movement;

/**
 * A slice through the lower ribs seen from above, the belly in front; six zones fill as far as they move.
 *
 * @see BreathZone
 * @see Movement
 */
public final class RibSection {
    private static final double WIDE = 600;
    private static final double HIGH = 410;
    private static final Letters NAME = Letters.of(16.6, Palette.INK).strong();
    private static final Letters AMOUNT = Letters.of(16.5, Palette.MUTED);
    private static final String UNREAD = "#F6F1E6";
    private static final Map<Movement, String> TONES =
            Map.of(Movement.NONE, "#E3DFD6", Movement.SOME, "#A9BDCD", Movement.FULL, Palette.SLATE);

    /** A zone's outline, and where its words stand. */
    private record RibArea(BreathZone zone, String outline, double x, double y, String anchor) {}

    // The ring of the ribs in four quarters round the spine at the back, the belly inside, the low belly below it.
    private static final List<RibArea> AREAS = List.of(
            new RibArea(
                    BreathZone.FRONT_RIBS,
                    "M-84,-96 C-48,-122 48,-122 84,-96 L62,-66 C34,-84 -34,-84 -62,-66 Z",
                    0,
                    -160,
                    "middle"),
            new RibArea(
                    BreathZone.LEFT_RIBS,
                    "M92,-90 C150,-50 150,42 96,82 L70,54 C104,24 104,-32 70,-60 Z",
                    174,
                    -12,
                    "start"),
            new RibArea(
                    BreathZone.RIGHT_RIBS,
                    "M-92,-90 C-150,-50 -150,42 -96,82 L-70,54 C-104,24 -104,-32 -70,-60 Z",
                    -174,
                    -12,
                    "end"),
            new RibArea(
                    BreathZone.BACK_RIBS,
                    "M-88,88 C-52,118 52,118 88,88 L62,60 C34,80 -34,80 -62,60 Z",
                    0,
                    152,
                    "middle"),
            new RibArea(
                    BreathZone.BELLY,
                    "M-46,-52 C-22,-66 22,-66 46,-52 C60,-38 58,-14 44,-6 C16,-16 -16,-16 -44,-6 C-58,-14 -60,-38 -46,-52 Z",
                    0,
                    -28,
                    "middle"),
            new RibArea(
                    BreathZone.LOW_BELLY,
                    "M-42,6 C-16,-4 16,-4 42,6 C50,22 34,44 0,48 C-34,44 -50,22 -42,6 Z",
                    0,
                    22,
                    "middle"));

    private RibSection() {}

    public static String of(Map<BreathZone, Movement> zones) {
        Svg svg = Svg.drawing(-WIDE / 2, -HIGH / 2 + 6, WIDE, HIGH, describe(zones), "rib-section");
        svg.path(
                "M-118,-104 C-70,-148 70,-148 118,-104 C176,-56 176,64 112,108 C70,140 -70,140 -112,108 C-176,64 -176,-56 -118,-104 Z",
                Paint.filled(Palette.SKIN).outlined(Palette.SKIN_LINE, 1.6));
        AREAS.forEach(area -> fill(svg, area, zones));
        svg.circle(0, 96, 11, Paint.filled(Palette.PAPER).outlined(Palette.SKIN_LINE, 2));
        AREAS.forEach(area -> name(svg, area, zones));
        legend(svg);
        return svg.finish();
    }

    private static String describe(Map<BreathZone, Movement> zones) {
        if (zones.isEmpty()) {
            return "Slice through the lower ribs, no zone felt yet";
        }
        List<String> parts = zones.entrySet().stream()
                .map(zone -> zone.getKey().words() + " " + zone.getValue().words())
                .sorted()
                .toList();
        return "Slice through the lower ribs: " + String.join(", ", parts);
    }

    private static void fill(Svg svg, RibArea area, Map<BreathZone, Movement> zones) {
        Movement movement = zones.get(area.zone());
        Paint paint = movement == null
                ? Paint.filled(UNREAD).outlined(Palette.MUTED, 1.2).dashed("3 4")
                : Paint.filled(TONES.get(movement)).outlined(Palette.MUTED, 1.4);
        svg.choosing("zone-" + area.zone(), "").path(area.outline(), paint).close();
    }

    private static void name(Svg svg, RibArea area, Map<BreathZone, Movement> zones) {
        Movement movement = zones.get(area.zone());
        boolean inside = area.zone() == BreathZone.BELLY || area.zone() == BreathZone.LOW_BELLY;
        boolean onDark = inside && movement == Movement.FULL;
        Letters letters = aligned(
                inside ? Letters.of(16.5, onDark ? Palette.PAPER : Palette.INK).strong() : NAME, area);
        String shortName =
                area.zone() == BreathZone.LOW_BELLY ? "low belly" : area.zone().words();
        svg.words(shortName, area.x(), area.y(), letters);
        if (!inside) {
            String amount = movement == null ? "not felt" : movement.words();
            svg.words(amount, area.x(), area.y() + 18, aligned(AMOUNT, area));
        }
    }

    private static Letters aligned(Letters letters, RibArea area) {
        return switch (area.anchor()) {
            case "middle" -> letters.centred();
            case "end" -> letters.endingHere();
            default -> letters;
        };
    }

    private static void legend(Svg svg) {
        double x = -284;
        for (Movement movement : Movement.values()) {
            svg.box(x, 188, 15, 11, 0, Paint.filled(TONES.get(movement)).outlined(Palette.MUTED, 1));
            svg.words(movement.words(), x + 21, 198, AMOUNT);
            x += 92;
        }
        svg.words("front is up, her left on the right", x - 8, 198, AMOUNT);
    }
}
