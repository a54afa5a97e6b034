package openbloom.core.breath;

/** What the breath check showed. */
public enum BreathFinding {
    EVEN("even all round"),
    UPPER_CHEST("upper chest: shoulders rise, belly pulls in"),
    BELLY_ONLY("only the belly moves"),
    BEARING_DOWN("bears down on the in-breath"),
    HELD("holds the breath"),
    UNKNOWN("not checked");

    private final String words;

    BreathFinding(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Pressure goes down on the pelvic floor when effort is added. */
    public boolean pressesDown() {
        return this == BEARING_DOWN || this == HELD;
    }
}
