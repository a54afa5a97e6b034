package openbloom.core.gap;

import java.util.Optional;

/**
 * What became of a width between two checks, and what that is worth.
 *
 * @param amount later less earlier, in the unit of the method; 0 when not comparable
 * @param sum the calculation behind the answer, or why there is none
 * @see Measured
 * @see RepeatabilityInUse
 */
public record GapChange(Significance worth, double amount, String words, String sum) {
    /** What a change is worth. */
    public enum Significance {
        REAL_CHANGE("real change"),
        WITHIN_REPEATABILITY("no change we can be sure of"),
        NOT_COMPARABLE("not comparable");

        private final String words;

        Significance(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Empty unless both checks read the spot in the state. */
    public static Optional<GapChange> between(
            Measured before, Measured after, Spot spot, GapState state, RepeatabilityInUse repeatability) {
        return before.amount(spot, state)
                .flatMap(from -> after.amount(spot, state).map(to -> worth(before, after, to - from, repeatability)));
    }

    private static GapChange worth(Measured before, Measured after, double amount, RepeatabilityInUse repeatability) {
        if (!before.isComparableWith(after)) {
            return notComparable(before, after);
        }
        Method method = after.method();
        String words = amount == 0 ? "same width" : method.words(amount) + (amount < 0 ? " narrower" : " wider");
        boolean real = repeatability.isReal(amount);
        String sum = RepeatabilityInUse.number(Math.abs(amount)) + " less half a step ("
                + RepeatabilityInUse.number(repeatability.halfAStep()) + ") is " + (real ? "more" : "not more")
                + " than " + method.meanWords(repeatability.coefficient()) + ": "
                + repeatability.basis();
        return new GapChange(real ? Significance.REAL_CHANGE : Significance.WITHIN_REPEATABILITY, amount, words, sum);
    }

    private static GapChange notComparable(Measured before, Measured after) {
        String why = before.method() == after.method()
                ? "read by " + before.by().name() + " then and by " + after.by().name()
                        + " now: fingers and hands differ"
                : "read with " + before.method().words() + " then and with "
                        + after.method().words() + " now: two methods are never joined";
        return new GapChange(Significance.NOT_COMPARABLE, 0, "not comparable", why);
    }
}
