package openbloom.core.breath;

/**
 * How much a zone moves on the in-breath.
 *
 * @see BreathCheck
 */
public enum Movement {
    NONE("still"),
    SOME("a little"),
    FULL("freely");

    private final String words;

    Movement(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
