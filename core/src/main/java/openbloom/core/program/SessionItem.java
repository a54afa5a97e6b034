package openbloom.core.program;

import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Kind;

/**
 * One thing she does in a session.
 *
 * @param verdict Go, Adjust, or Swap when it stands in for another move
 * @param insteadOf the move it stands in for
 * @param workSeconds doing it
 * @param setUpSeconds getting into it, any change of position included
 */
public record SessionItem(
        Move move,
        Kind verdict,
        Set<Adjustment> adjustments,
        Optional<Move> insteadOf,
        Dose dose,
        Side side,
        int workSeconds,
        int setUpSeconds) {
    /** The time it takes in all. */
    public int seconds() {
        return workSeconds + setUpSeconds;
    }

    /** The dose without the words for its sides, which the item itself tells. */
    public String doseWords() {
        String words = dose.oneSide().words();
        return side == Side.ALTERNATING ? words + " each side" : words;
    }
}
