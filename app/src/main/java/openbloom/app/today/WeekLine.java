package openbloom.app.today;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import openbloom.core.Days;

/**
 * One thing a week holds for one woman on one day.
 *
 * @param what in words
 * @param path where it is seen to, after the address of the woman
 */
record WeekLine(LocalDate date, long womanId, String name, String what, String path) {
    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEEE", Locale.UK);

    /** {@code Friday 4 Dec 2026}. */
    public String day() {
        return WEEKDAY.format(date) + " " + Days.words(date);
    }
}
