package openbloom.core.gap;

import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A spot on the midline where the gap is read: a site with its distance from the navel. Spots are data: every school has
 * its own, and an instructor may choose others. Ordered from the breastbone down.
 *
 * @param offsetMm distance from the navel along the midline, 0 to 300 mm
 *
 * @see School
 * @see GapCheck
 */
public record Spot(Site site, int offsetMm) implements Comparable<Spot> {
    public static final int FURTHEST_MM = 300;

    /** Spots that one check may read. */
    public static final int MOST_IN_A_CHECK = 8;

    private static final Pattern WRITTEN = Pattern.compile("([A-Z]+)-(\\d{1,3})");

    /** @throws IllegalArgumentException if the distance is outside 0 to 300 mm */
    public Spot {
        if (offsetMm < 0 || offsetMm > FURTHEST_MM) {
            throw new IllegalArgumentException(
                    "Site must be 0 to " + FURTHEST_MM + " mm from the navel, but was " + offsetMm);
        }
    }

    public static Spot usual(Site site) {
        return new Spot(site, site.usualOffsetMm());
    }

    /**
     * Reads what {@link #toString} writes, such as {@code ABOVE-45}.
     *
     * @throws IllegalArgumentException if the text has another form, or the site or distance makes no sense
     */
    public static Spot parse(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw new IllegalArgumentException("A spot such as ABOVE-45 is expected, but there was " + text);
        }
        return new Spot(Site.valueOf(written.group(1)), Integer.parseInt(written.group(2)));
    }

    /** {@code ABOVE-45}. */
    @Override
    public String toString() {
        return site + "-" + offsetMm;
    }

    /** Distance above the navel; below it is negative. */
    public int upMm() {
        return site == Site.BELOW ? -offsetMm : offsetMm;
    }

    /** {@code 45 mm above the navel}. */
    public String words() {
        boolean needsDistance = site == Site.ABOVE || site == Site.BELOW;
        return needsDistance ? offsetMm + " mm " + site.words() : site.words();
    }

    public static List<Spot> everyday() {
        return Site.EVERYDAY.stream().map(Spot::usual).toList();
    }

    @Override
    public int compareTo(Spot other) {
        return Comparator.comparingInt((Spot spot) -> -spot.upMm())
                .thenComparing(Spot::site)
                .compare(this, other);
    }
}
