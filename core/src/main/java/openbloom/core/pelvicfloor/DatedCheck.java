package openbloom.core.pelvicfloor;

import java.time.LocalDate;
import java.util.Set;

/**
 * A check on its day.
 *
 * @param weaker the side that is weaker; empty when both are alike or were not compared
 *
 * @see PelvicFloorReview
 * @see Release
 */
public record DatedCheck(LocalDate on, PelvicFloorCheck check, Set<Area> weaker) {
    public DatedCheck {
        weaker = Set.copyOf(weaker);
    }
}
