package openbloom.core.screening;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Enums;
import openbloom.core.evidence.Published;

/**
 * What she said about the last 14 days, or that nobody asked.
 *
 * @see Symptom
 * @see Published
 */
public sealed interface SymptomReport {
    /** Nobody asked, or it was too long ago. */
    record NotAsked() implements SymptomReport {}

    /**
     * She was asked on a day; an empty set means "none of these".
     *
     * @param leaksWhen when she leaks; empty where nobody said
     */
    record Asked(LocalDate on, Set<Symptom> symptoms, Set<LeakWhen> leaksWhen) implements SymptomReport {
        public Asked {
            symptoms = Enums.copyOf(symptoms);
            leaksWhen = Enums.copyOf(leaksWhen);
        }

        /** Of a leak nobody said when. */
        public Asked(LocalDate on, Set<Symptom> symptoms) {
            this(on, symptoms, Set.of());
        }
    }

    static SymptomReport none(LocalDate on) {
        return new Asked(on, Set.of());
    }

    /** When she leaks, where she said. */
    default Set<LeakWhen> leaksWhen() {
        return this instanceof Asked asked ? asked.leaksWhen() : Set.of();
    }

    default boolean has(Symptom symptom) {
        return this instanceof Asked asked && asked.symptoms().contains(symptom);
    }

    /** Whether she was asked within the last 14 days and has none of these. */
    default boolean excludes(Set<Symptom> unwanted, LocalDate day) {
        return this instanceof Asked asked
                && isFresh(asked.on(), day)
                && asked.symptoms().stream().noneMatch(unwanted::contains);
    }

    /** Whether she was asked within the last 14 days; older answers stand, but nobody knows what came since. */
    default boolean isFreshOn(LocalDate day) {
        return this instanceof Asked asked && isFresh(asked.on(), day);
    }

    /** The same answer as if she were asked again and said the same. */
    default SymptomReport askedAgain(LocalDate day) {
        return this instanceof Asked asked ? new Asked(day, asked.symptoms(), asked.leaksWhen()) : this;
    }

    default Optional<LocalDate> askedOn() {
        return this instanceof Asked asked ? Optional.of(asked.on()) : Optional.empty();
    }

    private static boolean isFresh(LocalDate on, LocalDate day) {
        return ChronoUnit.DAYS.between(on, day) <= Published.SYMPTOM_MEMORY.days();
    }
}
