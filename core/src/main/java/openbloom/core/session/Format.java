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
        SETS("sets, one exercise after the other", new InSets()),
        ROUNDS("rounds: a few exercises, gone through again", new InRounds()),
        INTERVALS("intervals by the clock", new ByTheClock()),
        ONE_SIDE_THEN_THE_OTHER("all on one side, then the same on the other", new OneSideThenTheOther()),
        BREATH_AND_FLOOR("breath and pelvic floor", new BreathAndFloor()),
        MOBILITY("hips and back", new HipsAndBack()),
        FIVE_MINUTES("five minutes", new FiveMinutes()),
        GYM_CARD("gym card: her usual exercises, as they are today", new GymCard());

        private final String words;
        private final FormatRules rules;

        FormatKind(String words, FormatRules rules) {
            this.words = words;
            this.rules = rules;
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

    /** What it asks. */
    FormatRules rules() {
        return kind.rules;
    }

    /** How often she goes through the positions of the work. */
    int passes() {
        return rules().passes(this);
    }
}
