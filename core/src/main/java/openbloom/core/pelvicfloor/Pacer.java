package openbloom.core.pelvicfloor;

import java.util.ArrayList;
import java.util.List;

/** A guided practice second by second: in to widen and let go, out to lift. Letting go lasts at least as long as the lift. */
public final class Pacer {
    private static final int IN = 4;
    private static final int FLICK = 1;
    private static final int AFTER_A_FLICK = 3;
    private static final int AREA = 3;
    private static final int AREA_LET_GO = 5;
    private static final int RELEASE_POSITION = 90;
    private static final List<String> RELEASES = List.of(
            "On the back, feet up on a chair: let the sit bones drift apart on the in-breath",
            "On the side, knees drawn up: breathe into the back of the pelvis",
            "Kneeling, hips back on the heels, chest resting: let the tail lengthen on the in-breath");

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

    /**
     * One phase.
     *
     * @param counts whether its end counts as one lift or one flick done
     */
    public record Phase(PhaseKind kind, int seconds, String words, boolean counts) {}

    /** One set of a prescription. */
    public static List<Phase> of(Prescription given) {
        List<Phase> phases = new ArrayList<>();
        if (given.track() == Track.RELEASE) {
            RELEASES.forEach(words -> phases.add(new Phase(PhaseKind.RELEASE, RELEASE_POSITION, words, false)));
            return List.copyOf(phases);
        }
        areas(phases, given.areaRounds());
        holds(phases, given.holds(), "Out: lift and keep breathing");
        holds(phases, given.shortHolds(), "Out: a short lift");
        if (given.flicks().repetitions() > 0) {
            phases.add(new Phase(
                    PhaseKind.PAUSE, given.flicks().restSeconds(), "Pause: breathe easily, everything soft", false));
        }
        for (int i = 0; i < given.flicks().repetitions(); i++) {
            phases.add(new Phase(PhaseKind.BREATHE_IN, AFTER_A_FLICK, "In: let go completely", false));
            phases.add(new Phase(PhaseKind.FLICK, FLICK, "Out: quick lift", true));
        }
        phases.add(new Phase(PhaseKind.LET_GO, IN, "Let go and rest", false));
        return List.copyOf(phases);
    }

    private static void holds(List<Phase> phases, Prescription.Holds holds, String words) {
        for (int i = 0; i < holds.repetitions(); i++) {
            phases.add(new Phase(PhaseKind.BREATHE_IN, IN, "In: widen and let go", false));
            phases.add(new Phase(PhaseKind.LIFT, holds.seconds(), words, true));
            phases.add(new Phase(PhaseKind.LET_GO, holds.restSeconds(), "Let go completely", false));
        }
    }

    private static void areas(List<Phase> phases, int rounds) {
        for (int round = 0; round < rounds; round++) {
            for (Area area : Area.values()) {
                phases.add(new Phase(PhaseKind.LIFT, AREA, "Out: look for a light lift " + place(area), false));
                phases.add(new Phase(PhaseKind.LET_GO, AREA_LET_GO, "In: let go", false));
            }
        }
    }

    private static String place(Area area) {
        return switch (area) {
            case RIGHT, LEFT -> "on the " + area.words();
            case BACK, FRONT -> "at the " + area.words();
            case MIDDLE -> "in the middle";
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
                text.add(given.holds().repetitions() + " times: lift on the out-breath, hold "
                        + given.holds().seconds() + " seconds while breathing, let go "
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

    /**
     * A few moments of the day for a practised floor; never while passing urine.
     *
     * @param withABaby whether she has a baby in her first year
     */
    public static List<String> momentsOfTheDay(Track track, boolean withABaby) {
        String first = withABaby ? "Feeding the baby" : "Reading the news";
        return track == Track.RELEASE
                ? List.of(
                        first + ": five long in-breaths, feel the pelvic floor widen",
                        "Waiting for the bus: let belly, jaw and seat go soft",
                        "Before sleep: one release position for two minutes")
                : List.of(
                        first + ": two light lifts, let go fully after each",
                        "Waiting in a queue: one lift on an out-breath, about a fifth of your strength",
                        "Before lifting, coughing or sneezing: a light lift just before, let go after",
                        "A couple of times an hour at most, and never while passing urine");
    }
}
