package openbloom.core.pelvicfloor.trace;

import java.util.OptionalDouble;

/**
 * A squeeze found on a trace; whether it was a lift or straining down a trace cannot tell.
 *
 * @param start s, where it passes half of its first level
 * @param end s, where it passes half of its last level
 * @param mean mean level above rest between them
 * @param amplitude highest level above rest
 * @param riseSeconds from a tenth to nine tenths of the amplitude
 * @param returnSeconds from its end until it has let go to a fifth of the amplitude; empty if it never does before the next
 * @param faded s after its start at which it has fallen by the convention's share; empty if it has not
 * @see TraceFindings
 * @see TraceAnalyser
 */
public record Contraction(
        boolean hold,
        double start,
        double end,
        double mean,
        double amplitude,
        double riseSeconds,
        OptionalDouble returnSeconds,
        OptionalDouble faded) {
    public double seconds() {
        return end - start;
    }

    /** How long it was held before it faded or ended. */
    public double enduredSeconds() {
        return faded.orElse(seconds());
    }
}
