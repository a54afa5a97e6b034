package openbloom.core.gap;

/** How firm the floor of the gap is, 0 to 3. */
public enum Firmness {
    NONE("nothing there"),
    SOFT("soft"),
    SPRINGS("springs back"),
    FIRM("firm");

    private final String words;

    Firmness(String words) {
        this.words = words;
    }

    /** @throws IllegalArgumentException unless the grade is 0 to 3 */
    public static Firmness of(int grade) {
        if (grade < 0 || grade >= values().length) {
            throw new IllegalArgumentException("Firmness must be 0 to 3, but was " + grade);
        }
        return values()[grade];
    }

    /** 0 to 3. */
    public int grade() {
        return ordinal();
    }

    public String words() {
        return words;
    }
}
