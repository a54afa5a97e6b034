package openbloom.core.gap;

import java.util.Optional;

/**
 * A check with how and by whom it was measured: what a comparison has to know.
 *
 * @param check the readings, see {@link GapCheck}
 * @param method fingers, caliper or ultrasound, see {@link Method}
 * @param by who measured
 */
public record Measured(GapCheck check, Method method, Examiner by) {
    /**
     * Who measured; fingers differ, so the same person should repeat it.
     *
     * @param id of the person as the studio keeps it
     * @param name as it is said beside a reading
     */
    public record Examiner(long id, String name) {}

    /** The width at a spot in a state, in the unit of the method. */
    public Optional<Double> amount(Spot spot, GapState state) {
        return check.at(spot, state).map(reading -> Method.amountOf(reading.width()));
    }

    boolean isComparableWith(Measured other) {
        return method == other.method && by.id() == other.by.id();
    }
}
