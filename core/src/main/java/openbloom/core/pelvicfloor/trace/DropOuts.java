package openbloom.core.pelvicfloor.trace;

import java.util.Arrays;

/**
 * Short losses of contact that a sensor writes as nothing or as far below rest instead of leaving them out; the steps at
 * their edges are half lost.
 */
final class DropOuts {
    private static final double LOW = 0.05;
    private static final double FAR_SHARE = 0.15;
    private static final double CLEAR = 6;

    private DropOuts() {}

    /** The same steps with every such loss unknown. */
    static float[] leftOut(float[] steps, double rate) {
        float[] known = Smoothing.bridged(steps);
        double low = Smoothing.roughQuantile(known, LOW);
        double span = Smoothing.roughQuantile(known, 0.98) - low;
        double noise = Smoothing.stepNoise(known, 0, known.length);
        double far = Math.max(CLEAR * noise, FAR_SHARE * span);
        float[] left = steps.clone();
        int most = (int) Math.round(Convention.DROP_OUT_SECONDS * rate * 1.1) + 1;
        for (int i = 0; i < known.length; i++) {
            int from = i;
            while (i < known.length && isLost(known, from, i, low - far, far)) {
                i++;
            }
            if (i > from && i - from <= most && from > 0 && i < known.length) {
                Arrays.fill(left, from - 1, i + 1, Float.NaN);
            }
        }
        return left;
    }

    /** Below everything, or exactly nothing after a fall within one step. */
    private static boolean isLost(float[] known, int from, int at, double below, double far) {
        boolean nothing = known[at] == 0 && from > 0 && known[from - 1] > far;
        return known[at] < below || nothing;
    }
}
