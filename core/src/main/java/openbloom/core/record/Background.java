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
public record Background(int births, int babies, int ageYears, Optional<Training> training) {}
