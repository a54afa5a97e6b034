package openbloom.core.classes;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Adjustment;

/**
 * One way of doing an exercise of a class, and who does it so.
 *
 * @param pick what they do; its dose is the one called out. Empty where they rest with breath
 * @param members by their numbers, from 0, in order
 */
public record ClassVersion(TakesPart how, Optional<Pick> pick, List<Integer> members) {
    public ClassVersion {
        members = List.copyOf(members);
    }

    public Set<Adjustment> adjustments() {
        return pick.map(Pick::adjustments).orElse(Set.of());
    }

    /** In at most four words, as it is called out: {@code to a box}, another exercise, {@code rests}; empty as written. */
    public String called() {
        return switch (how) {
            case AS_WRITTEN -> "";
            case RESTS -> "rests";
            case ANOTHER -> pick.orElseThrow().move().teaching().shortName();
            case ADJUSTED -> changes().findFirst().or(this::looked).orElseThrow();
        };
    }

    /** Whether something is to be watched in it. */
    public boolean isWatched() {
        return adjustments().stream().anyMatch(Adjustment::isToWatch);
    }

    private Stream<String> changes() {
        return adjustments().stream()
                .sorted()
                .filter(change -> !change.isToWatch())
                .map(Adjustment::called);
    }

    private Optional<String> looked() {
        return adjustments().stream().sorted().map(Adjustment::called).findFirst();
    }

    boolean isFor(int member) {
        return members.contains(member);
    }
}
