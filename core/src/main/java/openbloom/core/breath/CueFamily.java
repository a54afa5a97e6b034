package openbloom.core.breath;

import java.util.List;

/** Families of cue for finding the deep abdominal layer; women differ in which one works. */
public enum CueFamily {
    PLAIN("plain instruction"),
    DRAW_IN("draw the lower belly in"),
    HIP_BONES("front hip bones towards each other"),
    LIFT_FIRST("pelvic floor first"),
    NARROW_WAIST("narrow the waist all round"),
    UPWARD_SWEEP("sweep upward from pubic bone to breastbone"),
    WHOLE_HUG("hug the whole belly");

    /** The families a connect check tries, in the order of the check. */
    public static final List<CueFamily> TRIED =
            List.of(DRAW_IN, HIP_BONES, LIFT_FIRST, NARROW_WAIST, UPWARD_SWEEP, WHOLE_HUG);

    private final String words;

    CueFamily(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
