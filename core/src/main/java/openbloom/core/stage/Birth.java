package openbloom.core.stage;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;

/**
 * The latest birth.
 *
 * @param date the day of the birth
 * @param kind see {@link BirthKind}
 * @param tear see {@link Tear}, not told is not none
 * @param woundClosed {@link YesNoUnknown#UNKNOWN} until somebody looked
 */
public record Birth(LocalDate date, BirthKind kind, Tear tear, YesNoUnknown woundClosed) {
    public boolean isCaesarean() {
        return kind == BirthKind.CAESAREAN;
    }

    /** A caesarean, or a birth of a kind nobody told. */
    public boolean mayBeCaesarean() {
        return isCaesarean() || kind == BirthKind.UNKNOWN;
    }

    /** A caesarean, a third- or fourth-degree tear, or a birth of a kind nobody told: what heals more slowly. */
    public boolean healsSlowly() {
        return mayBeCaesarean() || tear.reachesSphincter();
    }

    /** Completed days since the birth; negative before it. */
    public long daysOn(LocalDate day) {
        return ChronoUnit.DAYS.between(date, day);
    }

    public boolean isRecentOn(LocalDate day) {
        return !day.isBefore(date) && day.isBefore(date.plusYears(Published.NEWLY_DELIVERED.amount()));
    }

    /** The first day on which impact may be thought of: later after surgery or a deep tear. */
    public LocalDate earliestReturn() {
        return date.plusDays(
                (healsSlowly() ? Published.RETURN_AFTER_SURGERY_OR_TEAR : Published.IMPACT_AFTER_BIRTH).days());
    }
}
