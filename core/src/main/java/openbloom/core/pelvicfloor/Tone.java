package openbloom.core.pelvicfloor;

/**
 * The pelvic floor in the app's words, after E-ICS.
 *
 * @see ToneRule
 * @see PelvicFloorCheck
 */
public enum Tone {
    TYPICAL("typical"),
    TIGHT("tight: does not let go"),
    WEAK("weak"),
    NONE_FELT("no lift felt"),
    UNCOORDINATED("uncoordinated"),
    UNKNOWN("not checked");

    private final String words;

    Tone(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
