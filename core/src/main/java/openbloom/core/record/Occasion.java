package openbloom.core.record;

/**
 * Where something was taught or practised.
 *
 * @see SessionObservation
 */
public enum Occasion {
    STUDIO("by herself"),
    CLASS("in a class"),
    HOME("at home");

    private final String words;

    Occasion(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What goes well where nobody watches moves nothing on; what goes wrong counts anywhere. */
    public boolean isWatched() {
        return this != HOME;
    }
}
