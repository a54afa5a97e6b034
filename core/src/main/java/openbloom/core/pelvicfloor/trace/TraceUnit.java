package openbloom.core.pelvicfloor.trace;

import java.util.Arrays;
import java.util.Optional;

/** What a sensor measures in. Microvolts depend on the device and are never graded. */
public enum TraceUnit {
    CMH2O("cmH2O", 2),
    UV("uV", 1);

    private final String written;
    private final double leastSqueeze;

    TraceUnit(String written, double leastSqueeze) {
        this.written = written;
        this.leastSqueeze = leastSqueeze;
    }

    /** Read as it is written, such as {@code cmH2O}; empty for anything else. */
    public static Optional<TraceUnit> parse(String written) {
        return Arrays.stream(values())
                .filter(unit -> unit.written.equalsIgnoreCase(written))
                .findFirst();
    }

    @Override
    public String toString() {
        return written;
    }

    /** Anything smaller is taken for noise; our own convention. */
    double leastSqueeze() {
        return leastSqueeze;
    }
}
