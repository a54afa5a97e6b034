package openbloom.core.pelvicfloor;

import java.util.ArrayList;
import java.util.List;

/**
 * A guided practice second by second: in to widen and let go, out to lift. Letting go lasts at least as long as the lift.
 *
 * @see Area
 * @see Prescription
 */
public final class Pacer {
    private static final int IN = 4;
    private static final int FLICK = 1;
    private static final int AFTER_A_FLICK = 3;
    private static final int AREA = 3;
    private static final int AREA_LET_GO = 5;
    private static final int RELEASE_POSITION = 90;
    private static final List<PhaseSaid> RELEASES =
            List.of(PhaseSaid.RELEASE_ON_THE_BACK, PhaseSaid.RELEASE_ON_THE_SIDE, PhaseSaid.RELEASE_KNEELING);

    private Pacer() {}

    /** What she does in a phase. */
    public enum PhaseKind {
        BREATHE_IN,
        LIFT,
        FLICK,
        LET_GO,
        PAUSE,
        RELEASE
    }

    /** What is said in a phase. */
    public enum PhaseSaid {
        IN_WIDEN("In: widen and let go"),
        OUT_LIFT("Out: lift and keep breathing"),
        OUT_SHORT_LIFT("Out: a short lift"),
        LET_GO("Let go completely"),
        PAUSE("Pause: breathe easily, everything soft"),
        IN_LET_GO_COMPLETELY("In: let go completely"),
        OUT_QUICK_LIFT("Out: quick lift"),
        LET_GO_AND_REST("Let go and rest"),
        OUT_RIGHT("Out: look for a light lift on the right"),
        OUT_LEFT("Out: look for a light lift on the left"),
        OUT_BACK("Out: look for a light lift at the back"),
        OUT_MIDDLE("Out: look for a light lift in the middle"),
        OUT_FRONT("Out: look for a light lift at the front"),
        IN_LET_GO("In: let go"),
        RELEASE_ON_THE_BACK("On the back, feet up on a chair: let the sit bones drift apart on the in-breath"),
        RELEASE_ON_THE_SIDE("On the side, knees drawn up: breathe into the back of the pelvis"),
        RELEASE_KNEELING("Kneeling, hips back on the heels, chest resting: let the tail lengthen on the in-breath");

        private final String words;

        PhaseSaid(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One phase.
     *
     * @param seconds 1 to 300 s
     * @param counts whether its end counts as one lift or one flick done
     */
    public record Phase(PhaseKind kind, int seconds, PhaseSaid said, boolean counts) {
        public String words() {
            return said.words();
        }
    }

    /** One set of a prescription. */
    public static List<Phase> of(Prescription given) {
        List<Phase> phases = new ArrayList<>();
        if (given.track() == Track.RELEASE) {
            RELEASES.forEach(said -> phases.add(new Phase(PhaseKind.RELEASE, RELEASE_POSITION, said, false)));
            return List.copyOf(phases);
        }
        areas(phases, given.areaRounds());
        holds(phases, given.holds(), PhaseSaid.OUT_LIFT);
        holds(phases, given.shortHolds(), PhaseSaid.OUT_SHORT_LIFT);
        if (given.flicks().repetitions() > 0) {
            phases.add(new Phase(PhaseKind.PAUSE, given.flicks().restSeconds(), PhaseSaid.PAUSE, false));
        }
        for (int i = 0; i < given.flicks().repetitions(); i++) {
            phases.add(new Phase(PhaseKind.BREATHE_IN, AFTER_A_FLICK, PhaseSaid.IN_LET_GO_COMPLETELY, false));
            phases.add(new Phase(PhaseKind.FLICK, FLICK, PhaseSaid.OUT_QUICK_LIFT, true));
        }
        phases.add(new Phase(PhaseKind.LET_GO, IN, PhaseSaid.LET_GO_AND_REST, false));
        return List.copyOf(phases);
    }

    private static void holds(List<Phase> phases, Prescription.Holds holds, PhaseSaid said) {
        for (int i = 0; i < holds.repetitions(); i++) {
            phases.add(new Phase(PhaseKind.BREATHE_IN, IN, PhaseSaid.IN_WIDEN, false));
            phases.add(new Phase(PhaseKind.LIFT, holds.seconds(), said, true));
            phases.add(new Phase(PhaseKind.LET_GO, holds.restSeconds(), PhaseSaid.LET_GO, false));
        }
    }

    private static void areas(List<Phase> phases, int rounds) {
        for (int round = 0; round < rounds; round++) {
            for (Area area : Area.values()) {
                phases.add(new Phase(PhaseKind.LIFT, AREA, lookFor(area), false));
                phases.add(new Phase(PhaseKind.LET_GO, AREA_LET_GO, PhaseSaid.IN_LET_GO, false));
            }
        }
    }

    private static PhaseSaid lookFor(Area area) {
        return switch (area) {
            case RIGHT -> PhaseSaid.OUT_RIGHT;
            case LEFT -> PhaseSaid.OUT_LEFT;
            case BACK -> PhaseSaid.OUT_BACK;
            case MIDDLE -> PhaseSaid.OUT_MIDDLE;
            case FRONT -> PhaseSaid.OUT_FRONT;
        };
    }

    public static int seconds(List<Phase> phases) {
        return phases.stream().mapToInt(Phase::seconds).sum();
    }

    /** The plan in plain sentences, to take home. */
    public static List<String> homeText(Prescription given) {
        List<String> text = new ArrayList<>();
        if (given.track() == Track.RELEASE) {
            text.add("Two or three times a day: one resting position for one to two minutes.");
            text.add("Breathe in and let the pelvic floor widen; breathe out without squeezing.");
            text.add("No squeezing and no quick lifts for now.");
        } else {
            text.add((given.setsPerDay() == 1 ? "Once a day" : given.setsPerDay() + " times a day") + ", "
                    + given.effort().words() + ":");
            if (given.holds().repetitions() > 0) {
                text.add((given.holds().repetitions() == 1
                                ? "Once"
                                : given.holds().repetitions() + " times")
                        + ": lift on the out-breath, hold "
                        + given.holds().seconds() + (given.holds().seconds() == 1 ? " second" : " seconds")
                        + " while breathing, let go "
                        + given.holds().restSeconds() + " seconds.");
            }
            if (given.shortHolds().repetitions() > 0) {
                text.add(given.shortHolds().repetitions() + " short lifts of "
                        + given.shortHolds().seconds() + " seconds.");
            }
            if (given.flicks().repetitions() > 0) {
                text.add("Rest a minute. Then " + given.flicks().repetitions()
                        + " quick lifts, letting go completely after each.");
            }
            if (given.areaRounds() > 0) {
                text.add(given.areaRounds() + " rounds of a light lift right, left, back, middle, front.");
            }
        }
        text.add("Stop and tell your instructor if it hurts, feels heavy, or leaks more.");
        return List.copyOf(text);
    }
}
