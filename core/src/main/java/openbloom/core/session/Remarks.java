package openbloom.core.session;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.record.Goal;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;

/**
 * What stands beside an exercise when a session is composed: the lift of the pelvic floor before an effort, at most ten in a session and
 * counted apart from the prescribed set, and the lighter set that warms up for a weight she is used to (common practice, no
 * source). The instructor may change it like any note.
 */
final class Remarks {
    /** Lifts before an effort in one session at most. */
    static final int MOST_LIFTS_BEFORE = 10;

    private static final int MOST_EXERCISES = 5;

    /** Rising, stepping, carrying, pressing and pulling. */
    private static final Set<ExerciseGroup> EFFORTS = Set.of(
            ExerciseGroup.STRENGTH_LEGS,
            ExerciseGroup.STRENGTH_PUSH,
            ExerciseGroup.STRENGTH_PULL,
            ExerciseGroup.STRENGTH_PRESS,
            ExerciseGroup.UPRIGHT_CONTROL);

    private static final Set<Equipment> WEIGHTS = Set.of(Equipment.DUMBBELL, Equipment.BARBELL);

    private final List<SessionItem> items;
    private final List<String> remarks;

    private Remarks(List<SessionItem> items) {
        this.items = items;
        this.remarks = new ArrayList<>(Collections.nCopies(items.size(), ""));
    }

    /** For each item what stands beside it, or nothing. */
    static List<String> of(List<SessionItem> items, Judgement judgement, SessionRequest request) {
        Remarks remarks = new Remarks(items);
        remarks.steered(new Steering(judgement.facts().client().checks()).words(items));
        remarks.liftsBefore(judgement, request.wishes().goals().contains(Goal.STOP_LEAKING));
        if (request.format().rules().isInSets()) {
            request.wishes().usual().forEach(remarks::lighterFirst);
        }
        return List.copyOf(remarks.remarks);
    }

    /** What her checks say beside an item stands first. */
    private void steered(List<String> words) {
        for (int at = 0; at < items.size(); at++) {
            remarks.set(at, words.get(at));
        }
    }

    private void liftsBefore(Judgement judgement, boolean isForLeaking) {
        Prescription practice = judgement
                .facts()
                .pelvicPractice(judgement.facts().client().checks().pelvicFloor());
        boolean lifts = practice.holds().repetitions() + practice.flicks().repetitions() > 0;
        if (!lifts || judgement.facts().isFloorToLetGo()) {
            return;
        }
        Map<Move, Integer> most = efforts(true);
        if (most.isEmpty() && isForLeaking) {
            most = efforts(false);
        }
        shared(most).forEach(this::liftFirst);
    }

    /** Efforts of the work, the first five, and how often each is done, both sides together. */
    private Map<Move, Integer> efforts(boolean asked) {
        Map<Move, Integer> most = new LinkedHashMap<>();
        for (SessionItem item : items) {
            boolean effort = asked
                    ? item.adjustments().contains(Adjustment.PRE_LIFT)
                    : EFFORTS.contains(item.move().strand()) && item.move().load() > 0;
            boolean more = most.size() < MOST_EXERCISES || most.containsKey(item.move());
            boolean lift = item.move().strand().isPelvicFloorLift();
            if (item.part() == Part.WORK && item.round() <= 1 && effort && !lift && more) {
                most.merge(item.move(), item.dose().sets() * item.dose().repetitions(), Integer::sum);
            }
        }
        return most;
    }

    /** The ten shared out evenly, the first ones a little more; on two sides an even number. */
    static Map<Move, Integer> shared(Map<Move, Integer> most) {
        Map<Move, Integer> shared = new LinkedHashMap<>();
        int left = MOST_LIFTS_BEFORE;
        int others = most.size();
        for (Map.Entry<Move, Integer> one : most.entrySet()) {
            int fair = Math.min(one.getValue(), (left + others - 1) / others);
            int lifts = one.getKey().sides() == Sides.EACH ? Math.min(left, fair + fair % 2) / 2 * 2 : fair;
            shared.put(one.getKey(), lifts);
            left -= lifts;
            others--;
        }
        return shared;
    }

    private void liftFirst(Move move, int lifts) {
        int here = move.sides() == Sides.EACH ? lifts / 2 : lifts;
        if (here > 0) {
            String times = here == 1 ? "the first repetition" : "the first " + here + " repetitions";
            beside(
                    move,
                    "Lift the pelvic floor lightly just before " + times + ", then let it go; not counted in the set.");
        }
    }

    private void lighterFirst(String id) {
        items.stream()
                .filter(item -> item.moveId().equals(id) && item.dose().sets() > 1)
                .map(SessionItem::move)
                .filter(move -> move.kit().stream().anyMatch(kit -> WEIGHTS.contains(kit.needs())))
                .findFirst()
                .ifPresent(move -> beside(move, "First set lighter, about half the weight, to warm up."));
    }

    private void beside(Move move, String words) {
        for (int at = 0; at < items.size(); at++) {
            if (items.get(at).move().equals(move) && items.get(at).part() == Part.WORK) {
                remarks.set(at, remarks.get(at).isEmpty() ? words : remarks.get(at) + " " + words);
            }
        }
    }
}
