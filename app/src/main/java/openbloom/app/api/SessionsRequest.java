package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import openbloom.core.moves.Equipment;
import openbloom.core.session.Format;
import openbloom.core.session.Format.FormatKind;
import openbloom.core.session.Place;
import org.jspecify.annotations.Nullable;

/**
 * What {@code POST /api/v1/sessions} takes; without equipment, what the client has counts, without a format sets, or five
 * minutes for up to ten.
 *
 * @param usual ids of moves she does anyway
 */
public record SessionsRequest(
        @Nullable ClientRequest client,
        @Nullable LocalDate onDate,
        @JsonUnwrapped HowTold how,
        @Nullable Long seed,
        @Nullable List<List<String>> recent,
        @Nullable List<String> usual,
        @JsonUnwrapped LadderHistoryReader.HistoryTold done) {
    /**
     * How long, where, with what and in which form.
     *
     * @param shares of her goals in their order, each 10 to 80 % of the work, together 90 % at most; as usual where absent
     */
    public record HowTold(
            @Nullable Integer minutes,
            @Nullable List<Equipment> equipment,
            @Nullable Place place,
            @Nullable FormatTold format,
            @Nullable List<Integer> shares) {}

    /** A kind of session; what is left out is as usual for it. */
    public record FormatTold(
            FormatKind kind,
            @Nullable Integer rounds,
            @Nullable Integer workSeconds,
            @Nullable Integer restSeconds) {
        Format read(JsonFieldReader reading) {
            Format usual = Format.of(reading.required("format.kind", kind).orElse(FormatKind.SETS));
            return new Format(
                    usual.kind(),
                    rounds == null ? usual.rounds() : rounds,
                    workSeconds == null ? usual.workSeconds() : workSeconds,
                    restSeconds == null ? usual.restSeconds() : restSeconds);
        }
    }
}
