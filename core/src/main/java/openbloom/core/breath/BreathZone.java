package openbloom.core.breath;

/** Where the trunk may widen on the in-breath; hands round the lower ribs feel it. */
public enum BreathZone {
    FRONT_RIBS("front ribs"),
    LEFT_RIBS("left side ribs"),
    RIGHT_RIBS("right side ribs"),
    BACK_RIBS("back ribs"),
    BELLY("belly"),
    LOW_BELLY("low belly and pelvic floor");

    private final String words;

    BreathZone(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
