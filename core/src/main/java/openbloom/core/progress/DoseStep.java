package openbloom.core.progress;

import openbloom.core.moves.Dose;

/**
 * The first of two gears: before a rung changes, its dose does. 1 is two thirds of the repetitions, 2 the written dose, 3
 * one set more (common practice, no source).
 *
 * @see Progress
 * @see LadderDay
 */
public final class DoseStep {
    public static final int LOWEST = 1;
    public static final int WRITTEN = 2;
    public static final int HIGHEST = 3;
    private static final int MOST_SETS = 3;

    private DoseStep() {}

    /** The dose at a step; one repetition that is held gets two thirds of its hold. */
    public static Dose of(Dose written, int step) {
        if (step == HIGHEST) {
            return written.withSets(Math.max(written.sets(), Math.min(MOST_SETS, written.sets() + 1)));
        }
        if (step != LOWEST) {
            return written;
        }
        if (written.repetitions() > 1) {
            return written.withRepetitions(twoThirds(written.repetitions()));
        }
        if (written.holdSeconds() > 0) {
            return written.withHoldSeconds(twoThirds(written.holdSeconds()));
        }
        return written.breaths() > 0 ? written.withBreaths(twoThirds(written.breaths())) : written;
    }

    private static int twoThirds(int number) {
        return (2 * number + 2) / 3;
    }
}
