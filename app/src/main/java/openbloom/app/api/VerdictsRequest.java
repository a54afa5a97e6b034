package openbloom.app.api;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@code POST /api/v1/verdicts} takes; without moves, all are judged. */
public record VerdictsRequest(
        @Nullable ClientRequest client,
        @Nullable LocalDate onDate,
        @Nullable List<String> moves) {}
