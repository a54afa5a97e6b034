package openbloom.core.pelvicfloor;

import java.util.List;
import openbloom.core.evidence.Source;

/**
 * What she practises, each number with its reason. It never asks for more than the check showed, and letting go always
 * lasts at least as long as the lift.
 *
 * @param shortHolds further short holds that fill a set up to the published number
 * @param setsPerDay sets of lifts, or, in {@link Track#RELEASE}, release positions of one to two minutes
 * @param areaRounds rounds of right, left, back, middle, front
 * @param reviewAfterDays days until the next check
 */
public record Prescription(
        Track track,
        Effort effort,
        Holds holds,
        Holds shortHolds,
        Flicks flicks,
        int setsPerDay,
        int areaRounds,
        int reviewAfterDays,
        List<Why> reasons) {
    public Prescription {
        reasons = List.copyOf(reasons);
    }

    /** Holds with the letting go after each, in seconds. */
    public record Holds(int seconds, int repetitions, int restSeconds) {
        public static final Holds NONE = new Holds(0, 0, 0);
    }

    /** Quick lifts; {@code restSeconds} is the pause before each set of them. */
    public record Flicks(int repetitions, int sets, int restSeconds) {
        public static final Flicks NONE = new Flicks(0, 0, 0);
    }

    /** Why a number is what it is. */
    public record Why(String sentence, Source source) {
        /** {@code The check showed 6 s (E-PERFECT).} */
        public String words() {
            return sentence + " (" + source.key() + ").";
        }
    }

    /** Lifts of every kind in one day. */
    public int contractionsPerDay() {
        return setsPerDay * contractionsPerSet();
    }

    public int contractionsPerSet() {
        return holds.repetitions() + shortHolds.repetitions() + flicks.repetitions() * flicks.sets();
    }

    public boolean isSqueeze() {
        return contractionsPerSet() > 0;
    }
}
