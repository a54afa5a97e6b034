package openbloom.app.checks.gap;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.checks.log.VersionColumns;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import org.jspecify.annotations.Nullable;

/**
 * One version of a gap check without its readings, as it is kept.
 *
 * @param repeats first version of the check this is a blind second reading of
 */
record KeptGapCheck(
        long id,
        long womanId,
        LocalDate checkedOn,
        ExaminerNamed examiner,
        Method method,
        VersionColumns version,
        @Nullable Long repeats) {
    /** Who measured, and the breadths of her fingers as they were, or nothing. */
    record ExaminerNamed(long id, String name, String fingerWidthsMm) {}

    GapChecks.KeptCheck with(List<KeptReading> readings) {
        GapCheck check = new GapCheck(
                checkedOn, readings.stream().map(KeptReading::reading).toList());
        Measured measured = new Measured(check, method, new Measured.Examiner(examiner.id(), examiner.name()));
        return new GapChecks.KeptCheck(version.of(id), measured, fingers(), Optional.ofNullable(repeats));
    }

    /** The examiner's own finger breadths, if she has entered them and measured with them. */
    private Optional<FingerWidths> fingers() {
        boolean hers = method.readsFingers() && !examiner.fingerWidthsMm().isEmpty();
        return hers ? Optional.of(FingerWidths.parse(examiner.fingerWidthsMm())) : Optional.empty();
    }
}
