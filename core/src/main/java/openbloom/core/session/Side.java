package openbloom.core.session;

/**
 * Which side an item of a session works.
 *
 * @see Timetable
 * @see Sided
 */
public enum Side {
    BOTH("both sides together"),
    LEFT("left side"),
    RIGHT("right side"),
    ALTERNATING("side to side");

    private final String words;

    Side(String words) {
        this.words = words;
    }

    /** Left for right and right for left; the others are their own. */
    public Side other() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            default -> this;
        };
    }

    public String words() {
        return words;
    }
}
