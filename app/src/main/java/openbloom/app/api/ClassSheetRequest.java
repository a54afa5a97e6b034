package openbloom.app.api;

import java.time.LocalDate;
import java.util.List;
import openbloom.core.moves.Equipment;
import org.jspecify.annotations.Nullable;

/**
 * What {@code POST /api/v1/class-sheet} takes.
 *
 * @param kit what the room has; what each client has where it is absent
 * @param seed breaks ties; the same seed gives the same sheet
 */
public record ClassSheetRequest(
        @Nullable List<@Nullable MemberTold> members,
        @Nullable LocalDate onDate,
        @Nullable Integer minutes,
        @Nullable List<Equipment> kit,
        @Nullable Long seed) {
    /**
     * A woman of the class.
     *
     * @param recent ids of the moves of her last sessions, the latest first
     */
    public record MemberTold(
            @Nullable String name,
            @Nullable ClientRequest client,
            @Nullable List<List<String>> recent) {}
}
