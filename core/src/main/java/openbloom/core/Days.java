package openbloom.core;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How a day is written for people: {@code 14 Mar 2027}, or where the year is plain {@code 14 Mar}. */
public final class Days {
    private static final DateTimeFormatter WORDS = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private static final DateTimeFormatter DAY_AND_MONTH = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEE", Locale.ENGLISH);

    private Days() {}

    public static String words(LocalDate day) {
        return WORDS.format(day);
    }

    /** {@code 3 Jun 2027 to 1 Jul 2027}; one day where both are the same. */
    public static String range(LocalDate from, LocalDate to) {
        return from.equals(to) ? words(to) : words(from) + " to " + words(to);
    }

    public static String dayAndMonth(LocalDate day) {
        return DAY_AND_MONTH.format(day);
    }

    /** {@code Mon}. */
    public static String weekday(LocalDate day) {
        return WEEKDAY.format(day);
    }
}
