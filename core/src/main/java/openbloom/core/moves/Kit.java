package openbloom.core.moves;

import java.util.Optional;
import java.util.Set;

/**
 * One thing a move needs and what may stand in for it.
 *
 * @param substitute things every home has, the best first; empty where nothing at home will do
 *
 * @see Move
 * @see Doing
 */
public record Kit(Equipment needs, Optional<String> substitute) {
    public boolean isMissing(Set<Equipment> atHand) {
        return !atHand.contains(needs);
    }

    /** Whether something else serves when it is missing. */
    public boolean isReplaceable(Set<Equipment> atHand) {
        return substitute.isPresent() || needs.standIns().stream().anyMatch(atHand::contains);
    }

    /** What to take when it is missing: equipment at hand that serves as well, else what every home has. */
    public Optional<String> instead(Set<Equipment> atHand) {
        return needs.standIns().stream()
                .filter(atHand::contains)
                .findFirst()
                .map(Equipment::words)
                .or(() -> substitute);
    }
}
