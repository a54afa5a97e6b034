package openbloom.app.share;

/** What can be given out on paper. */
public enum HandOutKind {
    HOME_PROGRAM("Home programme"),
    SESSION("Her exercises of a session"),
    GYM_CARD("Gym card"),
    REVIEW("Review"),
    STOPS("When to stop, and whom to call"),
    CARE("Cards for her days"),
    CLASS_SHEET("Class sheet");

    private final String words;

    HandOutKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether it is hers; a class sheet is the studio’s own paper. */
    public boolean isHers() {
        return this != CLASS_SHEET;
    }
}
