package openbloom.core.screening;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The same tasks left and right. Only a task scored on both sides is kept.
 *
 * @param told which side is weaker by what was told, where no task was scored
 *
 * @see SideScore
 * @see SideTask
 */
public record SideCheck(Map<SideTask, BothSides> tasks, Optional<Weaker> told) {
    public static final SideCheck NOT_CHECKED = new SideCheck(Map.of(), Optional.empty());

    /**
     * Left and right of one task.
     *
     * @param left how the left side did
     * @param right how the right side did
     */
    public record BothSides(SideScore left, SideScore right) {
        /** Points of the left less points of the right. */
        public int leftLead() {
            return left.points() - right.points();
        }
    }

    /** Which side is weaker, over all tasks. */
    public enum Weaker {
        LEFT("left side weaker"),
        RIGHT("right side weaker"),
        EVEN("both sides alike"),
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

    /** Tasks scored on both sides. */
    public static SideCheck of(Map<SideTask, BothSides> tasks) {
        return new SideCheck(tasks, Optional.empty());
    }

    /** A side told to be weaker, without tasks. */
    public static SideCheck told(Weaker weaker) {
        return new SideCheck(Map.of(), Optional.of(weaker));
    }

    public SideCheck {
        tasks = tasks.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(tasks));
    }

    /** The side with fewer points in all, or as told when no task was scored; our own convention, no source. */
    public Weaker weaker() {
        if (tasks.isEmpty()) {
            return told.orElse(Weaker.UNKNOWN);
        }
        int leftLead = tasks.values().stream().mapToInt(BothSides::leftLead).sum();
        if (leftLead == 0) {
            return Weaker.EVEN;
        }
        return leftLead > 0 ? Weaker.RIGHT : Weaker.LEFT;
    }
}
