package openbloom.core.session;

/** A few exercises, gone through again. */
final class InRounds implements FormatRules {
    @Override
    public int mostExercises(int minutes) {
        return HardLine.MOST_IN_ROUNDS;
    }

    @Override
    public int timesEach(Format format) {
        return format.rounds();
    }
}
