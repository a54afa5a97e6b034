package openbloom.core.moves;

/**
 * Which sides of the body a move works.
 *
 * @see Move
 * @see Doing
 */
public enum Sides {
    BOTH("both sides together"),
    EACH("each side in turn"),
    ALTERNATE("side to side");

    private final String words;

    Sides(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
