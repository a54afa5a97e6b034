package openbloom.core.session;

/**
 * Where a session is done.
 *
 * @see SessionRequest
 */
public enum Place {
    STUDIO("studio"),
    HOME("home");

    private final String words;

    Place(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
