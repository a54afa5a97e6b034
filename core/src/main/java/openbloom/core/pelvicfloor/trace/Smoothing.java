package openbloom.core.pelvicfloor.trace;

import java.util.Arrays;

/** Plain filters over steps. */
final class Smoothing {
    private Smoothing() {}

    /** The same with every step known: a hole is bridged in a straight line, an end is filled with its neighbour. */
    static float[] bridged(float[] steps) {
        float[] whole = steps.clone();
        int known = -1;
        for (int i = 0; i < whole.length; i++) {
            if (!Float.isNaN(whole[i])) {
                bridge(whole, known, i);
                known = i;
            }
        }
        if (known >= 0) {
            Arrays.fill(whole, known, whole.length, whole[known]);
        }
        return whole;
    }

    private static void bridge(float[] steps, int from, int to) {
        for (int i = Math.max(0, from + 1); i < to; i++) {
            float share = from < 0 ? 1 : (i - from) / (float) (to - from);
            float left = from < 0 ? steps[to] : steps[from];
            steps[i] = left + share * (steps[to] - left);
        }
    }

    /** Mean over {@code reach} steps to either side. */
    static float[] mean(float[] steps, int reach) {
        double[] sums = new double[steps.length + 1];
        for (int i = 0; i < steps.length; i++) {
            sums[i + 1] = sums[i] + steps[i];
        }
        float[] smooth = new float[steps.length];
        for (int i = 0; i < steps.length; i++) {
            int from = Math.max(0, i - reach);
            int to = Math.min(steps.length, i + reach + 1);
            smooth[i] = (float) ((sums[to] - sums[from]) / (to - from));
        }
        return smooth;
    }

    /** The value below which a share of the steps lies. */
    static float quantile(float[] steps, double share) {
        float[] sorted = steps.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.min(sorted.length - 1, share * sorted.length)];
    }
}
