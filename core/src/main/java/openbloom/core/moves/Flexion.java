package openbloom.core.moves;

/**
 * How much a move bends the trunk forward against load.
 *
 * @see Demands
 * @see Move
 */
public enum Flexion {
    NONE("none"),
    HEAD("head lift"),
    CURL("curl");

    private final String words;

    Flexion(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
