package openbloom.core.record;

import java.time.LocalDate;
import openbloom.core.moves.ExerciseGroup;

/**
 * What an instructor decided about a ladder, by a proposal or over it. It counts after the sessions of its day.
 *
 * @param rung the rung she works on from then, from 1
 * @param step the dose step she works at, 1 to 3
 * @see LadderStatus
 */
public record LadderDecision(LocalDate on, ExerciseGroup strand, int rung, int step) {
    /** The rung she is set down to from one she did; there is none below the first. */
    public static int below(int done) {
        return Math.max(1, done - 1);
    }
}
