package openbloom.core.session;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.moves.Equipment;

/**
 * Finds the best work for a frame, exactly: dynamic programming over candidates in the order in which they would be done.
 * A state is number of moves × number new × wrist-loaded moves running × kit at hand × whether she is up × whether a front
 * support is in × time in steps of ten seconds; families are visited one after the other, so that only the family that is
 * open needs to be known, and time on the back only while it is.
 */
final class WorkSolver {
    private static final int NONE = WorkStates.NONE;
    private static final int WRISTS = HardLine.MOST_ON_THE_WRISTS + 1;
    private static final int COARSE = 4;

    private final WorkConstraints frame;
    private final List<WorkItem> items;
    private final Map<List<Equipment>, Integer> kits = new LinkedHashMap<>();
    private final int room;
    private final int most;
    private final int fresh;
    private final int fronts;
    private final int rowsPerMove;

    /** Steps of ten seconds in one unit of time; more than one only to find a first bound quickly. */
    private final int grain;

    /** Nothing at or below this score is looked for. */
    private final int floor;

    /** What the candidates from one on can add at most, by moves and time left: nothing but time and number hold them. */
    private final WorkBound bound;

    /** States before the family that is open, and with work in it. */
    private WorkStates closed;

    private WorkStates open;
    private int bestScore = NONE;
    private WorkStates.StateStep best;

    private WorkSolver(WorkConstraints frame, List<WorkItem> items, int grain, int floor) {
        this.frame = frame;
        this.items = frame.order().stream()
                .flatMap(family -> items.stream().filter(item -> item.family() == family))
                .toList();
        this.grain = grain;
        this.floor = floor;
        this.room = frame.room() / grain;
        kits.put(List.of(), 0);
        shared().forEach(kit -> kits.putIfAbsent(kit, kits.size()));
        this.most = Math.min(frame.rules().moves().most(), items.size());
        long isNew = items.stream().filter(WorkItem::isNew).count();
        this.fresh = (int) Math.min(Math.min(frame.rules().moves().fresh(), most), isNew);
        this.fronts = frame.rules().oneFrontSupport() ? 2 : 1;
        this.rowsPerMove = (fresh + 1) * WRISTS * kits.size() * 2 * fronts;
        this.bound = new WorkBound(frame, this.items, most, grain);
        this.closed = new WorkStates((most + 1) * rowsPerMove, 1, room);
        this.open = new WorkStates((most + 1) * rowsPerMove, 1, room);
    }

    /** Kit that more than one candidate needs; what only one needs is always fetched, whatever lay there before. */
    private List<List<Equipment>> shared() {
        return items.stream()
                .map(WorkItem::kit)
                .filter(kit ->
                        items.stream().filter(item -> item.kit().equals(kit)).count() > 1)
                .distinct()
                .toList();
    }

    /** The best of both, or empty when no work fits. */
    record Solution(int score, List<ChosenItem> chosen) {}

    /** A candidate with so many sets. */
    record ChosenItem(WorkItem item, WorkItem.Option option) {}

    /** @param items inside each family in the order in which they would be done */
    static Solution solve(WorkConstraints frame, List<WorkItem> items) {
        return solve(frame, items, NONE);
    }

    /**
     * The same where only something better than a known score is of use; what is found may be worse than that.
     *
     * @param known a score that can be had anyway
     */
    static Solution solve(WorkConstraints frame, List<WorkItem> items, int known) {
        List<ChosenItem> quick =
                new WorkSolver(frame, items, COARSE, NONE).solve().chosen();
        int reachable = Math.max(known, frame.score(quick));
        return new WorkSolver(frame, items, 1, reachable - 1).solve();
    }

    private Solution solve() {
        boolean up = frame.before().filter(Family::isUp).isPresent();
        int wrists = Math.min(WRISTS - 1, frame.rules().moves().wristsBefore());
        closed.put(row(0, 0, wrists, 0, up ? 1 : 0, 0), 0, 0, null);
        finish(closed, frame.before());
        for (int from = 0; from < items.size(); ) {
            Family family = items.get(from).family();
            int to = from;
            while (to < items.size() && items.get(to).family() == family) {
                to++;
            }
            visit(family, from, to);
            from = to;
        }
        List<ChosenItem> chosen = new ArrayList<>();
        for (WorkStates.StateStep step = best; step != null; step = step.before()) {
            chosen.add(step.chosen());
        }
        Collections.reverse(chosen);
        return new Solution(bestScore, List.copyOf(chosen));
    }

    private void visit(Family family, int from, int to) {
        boolean limited = frame.longestStay(family) != Integer.MAX_VALUE;
        int limit = limited ? frame.longestStay(family) / grain : Integer.MAX_VALUE;
        open = new WorkStates((most + 1) * rowsPerMove, limited ? Math.max(0, limit) + 1 : 1, room);
        for (int at = from; at < to; at++) {
            if (!items.get(at).isImpact() || frame.takesImpact()) {
                add(items.get(at), family, limit, at + 1);
            }
        }
        finish(open, Optional.of(family));
        int up = family.isUp() ? 1 : 0;
        closed.take(open, row -> row / (2 * fronts) * 2 * fronts + up * fronts + row % fronts);
        forget(to);
    }

    /** What no candidate from one on asks for need not be told apart any more: wrists, and kit that lies there. */
    private void forget(int from) {
        List<WorkItem> left = items.subList(from, items.size());
        boolean wristsMatter = left.stream().anyMatch(WorkItem::isWrist);
        boolean[] kitMatters = new boolean[kits.size()];
        left.forEach(item -> kitMatters[kits.getOrDefault(item.kit(), 0)] = true);
        WorkStates merged = new WorkStates((most + 1) * rowsPerMove, 1, room);
        for (int row = 0; row < closed.longest.length; row++) {
            if (closed.longest[row] >= 0) {
                int kit = row / (2 * fronts) % kits.size();
                int wrists = row / (kits.size() * 2 * fronts) % WRISTS;
                int to = row - (kitMatters[kit] ? 0 : kit * 2 * fronts);
                to -= wristsMatter ? 0 : wrists * kits.size() * 2 * fronts;
                merged.takeRow(closed, row, to);
            }
        }
        closed = merged;
    }

    /** Adds one candidate to every state, more moves first so that it is added once. */
    private void add(WorkItem item, Family family, int limit, int next) {
        for (int moves = most - 1; moves >= 0; moves--) {
            if (moves == 0 && frame.rules().moves().begins() && !item.isLight()) {
                continue;
            }
            for (int row = 0; row < rowsPerMove; row++) {
                int from = moves * rowsPerMove + row;
                extend(closed, from, row, moves, item, family, limit, next);
                extend(open, from, row, moves, item, family, limit, next);
            }
        }
    }

    private void extend(
            WorkStates table, int from, int row, int moves, WorkItem item, Family family, int limit, int next) {
        if (table.longest[from] < 0) {
            return;
        }
        int isNew = row / (WRISTS * kits.size() * 2 * fronts);
        int wrists = row / (kits.size() * 2 * fronts) % WRISTS;
        int kit = row / (2 * fronts) % kits.size();
        int up = row / fronts % 2;
        int front = row % fronts;
        int newAfter = isNew + (item.isNew() ? 1 : 0);
        int wristsAfter = item.isWrist() ? wrists + 1 : 0;
        int frontAfter = fronts > 1 && item.isFrontSupport() ? 1 : front;
        boolean secondFront = fronts > 1 && item.isFrontSupport() && front == 1;
        if (newAfter > fresh || wristsAfter >= WRISTS || secondFront) {
            return;
        }
        int itsKit = kits.getOrDefault(item.kit(), 0);
        boolean fetched = !item.kit().isEmpty() && (itsKit == 0 || itsKit != kit);
        int kitAfter = item.kit().isEmpty() ? kit : itsKit;
        boolean entering = table == closed;
        boolean changes = entering && !isStillThere(moves, family);
        int cost = entering && changes ? entryCost(moves, up, family) : 0;
        cost += fetched ? CandidateScore.CHANGE_OF_KIT : 0;
        int steps = entering ? frame.changeSteps(changes) : 0;
        int to = row(moves + 1, newAfter, wristsAfter, kitAfter, up, frontAfter);
        for (WorkItem.Option option : item.options()) {
            int units = (steps + option.steps() + grain - 1) / grain;
            int[] later = bound.after(next, most - moves - 1);
            move(
                    table,
                    from,
                    to,
                    units,
                    option.quarters() + cost * frame.quartersOfAPoint(),
                    limit,
                    later,
                    new ChosenItem(item, option));
        }
    }

    private void move(
            WorkStates table, int from, int to, int steps, int gain, int limit, int[] later, ChosenItem chosen) {
        int last = Math.min(table.longest[from], room - steps);
        if (chosen.item().isImpact()) {
            int half = frame.rules().impactUntil() / WorkConstraints.STEP / grain;
            last = Math.min(last, half - steps);
        }
        int[] scores = table.scores[from];
        WorkStates.StateStep[] reached = table.steps[from];
        boolean limited = limit != Integer.MAX_VALUE;
        int backs = table == open && limited ? open.depth : 1;
        int already =
                limited && table == closed && from < rowsPerMove ? (frame.onTheBackBefore() + grain - 1) / grain : 0;
        for (int back = 0; back < backs; back++) {
            int backAfter = limited ? already + back + steps : 0;
            if (backAfter > limit) {
                break;
            }
            int at = back * (room + 1);
            for (int time = 0; time <= last; time++) {
                int score = scores[at + time];
                if (score != NONE && score + gain + later[room - time - steps] > floor) {
                    open.offer(to, backAfter, time + steps, score + gain, reached[at + time], chosen);
                }
            }
        }
    }

    /** Whether the first work is done where the opening ended. */
    private boolean isStillThere(int moves, Family family) {
        return moves == 0 && frame.before().filter(family::equals).isPresent();
    }

    /** Before any work she is where the opening ended; later the last family is known by whether she is up. */
    private int entryCost(int moves, int up, Family family) {
        if (moves == 0) {
            return frame.before()
                    .map(from -> WorkConstraints.change(from, family))
                    .orElse(0);
        }
        return CandidateScore.VISIT + ((up == 1) != family.isUp() ? CandidateScore.UP_OR_DOWN : 0);
    }

    /** Every state of a table as the end of the work. */
    private void finish(WorkStates table, Optional<Family> last) {
        int cost = frame.after()
                .flatMap(next -> last.map(from -> WorkConstraints.change(from, next)))
                .orElse(0);
        int extra = (frame.endSteps(last) + grain - 1) / grain;
        boolean onTheBack = last.filter(Family.BACK::equals).isPresent();
        int stays = onTheBack && table.depth > 1 ? (frame.onTheBackAfter() + grain - 1) / grain : 0;
        for (int row = 0; row < table.longest.length; row++) {
            for (int back = 0; back + stays < table.depth || stays == 0 && back < table.depth; back++) {
                for (int time = 0; time <= table.longest[row]; time++) {
                    int score = table.score(row, back, time);
                    if (score != NONE && time + extra <= room) {
                        int few = row / rowsPerMove < frame.rules().moves().fewest() ? -CandidateScore.PINNED : 0;
                        int total = score
                                + (cost + frame.shortfall((time + extra) * grain) + few) * frame.quartersOfAPoint();
                        if (total > bestScore || best == null && total == bestScore) {
                            bestScore = total;
                            best = table.step(row, back, time);
                        }
                    }
                }
            }
        }
    }

    private int row(int moves, int isNew, int wrists, int kit, int up, int front) {
        return ((((moves * (fresh + 1) + isNew) * WRISTS + wrists) * kits.size() + kit) * 2 + up) * fronts + front;
    }
}
