package openbloom.core.session;

import java.util.List;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.verdict.Judgement;

/**
 * What a format asks, in a class each: which exercises it takes and how many, how the work is laid out in time and how it is
 * counted. Where a method is not overridden the format is as usual: one exercise after the other, once, with arriving and letting
 * go. A new format is a class and a constant of {@link Format.FormatKind}.
 */
interface FormatRules {
    /** The session; as usual the best the composer finds. */
    default Session compose(Composer composer, Judgement judgement, SessionRequest request) {
        return composer.best();
    }

    /** Whether an exercise belongs in it at all. */
    default boolean takes(Move move) {
        return true;
    }

    /** The longest it may be, in minutes. */
    default int longestMinutes() {
        return SessionRequest.LONGEST_MINUTES;
    }

    /** How many different exercises of work it has at most. */
    default int mostExercises(int minutes) {
        return Math.min(HardLine.MOST_EXERCISES, minutes / HardLine.MINUTES_AN_EXERCISE);
    }

    /** How many it has at least, where as many pass. */
    default int fewestExercises() {
        return 0;
    }

    /** Whether the minutes are divided by what the session is for, sets fill them, and a floor that must let go does so between. */
    default boolean isInSets() {
        return false;
    }

    /** Whether easy movement is what it is for, so that its variety is wanted. */
    default boolean isForEase() {
        return false;
    }

    /** Whether she feels the belly and loosens something after the first breath. */
    default boolean hasConnect() {
        return true;
    }

    /** Whether it ends in letting go. */
    default boolean hasRelease() {
        return true;
    }

    /** Whether an exercise goes on for the seconds of the format rather than for its dose. */
    default boolean isByTheClock() {
        return false;
    }

    /** How often she goes through the positions of the work. */
    default int passes(Format format) {
        return timesEach(format);
    }

    /** How often each exercise is done. */
    default int timesEach(Format format) {
        return 1;
    }

    /** Seconds of an exercise with both its sides and what it takes to get into it, without any change of family. */
    default int secondsOf(Pick pick, Format format) {
        boolean each = pick.move().sides() == Sides.EACH;
        int once =
                Timetable.SET_UP_SECONDS + pick.workSeconds() + (each ? Timetable.overToTheOtherSide(pick.move()) : 0);
        return timesEach(format) * once;
    }

    /** Lays the work out. */
    default void lay(List<Pick> work, Timetable.Laying laying, Format format) {
        int rounds = timesEach(format);
        for (int round = 1; round <= rounds; round++) {
            for (Pick pick : work) {
                laying.add(pick, Part.WORK, rounds > 1 ? round : 0);
            }
        }
    }
}
