package openbloom.core.verdict;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.moves.Move;

/**
 * A move that would be judged otherwise if something about her were changed.
 *
 * @param before as she is
 * @param after with the change
 * @see Verdict
 * @see Move
 */
public record Difference(Verdict before, Verdict after) {
    public Move move() {
        return before.move();
    }

    /** The moves whose verdict differs in kind, adjustments or swap, in the order of the catalogue. */
    public static List<Difference> between(Judgement before, Judgement after) {
        List<Difference> differences = new ArrayList<>();
        for (Verdict then : before.all()) {
            Verdict next = after.of(then.move());
            if (then.kind() != next.kind()
                    || !then.adjustments().equals(next.adjustments())
                    || !then.swapTo().equals(next.swapTo())) {
                differences.add(new Difference(then, next));
            }
        }
        return differences;
    }
}
