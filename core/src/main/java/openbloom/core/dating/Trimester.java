package openbloom.core.dating;

import openbloom.core.evidence.Published;

/**
 * The three thirds of a pregnancy (E-TRIM).
 *
 * @see Published
 * @see GestationalAge
 */
public enum Trimester {
    FIRST(1, "first trimester"),
    SECOND(2, "second trimester"),
    THIRD(3, "third trimester");

    private final int number;
    private final String words;

    Trimester(int number, String words) {
        this.number = number;
        this.words = words;
    }

    public static Trimester at(GestationalAge age) {
        if (age.isAtLeastWeeks(Published.THIRD_TRIMESTER.amount())) {
            return THIRD;
        }
        return age.isAtLeastWeeks(Published.SECOND_TRIMESTER.amount()) ? SECOND : FIRST;
    }

    /** 1 to 3. */
    public int number() {
        return number;
    }

    public String words() {
        return words;
    }
}
