package openbloom.core.moves;

/**
 * How much a move turns the trunk.
 *
 * @see Demands
 * @see MoveReader
 */
public enum Rotation {
    NONE("none"),
    RESIST("resists turning"),
    SMALL("small turn"),
    END("end-range turn");

    private final String words;

    Rotation(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
