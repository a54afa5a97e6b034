package openbloom.core.picture;

import java.util.List;
import java.util.Map;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SideScore;
import openbloom.core.screening.SideTask;

/**
 * For every task a pair of bars from the middle: left to the left, right to the right, 0 to 7 points.
 *
 * @see SideTask
 * @see SideCheck
 */
public final class SideBars {
    private static final double WIDE = 308;
    private static final double ROW = 62;
    private static final double POINT = 12;
    private static final int MOST_POINTS = 2 * SideScore.BEST + 1;
    private static final Letters NAME = Letters.of(15, Palette.INK).strong().centred();
    private static final Letters QUIET = Letters.of(14.2, Palette.MUTED);

    private SideBars() {}

    public static String of(SideCheck check) {
        double high = 76 + ROW * SideTask.values().length;
        Svg svg = Svg.drawing(-WIDE / 2, 0, WIDE, high, describe(check), "side-bars");
        svg.words("left", -12, 20, Letters.of(16, Palette.INK).strong().endingHere());
        svg.words("right", 12, 20, Letters.of(16, Palette.INK).strong());
        double y = 44;
        for (SideTask task : SideTask.values()) {
            svg.words(task.words(), 0, y, NAME);
            pair(svg, check.tasks(), task, y + 8);
            y += ROW;
        }
        svg.words("control 0–3, smoothness 0–3,", 0, high - 26, QUIET.centred());
        svg.words("and 1 for felt in the right place", 0, high - 8, QUIET.centred());
        return svg.finish();
    }

    private static String describe(SideCheck check) {
        List<String> parts = check.tasks().entrySet().stream()
                .map(task -> task.getKey().words() + ": left "
                        + task.getValue().left().points() + ", right "
                        + task.getValue().right().points())
                .toList();
        return parts.isEmpty() ? "Side to side, nothing scored yet" : "Side to side: " + String.join("; ", parts);
    }

    private static void pair(Svg svg, Map<SideTask, SideCheck.BothSides> tasks, SideTask task, double y) {
        svg.box(-MOST_POINTS * POINT, y, 2 * MOST_POINTS * POINT, 20, 0, Paint.filled("#F3EEE2"));
        SideCheck.BothSides both = tasks.get(task);
        if (both == null) {
            svg.words("not compared", 0, y + 15, QUIET.centred());
            return;
        }
        int lead = both.leftLead();
        bar(svg, both.left().points(), -1, lead < 0, y);
        bar(svg, both.right().points(), 1, lead > 0, y);
        svg.line(0, y - 2, 0, y + 22, Paint.line(Palette.INK, 1.6));
    }

    private static void bar(Svg svg, int points, int way, boolean weaker, double y) {
        double length = points * POINT;
        svg.box(way < 0 ? -length : 0, y, length, 20, 0, Paint.filled(weaker ? Palette.CLAY : Palette.MOSS));
        String words = points + (weaker ? " weaker" : "");
        Letters letters = Letters.of(14.2, Palette.INK);
        double x = way * (length + 8);
        svg.words(words, x, y + 15, way < 0 ? letters.endingHere() : letters);
    }
}
