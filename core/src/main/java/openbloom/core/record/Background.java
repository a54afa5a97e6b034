package openbloom.core.record;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * Who she is before anything is checked; what is absent nobody asked.
 *
 * @param births how many times she has given birth
 * @param babies how many babies in this pregnancy, or in the latest birth
 * @param ageYears her age in years
 * @param training how she trained before
 * @param falls whether she is steady
 * @see Client
 * @see IntakeFacts
 */
public record Background(
        OptionalInt births, OptionalInt babies, OptionalInt ageYears, Optional<Training> training, Falls falls) {
    /** Nothing was asked. */
    public static final Background UNKNOWN = new Background(
            OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty(), Optional.empty(), Falls.NOT_ASKED);

    /** Births, babies and age; nothing else is known yet. */
    public static Background of(int births, int babies, int ageYears) {
        return new Background(
                OptionalInt.of(births),
                OptionalInt.of(babies),
                OptionalInt.of(ageYears),
                Optional.empty(),
                Falls.NOT_ASKED);
    }

    /** The same woman with how she trained before. */
    public Background trained(Training before) {
        return new Background(births, babies, ageYears, Optional.of(before), falls);
    }

    /** The same woman, asked whether she is steady. */
    public Background falling(Falls told) {
        return new Background(births, babies, ageYears, training, told);
    }

    /** Unless somebody told that she never gave birth. */
    public boolean mayHaveGivenBirth() {
        return births.isEmpty() || births.getAsInt() > 0;
    }

    /** As many as were told; one where nobody asked. */
    public int knownBabies() {
        return babies.orElse(1);
    }

    public boolean isAtLeast(int years) {
        return ageYears.isPresent() && ageYears.getAsInt() >= years;
    }

    public boolean isUnder(int years) {
        return ageYears.isPresent() && ageYears.getAsInt() < years;
    }
}
