package openbloom.core.session;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Goal;

/**
 * What the session is for.
 *
 * @param goals what she wants, the most wanted first; a session is divided by them
 * @param aims worth of each strand her aims want, 30 down to 10
 * @param due wanted strands that were done less than twice in seven days
 * @param pinned ids of moves that are to be in it whenever they pass
 * @param banned ids of moves that are left out
 * @param usual ids of moves she does anyway; never new to her
 * @param day what her block plans for the day
 * @param shares how much of the work each goal has; empty where it is as usual
 * @see SessionRequest
 * @see Candidates
 */
public record Wishes(
        List<Goal> goals,
        Map<ExerciseGroup, Integer> aims,
        Set<ExerciseGroup> due,
        Set<String> pinned,
        Set<String> banned,
        List<String> usual,
        PlannedDay day,
        Optional<Shares> shares) {
    public static final Wishes NONE =
            new Wishes(List.of(), Map.of(), Set.of(), Set.of(), Set.of(), List.of(), PlannedDay.NONE);

    private static final int LOADS = 2;

    /** Divided as usual. */
    public Wishes(
            List<Goal> goals,
            Map<ExerciseGroup, Integer> aims,
            Set<ExerciseGroup> due,
            Set<String> pinned,
            Set<String> banned,
            List<String> usual,
            PlannedDay day) {
        this(goals, aims, due, pinned, banned, usual, day, Optional.empty());
    }

    public Wishes {
        goals = List.copyOf(goals);
        aims = Map.copyOf(aims);
        due = Set.copyOf(due);
        pinned = Set.copyOf(pinned);
        banned = Set.copyOf(banned);
        usual = List.copyOf(usual);
    }

    /** The same, divided otherwise. */
    public Wishes divided(Shares other) {
        return new Wishes(goals, aims, due, pinned, banned, usual, day, Optional.of(other));
    }

    /**
     * For a practice at home, where nobody watches: whatever loads her and was never taught to her waits for the studio (common
     * practice, no source).
     */
    public Wishes forHome(Catalogue catalogue, History history) {
        Set<String> left = new HashSet<>(banned);
        catalogue.moves().stream()
                .filter(move -> move.load() >= LOADS && !history.known().contains(move.id()))
                .map(Move::id)
                .forEach(left::add);
        return new Wishes(goals, aims, due, pinned, left, usual, day, shares);
    }

    /** Wanted strands alone, each due. */
    public static Wishes of(Map<ExerciseGroup, Integer> aims) {
        return new Wishes(List.of(), aims, aims.keySet(), Set.of(), Set.of(), List.of(), PlannedDay.NONE);
    }
}
