package openbloom.core.moves;

/**
 * What she leans on or lies on.
 *
 * @see Move
 * @see Placing
 */
public enum Surface {
    WALL("wall"),
    COUNTER("counter or rail"),
    CHAIR("chair or bench"),
    FLOOR("floor");

    private final String words;

    Surface(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
