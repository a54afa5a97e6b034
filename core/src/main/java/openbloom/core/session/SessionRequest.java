package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.core.Problem;
import openbloom.core.breath.BreathPosition;
import openbloom.core.moves.Move;

/**
 * What is asked of the composer.
 *
 * @param minutes 5 to 120
 * @param seed breaks ties; the same seed gives the same session
 * @param gentle nothing above load 1, as on a low day
 * @param breathesIn the position her breath check found, if it found one
 * @see CommonWork
 * @see Composer
 */
public record SessionRequest(
        int minutes,
        Place place,
        long seed,
        Format format,
        Wishes wishes,
        History history,
        boolean gentle,
        Optional<BreathPosition> breathesIn) {
    public static final int SHORTEST_MINUTES = 5;
    public static final int LONGEST_MINUTES = 120;
    static final int FIVE_MINUTES_UP_TO = 10;
    private static final int SECONDS = 60;

    /** In the studio, in sets, for nothing in particular. */
    public static SessionRequest of(int minutes) {
        return of(minutes, Place.STUDIO, 0, History.NONE);
    }

    /** In the format that suits its length, for nothing in particular. */
    public static SessionRequest of(int minutes, Place place, long seed, History history) {
        return new SessionRequest(
                minutes, place, seed, Format.usual(minutes), Wishes.NONE, history, false, Optional.empty());
    }

    public SessionRequest in(Format other) {
        return new SessionRequest(minutes, place, seed, other, wishes, history, gentle, breathesIn);
    }

    public SessionRequest wanting(Wishes other) {
        return new SessionRequest(minutes, place, seed, format, other, history, gentle, breathesIn);
    }

    /** Nothing above load 1. */
    public SessionRequest gently(boolean gently) {
        return new SessionRequest(minutes, place, seed, format, wishes, history, gently, breathesIn);
    }

    public SessionRequest breathingIn(Optional<BreathPosition> position) {
        return new SessionRequest(minutes, place, seed, format, wishes, history, gentle, position);
    }

    /** The same, shorter. */
    SessionRequest atMost(int most) {
        return new SessionRequest(Math.min(minutes, most), place, seed, format, wishes, history, gentle, breathesIn);
    }

    /** What makes no sense in it; the composer takes only requests without problems. */
    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>(format.problems());
        wishes.shares().ifPresent(shares -> problems.addAll(shares.problems()));
        int longest = format.rules().longestMinutes();
        if (minutes < SHORTEST_MINUTES || minutes > longest) {
            int most = minutes < SHORTEST_MINUTES ? LONGEST_MINUTES : longest;
            problems.add(Problem.of("minutes", "session.minutes", SHORTEST_MINUTES, most, minutes));
        }
        return problems;
    }

    /** Whether a move is not too much for what was asked. */
    boolean takes(Move move) {
        boolean isAskedFor = !move.purpose().isAskedFor() || wishes.pinned().contains(move.id());
        return isAskedFor && (!gentle || move.load() <= 1) && !wishes.banned().contains(move.id());
    }

    int seconds() {
        return minutes * SECONDS;
    }
}
