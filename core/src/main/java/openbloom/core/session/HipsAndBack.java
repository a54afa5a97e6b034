package openbloom.core.session;

import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;

/** Easy movement of hips and back, and nothing else. */
final class HipsAndBack implements FormatRules {
    @Override
    public boolean takes(Move move) {
        return move.strand() == ExerciseGroup.MOBILITY;
    }

    @Override
    public boolean isForEase() {
        return true;
    }
}
