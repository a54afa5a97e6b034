package openbloom.core.record;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.Problem;
import openbloom.core.dating.Dating;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/**
 * What cannot be true of one woman at once, whoever tells it: a form, a spreadsheet or another program. Each says it at its own
 * field, in the same words.
 *
 * @see InputRanges
 * @see Background
 */
public final class Contradictions {
    private Contradictions() {}

    /** A birth there was, and no births. How many is not asked contradicts nothing. */
    public static List<Problem> births(String field, OptionalInt births) {
        return births.isPresent() && births.getAsInt() == 0
                ? List.of(Problem.of(field, "intake.birthsAfterBirth"))
                : List.of();
    }

    /** A tear that this kind of birth does not have. */
    public static List<Problem> tear(String field, BirthKind kind, Tear tear) {
        return kind.allows(tear) ? List.of() : List.of(Problem.of(field, "intake.tearWithCaesarean"));
    }

    /** A clearance for a condition that she is not told to have. */
    public static List<Problem> clearedFor(String field, Set<Condition> named, Set<Condition> has) {
        return named.stream()
                .filter(condition -> !has.contains(condition))
                .sorted()
                .map(condition -> Problem.of(field, "intake.clearedFor", condition.words()))
                .toList();
    }

    /** When she leaks with effort, without leaking with effort. */
    public static List<Problem> leaksWhen(String field, Set<LeakWhen> when, Set<Symptom> symptoms) {
        return when.isEmpty() || symptoms.contains(Symptom.LEAK_WITH_EFFORT)
                ? List.of()
                : List.of(Problem.of(field, "safe.leaksWhen"));
    }

    /** A pregnancy that had begun before the latest birth. */
    public static List<Problem> pregnantAtBirth(String field, LocalDate birth, LocalDate dueDate) {
        return Dating.stated(dueDate).firstDay().isBefore(birth)
                ? List.of(Problem.of(field, "api.pregnantAtBirth", birth))
                : List.of();
    }
}
