package openbloom.core.verdict;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.stage.Gate;

/**
 * What one rule found in one woman: which moves it touches and what it does to them.
 *
 * @param reason empty when the rule only says that its gates are met
 * @param only the one ladder it can touch; empty where it may touch any, so that it is asked of the moves of one ladder alone
 */
record Finding(
        Optional<Reason> reason,
        Rule rule,
        Predicate<Move> touches,
        VerdictKind kind,
        List<Adjustment> adjustments,
        List<Gate> gates,
        Optional<ExerciseGroup> only) {
    /** Whether it can touch a move of a ladder. */
    boolean isAbout(ExerciseGroup strand) {
        return only.isEmpty() || only.get() == strand;
    }

    /** What it makes of a move: one that cannot be changed so is swapped. */
    VerdictKind kindFor(Move move) {
        if (kind != VerdictKind.ADJUST) {
            return kind;
        }
        for (int i = 0; i < adjustments.size(); i++) {
            if (!adjustments.get(i).fits(move)) {
                return VerdictKind.SWAP;
            }
        }
        return kind;
    }

    /** The same rule with the same effect; the words of the fact and of the gates may differ. */
    boolean weighsLike(Finding other) {
        return this == other
                || rule == other.rule
                        && reason.isPresent() == other.reason.isPresent()
                        && kind == other.kind
                        && (adjustments == other.adjustments || adjustments.equals(other.adjustments))
                        && gates.size() == other.gates.size()
                        && areMetLike(other.gates);
    }

    /** A loop, as a season asks this of every finding of every day. */
    private boolean areMetLike(List<Gate> others) {
        if (gates == others) {
            return true;
        }
        for (int i = 0; i < gates.size(); i++) {
            if (gates.get(i).met() != others.get(i).met()) {
                return false;
            }
        }
        return true;
    }
}
