package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.evidence.Published;
import openbloom.core.moves.BreathPattern;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;

/**
 * How an item is counted while she does it: the steps of one repetition, gone through {@code repetitions} times in a set, with
 * a rest between sets. Whoever counts needs nothing else; the seconds add up to the working time of the item.
 *
 * @param repetition steps of one repetition, at least one
 * @param repetitions in a set, 1 to 120; side to side both sides are counted
 * @param sets 1 to 10
 * @param restSeconds between sets, 0 to 300 s
 * @param by what the number on the screen counts where it ends with its sets
 * @param clockSeconds how long it goes on by the clock, 10 to 300 s; 0 where it ends with its sets
 * @see SessionItem
 * @see Pick
 */
public record Counting(
        List<CountStep> repetition, int repetitions, int sets, int restSeconds, CountedBy by, int clockSeconds) {
    private static final int HALF_A_BREATH = Published.BREATH.amount() / 2;

    public Counting {
        repetition = List.copyOf(repetition);
    }

    /** What is counted; a hold and breaths are held still. */
    public enum CountedBy {
        REPETITIONS,
        BREATHS,
        SECONDS
    }

    /** What she does in a step, as the screen says it. */
    public enum CountStepKind {
        BREATHE_IN("breathe in"),
        BREATHE_OUT("breathe out"),
        MOVE("breathe out and move"),
        HOLD("hold, breathing"),
        LIFT_AND_HOLD("lift and hold, breathing"),
        LIFT("lift"),
        LET_GO("let go"),
        GO("go"),
        AND_BACK("and back");

        private final String words;

        CountStepKind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One step of a repetition.
     *
     * @param seconds 1 to 600 s
     */
    public record CountStep(CountStepKind kind, int seconds) {}

    /** An item that ends with its sets. */
    public static Counting of(Dose dose, BreathPattern breath, Side side, ExerciseGroup strand) {
        int turns = side == Side.ALTERNATING ? 2 : 1;
        return new Counting(
                repetition(dose, breath, strand),
                turns * dose.repetitions(),
                dose.sets(),
                dose.restSeconds(),
                countedBy(dose),
                0);
    }

    /** The same in its part of a session: work in intervals goes on for its seconds, however many repetitions that makes. */
    public Counting in(Part part, Format format, int workSeconds) {
        return part == Part.WORK && format.rules().isByTheClock() && workSeconds > 0
                ? new Counting(repetition, repetitions, 1, 0, by, workSeconds)
                : this;
    }

    /** How long one repetition takes, in seconds. */
    public int secondsOfARepetition() {
        return repetition.stream().mapToInt(CountStep::seconds).sum();
    }

    /** Working time in all, rests between sets included, in seconds. */
    public int seconds() {
        return clockSeconds > 0 ? clockSeconds : sets * repetitions * secondsOfARepetition() + (sets - 1) * restSeconds;
    }

    /** All that is counted in the whole item: repetitions, breaths, or seconds, which are what is counted by the clock, too. */
    public int total() {
        if (clockSeconds > 0) {
            return clockSeconds;
        }
        return switch (by) {
            case REPETITIONS -> sets * repetitions;
            case BREATHS -> sets * repetitions * breathsOfARepetition();
            case SECONDS -> sets * repetitions * secondsOfARepetition();
        };
    }

    private int breathsOfARepetition() {
        return Math.max(1, secondsOfARepetition() / Published.BREATH.amount());
    }

    private static CountedBy countedBy(Dose dose) {
        if (dose.holdSeconds() > 0 && dose.repetitions() == 1) {
            return CountedBy.SECONDS;
        }
        return dose.breaths() > 0 ? CountedBy.BREATHS : CountedBy.REPETITIONS;
    }

    private static List<CountStep> repetition(Dose dose, BreathPattern breath, ExerciseGroup strand) {
        if (dose.holdSeconds() > 0) {
            return held(dose, strand);
        }
        if (dose.breaths() > 0) {
            return breathed(dose.breaths() * Published.BREATH.amount());
        }
        int half = dose.secondsPerRepetition(breath) / 2;
        return switch (breath) {
            case EVEN -> steps(CountStepKind.BREATHE_IN, half, CountStepKind.BREATHE_OUT, half);
            case OUT -> steps(CountStepKind.BREATHE_IN, half, CountStepKind.MOVE, half);
            case COUNT ->
                strand.isPelvicFloorLift()
                        ? steps(CountStepKind.LIFT, half, CountStepKind.LET_GO, half)
                        : steps(CountStepKind.GO, half, CountStepKind.AND_BACK, half);
        };
    }

    private static List<CountStep> held(Dose dose, ExerciseGroup strand) {
        if (dose.repetitions() == 1) {
            return breathed(dose.holdSeconds());
        }
        CountStepKind hold = strand.isPelvicFloorLift() ? CountStepKind.LIFT_AND_HOLD : CountStepKind.HOLD;
        return dose.letGoSeconds() == 0
                ? List.of(new CountStep(hold, dose.holdSeconds()))
                : steps(hold, dose.holdSeconds(), CountStepKind.LET_GO, dose.letGoSeconds());
    }

    /** In and out, in and out, for so many seconds. */
    private static List<CountStep> breathed(int seconds) {
        List<CountStep> steps = new ArrayList<>();
        for (int at = 0; at < seconds; at += HALF_A_BREATH) {
            CountStepKind kind = at / HALF_A_BREATH % 2 == 0 ? CountStepKind.BREATHE_IN : CountStepKind.BREATHE_OUT;
            steps.add(new CountStep(kind, Math.min(HALF_A_BREATH, seconds - at)));
        }
        return steps;
    }

    private static List<CountStep> steps(CountStepKind first, int firstSeconds, CountStepKind then, int thenSeconds) {
        return List.of(new CountStep(first, firstSeconds), new CountStep(then, thenSeconds));
    }
}
