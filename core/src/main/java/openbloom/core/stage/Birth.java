package openbloom.core.stage;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import openbloom.core.evidence.Published;

/** The latest birth. */
public record Birth(LocalDate date, BirthKind kind, Tear tear, Told woundClosed) {
    public boolean isCaesarean() {
        return kind == BirthKind.CAESAREAN;
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
        boolean slower = isCaesarean() || tear.reachesSphincter();
        return date.plusDays((slower ? Published.RETURN_AFTER_SURGERY_OR_TEAR : Published.IMPACT_AFTER_BIRTH).days());
    }
}
