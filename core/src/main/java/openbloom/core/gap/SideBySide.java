package openbloom.core.gap;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * One check read by every school. A school of millimetres reads a finger check only through the examiner's own finger
 * breadths, and says so.
 *
 * @see GapCheck
 * @see SchoolAnswer
 */
public final class SideBySide {
    private SideBySide() {}

    /**
     * Every school's answer, in the order of the schools.
     *
     * @param fingers the examiner's own breadths, if she has entered them
     * @param ageYears her age in completed years, 0 where it was not told
     */
    public static List<SchoolAnswer> of(GapCheck check, Optional<FingerWidths> fingers, int ageYears) {
        Optional<GapCheck> derived = fingers.map(own -> inMillimetres(check, own));
        return Arrays.stream(School.values())
                .map(school -> answer(school, check, derived, ageYears))
                .toList();
    }

    /** While she is pregnant no school judges. */
    public static List<SchoolAnswer> whilePregnant(GapCheck check) {
        return Arrays.stream(School.values())
                .map(school -> SchoolAnswer.notJudged(school, check))
                .toList();
    }

    private static SchoolAnswer answer(School school, GapCheck check, Optional<GapCheck> derived, int ageYears) {
        SchoolAnswer own = school.read(check, ageYears);
        if (own.verdict() != SchoolAnswer.SchoolVerdict.NO_READING || derived.isEmpty()) {
            return own;
        }
        SchoolAnswer answer = school.read(derived.get(), ageYears);
        return answer.verdict() == SchoolAnswer.SchoolVerdict.NO_READING ? answer : answer.derived();
    }

    private static GapCheck inMillimetres(GapCheck check, FingerWidths own) {
        return new GapCheck(
                check.date(),
                check.readings().stream()
                        .map(reading -> inMillimetres(reading, own))
                        .toList());
    }

    private static GapReading inMillimetres(GapReading reading, FingerWidths own) {
        return reading.width() instanceof Width.Fingers width
                ? reading.with(new Width.Millimetres(own.mmOf(width)))
                : reading;
    }
}
