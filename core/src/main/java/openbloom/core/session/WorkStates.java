package openbloom.core.session;

import java.util.Arrays;
import java.util.function.IntUnaryOperator;
import org.jspecify.annotations.Nullable;

/** States by row, seconds on the back, and time; {@code longest} is the latest time a row holds, −1 for none. */
final class WorkStates {
    /** No state, or none that was looked for. */
    static final int NONE = Integer.MIN_VALUE;

    final int depth;
    final int[] longest;
    final int[][] scores;
    final StateStep[][] steps;
    private final int room;

    /** How a state was reached. */
    record StateStep(@Nullable StateStep before, WorkSolver.ChosenItem chosen) {}

    /**
     * @param rows how many rows
     * @param depth units of time on the back that are told apart, with none
     * @param room latest time
     */
    WorkStates(int rows, int depth, int room) {
        this.depth = depth;
        this.room = room;
        this.longest = new int[rows];
        this.scores = new int[rows][];
        this.steps = new StateStep[rows][];
        Arrays.fill(longest, -1);
    }

    int score(int row, int back, int time) {
        int[] held = scores[row];
        return held == null ? NONE : held[back * (room + 1) + time];
    }

    @Nullable
    StateStep step(int row, int back, int time) {
        StateStep[] held = steps[row];
        return held == null ? null : held[back * (room + 1) + time];
    }

    void put(int row, int back, int time, @Nullable StateStep step) {
        place(row, back, time, 0, step);
    }

    private void place(int row, int back, int time, int score, @Nullable StateStep step) {
        if (scores[row] == null) {
            scores[row] = new int[depth * (room + 1)];
            Arrays.fill(scores[row], NONE);
            steps[row] = new StateStep[depth * (room + 1)];
        }
        scores[row][back * (room + 1) + time] = score;
        steps[row][back * (room + 1) + time] = step;
        longest[row] = Math.max(longest[row], time);
    }

    void offer(int row, int back, int time, int score, @Nullable StateStep before, WorkSolver.ChosenItem chosen) {
        if (score > score(row, back, time)) {
            place(row, back, time, score, new StateStep(before, chosen));
        }
    }

    void takeRow(WorkStates from, int row, int to) {
        if (longest[to] < 0) {
            scores[to] = from.scores[row];
            steps[to] = from.steps[row];
            longest[to] = from.longest[row];
            return;
        }
        for (int time = 0; time <= from.longest[row]; time++) {
            int score = from.score(row, 0, time);
            if (score != NONE && score > score(to, 0, time)) {
                place(to, 0, time, score, from.step(row, 0, time));
            }
        }
    }

    /**
     * Takes over the states of the family just left, whatever time on the back they had.
     *
     * @param rowAfter the row a row becomes
     */
    void take(WorkStates left, IntUnaryOperator rowAfter) {
        for (int row = 0; row < left.longest.length; row++) {
            int to = rowAfter.applyAsInt(row);
            for (int back = 0; back < left.depth; back++) {
                for (int time = 0; time <= left.longest[row]; time++) {
                    int score = left.score(row, back, time);
                    if (score != NONE && score > score(to, 0, time)) {
                        place(to, 0, time, score, left.step(row, back, time));
                    }
                }
            }
        }
    }
}
