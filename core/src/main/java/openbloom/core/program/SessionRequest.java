package openbloom.core.program;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.Problem;

/**
 * What is asked of the composer.
 *
 * @param minutes 5 to 120
 * @param seed breaks ties; the same seed gives the same session
 * @param recent ids of the moves of earlier sessions, the latest first; used for variety
 */
public record SessionRequest(int minutes, Place place, long seed, List<List<String>> recent) {
    public static final int SHORTEST_MINUTES = 5;
    public static final int LONGEST_MINUTES = 120;

    public SessionRequest {
        recent = recent.stream().map(List::copyOf).toList();
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

    int seconds() {
        return minutes * 60;
    }
}
