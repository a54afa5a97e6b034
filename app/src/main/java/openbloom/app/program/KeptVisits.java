package openbloom.app.program;

import java.time.LocalDate;
import java.util.List;
import openbloom.core.program.Rhythm;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Booked visits of a plan as they are kept in one column. */
record KeptVisits(int version, List<BookedVisit> visits) {
    private static final int VERSION = 1;
    private static final JsonMapper JSON = JsonMapper.shared();

    /** One visit and its length, 5 to 120 minutes. */
    record BookedVisit(LocalDate date, int minutes) {}

    static String write(List<Rhythm.PlannedVisit> visits) {
        List<BookedVisit> booked = visits.stream()
                .map(visit -> new BookedVisit(visit.date(), visit.minutes()))
                .toList();
        return booked.isEmpty() ? "" : JSON.writeValueAsString(new KeptVisits(VERSION, booked));
    }

    /** None where the column cannot be read. */
    static List<Rhythm.PlannedVisit> read(String column) {
        if (column.isEmpty()) {
            return List.of();
        }
        try {
            KeptVisits kept = JSON.readValue(column, KeptVisits.class);
            return kept.version() != VERSION || kept.visits() == null
                    ? List.of()
                    : kept.visits().stream()
                            .map(visit -> new Rhythm.PlannedVisit(visit.date(), visit.minutes()))
                            .toList();
        } catch (JacksonException unreadable) {
            return List.of();
        }
    }
}
