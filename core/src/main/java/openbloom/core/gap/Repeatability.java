package openbloom.core.gap;

import java.util.List;

/**
 * How far two readings of the same thing by the same examiner lie apart, from her duplicates (E-BA).
 *
 * @param n pairs it rests on
 * @param withinSubjectSd s_w = √(Σd²/2n), in the unit of the readings
 * @param sdOfDifferences √(Σd²/n), the differences taken about zero
 */
public record Repeatability(int n, double withinSubjectSd, double sdOfDifferences) {
    /** Two readings of one person differ by less than this in 95 of 100 pairs: 1.96·√2 of s_w. */
    private static final double COVERAGE = 1.96 * Math.sqrt(2);

    /** First and second reading of one person. */
    public record Pair(double first, double second) {
        double squaredDifference() {
            return (first - second) * (first - second);
        }
    }

    /** @throws IllegalArgumentException if there is no pair */
    public static Repeatability of(List<Pair> pairs) {
        if (pairs.isEmpty()) {
            throw new IllegalArgumentException("At least one pair is expected, but there was none");
        }
        double sum = pairs.stream().mapToDouble(Pair::squaredDifference).sum();
        int n = pairs.size();
        return new Repeatability(n, Math.sqrt(sum / (2 * n)), Math.sqrt(sum / n));
    }

    /** The repeatability coefficient, 2.77 s_w. */
    public double coefficient() {
        return COVERAGE * withinSubjectSd;
    }
}
