package openbloom.core.breath;

import java.util.List;
import java.util.Set;

/**
 * Families of cue for finding the deep abdominal layer; women differ in which one works.
 *
 * @see ConnectCheck
 */
public enum CueFamily {
    PLAIN("plain instruction"),
    /** For a floor that has to let go: attention and letting go, nothing lifts. */
    LET_GO("letting go"),
    DRAW_IN("draw the lower belly in"),
    HIP_BONES("front hip bones towards each other"),
    LIFT_FIRST("pelvic floor first"),
    NARROW_WAIST("narrow the waist all round"),
    UPWARD_SWEEP("sweep upward from pubic bone to breastbone"),
    WHOLE_HUG("hug the whole belly");

    /** The families a connect check tries, in the order of the check. */
    public static final List<CueFamily> TRIED =
            List.of(DRAW_IN, HIP_BONES, LIFT_FIRST, NARROW_WAIST, UPWARD_SWEEP, WHOLE_HUG);

    /** The families a connect check may find to work: those it tries, and the plain one. */
    public static final List<CueFamily> FOUND =
            List.of(PLAIN, DRAW_IN, HIP_BONES, LIFT_FIRST, NARROW_WAIST, UPWARD_SWEEP, WHOLE_HUG);

    /** Families whose words lift the pelvic floor, or draw up from it. */
    private static final Set<CueFamily> LIFT = Set.of(LIFT_FIRST, UPWARD_SWEEP);

    private final String words;

    CueFamily(String words) {
        this.words = words;
    }

    /** Whether its words lift the pelvic floor: never for one that has to let go. */
    public boolean lifts() {
        return LIFT.contains(this);
    }

    public String words() {
        return words;
    }
}
