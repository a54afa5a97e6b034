package openbloom.core.record;

/** What the instructor noted about one item while teaching. */
public enum Noted {
    DONE("done", "", false),
    DOMED("domed", "d", true),
    LEAKED("leaked", "l", true),
    HEAVY("heavy", "h", true),
    HURT("hurt", "p", true),
    BREATH_HELD("breath held", "b", true),
    TOO_EASY("too easy", "e", false);

    private final String words;
    private final String key;
    private final boolean against;

    Noted(String words, String key, boolean against) {
        this.words = words;
        this.key = key;
        this.against = against;
    }

    public String words() {
        return words;
    }

    /** Letter that notes it while teaching; empty for what is noted by itself. */
    public String key() {
        return key;
    }

    /** Whether it speaks against counting the rung as done. */
    public boolean isAgainst() {
        return against;
    }
}
