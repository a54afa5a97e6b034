package openbloom.core.verdict;

import java.util.Set;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Move;
import openbloom.core.screening.LeakWhen;

/** What a leak holds back, by when it comes (common practice, no source). */
final class Leaks {
    private static final int STRAIN = 3;
    private static final int HARD_IMPACT = 2;

    private Leaks() {}

    /** @param when when she leaks; where nobody said, or with anything, all of it waits */
    static boolean hold(Set<LeakWhen> when, Move move) {
        boolean told = when.stream().anyMatch(one -> one != LeakWhen.URGE);
        return told ? when.stream().anyMatch(one -> holds(one, move)) : holds(LeakWhen.ANY, move);
    }

    /** Whether the lift before effort is taught: it leaks under a load, a cough, or nobody said when. */
    static boolean isLiftTaught(Set<LeakWhen> when) {
        return when.stream().noneMatch(one -> one != LeakWhen.URGE)
                || when.contains(LeakWhen.COUGH)
                || when.contains(LeakWhen.LIFT)
                || when.contains(LeakWhen.ANY);
    }

    private static boolean holds(LeakWhen when, Move move) {
        return switch (when) {
            case COUGH, JUMP, TRAMPOLINE -> move.demands().impact() >= HARD_IMPACT;
            case RUN -> move.isImpact();
            case LIFT -> strains(move);
            case ANY -> move.isImpact() || strains(move);
            case URGE -> false;
        };
    }

    private static boolean strains(Move move) {
        return move.has(Demand.HEAVY) || move.demands().pressure() >= STRAIN;
    }
}
