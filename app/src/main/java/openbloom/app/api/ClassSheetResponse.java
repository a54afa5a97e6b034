package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import openbloom.core.classes.ClassItem;
import openbloom.core.classes.ClassSheet;
import openbloom.core.classes.ClassVersion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.record.Goal;
import openbloom.core.session.Part;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Adjustment;
import org.jspecify.annotations.Nullable;

/**
 * A class sheet; the seconds of its items add up to its own.
 *
 * @param unserved goals that nothing in it serves
 * @param score in points; what changes of position and missing time cost is taken off
 * @param gap by how many points a better one might exceed the score at most; absent where there is none
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record ClassSheetResponse(
        int seconds,
        List<ClassItemResponse> items,
        int transitions,
        List<WatchResponse> watch,
        List<CannotComeResponse> cannotCome,
        List<UnservedResponse> unserved,
        double score,
        @Nullable Double gap,
        String note) {
    private static final double QUARTERS = 4;

    /**
     * One exercise, both its sides together.
     *
     * @param at seconds from the beginning
     */
    public record ClassItemResponse(
            String move,
            Part part,
            int at,
            int seconds,
            Position position,
            @JsonUnwrapped SessionResponse.Amount amount,
            List<VersionResponse> versions) {}

    /** How a version is to be taken. */
    public enum VersionVerdict {
        GO,
        ADJUST,
        SWAP,
        REST
    }

    /** One way of doing it; without a move where they rest with breath. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record VersionResponse(
            VersionVerdict verdict,
            @Nullable String move,
            List<Adjustment> adjustments,
            List<String> names,
            @JsonUnwrapped SessionResponse.@Nullable Amount amount) {}

    /** Whom to watch, for what, and when. */
    public record WatchResponse(
            String name, @JsonProperty("for") String what, int at) {}

    /** Who takes no part, why, and what she could do by herself. */
    public record CannotComeResponse(String name, ClassSheet.CannotComeKind kind, String why, List<String> instead) {}

    /** A goal of hers that the sheet does not serve. */
    public record UnservedResponse(String name, Goal aim) {}

    static ClassSheetResponse of(ClassSheet sheet) {
        return new ClassSheetResponse(
                sheet.seconds(),
                sheet.items().stream().map(item -> item(sheet, item)).toList(),
                sheet.changes(),
                sheet.watch().stream()
                        .map(watch -> new WatchResponse(watch.name(), watch.what(), watch.at()))
                        .toList(),
                sheet.cannotCome().stream()
                        .map(one -> new CannotComeResponse(one.name(), one.kind(), one.why(), one.instead()))
                        .toList(),
                sheet.unserved().stream()
                        .map(one -> new UnservedResponse(one.name(), one.goal()))
                        .toList(),
                sheet.score() / QUARTERS,
                sheet.gap().isPresent() ? sheet.gap().getAsInt() / QUARTERS : null,
                sheet.note());
    }

    private static ClassItemResponse item(ClassSheet sheet, ClassItem item) {
        return new ClassItemResponse(
                item.move().id(),
                item.part(),
                item.startsAt(),
                item.seconds(),
                item.move().position(),
                SessionResponse.Amount.of(item.pick().dose()),
                item.versions().stream().map(version -> version(sheet, version)).toList());
    }

    private static VersionResponse version(ClassSheet sheet, ClassVersion version) {
        return new VersionResponse(
                switch (version.how()) {
                    case AS_WRITTEN -> VersionVerdict.GO;
                    case ADJUSTED -> VersionVerdict.ADJUST;
                    case ANOTHER -> VersionVerdict.SWAP;
                    case RESTS -> VersionVerdict.REST;
                },
                version.pick().map(Pick::move).map(Move::id).orElse(null),
                version.adjustments().stream().sorted().toList(),
                version.members().stream()
                        .map(member -> sheet.members().get(member).name())
                        .toList(),
                version.pick()
                        .map(pick -> SessionResponse.Amount.of(pick.dose()))
                        .orElse(null));
    }
}
