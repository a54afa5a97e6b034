package openbloom.core.progress;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * One day on a ladder: what was asked, what was done, and what was noted.
 *
 * @param step dose step, 1 to 3
 * @param noted nothing noted against it when empty
 * @see Progress
 * @see TaughtDay
 */
public record LadderDay(
        LocalDate date, int rung, int step, DoseDone done, Set<PlannedAgainst> noted, Pain pain, Report report) {
    public LadderDay {
        noted = Set.copyOf(noted);
        if (rung < 1 || step < 1 || step > DoseStep.HIGHEST) {
            throw new IllegalArgumentException(
                    "A level from 1 and a dose step 1 to 3 were expected, but there were " + rung + " and " + step);
        }
    }

    /**
     * How the day was told.
     *
     * @param felt how hard; empty when nobody asked
     * @param fromHome told by herself from home rather than seen
     * @param complete whether everything that may speak against the move was asked or seen
     */
    public record Report(Optional<PerceivedEffort> felt, boolean fromHome, boolean complete) {
        boolean isManageable() {
            return complete && felt.filter(PerceivedEffort::isManageable).isPresent();
        }
    }

    /**
     * Repetitions, or seconds of a hold.
     *
     * @param done what was counted, from 0
     * @param asked what the dose asked for, more than 0
     */
    public record DoseDone(int done, int asked) {
        boolean isAll() {
            return done >= asked;
        }
    }

    /** What may be noted against a move. */
    public enum PlannedAgainst {
        DOMED,
        /** Domed, and corrected with a cue. */
        DOMED_UNTIL_CUED,
        LEAKED,
        HEAVY,
        BREATH_HELD,
        TOOK_OVER
    }

    boolean has(PlannedAgainst what) {
        return noted.contains(what);
    }

    boolean domedAtAll() {
        return has(PlannedAgainst.DOMED) || has(PlannedAgainst.DOMED_UNTIL_CUED);
    }

    /** All that was asked done, nothing against it, and not too hard. */
    boolean isGood() {
        return done.isAll() && noted.isEmpty() && !pain.isMore() && report.isManageable();
    }

    boolean isStrained() {
        return has(PlannedAgainst.BREATH_HELD) || has(PlannedAgainst.TOOK_OVER);
    }
}
