package openbloom.core.pelvicfloor.trace;

/**
 * A trace in steps of equal length, at most 50 a second, whatever rate it was sampled at. A step without a sample is NaN.
 *
 * @param startSeconds time of the first step
 * @param rate steps a second, at most 50
 * @param samples how many samples it was made from
 * @param rectified whether the samples went below zero as a raw signal does, and were rectified
 * @see TraceBuilder
 * @see TraceAnalyser
 */
public record Trace(double startSeconds, double rate, float[] steps, long samples, boolean rectified) {
    public double seconds() {
        return steps.length / rate;
    }

    /** Time of the middle of a step. */
    public double timeOf(double step) {
        return startSeconds + (step + 0.5) / rate;
    }
}
