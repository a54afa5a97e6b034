package openbloom.core.dating;

import java.util.Arrays;
import openbloom.core.evidence.Published;

/**
 * What a birth on this day would be called (E-TERM).
 *
 * @see Published
 * @see GestationalAge
 */
public enum TermCategory {
    PRETERM_RANGE(0),
    EARLY_TERM(Published.EARLY_TERM.amount()),
    FULL_TERM(Published.FULL_TERM.amount()),
    LATE_TERM(Published.LATE_TERM.amount()),
    POST_TERM(Published.POST_TERM.amount());

    private final int firstWeek;

    TermCategory(int firstWeek) {
        this.firstWeek = firstWeek;
    }

    public static TermCategory at(GestationalAge age) {
        return Arrays.stream(values())
                .filter(category -> age.isAtLeastWeeks(category.firstWeek))
                .reduce((earlier, later) -> later)
                .orElseThrow();
    }
}
