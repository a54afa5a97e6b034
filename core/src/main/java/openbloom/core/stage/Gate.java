package openbloom.core.stage;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import openbloom.core.Days;

/**
 * One condition, whether it is met, and what says so.
 *
 * @param detail the reading and its date in words, or what is missing
 * @param earliestDate the first day on which a time-based condition is met
 * @see Recovery
 */
public record Gate(GateKind kind, boolean met, String detail, Optional<LocalDate> earliestDate) {
    /** {@code needs a closed wound; so far: not known}; {@code …; so far: 7 of 12 weeks, from 3 Jan 2027}. */
    public String words() {
        String from =
                met ? "" : earliestDate.map(day -> ", from " + Days.words(day)).orElse("");
        return "needs " + kind.words() + "; so far: " + detail + from;
    }

    public static Gate of(GateKind gate, boolean met, String detail) {
        return new Gate(gate, met, detail, Optional.empty());
    }

    /** A condition of time: what has passed on a day, and how much has to. */
    public static Gate since(GateKind gate, LocalDate since, LocalDate earliest, LocalDate day) {
        boolean met = !day.isBefore(earliest);
        String passed = span(Math.max(0, ChronoUnit.DAYS.between(since, day)));
        String needed = span(ChronoUnit.DAYS.between(since, earliest));
        return new Gate(
                gate,
                met,
                met ? passed + "; " + needed + " are needed" : ofNeeded(passed, needed),
                Optional.of(earliest));
    }

    /** {@code 7 of 12 weeks}, {@code 5 days of 2 weeks}. */
    private static String ofNeeded(String passed, String needed) {
        return passed.endsWith(" weeks") ? passed.replace(" weeks", "") + " of " + needed : passed + " of " + needed;
    }

    private static String span(long days) {
        return days < 14 ? days + (days == 1 ? " day" : " days") : days / 7 + " weeks";
    }

    public static Gate from(GateKind gate, LocalDate earliest, LocalDate day, String detail) {
        return new Gate(gate, !day.isBefore(earliest), detail, Optional.of(earliest));
    }
}
