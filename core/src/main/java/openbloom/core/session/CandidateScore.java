package openbloom.core.session;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a move is worth in a session, in parts; the sum is its worth with one set. The weights are ours and untested: they
 * stand in one table here, and {@code docs/sessions.md} shows what doubling each does.
 *
 * @param aims 30, 20 or 10 for a strand that her first, second or third aim wants
 * @param due 15 where a wanted strand was done less than twice in seven days
 * @param lately −5 for each of the last three sessions that had it
 * @param working 12 for her working rung, 6 less for each rung below
 * @param weaker 6 for a weaker side or area
 * @param pinned 1000 for what the instructor pinned, 200 for what she does anyway and for the prescribed floor set where a goal
 *     asks for it, 150 for the best exercise of a group that her block plans for the day
 * @param again −10 for each exercise of its group that is wanted more, down to −40, but for mobility where ease is the goal: another
 *     set before another of the same
 * @param changes −3 new to her, −2 adjusted, −4 swapped
 * @see Candidates
 * @see Pick
 */
public record CandidateScore(
        int aims, int due, int lately, int working, int weaker, int pinned, int again, int changes) {
    public static final CandidateScore NONE = new CandidateScore(0, 0, 0, 0, 0, 0, 0, 0);

    static final List<Integer> AIMS = List.of(30, 20, 10);
    static final int DUE = 15;
    static final int LATELY = -5;
    static final int WORKING = 12;
    static final int BELOW = 6;
    static final int WEAKER = 6;
    static final int PINNED = 1000;
    static final int USUAL = 200;
    static final int PLANNED = 150;
    static final int AGAIN = -10;
    static final int MOST_AGAIN = 4;
    static final int NEW = -3;
    static final int ADJUST = -2;
    static final int SWAP = -4;
    static final int CHANGE_OF_KIT = -2;
    static final int VISIT = -16;
    static final int UP_OR_DOWN = -12;
    static final int TEN_SECONDS_SHORT = -4;

    /** Scores are whole numbers of quarters, so that sets of 1, 1.5 and 1.75 stay whole. */
    static final int QUARTERS = 4;

    public int total() {
        return aims + due + lately + working + weaker + pinned + again + changes;
    }

    /** The same for what her block plans for the day. */
    CandidateScore planned() {
        return new CandidateScore(aims, due, lately, working, weaker, Math.max(pinned, PLANNED), again, changes);
    }

    /** The same beside so many of its group that are wanted more. */
    CandidateScore after(int others) {
        return new CandidateScore(
                aims, due, lately, working, weaker, pinned, AGAIN * Math.min(MOST_AGAIN, others), changes);
    }

    /** In quarters: one set counts 1, two 1.5, three 1.75; more count no more. */
    public int quarters(int sets) {
        return total() * (sets <= 1 ? 4 : sets == 2 ? 6 : 7);
    }

    /** What speaks for it, then what speaks against it: {@code a goal of hers, a weaker side. Against it: done lately}. */
    public String words() {
        String level = working == WORKING ? "the level she works on" : "a level below";
        String wanted =
                pinned == PINNED ? "always included" : pinned == USUAL ? "hers in any case" : "planned for today";
        Map<String, Integer> parts = new LinkedHashMap<>();
        parts.put("a goal of hers", aims);
        parts.put("due this week", due);
        parts.put("done lately", lately);
        parts.put(level, working);
        parts.put("a weaker side", weaker);
        parts.put(wanted, pinned);
        parts.put("others of its kind come first", again);
        parts.put(changed(), changes);
        String speaksFor = told(parts, part -> part > 0);
        String against = told(parts, part -> part < 0);
        return (speaksFor.isEmpty() ? "rounds out the session" : speaksFor)
                + (against.isEmpty() ? "" : ". Against it: " + against);
    }

    /** What she has not done as it is written. */
    private String changed() {
        boolean isNew = changes != ADJUST && changes != SWAP;
        int other = isNew ? changes - NEW : changes;
        return Stream.of(isNew ? "new to her" : "", other == ADJUST ? "adjusted" : other == SWAP ? "swapped" : "")
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" and "));
    }

    private static String told(Map<String, Integer> parts, IntPredicate which) {
        return parts.entrySet().stream()
                .filter(part -> which.test(part.getValue()))
                .map(Map.Entry::getKey)
                .collect(Collectors.joining(", "));
    }
}
