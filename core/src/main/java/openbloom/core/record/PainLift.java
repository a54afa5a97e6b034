package openbloom.core.record;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Somebody said by name why it goes on after pain.
 *
 * @param response the latest thing noted that this answer knew of
 * @param on the day she was asked
 * @param pain what she told there when she was asked again, 0 to 10; empty when nobody asked
 * @param clinician the day of her clinician's word; empty when there is none
 * @see LadderStatus
 * @see PainHold
 */
public record PainLift(long response, LocalDate on, PainSite place, OptionalInt pain, Optional<LocalDate> clinician) {}
