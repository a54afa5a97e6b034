package openbloom.core.breath;

/**
 * What the breath check showed.
 *
 * @see BreathCheck
 * @see BreathFault
 */
public enum BreathFinding {
    EVEN("even all round"),
    UPPER_CHEST("upper chest: shoulders rise, belly pulls in"),
    BELLY_ONLY("only the belly moves"),
    UNEVEN("not every zone moves freely"),
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

    /** Known, and neither even nor pressing down: worth three even breaths before effort. */
    public boolean needsEvening() {
        return this == UPPER_CHEST || this == BELLY_ONLY || this == UNEVEN;
    }

    /** Pressure goes down on the pelvic floor when effort is added. */
    public boolean pressesDown() {
        return this == BEARING_DOWN || this == HELD;
    }
}
