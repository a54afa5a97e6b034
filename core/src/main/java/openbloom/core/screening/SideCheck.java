package openbloom.core.screening;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/** The same tasks left and right. Only a task scored on both sides is kept. */
public record SideCheck(Map<SideTask, Both> tasks) {
    public static final SideCheck NOT_CHECKED = new SideCheck(Map.of());

    /** Left and right of one task. */
    public record Both(SideScore left, SideScore right) {
        /** Points of the left less points of the right. */
        public int leftLead() {
            return left.points() - right.points();
        }
    }

    /** Which side is weaker, over all tasks. */
    public enum Weaker {
        LEFT("left side weaker"),
        RIGHT("right side weaker"),
        NEITHER("both sides alike"),
        UNKNOWN("not compared");

        private final String words;

        Weaker(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean isOneSide() {
            return this == LEFT || this == RIGHT;
        }
    }

    public SideCheck {
        tasks = tasks.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(tasks));
    }

    /** The side with fewer points in all; our own convention, no source. */
    public Weaker weaker() {
        if (tasks.isEmpty()) {
            return Weaker.UNKNOWN;
        }
        int leftLead = tasks.values().stream().mapToInt(Both::leftLead).sum();
        if (leftLead == 0) {
            return Weaker.NEITHER;
        }
        return leftLead > 0 ? Weaker.RIGHT : Weaker.LEFT;
    }
}
