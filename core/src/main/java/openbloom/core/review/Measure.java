package openbloom.core.review;

/**
 * One thing measured before and after.
 *
 * @param sum the sum that led to the verdict, in words
 */
public record Measure(String what, String before, String after, MeasureVerdict verdict, String sum) {
    /** What a difference is worth. */
    public enum MeasureVerdict {
        REAL_CHANGE("real change"),
        WITHIN_REPEATABILITY("within repeatability"),
        NOT_COMPARABLE("not comparable");

        private final String words;

        MeasureVerdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
