package openbloom.core.classes;

/**
 * How a woman takes part in an exercise of her class.
 *
 * @see ClassCell
 * @see CommonExercise
 */
public enum TakesPart {
    AS_WRITTEN("as written"),
    ADJUSTED("adjusted"),
    /** Another exercise of the same purpose, in the same family of positions, about as long. */
    ANOTHER("another exercise"),
    RESTS("rests with breath");

    private final String words;

    TakesPart(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The exercise itself, as written or changed. */
    public boolean isItself() {
        return this == AS_WRITTEN || this == ADJUSTED;
    }
}
