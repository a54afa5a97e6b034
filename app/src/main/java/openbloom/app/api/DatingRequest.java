package openbloom.app.api;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What {@code POST /api/v1/dating} takes: a day and exactly one statement of when the pregnancy began. */
public record DatingRequest(
        @Nullable LocalDate onDate,
        @Nullable LocalDate lastPeriod,
        @Nullable Integer cycleLengthDays,
        @Nullable LocalDate conception,
        @Nullable LocalDate transfer,
        @Nullable Integer embryoAgeDays,
        @Nullable LocalDate dueDate,
        @Nullable ScanRequest ultrasound) {
    /** A dating scan: its day and what it read. */
    public record ScanRequest(
            @Nullable LocalDate date,
            @Nullable Integer weeks,
            @Nullable Integer days) {}
}
