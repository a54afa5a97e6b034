package openbloom.core.pelvicfloor.trace;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A heart that beats under the sensor: narrow peaks about as far apart as the ones before, all through the recording.
 *
 * @param perMinute beats a minute, the usual
 * @param height of a usual beat, in the unit of the trace
 */
record Heartbeat(double perMinute, double height) {
    private static final int FEWEST = 10;
    private static final double SLOWEST = 40;
    private static final double FASTEST = 140;
    private static final double EVEN = 0.2;
    private static final double MISSED = 4;
    private static final double EVEN_SHARE = 0.75;
    private static final double COUGH_ABOVE_BEATS = 2.5;
    private static final double BEAT_AT_MOST = 1.4;
    private static final double LONGEST_SECONDS = 0.7;

    /** A narrow peak. */
    record Peak(Stretch from, double at, double height) {}

    /** Empty where the narrow peaks are too few or too uneven for a heart. */
    static Optional<Heartbeat> in(List<Peak> peaks, double rate) {
        if (peaks.size() < FEWEST) {
            return Optional.empty();
        }
        double[] apart = new double[peaks.size() - 1];
        for (int i = 1; i < peaks.size(); i++) {
            apart[i - 1] = (peaks.get(i).at() - peaks.get(i - 1).at()) / rate;
        }
        double[] sorted = apart.clone();
        Arrays.sort(sorted);
        double usual = sorted[sorted.length / 2];
        double[] near = Arrays.stream(apart).filter(one -> one < MISSED * usual).toArray();
        long even = Arrays.stream(near)
                .filter(one -> Math.abs(one / usual - Math.max(1, Math.round(one / usual))) <= EVEN)
                .count();
        double perMinute = 60 / usual;
        if (perMinute < SLOWEST || perMinute > FASTEST || even < EVEN_SHARE * near.length) {
            return Optional.empty();
        }
        double[] heights = peaks.stream().mapToDouble(Peak::height).sorted().toArray();
        return Optional.of(new Heartbeat(perMinute, heights[heights.length / 2]));
    }

    /** Whether a narrow peak is too high for a beat. */
    boolean isACough(Peak peak) {
        return peak.height() > COUGH_ABOVE_BEATS * height;
    }

    /** Whether something so high and so long cannot be told from a beat. */
    boolean couldBe(double high, double seconds) {
        return high <= BEAT_AT_MOST * height && seconds <= LONGEST_SECONDS;
    }
}
