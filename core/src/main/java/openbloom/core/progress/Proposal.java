package openbloom.core.progress;

import java.util.List;
import openbloom.core.stage.Gate;

/**
 * Where a ladder should go, and why.
 *
 * @param reasons every reason, in words, the deciding one first
 * @param heldBy what the next rung still needs; empty unless held
 * @param swap whether another move is to be offered because there is no rung below
 * @see Progress
 * @see LadderHistory
 */
public record Proposal(Decision decision, int rung, int step, List<String> reasons, List<Gate> heldBy, boolean swap) {
    public Proposal {
        reasons = List.copyOf(reasons);
        heldBy = List.copyOf(heldBy);
    }
}
