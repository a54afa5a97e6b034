package openbloom.core.gap;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;

/**
 * What several checks say together: whether the gap has settled, so that it need not be read every week (practice).
 *
 * @see GapCheck
 * @see Published
 */
public final class GapHistory {
    private GapHistory() {}

    /**
     * The latest check, settled when it and one at least 28 days before were recovered and flat, from twelve weeks after a
     * birth.
     *
     * @param latest the check that counts
     * @param all every check, in any order
     */
    public static GapCheck settled(
            GapCheck latest, List<GapCheck> all, School school, int ageYears, Optional<LocalDate> birth) {
        boolean longAgo = birth.map(born -> !latest.date().isBefore(born.plusDays(Published.GAP_SETTLES.days())))
                .orElse(true);
        boolean before = all.stream()
                .filter(check ->
                        ChronoUnit.DAYS.between(check.date(), latest.date()) >= Published.GAP_SETTLED_APART.days())
                .anyMatch(check -> isRecoveredAndFlat(check, school, ageYears));
        boolean settles = longAgo && before && isRecoveredAndFlat(latest, school, ageYears);
        return settles ? new GapCheck(latest.date(), latest.readings(), true) : latest;
    }

    private static boolean isRecoveredAndFlat(GapCheck check, School school, int ageYears) {
        return check.isOfEverySite()
                && check.domedOnLift() == YesNoUnknown.NO
                && school.read(check, ageYears).verdict() == SchoolAnswer.SchoolVerdict.WITHIN;
    }
}
