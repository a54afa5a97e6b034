package openbloom.core.record;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.screening.Condition;

/**
 * Conditions known of her.
 *
 * @param since since when, for those where it was told; every one of them is in {@code all}
 */
public record Conditions(Set<Condition> all, Map<Condition, LocalDate> since) {
    public static final Conditions NONE = new Conditions(Set.of(), Map.of());

    /** @throws IllegalArgumentException if a day stands for a condition she has not */
    public Conditions {
        all = Set.copyOf(all);
        since = Map.copyOf(since);
        if (!all.containsAll(since.keySet())) {
            throw new IllegalArgumentException("Since-when was told for conditions she has not: " + since.keySet());
        }
    }

    /** Conditions of which nobody said since when. */
    public static Conditions of(Set<Condition> all) {
        return new Conditions(all, Map.of());
    }

    public boolean has(Condition condition) {
        return all.contains(condition);
    }

    public Optional<LocalDate> since(Condition condition) {
        return Optional.ofNullable(since.get(condition));
    }

    /** These and one more. */
    public Conditions and(Condition more, LocalDate from) {
        Set<Condition> together = Stream.concat(all.stream(), Stream.of(more)).collect(Collectors.toUnmodifiableSet());
        Map<Condition, LocalDate> days = together.stream()
                .filter(condition -> condition == more || since.containsKey(condition))
                .collect(Collectors.toUnmodifiableMap(
                        Function.identity(), condition -> condition == more ? from : since.get(condition)));
        return new Conditions(together, days);
    }
}
