package openbloom.core.classes;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Adjustment;

/**
 * One way of doing an exercise of a class, and who does it so.
 *
 * @param pick what they do; its dose is the one called out. Empty where they rest with breath
 * @param members by their numbers, from 0, in order
 * @see ClassItem
 * @see CommonExercise
 */
public record ClassVersion(TakesPart how, Optional<Pick> pick, List<Integer> members) {
    public ClassVersion {
        members = List.copyOf(members);
    }

    public Set<Adjustment> adjustments() {
        return pick.map(Pick::adjustments).orElse(Set.of());
    }

    boolean isFor(int member) {
        return members.contains(member);
    }
}
