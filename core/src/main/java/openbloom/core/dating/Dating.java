package openbloom.core.dating;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.evidence.Published;

/**
 * A pregnancy's due date and what it rests on.
 *
 * @param scan the ultrasound held against the date, if one was given
 * @param redated whether that ultrasound replaced the date
 * @see Comparison
 */
public record Dating(LocalDate dueDate, DatingBasis basis, Optional<Comparison> scan, boolean redated) {

    /** A due date taken as told. */
    public static Dating stated(LocalDate dueDate) {
        return new Dating(dueDate, DatingBasis.STATED, Optional.empty(), false);
    }

    /**
     * Works out the due date.
     *
     * <p>An ultrasound replaces the date only when it differs by more than the threshold of E-REDATE; never after an
     * embryo transfer, and never a date that was only told, which may rest on a scan already.
     *
     * @param onDate the day it is worked out; nothing given may lie after it but the due date
     * @return the dating, or a problem beside each field that makes no sense
     */
    public static Outcome<Dating> from(Statement statement, Optional<Ultrasound> scan, LocalDate onDate) {
        List<Problem> problems = new ArrayList<>(statement.problems());
        Dating first = new Dating(statement.dueDate(), statement.basis(), Optional.empty(), false);
        first.problemWith(statement, onDate).ifPresent(problems::add);
        scan.flatMap(given -> first.problemWith(given, onDate)).ifPresent(problems::add);
        if (!problems.isEmpty()) {
            return new Outcome.Refused<>(problems);
        }
        return Outcome.accepted(scan.map(first::heldAgainst).orElse(first));
    }

    private Optional<Problem> problemWith(Statement statement, LocalDate onDate) {
        boolean isDueDate = statement instanceof Statement.DueDate;
        if (!isDueDate && statement.given().isAfter(onDate)) {
            return Optional.of(Problem.of(statement.field(), "dating.future", statement.given()));
        }
        long days = daysOn(onDate);
        if (days < 0) {
            long weeksAway = ChronoUnit.DAYS.between(onDate, dueDate) / 7;
            return Optional.of(Problem.of(statement.field(), "dating.tooFarAhead", dueDate, weeksAway));
        }
        return GestationalAge.covers(days)
                ? Optional.empty()
                : Optional.of(
                        Problem.of(statement.field(), "dating.tooLongAgo", days / 7, GestationalAge.LONGEST_DAYS / 7));
    }

    private Optional<Problem> problemWith(Ultrasound given, LocalDate onDate) {
        if (given.date().isAfter(onDate)) {
            return Optional.of(Problem.of("ultrasound.date", "dating.future", given.date()));
        }
        return given.date().isBefore(firstDay()) || ageOn(given.date()).isEmpty()
                ? Optional.of(Problem.of("ultrasound.date", "dating.scanBeforePeriod", given.date(), firstDay()))
                : Optional.empty();
    }

    private Dating heldAgainst(Ultrasound given) {
        Comparison comparison = Comparison.between(this, given);
        boolean mayReplace = basis == DatingBasis.LAST_PERIOD || basis == DatingBasis.CONCEPTION;
        if (!mayReplace || !comparison.isBeyondThreshold()) {
            return new Dating(dueDate, basis, Optional.of(comparison), false);
        }
        LocalDate byScan = given.firstDay().plusDays(Published.PREGNANCY_FROM_LAST_PERIOD.days());
        return new Dating(byScan, DatingBasis.ULTRASOUND, Optional.of(comparison), true);
    }

    /** The day that counts as 0w0d. */
    public LocalDate firstDay() {
        return dueDate.minusDays(Published.PREGNANCY_FROM_LAST_PERIOD.days());
    }

    /** How far she is on a day; empty before 0w0d and after 45w0d. */
    public Optional<GestationalAge> ageOn(LocalDate date) {
        long days = daysOn(date);
        return GestationalAge.covers(days) ? Optional.of(new GestationalAge((int) days)) : Optional.empty();
    }

    /** The day on which she is so many completed weeks. */
    public LocalDate dayOfWeek(int weeks) {
        return firstDay().plusWeeks(weeks);
    }

    private long daysOn(LocalDate date) {
        return ChronoUnit.DAYS.between(firstDay(), date);
    }
}
