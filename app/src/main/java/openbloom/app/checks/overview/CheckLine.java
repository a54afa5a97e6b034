package openbloom.app.checks.overview;

import java.time.LocalDate;
import openbloom.core.Days;

/**
 * One check in the history.
 *
 * @param correct where it is corrected
 * @param corrected why and by whom it was corrected; empty if it never was
 * @param twice what a blind second reading said; empty if there was none
 */
public record CheckLine(
        LocalDate date, String kind, String words, String by, String correct, String corrected, String twice) {
    public String day() {
        return Days.words(date);
    }
}
