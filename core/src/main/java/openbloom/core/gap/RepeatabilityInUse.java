package openbloom.core.gap;

import java.util.Locale;
import openbloom.core.evidence.Published;

/**
 * The repeatability a comparison rests on, in the unit of the method, and where it comes from: the examiner's own
 * duplicates, the studio's while hers are few, and a stated working value of one finger while the studio's are few too.
 *
 * @param sites over how many sites a reading is the mean; 1 for a reading of one site
 * @param coefficient two readings of one woman differ by less in 95 of 100 pairs; never below one step of the reading
 * @param basis where it comes from, in words
 * @see GapChange
 * @see Outlook
 */
public record RepeatabilityInUse(Method method, int sites, double coefficient, String basis) {
    private static final int FEWEST = Published.DUPLICATE_PAIRS.amount();

    /**
     * @param hers the examiner's duplicates by this method, in its unit
     * @param studios the duplicates of everybody in the studio by this method, hers among them
     */
    public static RepeatabilityInUse of(Method method, Repeatability.Sums hers, Repeatability.Sums studios) {
        return ofMeans(method, 1, hers, studios);
    }

    /**
     * The same for means over several sites; while there are few duplicates, the working value is one finger over the root
     * of their number.
     *
     * @param sites over how many sites the means are, 1 or more
     */
    public static RepeatabilityInUse ofMeans(
            Method method, int sites, Repeatability.Sums hers, Repeatability.Sums studios) {
        if (hers.pairs() >= FEWEST) {
            return from(
                    method, sites, Repeatability.of(hers), "from " + hers.pairs() + " sites this examiner read twice");
        }
        if (studios.pairs() >= FEWEST) {
            String why = "from " + studios.pairs() + " sites read twice in the studio (this examiner: " + hers.pairs()
                    + " of " + FEWEST + " so far)";
            return from(method, sites, Repeatability.of(studios), why);
        }
        String why = "a working value of one finger until there are " + FEWEST
                + " sites were read twice (this examiner: " + hers.pairs() + ", the studio: " + studios.pairs() + ")";
        return new RepeatabilityInUse(method, sites, method.oneFinger() / Math.sqrt(sites), why);
    }

    private static RepeatabilityInUse from(Method method, int sites, Repeatability found, String pairs) {
        String sum = String.format(
                Locale.ROOT, "2.77 times a spread of %.2f %s, %s", found.withinSubjectSd(), method.unit(), pairs);
        return new RepeatabilityInUse(method, sites, Math.max(method.step() / sites, found.coefficient()), sum);
    }

    /**
     * Whether a difference of two readings is a real change. Readings come in steps, so half a step is taken off first;
     * without that, rounding alone would claim too much.
     */
    public boolean isReal(double difference) {
        return Math.abs(difference) - halfAStep() > coefficient;
    }

    double halfAStep() {
        return method.step() / sites / 2;
    }

    /** {@code ± 1.39 fingers (2.77 times a spread of 0.50 fingers, from 12 sites this examiner read twice)}. */
    public String words() {
        return String.format(Locale.ROOT, "± %s %s (%s)", number(coefficient), method.unit(), basis);
    }

    static String number(double amount) {
        String text = String.format(Locale.ROOT, "%.2f", amount);
        return text.contains(".") ? text.replaceFirst("\\.?0+$", "") : text;
    }
}
