package openbloom.core.gap;

/**
 * What she is doing while the midline is read.
 *
 * @see School
 * @see GapCheck
 */
public enum GapState {
    REST("rest"),
    LIFT("small head lift"),
    CONNECTED("connected, then small lift");

    private final String words;

    GapState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
