package openbloom.core.record;

import java.util.Optional;

/**
 * Who she is before anything is checked.
 *
 * @param births how many times she has given birth
 * @param babies how many babies in this pregnancy, or in the latest birth
 * @param ageYears her age in years
 * @param training how she trained before; empty when nobody asked
 */
public record Background(int births, int babies, int ageYears, Optional<Training> training) {
    /** What is always asked; nothing else is known yet. */
    public static Background of(int births, int babies, int ageYears) {
        return new Background(births, babies, ageYears, Optional.empty());
    }

    /** The same woman with how she trained before. */
    public Background trained(Training before) {
        return new Background(births, babies, ageYears, Optional.of(before));
    }
}
