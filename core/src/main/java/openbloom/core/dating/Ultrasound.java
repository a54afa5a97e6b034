package openbloom.core.dating;

import java.time.LocalDate;

/**
 * A dating scan: the day it was done and how far it read.
 *
 * @param date the day of the scan
 * @param reads the {@link GestationalAge} it showed on that day
 */
public record Ultrasound(LocalDate date, GestationalAge reads) {
    /** The day that the scan takes as the first of the last period. */
    LocalDate firstDay() {
        return date.minusDays(reads.days());
    }
}
