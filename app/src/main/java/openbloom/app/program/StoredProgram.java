package openbloom.app.program;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A program as its row holds it; aims are words joined by blanks. */
public record StoredProgram(
        long id, LocalDate madeOn, String madeBy, String aims, StoredRhythm rhythm, String document) {
    /**
     * What its weeks were made from; home days are words joined by commas.
     *
     * @param visits booked, one {@code date minutes} a line
     * @param walksNow minutes she walked in a week; empty where nobody asked
     */
    public record StoredRhythm(
            int visitsPerWeek,
            String homeDays,
            int homeMinutes,
            String visits,
            @Nullable Integer walksNow) {}
}
