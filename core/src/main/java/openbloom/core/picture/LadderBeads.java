package openbloom.core.picture;

import java.util.Locale;
import openbloom.core.moves.ExerciseGroup;

/**
 * An exercise group as beads: levels done, the one she works on, the one she is likely to reach, and those ahead.
 *
 * @see ExerciseGroup
 * @see SessionStrip
 */
public final class LadderBeads {
    private static final double STEP = 20;
    private static final double MIDDLE = 10;
    private static final double BEAD = 6;
    private static final double AHEAD = 2.5;

    private LadderBeads() {}

    /**
     * Where she stands.
     *
     * @param now the level she works on, from 1
     * @param likely the level at the end of the block, at least {@code now}
     * @param top the highest level there is
     * @param held whether something has to be met before the next
     */
    public record Levels(int now, int likely, int top, boolean held) {
        public Levels {
            if (now < 1 || likely < now || top < likely) {
                throw new IllegalArgumentException(
                        "Expected 1 ≤ now ≤ likely ≤ top, but was " + now + ", " + likely + ", " + top);
            }
        }
    }

    public static String of(ExerciseGroup group, Levels levels) {
        String tone = SessionStrip.tone(group);
        Svg svg = Svg.drawing(0, 0, levels.top() * STEP, 2 * MIDDLE, describe(group, levels), "ladder-beads");
        svg.line(MIDDLE, MIDDLE, (levels.top() - 1) * STEP + MIDDLE, MIDDLE, Paint.line(Palette.LINE, 1));
        for (int level = 1; level <= levels.top(); level++) {
            double x = (level - 1) * STEP + MIDDLE;
            if (level < levels.now()) {
                svg.circle(x, MIDDLE, BEAD, Paint.filled(tone));
            } else if (level == levels.now()) {
                svg.circle(x, MIDDLE, BEAD, Paint.filled(Palette.PAPER).outlined(tone, 2.6));
            } else if (level <= levels.likely()) {
                svg.circle(
                        x,
                        MIDDLE,
                        BEAD - 1,
                        Paint.filled(Palette.PAPER).outlined(tone, 1.2).dashed("2 2"));
            } else {
                svg.circle(x, MIDDLE, AHEAD, Paint.filled(Palette.LINE));
            }
        }
        if (levels.held() && levels.now() < levels.top()) {
            double x = levels.now() * STEP;
            svg.line(x, MIDDLE - BEAD - 2, x, MIDDLE + BEAD + 2, Paint.line(Palette.CLAY, 2.4));
        }
        return svg.finish();
    }

    /** The same looking back: levels she had, levels gained in the tone of what counts, and those ahead; lost ones are rings. */
    public static String gained(ExerciseGroup group, int before, int after, int top) {
        String name = group.words() + ": level " + before + " before, " + after + " now, of " + top;
        Svg svg = Svg.drawing(0, 0, top * STEP, 2 * MIDDLE, name, "ladder-beads");
        for (int level = 1; level <= top; level++) {
            double x = (level - 1) * STEP + MIDDLE;
            if (level <= Math.min(before, after)) {
                svg.circle(x, MIDDLE, BEAD, Paint.filled(Palette.MOSS_PALE));
            } else if (level <= after) {
                svg.circle(x, MIDDLE, BEAD, Paint.filled(Palette.MOSS));
            } else if (level <= before) {
                svg.circle(x, MIDDLE, BEAD - 1, Paint.filled(Palette.PAPER).outlined(Palette.CLAY, 2));
            } else {
                svg.circle(x, MIDDLE, AHEAD, Paint.filled(Palette.LINE));
            }
        }
        return svg.finish();
    }

    private static String describe(ExerciseGroup group, Levels levels) {
        String likely = levels.likely() == levels.now() ? "" : ", likely " + levels.likely() + " by the end";
        return String.format(
                Locale.ROOT,
                "%s: level %d of %d%s%s",
                group.words(),
                levels.now(),
                levels.top(),
                likely,
                levels.held() ? ", the next is held" : "");
    }
}
