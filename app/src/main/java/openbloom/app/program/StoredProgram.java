package openbloom.app.program;

import java.time.LocalDate;

/**
 * A program as its row holds it; aims and home days are words joined by blanks.
 *
 * @param visits booked, one {@code date minutes} a line
 */
public record StoredProgram(
        long id,
        LocalDate madeOn,
        String madeBy,
        String aims,
        int visitsPerWeek,
        String homeDays,
        int homeMinutes,
        String visits,
        String document) {}
