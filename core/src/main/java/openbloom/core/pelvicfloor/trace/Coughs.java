package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.List;

/** Coughs and knocks: peaks too narrow for a muscle that is asked to lift. They are told before any smoothing. */
final class Coughs {
    private static final double OPENED_SECONDS = 0.45;
    private static final double BESIDE_SECONDS = 0.6;
    private static final double FOOT_SHARE = 0.1;
    private static final double LEAST_SHARE = 0.25;
    private static final double CLEAR = 8;
    private static final double NEAR_SECONDS = 1.5;

    private final float[] whole;
    private final double rate;
    private float[] smooth = {};

    /** @param whole bridged steps; a cough that is found is bridged in them */
    Coughs(float[] whole, double rate) {
        this.whole = whole;
        this.rate = rate;
    }

    /** Whether the steps come often enough to show how narrow a peak is. */
    static boolean canBeTold(double rate) {
        return rate >= Convention.COUGH_STEPS_A_SECOND * 0.99;
    }

    /** Every narrow peak; they are bridged in the steps. */
    List<Heartbeat.Peak> takenOut() {
        if (!canBeTold(rate)) {
            return List.of();
        }
        float[] opened = Smoothing.opened(whole, steps(OPENED_SECONDS));
        smooth = Smoothing.mean(whole, 1);
        float[] find = Smoothing.mean(whole, steps(Convention.FIND_SECONDS) / 2);
        double usual = Smoothing.roughQuantile(find, 0.98) - Smoothing.roughQuantile(find, 0.1);
        double noise = Smoothing.stepNoise(whole, 0, whole.length);
        double least = Math.max(CLEAR * noise, LEAST_SHARE * usual);
        List<Heartbeat.Peak> found = new ArrayList<>();
        for (int i = 0; i < whole.length; i++) {
            if (whole[i] - opened[i] > least) {
                int peak = i;
                while (i < whole.length && whole[i] - opened[i] > least / 2) {
                    peak = whole[i] > whole[peak] ? i : peak;
                    i++;
                }
                cough(peak, found);
            }
        }
        found.forEach(one -> bridge(one.from()));
        return found;
    }

    private int steps(double seconds) {
        return Math.max(1, (int) Math.round(seconds * rate));
    }

    /** Its width is that of three steps together: the top of a noisy flick falls and rises again within one. */
    private void cough(int peak, List<Heartbeat.Peak> found) {
        int beside = steps(BESIDE_SECONDS);
        double left = lowest(Math.max(0, peak - beside), peak);
        double right = lowest(peak, Math.min(whole.length - 1, peak + beside));
        double foot = Math.max(left, right);
        double height = smooth[peak] - foot;
        double width = (edge(peak, foot + height / 2, 1) - edge(peak, foot + height / 2, -1)) / rate;
        int near = steps(NEAR_SECONDS);
        double noise = Math.max(
                Smoothing.stepNoise(whole, Math.max(0, peak - near), peak),
                Smoothing.stepNoise(whole, peak, Math.min(whole.length, peak + near)));
        if (width < Convention.COUGH_SECONDS && height > CLEAR * noise) {
            int from = Math.max(0, (int) Math.floor(edge(peak, foot + FOOT_SHARE * height, -1)));
            int to = Math.min(whole.length, (int) Math.ceil(edge(peak, foot + FOOT_SHARE * height, 1)) + 1);
            Stretch whole = new Stretch(Math.max(from, peak - beside), Math.min(to, peak + beside));
            found.add(new Heartbeat.Peak(whole, peak, height));
        }
    }

    private double lowest(int from, int to) {
        double lowest = smooth[from];
        for (int i = from; i <= to; i++) {
            lowest = Math.min(lowest, smooth[i]);
        }
        return lowest;
    }

    /** Where the trace passes a height on the way from a peak, between steps. */
    private double edge(int peak, double height, int way) {
        int i = peak;
        while (i + way >= 0 && i + way < smooth.length && smooth[i] > height) {
            i += way;
        }
        double inside = smooth[i - way >= 0 && i - way < smooth.length ? i - way : i];
        return inside > height && smooth[i] < height ? i - way * (height - smooth[i]) / (inside - smooth[i]) : i;
    }

    private void bridge(Stretch cough) {
        int before = Math.max(0, cough.from() - 1);
        int after = Math.min(whole.length - 1, cough.to());
        for (int i = cough.from(); i < cough.to(); i++) {
            double share = (i - before) / (double) Math.max(1, after - before);
            whole[i] = (float) (whole[before] + share * (whole[after] - whole[before]));
        }
    }
}
