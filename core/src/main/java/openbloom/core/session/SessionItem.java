package openbloom.core.session;

import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.VerdictKind;

/**
 * One thing she does in a session.
 *
 * @param workSeconds doing it
 * @param setUpSeconds getting into it, any change of position included
 * @param round from 1 where the work is gone through more than once; else 0
 * @see Timetable
 * @see Session
 */
public record SessionItem(Pick pick, Side side, int workSeconds, int setUpSeconds, Part part, int round)
        implements Sided {
    @Override
    public String moveId() {
        return move().id();
    }

    public Move move() {
        return pick.move();
    }

    /** Go, Adjust, or Swap when it stands in for another move. */
    public VerdictKind verdict() {
        return pick.verdict();
    }

    public Set<Adjustment> adjustments() {
        return pick.adjustments();
    }

    /** The move it stands in for. */
    public Optional<Move> insteadOf() {
        return pick.insteadOf();
    }

    public Dose dose() {
        return pick.dose();
    }

    /** How it is counted while she does it; its seconds are the working time. */
    public Counting counting(Format format) {
        return Counting.of(dose(), move().breath(), side, move().strand()).in(part, format, workSeconds);
    }

    /** The time it takes in all. */
    public int seconds() {
        return workSeconds + setUpSeconds;
    }

    /** The dose without the words for its sides, which the item itself tells. */
    public String doseWords() {
        String words = dose().oneSide().words();
        return side == Side.ALTERNATING ? words + " each side" : words;
    }
}
