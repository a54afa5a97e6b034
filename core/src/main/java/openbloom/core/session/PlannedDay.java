package openbloom.core.session;

import java.util.Set;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.WeekKind;

/**
 * What her block plans for a day; composing keeps to it as far as it passes that day.
 *
 * @param groups what the session of that day is made of; empty without a block or without a session that day
 * @param resting groups of the block that have their turn on another day: nothing strong of them is done on this one
 * @param week what this week of her block is for; {@link WeekKind#BUILD} without a block
 */
public record PlannedDay(Set<ExerciseGroup> groups, Set<ExerciseGroup> resting, WeekKind week) {
    public static final PlannedDay NONE = new PlannedDay(Set.of(), Set.of(), WeekKind.BUILD);

    public PlannedDay {
        groups = Set.copyOf(groups);
        resting = Set.copyOf(resting);
    }

    /** A day without a session of its own, in a week of a kind. */
    public static PlannedDay in(WeekKind week) {
        return new PlannedDay(Set.of(), Set.of(), week);
    }
}
