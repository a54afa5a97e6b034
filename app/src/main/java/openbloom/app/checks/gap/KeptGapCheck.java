package openbloom.app.checks.gap;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.checks.log.Version;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import org.jspecify.annotations.Nullable;

/**
 * One version of a gap check without its readings, as it is kept.
 *
 * @param rootId first version, or null for the first itself
 * @param corrects the version this one takes the place of
 * @param reason why it was corrected
 * @param repeats first version of the check this is a blind second reading of
 */
record KeptGapCheck(
        long id,
        long womanId,
        LocalDate checkedOn,
        long examinerId,
        String examiner,
        String fingerWidthsMm,
        Method method,
        String keptBy,
        Instant storedAt,
        @Nullable Long rootId,
        @Nullable Long corrects,
        String reason,
        @Nullable Long repeats) {
    GapChecks.KeptCheck with(List<KeptReading> readings) {
        GapCheck check = new GapCheck(
                checkedOn, readings.stream().map(KeptReading::reading).toList());
        Measured measured = new Measured(check, method, new Measured.Examiner(examinerId, examiner));
        return new GapChecks.KeptCheck(
                Version.of(id, rootId, corrects, keptBy, storedAt, reason),
                measured,
                fingers(),
                Optional.ofNullable(repeats));
    }

    /** The examiner's own finger breadths, if she has entered them and measured with them. */
    private Optional<FingerWidths> fingers() {
        boolean hers = method.readsFingers() && !fingerWidthsMm.isEmpty();
        return hers ? Optional.of(FingerWidths.parse(fingerWidthsMm)) : Optional.empty();
    }
}
