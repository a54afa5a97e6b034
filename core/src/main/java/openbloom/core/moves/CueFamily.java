package openbloom.core.moves;

/** Families of cue for finding the deep abdominal layer; women differ in which one works. */
public enum CueFamily {
    PLAIN("plain instruction"),
    DRAW_IN("draw the lower belly in"),
    HIP_BONES("front hip bones towards each other"),
    LIFT_FIRST("pelvic floor first"),
    NARROW_WAIST("narrow the waist all round"),
    UPWARD_SWEEP("sweep upward from pubic bone to breastbone"),
    WHOLE_HUG("hug the whole belly");

    private final String words;

    CueFamily(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
