package openbloom.core.classes;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.moves.Move;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Adjustment;

/**
 * How one woman does one line of her class, as it is called out to her. What is only to be watched in others is not said of her.
 *
 * @param called at most four words: {@code to a box}, another exercise, {@code rests}; empty as written
 * @param isWatched whether something is to be watched in her
 * @see ClassSheet
 */
public record ClassCell(TakesPart how, String called, boolean isWatched) {
    /** @param sets called out; of one alone nobody does fewer */
    static ClassCell of(ClassMember member, ClassVersion version, int sets) {
        if (version.how() == TakesPart.RESTS) {
            return new ClassCell(TakesPart.RESTS, "rests", false);
        }
        Move move = version.pick().map(Pick::move).orElseThrow();
        Set<Adjustment> hers = member.judgement().of(move).adjustments();
        Set<Adjustment> told = version.adjustments().stream()
                .filter(change -> !change.isToWatch() || hers.contains(change))
                .collect(Collectors.toSet());
        boolean watched = told.stream().anyMatch(Adjustment::isToWatch);
        if (version.how() == TakesPart.ANOTHER) {
            return new ClassCell(TakesPart.ANOTHER, move.teaching().shortName(), watched);
        }
        Optional<Adjustment> first = told.stream()
                .sorted((one, other) -> compare(one, other))
                .filter(change -> sets > 1 || change != Adjustment.TRY_ONE_SET)
                .findFirst();
        return first.map(change -> new ClassCell(TakesPart.ADJUSTED, change.called(), watched))
                .orElseGet(() -> new ClassCell(TakesPart.AS_WRITTEN, "", false));
    }

    /** What changes something before what is only watched. */
    private static int compare(Adjustment one, Adjustment other) {
        return one.isToWatch() == other.isToWatch()
                ? one.compareTo(other)
                : Boolean.compare(one.isToWatch(), other.isToWatch());
    }
}
