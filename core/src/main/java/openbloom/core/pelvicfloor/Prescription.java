package openbloom.core.pelvicfloor;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;

/**
 * What she practises, each number with its reason. It never asks for more than the check showed, and letting go always
 * lasts at least as long as the lift.
 *
 * @param shortHolds further short holds that fill a set up to the published number
 * @param setsPerDay sets of lifts, or, in {@link Track#RELEASE}, release positions of one to two minutes
 * @param areaRounds rounds of right, left, back, middle, front
 */
public record Prescription(
        Track track,
        Effort effort,
        Holds holds,
        Holds shortHolds,
        Flicks flicks,
        int setsPerDay,
        int areaRounds,
        List<Why> reasons) {
    public Prescription {
        reasons = List.copyOf(reasons);
    }

    /**
     * Holds with the letting go after each, in seconds.
     *
     * @param seconds of one hold, 0 where none is prescribed
     * @param repetitions in a set
     * @param restSeconds letting go after each, in seconds
     */
    public record Holds(int seconds, int repetitions, int restSeconds) {
        public static final Holds NONE = new Holds(0, 0, 0);
    }

    /**
     * Quick lifts; {@code restSeconds} is the pause before each set of them.
     *
     * @param repetitions in a set
     * @param sets of them
     * @param restSeconds before each set, in seconds
     */
    public record Flicks(int repetitions, int sets, int restSeconds) {
        public static final Flicks NONE = new Flicks(0, 0, 0);
    }

    /**
     * Why a number is what it is.
     *
     * @param sentence that ends without a full stop
     * @param source the {@link Source} of the number
     */
    public record Why(String sentence, Source source) {
        /** {@code The check showed 6 s (E-PERFECT).} */
        public String words() {
            return sentence + " (" + source.key() + ").";
        }
    }

    /** The same with holds that practice has moved on or back, and why. */
    public Prescription with(Holds moved, Why why) {
        List<Why> all = Stream.concat(reasons.stream(), Stream.of(why)).toList();
        return new Prescription(track, effort, moved, shortHolds, flicks, setsPerDay, areaRounds, all);
    }

    /** Days until the next check. */
    public int reviewAfterDays() {
        return Published.PELVIC_REVIEW.amount();
    }

    /** Lifts of every kind in one day. */
    public int contractionsPerDay() {
        return setsPerDay * contractionsPerSet();
    }

    public int contractionsPerSet() {
        return holds.repetitions() + shortHolds.repetitions() + flicks.repetitions() * flicks.sets();
    }

    /** {@code Build holds and flicks: 6 s × 4, let go 6 s, 7 flicks; 3 times a day, gently}. */
    public String words() {
        if (track == Track.RELEASE) {
            return track.words() + ": positions of 1–2 minutes, 2–3 times a day; no holds, flicks or squeeze";
        }
        List<String> parts = new ArrayList<>();
        if (holds.repetitions() > 0) {
            parts.add(holds.seconds() + " s × " + holds.repetitions() + ", let go " + holds.restSeconds() + " s");
        }
        if (shortHolds.repetitions() > 0) {
            parts.add(shortHolds.repetitions() + " short holds of " + shortHolds.seconds() + " s");
        }
        if (flicks.repetitions() > 0) {
            parts.add(flicks.repetitions() + " flicks");
        }
        if (areaRounds > 0) {
            parts.add(areaRounds + " area rounds");
        }
        String sets = setsPerDay == 1 ? "once a day" : setsPerDay + " times a day";
        return track.words() + ": " + String.join(", ", parts) + "; " + sets + ", " + effort.words();
    }

    public boolean isSqueeze() {
        return contractionsPerSet() > 0;
    }
}
