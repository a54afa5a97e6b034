package openbloom.core.dating;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import openbloom.core.Problem;
import openbloom.core.evidence.Published;

/**
 * What is known about when a pregnancy began, before any ultrasound. Always counted in days, never by calendar months.
 *
 * @see Dating
 */
public sealed interface Statement {
    int SHORTEST_CYCLE_DAYS = 20;
    int LONGEST_CYCLE_DAYS = 45;
    int OLDEST_EMBRYO_DAYS = 7;

    LocalDate dueDate();

    DatingBasis basis();

    /** The date that was given, the name of its field, and everything wrong with the rest of the statement. */
    LocalDate given();

    String field();

    default List<Problem> problems() {
        return List.of();
    }

    /** First day of the last period; {@code cycleLengthDays} 20 to 45. */
    record LastPeriod(LocalDate given, int cycleLengthDays) implements Statement {
        @Override
        public LocalDate dueDate() {
            int laterBy = cycleLengthDays - Published.USUAL_CYCLE.amount();
            return given.plusDays(Published.PREGNANCY_FROM_LAST_PERIOD.days() + (long) laterBy);
        }

        @Override
        public DatingBasis basis() {
            return DatingBasis.LAST_PERIOD;
        }

        @Override
        public String field() {
            return "lastPeriod";
        }

        @Override
        public List<Problem> problems() {
            boolean plausible = cycleLengthDays >= SHORTEST_CYCLE_DAYS && cycleLengthDays <= LONGEST_CYCLE_DAYS;
            return plausible
                    ? List.of()
                    : List.of(Problem.of(
                            "cycleLengthDays",
                            "dating.cycle",
                            SHORTEST_CYCLE_DAYS,
                            LONGEST_CYCLE_DAYS,
                            cycleLengthDays));
        }
    }

    /** A known day of conception. */
    record Conception(LocalDate given) implements Statement {
        @Override
        public LocalDate dueDate() {
            return given.plusDays(Published.PREGNANCY_FROM_CONCEPTION.days());
        }

        @Override
        public DatingBasis basis() {
            return DatingBasis.CONCEPTION;
        }

        @Override
        public String field() {
            return "conception";
        }
    }

    /** Transfer of an embryo aged {@code embryoAgeDays}, 1 to 7. */
    record Transfer(LocalDate given, int embryoAgeDays) implements Statement {
        @Override
        public LocalDate dueDate() {
            return given.plusDays(Published.PREGNANCY_FROM_CONCEPTION.days() - (long) embryoAgeDays);
        }

        @Override
        public DatingBasis basis() {
            return DatingBasis.TRANSFER;
        }

        @Override
        public String field() {
            return "transfer";
        }

        @Override
        public List<Problem> problems() {
            List<Problem> problems = new ArrayList<>();
            if (embryoAgeDays < 1 || embryoAgeDays > OLDEST_EMBRYO_DAYS) {
                problems.add(Problem.of("embryoAgeDays", "dating.embryo", OLDEST_EMBRYO_DAYS, embryoAgeDays));
            }
            return problems;
        }
    }

    /** The due date she was told; whatever it rests on has been settled elsewhere, so a scan does not move it. */
    record DueDate(LocalDate given) implements Statement {
        @Override
        public LocalDate dueDate() {
            return given;
        }

        @Override
        public DatingBasis basis() {
            return DatingBasis.STATED;
        }

        @Override
        public String field() {
            return "dueDate";
        }
    }

    /** A scan and nothing else: how far she was by it on its day. */
    record Scan(LocalDate given, GestationalAge reads) implements Statement {
        @Override
        public LocalDate dueDate() {
            return given.minusDays(reads.days()).plusDays(Published.PREGNANCY_FROM_LAST_PERIOD.days());
        }

        @Override
        public DatingBasis basis() {
            return DatingBasis.ULTRASOUND;
        }

        @Override
        public String field() {
            return "scanDate";
        }
    }

    /** How far she said she was on a day; whatever it rests on has been settled elsewhere. */
    record WeeksTold(LocalDate given, GestationalAge age) implements Statement {
        @Override
        public LocalDate dueDate() {
            return given.minusDays(age.days()).plusDays(Published.PREGNANCY_FROM_LAST_PERIOD.days());
        }

        @Override
        public DatingBasis basis() {
            return DatingBasis.STATED;
        }

        @Override
        public String field() {
            return "statedOn";
        }
    }
}
