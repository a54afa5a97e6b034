package openbloom.core.session;

import openbloom.core.moves.Move;

/** Two to six light exercises between two other things; up to ten minutes. */
final class FiveMinutes implements FormatRules {
    @Override
    public boolean takes(Move move) {
        return move.load() <= HardLine.LIGHT;
    }

    @Override
    public int longestMinutes() {
        return SessionRequest.FIVE_MINUTES_UP_TO;
    }

    @Override
    public int mostExercises(int minutes) {
        return Math.max(HardLine.MOST_IN_FIVE_MINUTES, minutes * 3 / 5);
    }

    @Override
    public int fewestExercises() {
        return HardLine.FEWEST_IN_FIVE_MINUTES;
    }

    @Override
    public boolean hasConnect() {
        return false;
    }

    @Override
    public boolean hasRelease() {
        return false;
    }
}
