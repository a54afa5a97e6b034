package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.Problem;

/**
 * How a session is laid out.
 *
 * @param rounds 1 to 6: how often the moves are gone through in {@link FormatKind#ROUNDS} and {@link FormatKind#INTERVALS}
 * @param workSeconds 10 to 300 of a move in {@link FormatKind#INTERVALS}
 * @param restSeconds 5 to 120 to change to the next
 */
public record Format(FormatKind kind, int rounds, int workSeconds, int restSeconds) {
    public static final int MOST_ROUNDS = 6;
    public static final int SHORTEST_WORK = 10;
    public static final int LONGEST_WORK = 300;
    public static final int SHORTEST_REST = 5;
    public static final int LONGEST_REST = 120;

    /** The kinds of session. */
    public enum FormatKind {
        SETS("sets, one move after the other"),
        ROUNDS("rounds: a few moves, gone through again"),
        INTERVALS("intervals by the clock"),
        ONE_SIDE_THEN_THE_OTHER("all on one side, then the same on the other"),
        BREATH_AND_FLOOR("breath and pelvic floor"),
        MOBILITY("hips and back"),
        FIVE_MINUTES("five minutes"),
        GYM_CARD("gym card: her usual moves, as they are today");

        private final String words;

        FormatKind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Moves in sets; short ones as five minutes. */
    public static Format usual(int minutes) {
        return of(minutes <= SessionRequest.FIVE_MINUTES_UP_TO ? FormatKind.FIVE_MINUTES : FormatKind.SETS);
    }

    /** A kind with its usual numbers: two rounds, 50 s of work and 10 s to change (P-INT-1). */
    public static Format of(FormatKind kind) {
        return new Format(kind, kind == FormatKind.ROUNDS ? 2 : 1, 50, 10);
    }

    /** What makes no sense in it. */
    List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        range(problems, "rounds", rounds, 1, MOST_ROUNDS);
        range(problems, "workSeconds", workSeconds, SHORTEST_WORK, LONGEST_WORK);
        range(problems, "restSeconds", restSeconds, SHORTEST_REST, LONGEST_REST);
        return problems;
    }

    private static void range(List<Problem> problems, String field, int value, int least, int most) {
        if (value < least || value > most) {
            problems.add(Problem.of("format." + field, "session.range", least, most, value));
        }
    }

    boolean is(FormatKind other) {
        return kind == other;
    }

    /** How often the whole sequence of work is gone through. */
    int passes() {
        return switch (kind) {
            case ROUNDS, INTERVALS -> rounds;
            case ONE_SIDE_THEN_THE_OTHER -> 2;
            default -> 1;
        };
    }
}
