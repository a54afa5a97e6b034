package openbloom.core.evidence;

/**
 * How sure we are that a value is what its source says; all were written from memory of the source.
 *
 * @see Source
 */
public enum Confidence {
    HIGH("sure"),
    MEDIUM("fairly sure, verify before quoting"),
    PRACTICE("common practice, no source");

    private final String words;

    Confidence(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
