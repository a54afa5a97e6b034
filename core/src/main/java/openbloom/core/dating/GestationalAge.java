package openbloom.core.dating;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How far a pregnancy is, in whole days from the first day of a 28-day cycle.
 *
 * @param days 0 to 315 (45 weeks)
 *
 * @see Dating
 * @see Comparison
 */
public record GestationalAge(int days) implements Comparable<GestationalAge> {
    public static final int LONGEST_DAYS = 315;
    private static final Pattern FORM = Pattern.compile("(\\d{1,2})w([0-6])d");

    /** @throws IllegalArgumentException outside 0 to 315 days */
    public GestationalAge {
        if (days < 0 || days > LONGEST_DAYS) {
            throw new IllegalArgumentException(
                    "Gestational age must be 0 to " + LONGEST_DAYS + " days, but was " + days);
        }
    }

    /** @throws IllegalArgumentException if days are not 0 to 6 or the whole is out of range */
    public static GestationalAge of(int weeks, int days) {
        if (days < 0 || days > 6) {
            throw new IllegalArgumentException("Days beside weeks must be 0 to 6, but were " + days);
        }
        return new GestationalAge(Math.addExact(Math.multiplyExact(weeks, 7), days));
    }

    /**
     * Reads what {@link #toString} writes, such as {@code 30w2d}.
     *
     * @throws IllegalArgumentException if the text has another form
     */
    public static GestationalAge parse(String text) {
        Matcher matcher = FORM.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException("Gestational age must look like 30w2d, but was " + text);
        }
        return of(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
    }

    public static boolean covers(long days) {
        return days >= 0 && days <= LONGEST_DAYS;
    }

    /** Completed weeks. */
    public int weeks() {
        return days / 7;
    }

    /** Days beyond the completed weeks, 0 to 6. */
    public int daysBeyond() {
        return days % 7;
    }

    public boolean isAtLeastWeeks(int weeks) {
        return weeks() >= weeks;
    }

    /** For people: {@code 30 weeks + 2}. */
    public String words() {
        return weeks() + (weeks() == 1 ? " week + " : " weeks + ") + daysBeyond();
    }

    @Override
    public int compareTo(GestationalAge other) {
        return Integer.compare(days, other.days);
    }

    @Override
    public String toString() {
        return weeks() + "w" + daysBeyond() + "d";
    }
}
