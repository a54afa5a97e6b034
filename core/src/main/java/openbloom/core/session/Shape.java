package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.core.record.Goal;

/**
 * How the work of a session is divided before any exercise is chosen: a share for each goal in their order, the rest for the
 * whole body (shares: common practice, no source).
 *
 * @param slots in the order in which they are done; the last takes whatever time the others leave
 */
public record Shape(List<Slot> slots) {
    /** From so many minutes on a third goal has a share of its own. */
    private static final int THIRD_FROM_MINUTES = 30;

    private static final double ARRIVE = 0.10;
    private static final int SHORTEST_ARRIVING = 2;
    private static final int LONGEST_ARRIVING = 6;
    private static final double LET_GO = 0.12;
    private static final int SHORTEST_LETTING_GO = 2;

    /** Shares of the first, second and third goal in per cent, by how many goals there are. */
    private static final int[][] SHARES = {{}, {60}, {45, 25}, {40, 20, 10}};

    public Shape {
        slots = List.copyOf(slots);
    }

    /**
     * A part of the work.
     *
     * @param goal whom it serves; empty for the whole body
     * @param share of the minutes between arriving and letting go, in per cent
     */
    public record Slot(Optional<Goal> goal, int share) {}

    /** Undivided where nobody said what for, and in formats that have a shape of their own. */
    static Shape of(SessionRequest request) {
        return of(
                request.minutes(),
                request.format().rules().isInSets() ? request.wishes().goals() : List.of());
    }

    /**
     * In sets.
     *
     * @param goals in their order; no more than three have a share of their own
     */
    public static Shape of(int minutes, List<Goal> goals) {
        int most = minutes >= THIRD_FROM_MINUTES ? SHARES.length - 1 : SHARES.length - 2;
        int count = Math.min(most, goals.size());
        List<Slot> slots = new ArrayList<>();
        int rest = 100;
        for (int i = 0; i < count; i++) {
            slots.add(new Slot(Optional.of(goals.get(i)), SHARES[count][i]));
            rest -= SHARES[count][i];
        }
        slots.add(new Slot(Optional.empty(), rest));
        return new Shape(slots);
    }

    /** Minutes in which breath settles and the belly is felt: a tenth, 2 to 6. */
    public static double arriveMinutes(int minutes) {
        return Math.max(SHORTEST_ARRIVING, Math.min(LONGEST_ARRIVING, ARRIVE * minutes));
    }

    /** Minutes of letting go at the end: about an eighth, at least 2. */
    public static double letGoMinutes(int minutes) {
        return Math.max(SHORTEST_LETTING_GO, LET_GO * minutes);
    }
}
