package openbloom.core.gap;

import java.util.Arrays;

/**
 * How firm the floor of the gap is, 0 to 3.
 *
 * @see GapReading
 * @see School
 */
public enum Firmness {
    NONE(0, "nothing there"),
    SOFT(1, "soft"),
    SPRINGS(2, "springs back"),
    FIRM(3, "firm");

    private final int grade;
    private final String words;

    Firmness(int grade, String words) {
        this.grade = grade;
        this.words = words;
    }

    /** @throws IllegalArgumentException unless the grade is 0 to 3 */
    public static Firmness of(int grade) {
        return Arrays.stream(values())
                .filter(firmness -> firmness.grade == grade)
                .findAny()
                .orElseThrow(() -> new IllegalArgumentException("Firmness must be 0 to 3, but was " + grade));
    }

    /** 0 to 3. */
    public int grade() {
        return grade;
    }

    public String words() {
        return words;
    }
}
