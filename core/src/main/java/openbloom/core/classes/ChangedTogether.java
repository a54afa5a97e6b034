package openbloom.core.classes;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Adjustment;

/** Whether several women can be told the same changes of an exercise, and which those are. */
final class ChangedTogether {
    private ChangedTogether() {}

    /** Who works and who only attends are never told the same. */
    static boolean areToldAlike(Collection<Set<Adjustment>> changes) {
        return changes.stream()
                        .map(set -> set.contains(Adjustment.ATTENTION_ONLY))
                        .distinct()
                        .count()
                < 2;
    }

    static Set<Adjustment> all(Collection<Set<Adjustment>> changes) {
        Set<Adjustment> all = EnumSet.noneOf(Adjustment.class);
        changes.forEach(all::addAll);
        return all;
    }

    /** Whether each of some changes fits an exercise and none contradicts another. */
    static boolean fit(Set<Adjustment> changes, Move move) {
        return changes.stream()
                .allMatch(change -> change.fits(move) && changes.stream().noneMatch(change::contradicts));
    }
}
