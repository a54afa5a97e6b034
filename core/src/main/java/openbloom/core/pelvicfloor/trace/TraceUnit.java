package openbloom.core.pelvicfloor.trace;

import java.util.Arrays;
import java.util.Optional;

/**
 * What a sensor measures in. Microvolts depend on the device and are never graded.
 *
 * @see TraceAnalyser
 * @see TraceBuilder
 */
public enum TraceUnit {
    CMH2O("cmH2O", "cmH₂O", 2, 500),
    UV("uV", "µV", 1, 20_000);

    private final String written;
    private final String words;
    private final double leastSqueeze;
    private final double most;

    TraceUnit(String written, String words, double leastSqueeze, double most) {
        this.written = written;
        this.words = words;
        this.leastSqueeze = leastSqueeze;
        this.most = most;
    }

    /** Read as it is written, such as {@code cmH2O}; empty for anything else. */
    public static Optional<TraceUnit> parse(String written) {
        return Arrays.stream(values())
                .filter(unit -> unit.written.equalsIgnoreCase(written))
                .findFirst();
    }

    /** As it is shown, such as {@code cmH₂O}. */
    public String words() {
        return words;
    }

    @Override
    public String toString() {
        return written;
    }

    /** Whether a body can give such a value: no pelvic floor and no belly presses with 500 cmH₂O; our own convention. */
    public boolean canBe(double value) {
        return Math.abs(value) <= most;
    }

    /** Anything smaller is taken for noise; our own convention. */
    double leastSqueeze() {
        return leastSqueeze;
    }
}
