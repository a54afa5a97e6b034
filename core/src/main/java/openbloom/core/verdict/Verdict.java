package openbloom.core.verdict;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Move;
import openbloom.core.stage.Gate;

/**
 * What one woman may do with one move on one day, and why.
 *
 * @param adjustments how the move is changed; empty unless {@link VerdictKind#ADJUST}
 * @param swapTo what she does instead; present only for {@link VerdictKind#SWAP}, and always a move that passes for her
 * @param gates what must be true before a move that is not yet allowed; empty for other verdicts
 * @param reasons every rule that had something to say, in the order of the rule book
 */
public record Verdict(
        Move move,
        VerdictKind kind,
        Set<Adjustment> adjustments,
        Optional<Move> swapTo,
        List<Gate> gates,
        List<Reason> reasons) {
    public boolean passes() {
        return kind.passes();
    }

    /** The first of the strongest reasons: the one to say when only one is said. */
    public Optional<Reason> leading() {
        return reasons.stream()
                .max(Comparator.comparing(Reason::kind).thenComparing(reason -> -reasons.indexOf(reason)));
    }

    public boolean hasReason(String code) {
        return reasons.stream().anyMatch(reason -> reason.code().equals(code));
    }
}
