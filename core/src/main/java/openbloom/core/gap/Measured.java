package openbloom.core.gap;

import java.util.Optional;

/** A check with how and by whom it was measured: what a comparison has to know. */
public record Measured(GapCheck check, Method method, Examiner by) {
    /** Who measured; fingers differ, so the same person should repeat it. */
    public record Examiner(long id, String name) {}

    /** The width at a spot in a state, in the unit of the method. */
    public Optional<Double> amount(Spot spot, GapState state) {
        return check.at(spot, state).map(reading -> Method.amountOf(reading.width()));
    }

    boolean isComparableWith(Measured other) {
        return method == other.method && by.id() == other.by.id();
    }
}
