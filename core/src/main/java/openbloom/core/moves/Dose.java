package openbloom.core.moves;

import openbloom.core.evidence.Published;

/**
 * How much of a move.
 *
 * @param sets 1 to 10
 * @param repetitions in a set, 1 to 60
 * @param holdSeconds each repetition is held, 0 to 600 s
 * @param breaths each repetition lasts, 0 to 60; with a hold in seconds it is 0
 * @param restSeconds between sets, 0 to 300 s
 * @param perSide whether the dose is for each side
 * @param letGoSeconds after each of several holds, 0 to 60 s
 * @see Move
 * @see DoseReader
 */
public record Dose(
        int sets, int repetitions, int holdSeconds, int breaths, int restSeconds, boolean perSide, int letGoSeconds) {
    private static final int QUICK_REPETITION_SECONDS = 4;
    private static final int MINUTE = 60;
    private static final int TOLD_IN_MINUTES_FROM = 3 * MINUTE;

    /** @throws IllegalArgumentException if a number is outside its range */
    public Dose {
        require("Sets", sets, 1, 10);
        require("Repetitions", repetitions, 1, 60);
        require("Hold seconds", holdSeconds, 0, 600);
        require("Breaths", breaths, 0, 60);
        require("Rest seconds", restSeconds, 0, 300);
        require("Seconds to let go", letGoSeconds, 0, 60);
    }

    /** With half a breath to let go after each of several holds. */
    public Dose(int sets, int repetitions, int holdSeconds, int breaths, int restSeconds, boolean perSide) {
        this(sets, repetitions, holdSeconds, breaths, restSeconds, perSide, Published.BREATH.amount() / 2);
    }

    private static void require(String what, int value, int least, int most) {
        if (value < least || value > most) {
            throw new IllegalArgumentException(what + " must be " + least + " to " + most + ", but was " + value);
        }
    }

    /** Working time on one side, rests between sets included, in seconds. */
    public int seconds(BreathPattern breath) {
        return sets * repetitions * secondsPerRepetition(breath) + (sets - 1) * restSeconds;
    }

    /** One repetition in seconds: its hold and a breath to let go, its breaths, or one breath of effort. */
    public int secondsPerRepetition(BreathPattern breath) {
        int oneBreath = Published.BREATH.amount();
        if (holdSeconds > 0) {
            return repetitions == 1 ? holdSeconds : holdSeconds + letGoSeconds;
        }
        if (breaths > 0) {
            return breaths * oneBreath;
        }
        return breath == BreathPattern.COUNT ? QUICK_REPETITION_SECONDS : oneBreath;
    }

    /** How long one repetition is held still, in seconds; 0 when it moves. */
    public int stillSeconds() {
        return Math.max(holdSeconds, breaths * Published.BREATH.amount());
    }

    public Dose withSets(int newSets) {
        return new Dose(newSets, repetitions, holdSeconds, breaths, restSeconds, perSide, letGoSeconds);
    }

    public Dose withRepetitions(int newRepetitions) {
        return new Dose(sets, newRepetitions, holdSeconds, breaths, restSeconds, perSide, letGoSeconds);
    }

    public Dose withRestSeconds(int seconds) {
        return new Dose(sets, repetitions, holdSeconds, breaths, seconds, perSide, letGoSeconds);
    }

    public Dose withBreaths(int newBreaths) {
        return new Dose(sets, repetitions, holdSeconds, newBreaths, restSeconds, perSide, letGoSeconds);
    }

    /** The same dose told for one side. */
    public Dose oneSide() {
        return new Dose(sets, repetitions, holdSeconds, breaths, restSeconds, false, letGoSeconds);
    }

    /** No repetition held still for longer than so many seconds; a hold counted in breaths becomes seconds. */
    public Dose heldAtMost(int seconds) {
        return stillSeconds() <= seconds
                ? this
                : new Dose(sets, repetitions, seconds, 0, restSeconds, perSide, letGoSeconds);
    }

    /** With so many seconds to let go after each hold. */
    public Dose lettingGoFor(int seconds) {
        return new Dose(sets, repetitions, holdSeconds, breaths, restSeconds, perSide, seconds);
    }

    public Dose withHoldSeconds(int seconds) {
        return new Dose(sets, repetitions, seconds, breaths, restSeconds, perSide, letGoSeconds);
    }

    /** {@code 2 × 8}, {@code 3 × 5 s}, {@code 10 breaths}, {@code 5 min}. */
    public String words() {
        String setsWords = sets > 1 ? sets + " × " : "";
        return setsWords + repetitionWords() + (perSide ? " each side" : "");
    }

    /** A walk is told in minutes. */
    private String heldWords() {
        if (holdSeconds < TOLD_IN_MINUTES_FROM) {
            return holdSeconds + " s";
        }
        int rest = holdSeconds % MINUTE;
        return holdSeconds / MINUTE + " min" + (rest == 0 ? "" : " " + rest + " s");
    }

    private String repetitionWords() {
        if (holdSeconds > 0) {
            return repetitions == 1 ? heldWords() : repetitions + " × " + holdSeconds + " s";
        }
        if (breaths > 0) {
            return repetitions == 1 ? breaths + " breaths" : repetitions + " × " + breaths + " breaths";
        }
        return repetitions + (repetitions == 1 ? " repetition" : " repetitions");
    }
}
