package openbloom.core.picture;

import java.util.List;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectPosition;

/**
 * The positions of the connect check as a flight of steps, from lying to daily tasks; a step is filled where it is felt.
 *
 * @see ConnectPosition
 * @see ConnectCheck
 */
public final class ConnectSteps {
    private static final double STEP_WIDE = 112;
    private static final double STEP_HIGH = 34;
    private static final double GROUND = 232;
    private static final double LOWEST = 40;

    private ConnectSteps() {}

    public static String of(ConnectCheck check) {
        int steps = ConnectPosition.values().length;
        Svg svg = Svg.drawing(0, 0, STEP_WIDE * steps, GROUND + 36, describe(check), "connect-steps");
        for (ConnectPosition position : ConnectPosition.values()) {
            step(svg, check, position);
        }
        svg.line(0, GROUND, STEP_WIDE * steps, GROUND, Paint.line(Palette.MUTED, 1.2));
        svg.words(
                "felt in two positions is what Strengthening asks for",
                0,
                GROUND + 24,
                Letters.of(14.6, Palette.MUTED));
        return svg.finish();
    }

    private static String describe(ConnectCheck check) {
        List<String> parts = check.positions().entrySet().stream()
                .map(place -> place.getKey().words() + (place.getValue() ? " felt" : " not felt"))
                .toList();
        return parts.isEmpty() ? "Connect check, no position tried yet" : "Connect check: " + String.join(", ", parts);
    }

    private static void step(Svg svg, ConnectCheck check, ConnectPosition position) {
        Boolean felt = check.positions().get(position);
        double x = STEP_WIDE * position.step();
        double high = LOWEST + STEP_HIGH * position.step();
        Paint paint = felt == null
                ? Paint.filled("#F6F1E6").outlined(Palette.LINE, 1.2).dashed("3 4")
                : felt ? Paint.filled(Palette.MOSS) : Paint.filled("#E3DFD6").outlined(Palette.CLAY, 1.6);
        svg.box(x + 2, GROUND - high, STEP_WIDE - 4, high, 2, paint);
        String name = position == ConnectPosition.DAILY_TASKS ? "daily tasks" : position.words();
        svg.words(
                name,
                x + STEP_WIDE / 2,
                GROUND - high - 8,
                Letters.of(14.6, Palette.INK).strong().centred());
        String told = felt == null ? "not tried" : felt ? "felt" : "not felt";
        boolean onDark = felt != null && felt;
        svg.words(
                told,
                x + STEP_WIDE / 2,
                GROUND - 14,
                Letters.of(14.6, onDark ? Palette.PAPER : Palette.MUTED).centred());
    }
}
