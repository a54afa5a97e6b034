package openbloom.core.pelvicfloor.trace;

import java.util.Arrays;

/** The slow level a trace rests at: it may drift, and a muscle that does not let go lifts it. */
final class Baseline {
    private static final double BLOCK_SECONDS = 2;
    private static final double REACH_SECONDS = 60;
    private static final double REFINED_REACH_SECONDS = 12;
    private static final double LOW = 0.25;

    private Baseline() {}

    /** A first guess that needs no contractions found: low values of the neighbourhood. */
    static float[] rough(float[] steps, double rate) {
        int block = Math.max(1, (int) Math.round(BLOCK_SECONDS * rate));
        int blocks = (steps.length + block - 1) / block;
        float[] low = new float[blocks];
        for (int i = 0; i < blocks; i++) {
            float[] part = Arrays.copyOfRange(steps, i * block, Math.min(steps.length, (i + 1) * block));
            low[i] = Smoothing.quantile(part, LOW);
        }
        int reach = (int) Math.round(REACH_SECONDS / BLOCK_SECONDS);
        float[] floor = new float[blocks];
        for (int i = 0; i < blocks; i++) {
            float[] near = Arrays.copyOfRange(low, Math.max(0, i - reach), Math.min(blocks, i + reach + 1));
            floor[i] = Smoothing.quantile(near, LOW);
        }
        return spread(Smoothing.mean(floor, 3), block, steps.length);
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

    /** The mean of the steps at rest near by; where there are none, the guess that was there before. */
    static float[] refined(float[] steps, boolean[] active, float[] before, double rate) {
        double[] sums = new double[steps.length + 1];
        int[] counts = new int[steps.length + 1];
        for (int i = 0; i < steps.length; i++) {
            sums[i + 1] = sums[i] + (active[i] ? 0 : steps[i]);
            counts[i + 1] = counts[i] + (active[i] ? 0 : 1);
        }
        int reach = (int) Math.round(REFINED_REACH_SECONDS * rate);
        float[] refined = new float[steps.length];
        for (int i = 0; i < steps.length; i++) {
            int from = Math.max(0, i - reach);
            int to = Math.min(steps.length, i + reach + 1);
            int resting = counts[to] - counts[from];
            refined[i] = resting < rate ? Float.NaN : (float) ((sums[to] - sums[from]) / resting);
        }
        boolean none = counts[steps.length] < rate;
        return none ? before : Smoothing.bridged(refined);
    }
}
