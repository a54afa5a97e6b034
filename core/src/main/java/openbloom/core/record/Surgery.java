package openbloom.core.record;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.core.Days;
import openbloom.core.screening.SurgeryKind;

/**
 * An operation of the belly or the pelvis.
 *
 * @param on its day; empty when nobody told it: then it counts as recent
 * @param longAgo told to be more than a year ago, without a day
 * @see Medical
 * @see Client
 */
public record Surgery(SurgeryKind kind, Optional<LocalDate> on, boolean longAgo) {
    /** An operation on a day. */
    public static Surgery on(LocalDate day, SurgeryKind kind) {
        return new Surgery(kind, Optional.of(day), false);
    }

    /** An operation of which nobody told the day. */
    public static Surgery undated(SurgeryKind kind) {
        return new Surgery(kind, Optional.empty(), false);
    }

    /** {@code hysterectomy, 3 Nov 2026}; {@code an operation, its day not told}. */
    public String words() {
        String what = kind == SurgeryKind.UNKNOWN ? "an operation" : kind.words();
        return what
                + (longAgo
                        ? ", more than a year ago"
                        : on.map(day -> ", " + Days.words(day)).orElse(", its day not given"));
    }
}
