package openbloom.core.session;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.record.Goal;

/**
 * A part of a session: arriving, what serves a goal, the whole body, letting go.
 *
 * @param goal whom it serves, for {@link PartKind#GOAL} alone
 * @param percent share of the work that was meant for it; 0 where it has none of its own
 * @param items how many items of the session it has, one after the other
 */
public record SessionPart(PartKind kind, Optional<Goal> goal, int percent, int items) {
    /** What a part is. */
    public enum PartKind {
        ARRIVE("arriving"),
        GOAL("for her goal"),
        WHOLE_BODY("whole body"),
        WORK("work"),
        LET_GO("letting go");

        private final String words;

        PartKind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** {@code arriving}, {@code stop leaking}. */
    public String words() {
        return goal.map(Goal::words).orElse(kind.words());
    }

    /** Arriving, work and letting go. */
    public static List<SessionPart> undivided(List<? extends Sided> items) {
        List<SessionPart> parts = new ArrayList<>();
        items.forEach(item -> add(parts, new SessionPart(kindOf(item.part()), Optional.empty(), 0, 1)));
        return List.copyOf(parts);
    }

    /** The work divided as it was solved; what lets go in between belongs to what stands before it. */
    static List<SessionPart> divided(List<SessionItem> items, ShapedWork.Solved solved) {
        if (solved.slots().size() < 2) {
            return undivided(items);
        }
        Map<String, Shape.ShapeSlot> slotOf = new HashMap<>();
        int from = 0;
        for (int i = 0; i < solved.slots().size(); i++) {
            for (WorkSolver.ChosenItem one :
                    solved.chosen().subList(from, from + solved.counts().get(i))) {
                slotOf.put(one.item().pick().move().id(), solved.slots().get(i));
            }
            from += solved.counts().get(i);
        }
        List<SessionPart> parts = new ArrayList<>();
        Optional<Shape.ShapeSlot> at = Optional.empty();
        for (SessionItem item : items) {
            at = item.part() == Part.WORK
                    ? Optional.ofNullable(slotOf.get(item.moveId())).or(() -> last(parts))
                    : at;
            add(
                    parts,
                    item.part() == Part.WORK ? of(at) : new SessionPart(kindOf(item.part()), Optional.empty(), 0, 1));
        }
        return List.copyOf(parts);
    }

    private static Optional<Shape.ShapeSlot> last(List<SessionPart> parts) {
        return parts.isEmpty()
                ? Optional.empty()
                : parts.get(parts.size() - 1)
                        .goal()
                        .map(goal -> new Shape.ShapeSlot(
                                Optional.of(goal), parts.get(parts.size() - 1).percent()));
    }

    private static SessionPart of(Optional<Shape.ShapeSlot> slot) {
        Optional<Goal> goal = slot.flatMap(Shape.ShapeSlot::goal);
        return new SessionPart(
                goal.isPresent() ? PartKind.GOAL : PartKind.WHOLE_BODY,
                goal,
                slot.map(Shape.ShapeSlot::share).orElse(0),
                1);
    }

    private static PartKind kindOf(Part part) {
        return switch (part) {
            case OPENING -> PartKind.ARRIVE;
            case WORK -> PartKind.WORK;
            case RELEASE -> PartKind.LET_GO;
        };
    }

    /** One more item, to the part before where it is the same. */
    private static void add(List<SessionPart> parts, SessionPart one) {
        SessionPart before = parts.isEmpty() ? null : parts.get(parts.size() - 1);
        if (before != null && before.kind() == one.kind() && before.goal().equals(one.goal())) {
            int percent = Math.max(before.percent(), one.percent());
            parts.set(parts.size() - 1, new SessionPart(one.kind(), one.goal(), percent, before.items() + 1));
        } else {
            parts.add(one);
        }
    }
}
