package openbloom.core.program;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import openbloom.core.Problem;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;

/**
 * What is asked of the composer.
 *
 * @param minutes 5 to 120
 * @param seed breaks ties; the same seed gives the same session
 * @param gentle nothing above load 1, as on a low day
 * @param wanted strands that her program wants on this day
 * @param recent ids of the moves of earlier sessions, the latest first; used for variety
 */
public record SessionRequest(
        int minutes, Place place, long seed, List<List<String>> recent, boolean gentle, Set<Strand> wanted) {
    public static final int SHORTEST_MINUTES = 5;
    public static final int LONGEST_MINUTES = 120;

    public SessionRequest {
        recent = recent.stream().map(List::copyOf).toList();
        wanted = Set.copyOf(wanted);
    }

    /** As hard as she may. */
    public SessionRequest(int minutes, Place place, long seed, List<List<String>> recent) {
        this(minutes, place, seed, recent, false, Set.of());
    }

    /** The same, gently or not, with what her program wants. */
    public SessionRequest wanting(Set<Strand> strands, boolean gently) {
        return new SessionRequest(minutes, place, seed, recent, gently, strands);
    }

    public static SessionRequest of(int minutes) {
        return new SessionRequest(minutes, Place.STUDIO, 0, List.of());
    }

    /** What makes no sense in it; the composer takes only requests without problems. */
    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        if (minutes < SHORTEST_MINUTES || minutes > LONGEST_MINUTES) {
            problems.add(Problem.of("minutes", "session.minutes", SHORTEST_MINUTES, LONGEST_MINUTES, minutes));
        }
        return problems;
    }

    /** Whether a move is not too much for what was asked. */
    boolean takes(Move move) {
        return !gentle || move.load() <= 1;
    }

    int seconds() {
        return minutes * 60;
    }
}
