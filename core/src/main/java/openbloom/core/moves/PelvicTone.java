package openbloom.core.moves;

/**
 * What a move asks of the pelvic floor.
 *
 * @see Move
 * @see Doing
 */
public enum PelvicTone {
    TRAIN("lift"),
    RELEASE("let go"),
    NEUTRAL("neither");

    private final String words;

    PelvicTone(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
