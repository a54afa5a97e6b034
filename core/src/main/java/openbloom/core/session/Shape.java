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
 *
 * @see SessionPart
 * @see ShapedWork
 */
public record Shape(List<ShapeSlot> slots) {
    /** From so many minutes on a third goal has a share of its own. */
    private static final int THIRD_FROM_MINUTES = 30;

    private static final double ARRIVE = 0.10;
    private static final int SHORTEST_ARRIVING = 2;
    private static final int LONGEST_ARRIVING = 6;
    private static final double LET_GO = 0.12;
    private static final int SHORTEST_LETTING_GO = 2;

    public Shape {
        slots = List.copyOf(slots);
    }

    /**
     * A part of the work.
     *
     * @param goal whom it serves; empty for the whole body
     * @param share of the minutes between arriving and letting go, in per cent
     */
    public record ShapeSlot(Optional<Goal> goal, int share) {}

    /** Undivided where nobody said what for, and in formats that have a shape of their own. */
    static Shape of(SessionRequest request) {
        return of(
                request.minutes(),
                request.format().rules().isInSets() ? request.wishes().goals() : List.of(),
                request.wishes().shares());
    }

    /** In sets, divided as usual; no more than three goals have a share of their own. */
    public static Shape of(int minutes, List<Goal> goals) {
        return of(minutes, goals, Optional.empty());
    }

    private static Shape of(int minutes, List<Goal> goals, Optional<Shares> wanted) {
        int usual = goalsWithAShare(minutes, goals.size());
        List<Integer> percent = wanted.orElse(Shares.usual(usual)).percent();
        int count = Math.min(wanted.isPresent() ? goals.size() : usual, percent.size());
        List<ShapeSlot> slots = new ArrayList<>();
        int rest = 100;
        for (int i = 0; i < count; i++) {
            slots.add(new ShapeSlot(Optional.of(goals.get(i)), percent.get(i)));
            rest -= percent.get(i);
        }
        slots.add(new ShapeSlot(Optional.empty(), rest));
        return new Shape(slots);
    }

    /** How many of so many goals have a share of their own: two, three from half an hour on. */
    public static int goalsWithAShare(int minutes, int goals) {
        return Math.min(minutes >= THIRD_FROM_MINUTES ? Shares.MOST_GOALS : Shares.MOST_GOALS - 1, goals);
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
