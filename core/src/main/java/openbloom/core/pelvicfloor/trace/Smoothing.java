package openbloom.core.pelvicfloor.trace;

import java.util.Arrays;

/** Plain filters over steps. */
final class Smoothing {
    private static final int SAMPLED = 40_000;

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

    /** What is left when every peak narrower than some steps is cut off: the highest of the lowest. */
    static float[] opened(float[] steps, int width) {
        float[] lowest = extreme(steps, width, 1);
        return extreme(lowest, width, -1);
    }

    /** The lowest (sign 1) of the steps from one on, or the highest (sign −1) of the steps up to one. */
    private static float[] extreme(float[] steps, int width, int sign) {
        int n = steps.length;
        float[] result = new float[n];
        int[] waiting = new int[n];
        int first = 0;
        int end = 0;
        for (int k = 0; k < n; k++) {
            int i = sign > 0 ? n - 1 - k : k;
            while (end > first && sign * (steps[waiting[end - 1]] - steps[i]) >= 0) {
                end--;
            }
            waiting[end++] = i;
            while (Math.abs(waiting[first] - i) >= width) {
                first++;
            }
            result[i] = steps[waiting[first]];
        }
        return result;
    }

    /** The value below which a share of the steps lies. */
    static float quantile(float[] steps, double share) {
        float[] parted = steps.clone();
        return selected(parted, (int) Math.min(parted.length - 1, share * parted.length));
    }

    /** The value that would stand at a place if the steps were sorted; they are only parted as far as it takes. */
    private static float selected(float[] parted, int place) {
        int from = 0;
        int to = parted.length - 1;
        while (from < to) {
            float pivot = parted[(from + to) >>> 1];
            int i = from;
            int j = to;
            while (i <= j) {
                while (parted[i] < pivot) {
                    i++;
                }
                while (parted[j] > pivot) {
                    j--;
                }
                if (i <= j) {
                    float swapped = parted[i];
                    parted[i++] = parted[j];
                    parted[j--] = swapped;
                }
            }
            if (place <= j) {
                to = j;
            } else if (place >= i) {
                from = i;
            } else {
                return parted[place];
            }
        }
        return parted[place];
    }

    /** The same of a part. */
    static float quantile(float[] steps, int from, int to, double share) {
        return quantile(Arrays.copyOfRange(steps, from, Math.max(from + 1, to)), share);
    }

    /** The same of a very long trace, of some of its steps evenly chosen. */
    static float roughQuantile(float[] steps, double share) {
        int every = Math.max(1, steps.length / SAMPLED);
        float[] some = new float[(steps.length + every - 1) / every];
        for (int i = 0; i < some.length; i++) {
            some[i] = steps[i * every];
        }
        return quantile(some, share);
    }

    /** From how the steps bend: white noise alone does so from step to step. */
    static double stepNoise(float[] steps, int from, int to) {
        if (to - from < 5) {
            return 0;
        }
        float[] bends = new float[to - from - 2];
        for (int i = 0; i < bends.length; i++) {
            bends[i] = Math.abs(steps[from + i] - 2 * steps[from + i + 1] + steps[from + i + 2]);
        }
        return roughQuantile(bends, 0.5) / (0.6745 * Math.sqrt(6));
    }
}
