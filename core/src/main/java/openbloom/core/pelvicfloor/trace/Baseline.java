package openbloom.core.pelvicfloor.trace;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** The level a trace rests at: it may drift, step when she moves, and a muscle that does not let go lifts it. */
final class Baseline {
    private static final double BLOCK_SECONDS = 1;
    private static final double STEP_SECONDS = 1;
    private static final double FLANK_SECONDS = 0.3;

    private Baseline() {}

    /**
     * A first guess that needs no contractions found: the higher of the lowest level within reach before and after. A
     * contraction has rest on both sides; a step, a drift and a lead-in have it on one.
     *
     * @param noise by about so much the lowest of many levels lies below their mean
     */
    static float[] rough(float[] steps, double rate, double noise) {
        int block = Math.max(1, (int) Math.round(BLOCK_SECONDS * rate));
        int blocks = (steps.length + block - 1) / block;
        float[] level = new float[blocks];
        for (int i = 0; i < blocks; i++) {
            double sum = 0;
            int to = Math.min(steps.length, (i + 1) * block);
            for (int k = i * block; k < to; k++) {
                sum += steps[k];
            }
            level[i] = (float) (sum / (to - i * block));
        }
        int reach = Math.max(1, (int) Math.round(Convention.REST_REACH_SECONDS / BLOCK_SECONDS));
        float[] before = lowest(level, reach, true);
        float[] after = lowest(level, reach, false);
        float[] guess = new float[blocks];
        for (int i = 0; i < blocks; i++) {
            guess[i] = (float) (Math.max(before[i], after[i]) + noise);
        }
        return spread(guess, block, steps.length);
    }

    /** The lowest of some levels up to each one, or from it on. */
    private static float[] lowest(float[] level, int reach, boolean before) {
        float[] lowest = new float[level.length];
        Deque<Integer> waiting = new ArrayDeque<>();
        for (int k = 0; k < level.length; k++) {
            int i = before ? k : level.length - 1 - k;
            while (!waiting.isEmpty() && level[waiting.peekLast()] >= level[i]) {
                waiting.pollLast();
            }
            waiting.addLast(i);
            while (Math.abs(waiting.peekFirst() - i) > reach) {
                waiting.pollFirst();
            }
            lowest[i] = level[waiting.peekFirst()];
        }
        return lowest;
    }

    private static float[] spread(float[] blocks, int block, int length) {
        float[] steps = new float[length];
        for (int i = 0; i < length; i++) {
            double at = Math.max(0, Math.min(blocks.length - 1, (i + 0.5) / block - 0.5));
            int left = (int) at;
            int right = Math.min(blocks.length - 1, left + 1);
            steps[i] = (float) (blocks[left] + (at - left) * (blocks[right] - blocks[left]));
        }
        return steps;
    }

    /** Where the level at rest jumps by so much within a second while nothing is done. */
    static List<Integer> jumps(float[] base, float[] steps, boolean[] active, double rate, double least) {
        int apart = Math.max(1, (int) Math.round(STEP_SECONDS * rate));
        List<Integer> jumps = new ArrayList<>();
        for (int i = apart; i < base.length; i++) {
            double change = Math.abs(base[i] - base[i - apart]);
            if (change > least && isQuiet(active, i - 2 * apart, i + apart)) {
                jumps.add(steepest(steps, Math.max(0, i - 2 * apart), Math.min(steps.length, i + apart), rate));
                i += 2 * apart;
            }
        }
        return jumps;
    }

    private static int steepest(float[] steps, int from, int to, double rate) {
        int apart = Math.max(1, (int) Math.round(FLANK_SECONDS * rate));
        int steepest = from;
        float most = -1;
        for (int i = from; i + apart < to; i++) {
            float change = Math.abs(steps[i + apart] - steps[i]);
            if (change > most) {
                most = change;
                steepest = i + apart / 2;
            }
        }
        return steepest;
    }

    private static boolean isQuiet(boolean[] active, int from, int to) {
        for (int i = Math.max(0, from); i < Math.min(active.length, to); i++) {
            if (active[i]) {
                return false;
            }
        }
        return true;
    }

    /** The mean of the quiet steps near by, no farther than the jumps to either side; where there are none, a bridge. */
    static float[] refined(float[] steps, boolean[] active, float[] before, double rate, List<Integer> jumps) {
        float[] refined = new float[steps.length];
        int from = 0;
        List<Integer> ends = new ArrayList<>(jumps);
        ends.add(steps.length);
        for (int to : ends) {
            refine(steps, active, before, rate, new Stretch(from, to), refined);
            from = to;
        }
        return refined;
    }

    private static void refine(
            float[] steps, boolean[] active, float[] before, double rate, Stretch part, float[] refined) {
        int length = part.length();
        double[] sums = new double[length + 1];
        int[] counts = new int[length + 1];
        for (int i = 0; i < length; i++) {
            boolean quiet = !active[part.from() + i];
            sums[i + 1] = sums[i] + (quiet ? steps[part.from() + i] : 0);
            counts[i + 1] = counts[i] + (quiet ? 1 : 0);
        }
        if (counts[length] < rate / 2) {
            System.arraycopy(before, part.from(), refined, part.from(), length);
            return;
        }
        int reach = (int) Math.round(Convention.REST_NEAR_SECONDS * rate);
        float[] near = new float[length];
        for (int i = 0; i < length; i++) {
            int from = Math.max(0, i - reach);
            int to = Math.min(length, i + reach + 1);
            int resting = counts[to] - counts[from];
            near[i] = resting < rate / 2 ? Float.NaN : (float) ((sums[to] - sums[from]) / resting);
        }
        System.arraycopy(Smoothing.bridged(near), 0, refined, part.from(), length);
    }
}
