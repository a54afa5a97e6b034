package openbloom.core.gap;

import java.util.List;

/**
 * How far two readings of the same thing by the same examiner lie apart, from her duplicates (E-BA).
 *
 * @param n pairs it rests on
 * @param withinSubjectSd s_w = √(Σd²/2n), in the unit of the readings
 * @param sdOfDifferences √(Σd²/n), the differences taken about zero
 * @see RepeatabilityInUse
 */
public record Repeatability(int n, double withinSubjectSd, double sdOfDifferences) {
    /** Two readings of one person differ by less than this in 95 of 100 pairs: 1.96·√2 of s_w. */
    private static final double COVERAGE = 1.96 * Math.sqrt(2);

    /**
     * First and second reading of one person.
     *
     * @param first in mm, or in fingers where fingers were used
     * @param second of the same woman, in the same unit, within minutes
     */
    public record ReadingPair(double first, double second) {
        double squaredDifference() {
            return (first - second) * (first - second);
        }
    }

    /**
     * Pairs as they come summed up from a store.
     *
     * @param pairs how many
     * @param squares Σd², in the unit of the readings squared
     */
    public record Sums(int pairs, double squares) {
        public static final Sums NONE = new Sums(0, 0);

        public static Sums of(List<ReadingPair> pairs) {
            return new Sums(
                    pairs.size(),
                    pairs.stream().mapToDouble(ReadingPair::squaredDifference).sum());
        }

        public Sums plus(Sums more) {
            return new Sums(pairs + more.pairs, squares + more.squares);
        }
    }

    /** @throws IllegalArgumentException if there is no pair */
    public static Repeatability of(List<ReadingPair> pairs) {
        return of(Sums.of(pairs));
    }

    /** @throws IllegalArgumentException if there is no pair */
    public static Repeatability of(Sums sums) {
        if (sums.pairs() == 0) {
            throw new IllegalArgumentException("At least one pair is expected, but there was none");
        }
        int n = sums.pairs();
        return new Repeatability(n, Math.sqrt(sums.squares() / (2 * n)), Math.sqrt(sums.squares() / n));
    }

    /** The repeatability coefficient, 2.77 s_w. */
    public double coefficient() {
        return COVERAGE * withinSubjectSd;
    }
}
