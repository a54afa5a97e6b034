package openbloom.app.checks;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.core.gap.FingerWidths;

/** A gap check without its readings, as it is kept. */
record KeptGapCheck(
        long id, long womanId, LocalDate checkedOn, long examinerId, String examiner, String fingerWidthsMm) {
    /** The examiner's own finger breadths, if she has entered them. */
    Optional<FingerWidths> fingers() {
        return fingerWidthsMm.isEmpty() ? Optional.empty() : Optional.of(FingerWidths.parse(fingerWidthsMm));
    }
}
