package openbloom.core.review;

import java.util.Optional;

/**
 * One thing measured before and after.
 *
 * @param sum the sum that led to the verdict, in words
 * @param scale the numbers behind it; empty where there are none on one scale
 * @see OutcomeMeasures
 * @see ProgramReview
 */
public record Measure(
        String what, String before, String after, MeasureVerdict verdict, String sum, Optional<MeasureScale> scale) {
    /** Nothing to be put on a scale. */
    public Measure(String what, String before, String after, MeasureVerdict verdict, String sum) {
        this(what, before, after, verdict, sum, Optional.empty());
    }

    /**
     * Numbers on one scale.
     *
     * @param repeatability by how much two readings of the same may differ, at least 0
     */
    public record MeasureScale(double before, double after, double repeatability) {}

    /** What a difference is worth. */
    public enum MeasureVerdict {
        REAL_CHANGE("real change"),
        WITHIN_REPEATABILITY("no change we can be sure of"),
        NOT_COMPARABLE("not comparable"),
        /** Counted against what was planned; nothing was measured twice. */
        COUNTED("counted");

        private final String words;

        MeasureVerdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
