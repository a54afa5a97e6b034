package openbloom.core.gap;

/**
 * How deep the finger goes, told in knuckles (P-GAP-3).
 *
 * @see GapReading
 * @see GapCheck
 */
public enum Depth {
    SURFACE(0, "surface"),
    FIRST_KNUCKLE(1, "1st knuckle"),
    SECOND_KNUCKLE(2, "2nd knuckle"),
    DEEPER(3, "deeper");

    private final int grade;
    private final String words;

    Depth(int grade, String words) {
        this.grade = grade;
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** 0 at the surface to 3 beyond the second knuckle. */
    public int grade() {
        return grade;
    }

    /** How many steps shallower {@code other} is; negative if deeper. */
    public int stepsTo(Depth other) {
        return grade - other.grade;
    }
}
