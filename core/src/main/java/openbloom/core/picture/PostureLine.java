package openbloom.core.picture;

import openbloom.core.screening.PostureCheck;
import openbloom.core.screening.PostureFinding;

/**
 * How she stands, from the side, along a plumb line: each part where it was seen. Our own drawing, not to scale.
 *
 * @see PostureCheck
 */
public final class PostureLine {
    private static final double WIDE = 260;
    private static final double HIGH = 300;
    private static final double OFF = 22;

    private PostureLine() {}

    public static String of(PostureCheck check) {
        Svg svg = Svg.drawing(0, 0, WIDE, HIGH, describe(check), "posture-line");
        double middle = WIDE / 2;
        double weight = check.has(PostureFinding.WEIGHT_ON_THE_HEELS)
                ? -OFF / 2
                : check.has(PostureFinding.WEIGHT_ON_THE_TOES) ? OFF / 2 : 0;
        double head = check.has(PostureFinding.HEAD_FORWARD) ? OFF : 0;
        double ribs = check.has(PostureFinding.RIBS_FORWARD) ? OFF : 0;
        double turn = check.has(PostureFinding.PELVIS_TUCKED) ? -10 : check.has(PostureFinding.PELVIS_TIPPED) ? 10 : 0;
        svg.line(middle, 10, middle, 286, Paint.line(Palette.SAFFRON, 2).dashed("4 5"));
        svg.line(middle - 70, 286, middle + 70, 286, Paint.line(Palette.LINE, 3));
        svg.path(
                "M" + Svg.point(middle + weight, 184) + "L" + Svg.point(middle + weight - 2, 232) + "L"
                        + Svg.point(middle - 6, 280) + "L" + Svg.point(middle + 20, 280),
                Paint.line(Palette.SLATE, 16));
        svg.line(middle + ribs, 122, middle + weight, 166, Paint.line(Palette.SKIN_LINE, 14));
        svg.path(
                "M" + Svg.point(middle + weight - 28, 156 - turn) + "L" + Svg.point(middle + weight + 28, 156 + turn)
                        + "L"
                        + Svg.point(middle + weight + 16, 194 + turn / 2) + "L"
                        + Svg.point(middle + weight - 16, 194 - turn / 2) + " Z",
                tone(check, PostureFinding.PELVIS_TUCKED, PostureFinding.PELVIS_TIPPED));
        svg.box(middle + ribs - 26, 72, 52, 58, 24, tone(check, PostureFinding.RIBS_FORWARD));
        svg.circle(middle + ribs / 2 + head, 42, 19, tone(check, PostureFinding.HEAD_FORWARD));
        return svg.finish();
    }

    private static Paint tone(PostureCheck check, PostureFinding... seen) {
        for (PostureFinding one : seen) {
            if (check.has(one)) {
                return Paint.filled("#E7B9A6").outlined(Palette.CLAY, 2);
            }
        }
        return Paint.filled(Palette.SKIN).outlined(Palette.SKIN_LINE, 2);
    }

    private static String describe(PostureCheck check) {
        if (!check.isLooked()) {
            return "A woman standing from the side along a plumb line; not looked at yet";
        }
        return check.found().isEmpty()
                ? "A woman standing from the side along a plumb line: ear, ribs, pelvis and feet one above the other"
                : "A woman standing from the side along a plumb line: "
                        + String.join(
                                "; ",
                                check.found().stream()
                                        .sorted()
                                        .map(PostureFinding::words)
                                        .toList());
    }
}
