package openbloom.core.program;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import openbloom.core.dating.GestationalAge;
import openbloom.core.evidence.Published;
import openbloom.core.progress.WeekKind;
import openbloom.core.verdict.Facts;

/** Which kind each week of a block is: learn, build, build, ease and look; shorter blocks keep the order. */
final class BlockWeeks {
    private static final int A_WEEK = 7;

    /** From here on nothing is planned ahead but what is comfortable (common practice, no source). */
    private static final int DAY_BY_DAY_FROM_WEEK = 37;

    private BlockWeeks() {}

    /** @param week its first day; the block begins on the day of the facts */
    static WeekKind kind(Facts today, LocalDate week, LocalDate to) {
        int atWeek = today.client()
                .situation()
                .pregnancy()
                .filter(dating -> today.isPregnant())
                .flatMap(dating -> dating.ageOn(week))
                .map(GestationalAge::weeks)
                .orElse(0);
        if (atWeek >= DAY_BY_DAY_FROM_WEEK) {
            return WeekKind.DAY_BY_DAY;
        }
        if (atWeek >= Published.NO_RISE_PREGNANT.amount()) {
            return WeekKind.KEEP;
        }
        long at = ChronoUnit.DAYS.between(today.day(), week) / A_WEEK;
        long last = ChronoUnit.DAYS.between(today.day(), to) / A_WEEK;
        if (at == 0) {
            return WeekKind.LEARN;
        }
        return at == last && last > 1 ? WeekKind.EASE : WeekKind.BUILD;
    }
}
