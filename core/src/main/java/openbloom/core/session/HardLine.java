package openbloom.core.session;

import openbloom.core.evidence.Published;
import openbloom.core.moves.Move;

/**
 * The hard lines of a session, each in one place: composing keeps them, the editor holds against a change what can be read off
 * it, and {@code docs/sessions.md} lists them in these words. Numbers are common practice, no source, but for the time on the back.
 *
 * @see BrokenLines
 * @see Composer
 */
public enum HardLine {
    WHAT_PASSES("only what passes for her, changed only in ways the exercise can take"),
    TIME("at most 105 % of the time asked for"),
    SIDES("both sides equal, the weaker first"),
    EXERCISES(
            "at most half as many exercises of work as minutes and 20 in all; 6 in rounds, 20 by the clock, 2 to 6 in five to ten"
                    + " minutes"),
    NEW_TO_HER(
            "at most 3 new to her, breath, easy mobility and loads of 1 not counted; in a first session 5 up to 20 minutes, else 8"),
    LIGHT_FIRST("the first work is light: midline load 2 at most"),
    IMPACT_EARLY("impact only in the first half, where she begins upright"),
    WRISTS("at most 2 exercises on the wrists one after the other"),
    ON_THE_BACK(Published.said(
            "at most {} minutes on the back at a stretch while that time is limited", Published.SUPINE_BOUT)),
    FULL_SUPPORT("a full front support is held for 60 s at most"),
    ONE_FRONT_SUPPORT("one front support a session while she is pregnant"),
    FLOOR_LIFTS("one prescribed set of pelvic floor lifts, never more than prescribed for the day"),
    TIGHT_FLOOR("a floor that has to let go: at least 45 % of the time for breath and release, and never a lift"),
    ONE_VISIT(
            "a part of the work visits each family of positions once, by rising load; what opposes stands beside each other where that makes a"
                    + " difference of 1 at most"),
    WHILE_HEALING("20 minutes at most in the first weeks after a birth, until her clinician has seen her");

    /** Of the time asked for. */
    static final double LONGEST_SHARE = 1.05;

    static final int MOST_EXERCISES = 20;
    static final int MINUTES_AN_EXERCISE = 2;
    static final int MOST_IN_ROUNDS = 6;
    static final int MOST_BY_THE_CLOCK = 20;
    static final int FEWEST_IN_FIVE_MINUTES = 2;
    static final int MOST_IN_FIVE_MINUTES = 5;
    static final int MOST_NEW = 3;
    static final int MOST_NEW_IN_A_FIRST = 8;
    static final int MOST_NEW_IN_A_SHORT_FIRST = 5;
    static final int SHORT_FIRST_MINUTES = 20;
    static final int LIGHT = 2;
    public static final int MOST_ON_THE_WRISTS = 2;
    static final int ON_THE_BACK_SECONDS = 60 * Published.SUPINE_BOUT.amount();
    static final int FULL_SUPPORT_SECONDS = 60;

    /** Of the working time: breath and release. */
    public static final double LETTING_GO_SHARE = 0.45;

    /** For a floor and a belly that are healing, pages offer no more. */
    public static final int HEALING_MINUTES = 20;

    private final String words;

    HardLine(String words) {
        this.words = words;
    }

    /** As a clause, without a capital or a full stop. */
    public String words() {
        return words;
    }

    /** As a sentence. */
    public String sentence() {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }

    /** How many of them may be new to her. */
    static int mostNew(boolean isFirst, int minutes) {
        if (!isFirst) {
            return MOST_NEW;
        }
        return minutes <= SHORT_FIRST_MINUTES ? MOST_NEW_IN_A_SHORT_FIRST : MOST_NEW_IN_A_FIRST;
    }

    static boolean isLight(Move move) {
        return move.demands().midlineLoad() <= LIGHT;
    }
}
