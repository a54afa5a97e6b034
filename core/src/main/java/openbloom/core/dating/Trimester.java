package openbloom.core.dating;

import openbloom.core.evidence.Published;

/** The three thirds of a pregnancy (E-TRIM). */
public enum Trimester {
    FIRST("first trimester"),
    SECOND("second trimester"),
    THIRD("third trimester");

    private final String words;

    Trimester(String words) {
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
        return ordinal() + 1;
    }

    public String words() {
        return words;
    }
}
