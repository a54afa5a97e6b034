package openbloom.core;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How a day is written for people: {@code 14 Mar 2027}. */
public final class Days {
    private static final DateTimeFormatter WORDS = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private Days() {}

    public static String words(LocalDate day) {
        return WORDS.format(day);
    }
}
