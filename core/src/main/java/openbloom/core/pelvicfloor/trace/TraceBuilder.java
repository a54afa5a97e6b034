package openbloom.core.pelvicfloor.trace;

import java.util.Arrays;
import java.util.Optional;

/**
 * Gathers samples one by one into steps, so that a whole day at a thousand samples a second needs a few megabytes. The rate
 * of the steps is chosen from the first samples.
 *
 * @see TraceUnit
 * @see Trace
 */
public final class TraceBuilder {
    public static final double MOST_STEPS_A_SECOND = 50;
    public static final double LONGEST_SECONDS = 48 * 3_600.0;
    private static final int LOOKED_AT_FIRST = 64;
    private static final double RAW_BELOW_ZERO = 0.1;

    private final TraceUnit unit;
    private final double[] firstTimes = new double[LOOKED_AT_FIRST];
    private final double[] firstValues = new double[LOOKED_AT_FIRST];
    private int waiting;
    private double start;
    private double rate;
    private double last = Double.NEGATIVE_INFINITY;
    private long samples;
    private long belowZero;
    private Optional<MainsHum> hum = Optional.empty();
    private float[] sums = new float[1_024];
    private float[] absolute = new float[1_024];
    private int[] counts = new int[1_024];
    private int used;

    /** @param unit only microvolts that swing about zero are rectified; a pressure never is */
    public TraceBuilder(TraceUnit unit) {
        this.unit = unit;
    }

    /**
     * Adds a sample.
     *
     * @throws IllegalArgumentException if the time does not go forward, is not finite, or lies over 48 hours after the first
     */
    public void add(double seconds, double value) {
        if (!(seconds > last) || !Double.isFinite(seconds)) {
            throw new IllegalArgumentException("Time must go forward, but " + seconds + " s follows " + last + " s");
        }
        boolean tooLong = samples > 0 && seconds - (waiting > 0 && rate == 0 ? firstTimes[0] : start) > LONGEST_SECONDS;
        if (tooLong) {
            throw new IllegalArgumentException("A trace may last 48 hours, but a sample stands at " + seconds + " s");
        }
        last = seconds;
        samples++;
        if (rate > 0) {
            put(seconds, value);
            return;
        }
        firstTimes[waiting] = seconds;
        firstValues[waiting++] = value;
        if (waiting == LOOKED_AT_FIRST) {
            begin();
        }
    }

    public long samples() {
        return samples;
    }

    public double lastSeconds() {
        return last;
    }

    /** @throws IllegalArgumentException if there are fewer than two samples */
    public Trace build() {
        if (samples < 2) {
            throw new IllegalArgumentException("At least two samples are expected, but there were " + samples);
        }
        if (rate == 0) {
            begin();
        }
        boolean rectified = isRaw();
        float[] steps = new float[used];
        for (int i = 0; i < used; i++) {
            steps[i] = counts[i] == 0 ? Float.NaN : (rectified ? absolute[i] : sums[i]) / counts[i];
        }
        return new Trace(start, rate, steps, samples, rectified);
    }

    private boolean isRaw() {
        return unit == TraceUnit.UV && belowZero > RAW_BELOW_ZERO * samples;
    }

    /** Whether much of a raw signal was the hum of the mains, which is left out of it. */
    public boolean hummed() {
        return isRaw() && hum.map(MainsHum::wasThere).orElse(false);
    }

    private void begin() {
        start = firstTimes[0];
        double[] apart = new double[waiting - 1];
        for (int i = 1; i < waiting; i++) {
            apart[i - 1] = firstTimes[i] - firstTimes[i - 1];
        }
        Arrays.sort(apart);
        double perSecond = 1 / apart[apart.length / 2];
        hum = unit == TraceUnit.UV && perSecond >= MainsHum.FEWEST_A_SECOND
                ? Optional.of(new MainsHum(perSecond))
                : Optional.empty();
        rate = Math.min(MOST_STEPS_A_SECOND, perSecond);
        for (int i = 0; i < waiting; i++) {
            put(firstTimes[i], firstValues[i]);
        }
    }

    /** A hair is added so that a sample on the edge of a step falls into it whatever the rounding. */
    private void put(double seconds, double value) {
        int step = (int) Math.floor((seconds - start) * rate + 1e-6);
        if (step >= sums.length) {
            int longer = Math.max(step + 1, 2 * sums.length);
            sums = Arrays.copyOf(sums, longer);
            absolute = Arrays.copyOf(absolute, longer);
            counts = Arrays.copyOf(counts, longer);
        }
        sums[step] += (float) value;
        absolute[step] += (float) Math.abs(hum.isPresent() ? hum.get().leftOut(value) : value);
        counts[step]++;
        belowZero += value < 0 ? 1 : 0;
        used = Math.max(used, step + 1);
    }
}
