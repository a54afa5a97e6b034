package openbloom.core.breath;

/**
 * Where the trunk may widen on the in-breath; hands round the lower ribs feel it.
 *
 * @see BreathCheck
 * @see Breathing
 */
public enum BreathZone {
    FRONT_RIBS("front ribs", BreathPosition.ON_THE_BACK),
    LEFT_RIBS("left side ribs", BreathPosition.ON_THE_SIDE),
    RIGHT_RIBS("right side ribs", BreathPosition.ON_THE_SIDE),
    BACK_RIBS("back ribs", BreathPosition.ROUNDED_ON_HEELS),
    BELLY("belly", BreathPosition.ON_THE_SIDE),
    LOW_BELLY("low belly and pelvic floor", BreathPosition.HANDS_AND_KNEES);

    private final String words;
    private final BreathPosition freesIn;

    BreathZone(String words, BreathPosition freesIn) {
        this.words = words;
        this.freesIn = freesIn;
    }

    public String words() {
        return words;
    }

    /** The position in which this zone has room and is felt most easily (common practice, no source). */
    public BreathPosition freesIn() {
        return freesIn;
    }
}
