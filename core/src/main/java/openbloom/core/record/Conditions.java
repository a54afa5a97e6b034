package openbloom.core.record;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Enums;
import openbloom.core.screening.Condition;

/**
 * Conditions known of her.
 *
 * @param since since when, for those where it was told; every one of them is in {@code all}
 *
 * @see Medical
 * @see Client
 */
public record Conditions(Set<Condition> all, Map<Condition, LocalDate> since) {
    public static final Conditions NONE = new Conditions(Set.of(), Map.of());

    /** @throws IllegalArgumentException if a day stands for a condition she has not */
    public Conditions {
        all = Enums.copyOf(all);
        since = Enums.copyOf(since);
        if (!all.containsAll(since.keySet())) {
            throw new IllegalArgumentException("Since-when was given for conditions she has not: " + since.keySet());
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

    /** These and others; since when of the others counts where both tell it. */
    public Conditions and(Conditions others) {
        if (others.all.isEmpty()) {
            return this;
        }
        Set<Condition> together = new HashSet<>(all);
        together.addAll(others.all);
        Map<Condition, LocalDate> days = new HashMap<>(since);
        days.putAll(others.since);
        return new Conditions(together, days);
    }
}
