package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;

/**
 * The order within a visit to a family of positions: by rising load, and, where the load hardly differs, what opposes beside each other and
 * what is alike apart, so that one rests while the other works (common practice, no source).
 */
final class Pairing {
    /** How much heavier one may be that is taken before its turn. */
    private static final int HARDLY_HEAVIER = 1;

    private static final List<Set<Purpose>> OPPOSING = List.of(
            Set.of(Purpose.STRENGTH_PUSH, Purpose.STRENGTH_PULL),
            Set.of(Purpose.LIMB_LOAD, Purpose.HIP_EXTENSION),
            Set.of(Purpose.FRONT_SUPPORT, Purpose.HIP_EXTENSION));

    private Pairing() {}

    /**
     * The work as it was solved, each visit in its order.
     *
     * @param wristsBefore exercises on the wrists that end what stands before the work
     */
    static List<WorkSolver.ChosenItem> of(ShapedWork.Solved solved, int wristsBefore) {
        List<WorkSolver.ChosenItem> ordered = new ArrayList<>();
        int from = 0;
        for (int count : solved.counts()) {
            ordered.addAll(visits(solved.chosen().subList(from, from + count)));
            from += count;
        }
        return mostOnTheWrists(ordered, wristsBefore) > HardLine.MOST_ON_THE_WRISTS
                ? solved.chosen()
                : List.copyOf(ordered);
    }

    private static List<WorkSolver.ChosenItem> visits(List<WorkSolver.ChosenItem> part) {
        List<WorkSolver.ChosenItem> ordered = new ArrayList<>();
        int from = 0;
        while (from < part.size()) {
            int to = from + 1;
            while (to < part.size()
                    && part.get(to).item().family() == part.get(from).item().family()) {
                to++;
            }
            ordered.addAll(visit(part.subList(from, to)));
            from = to;
        }
        return ordered;
    }

    /** Impact keeps its early place. */
    private static List<WorkSolver.ChosenItem> visit(List<WorkSolver.ChosenItem> visit) {
        if (visit.stream().anyMatch(one -> move(one).isImpact())) {
            return visit;
        }
        List<WorkSolver.ChosenItem> left = new ArrayList<>(visit);
        List<WorkSolver.ChosenItem> ordered = new ArrayList<>();
        ordered.add(left.remove(0));
        while (!left.isEmpty()) {
            ordered.add(left.remove(next(move(ordered.get(ordered.size() - 1)), left)));
        }
        return ordered;
    }

    private static int next(Move last, List<WorkSolver.ChosenItem> left) {
        int most = move(left.get(0)).load() + HARDLY_HEAVIER;
        int apart = -1;
        for (int at = 0; at < left.size(); at++) {
            Move move = move(left.get(at));
            if (move.load() <= most && oppose(last, move)) {
                return at;
            }
            if (apart < 0 && move.load() <= most && move.strand() != last.strand()) {
                apart = at;
            }
        }
        return Math.max(0, apart);
    }

    static boolean oppose(Move one, Move other) {
        return one.purpose() != other.purpose()
                && OPPOSING.stream().anyMatch(pair -> pair.contains(one.purpose()) && pair.contains(other.purpose()));
    }

    private static int mostOnTheWrists(List<WorkSolver.ChosenItem> work, int before) {
        int most = 0;
        int running = before;
        for (WorkSolver.ChosenItem one : work) {
            running = move(one).has(Demand.WRIST) ? running + 1 : 0;
            most = Math.max(most, running);
        }
        return most;
    }

    private static Move move(WorkSolver.ChosenItem chosen) {
        return chosen.item().pick().move();
    }
}
