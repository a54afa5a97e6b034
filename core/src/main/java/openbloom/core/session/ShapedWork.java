package openbloom.core.session;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The work of a session part by part, as its {@link Shape} divides it: each part is solved to its best for the public score among
 * everything the hard lines leave it, given what stands before.
 */
final class ShapedWork {
    private static final int WHOLE = 100;

    private final SessionRequest request;
    private final Limits limits;
    private final List<WorkItem> items;
    private final List<WorkSolver.ChosenItem> chosen = new ArrayList<>();
    private final Set<String> used = new HashSet<>();
    private Optional<Family> at;
    private int soFar;
    private int score;

    private ShapedWork(SessionRequest request, Limits limits, List<WorkItem> items) {
        this.request = request;
        this.limits = limits;
        this.items = items;
        this.at = limits.opensIn();
    }

    /**
     * What holds for the work as a whole.
     *
     * @param opensIn family the opening ends in
     * @param releasesIn family the release begins in
     * @param opening seconds of the opening
     * @param fixed seconds of opening and release
     * @param most seconds of the whole session at most
     * @param whole the hard lines of the whole
     */
    record Limits(
            Optional<Family> opensIn,
            Optional<Family> releasesIn,
            int opening,
            int fixed,
            int most,
            WorkConstraints.Rules whole) {
        /** With impact that begins no later than so many seconds into the work. */
        Limits withImpactUntil(int seconds) {
            return new Limits(opensIn, releasesIn, opening, fixed, most, whole.withImpactUntil(seconds));
        }
    }

    /** What one part was solved for, so that others can be asked the same, and what it came to. */
    record Instance(WorkConstraints frame, List<WorkItem> items, int score) {}

    /**
     * @param instances what each part was solved for, in the better order of families
     * @param slots how the work was divided
     * @param counts how many of the chosen belong to each slot
     * @param chosen all the work in its order
     * @param seconds of the work, rounded up by steps
     */
    record Solved(
            List<Instance> instances,
            List<Shape.ShapeSlot> slots,
            List<Integer> counts,
            List<WorkSolver.ChosenItem> chosen,
            int score,
            int seconds) {}

    static Solved solve(SessionRequest request, Limits limits, List<WorkItem> items) {
        ShapedWork work = new ShapedWork(request, limits, items);
        List<Instance> instances = new ArrayList<>();
        List<Shape.ShapeSlot> slots = Shape.of(request).slots();
        List<Integer> counts = new ArrayList<>();
        for (int i = 0; i < slots.size(); i++) {
            int before = work.chosen.size();
            instances.add(work.part(slots.get(i), i == slots.size() - 1));
            counts.add(work.chosen.size() - before);
        }
        return new Solved(List.copyOf(instances), slots, counts, List.copyOf(work.chosen), work.score, work.soFar);
    }

    private Instance part(Shape.ShapeSlot slot, boolean isLast) {
        boolean fronted = chosen.stream().anyMatch(one -> one.item().isFrontSupport());
        List<WorkItem> candidates = items.stream()
                .filter(item -> !used.contains(item.pick().move().id()))
                .filter(item -> isLast
                        || slot.goal().orElseThrow().isServedBy(item.pick().move()))
                .filter(item -> !(fronted && limits.whole().oneFrontSupport() && item.isFrontSupport()))
                .toList();
        List<Family> downFirst = List.of(Family.values());
        List<Family> upFirst = new ArrayList<>(downFirst);
        Collections.reverse(upFirst);
        WorkConstraints down = frame(slot, downFirst, isLast);
        WorkConstraints up = frame(slot, upFirst, isLast);
        WorkSolver.Solution lower = WorkSolver.solve(down, candidates);
        WorkSolver.Solution upper = WorkSolver.solve(up, candidates, lower.score());
        boolean isUpBetter = isBetter(upper, lower);
        WorkSolver.Solution better = isUpBetter ? upper : lower;
        WorkConstraints frame = isUpBetter ? up : down;
        take(better, frame);
        return new Instance(frame, candidates, better.score());
    }

    private void take(WorkSolver.Solution solution, WorkConstraints frame) {
        for (WorkSolver.ChosenItem one : solution.chosen()) {
            boolean changes = at.filter(one.item().family()::equals).isEmpty();
            int change = changes ? WorkConstraints.STEP * frame.changeSteps(at.isPresent()) : 0;
            soFar += change + WorkConstraints.STEP * one.option().steps();
            at = Optional.of(one.item().family());
            used.add(one.item().pick().move().id());
            chosen.add(one);
        }
        score += solution.score();
    }

    private WorkConstraints frame(Shape.ShapeSlot slot, List<Family> order, boolean isLast) {
        WorkConstraints.Rules whole = limits.whole();
        int before = limits.fixed() + soFar;
        int share = (limits.most() - limits.fixed()) * slot.share() / WHOLE;
        int most = isLast ? limits.most() : Math.min(limits.most(), before + share);
        int fresh = (int) chosen.stream().filter(one -> one.item().isNew()).count();
        int left = Math.max(0, whole.moves().most() - chosen.size());
        WorkConstraints.Rules.Moves moves = new WorkConstraints.Rules.Moves(
                isLast ? left : Math.min(left, whole.moves().most() * slot.share() / WHOLE + 1),
                isLast ? Math.max(0, whole.moves().fewest() - chosen.size()) : 0,
                Math.max(0, whole.moves().fresh() - fresh),
                wristsRunning(),
                chosen.isEmpty());
        WorkConstraints.Rules rules = new WorkConstraints.Rules(
                isLast ? whole.target() : most,
                most,
                moves,
                onTheBack(),
                whole.oneFrontSupport(),
                whole.pace(),
                whole.impactUntil() - soFar,
                isLast,
                whole.women());
        return new WorkConstraints(order, at, isLast ? limits.releasesIn() : Optional.empty(), before, rules);
    }

    private Optional<WorkConstraints.Rules.OnTheBack> onTheBack() {
        return limits.whole()
                .onTheBack()
                .map(limit -> new WorkConstraints.Rules.OnTheBack(limit.most(), backRunning(limit), limit.after()));
    }

    /** With what stood there before, where she has not left the back since the opening. */
    private int backRunning(WorkConstraints.Rules.OnTheBack limit) {
        int seconds = 0;
        int i = chosen.size() - 1;
        while (i >= 0 && chosen.get(i).item().family() == Family.BACK) {
            seconds += WorkConstraints.STEP * chosen.get(i).option().steps();
            i--;
        }
        return i < 0 ? seconds + limit.before() : seconds;
    }

    private int wristsRunning() {
        int running = 0;
        for (int i = chosen.size() - 1; i >= 0; i--) {
            if (!chosen.get(i).item().isWrist()) {
                return running;
            }
            running++;
        }
        return running + limits.whole().moves().wristsBefore();
    }

    /** The higher score; then fewer visits, then fewer moves. */
    private static boolean isBetter(WorkSolver.Solution one, WorkSolver.Solution other) {
        if (one.score() != other.score()) {
            return one.score() > other.score();
        }
        if (visits(one) != visits(other)) {
            return visits(one) < visits(other);
        }
        return one.chosen().size() < other.chosen().size();
    }

    private static long visits(WorkSolver.Solution solution) {
        return solution.chosen().stream()
                .map(chosen -> chosen.item().family())
                .distinct()
                .count();
    }
}
