package openbloom.app.api;

import java.time.LocalDate;
import java.util.List;
import openbloom.core.moves.Equipment;
import openbloom.core.program.Place;
import org.jspecify.annotations.Nullable;

/** What {@code POST /api/v1/sessions} takes; without equipment, what the client has counts. */
public record SessionsRequest(
        @Nullable ClientRequest client,
        @Nullable LocalDate onDate,
        @Nullable Integer minutes,
        @Nullable List<Equipment> equipment,
        @Nullable Place place,
        @Nullable Long seed,
        @Nullable List<List<String>> recent) {}
