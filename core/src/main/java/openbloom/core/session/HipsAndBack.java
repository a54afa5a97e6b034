package openbloom.core.session;

import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;

/** Easy movement of hips and back, and nothing else. */
final class HipsAndBack implements FormatRules {
    private static final int MINUTES_AN_EXERCISE = 5;

    @Override
    public boolean takes(Move move) {
        return move.strand() == ExerciseGroup.MOBILITY;
    }

    /** Few enough to be done slowly: with arriving and letting go six to nine in twenty minutes (common practice, no source). */
    @Override
    public int mostExercises(int minutes) {
        return minutes / MINUTES_AN_EXERCISE;
    }

    @Override
    public boolean isForEase() {
        return true;
    }
}
