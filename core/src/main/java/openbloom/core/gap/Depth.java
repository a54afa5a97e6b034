package openbloom.core.gap;

/** How deep the finger goes, told in knuckles (P-GAP-3). */
public enum Depth {
    SURFACE("surface"),
    FIRST_KNUCKLE("1st knuckle"),
    SECOND_KNUCKLE("2nd knuckle"),
    DEEPER("deeper");

    private final String words;

    Depth(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** How many steps shallower {@code other} is; negative if deeper. */
    public int stepsTo(Depth other) {
        return ordinal() - other.ordinal();
    }
}
