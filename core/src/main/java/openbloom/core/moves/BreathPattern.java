package openbloom.core.moves;

/**
 * How the breath goes with the effort.
 *
 * @see Move
 * @see Dose
 */
public enum BreathPattern {
    OUT("effort on the out-breath"),
    EVEN("even breath"),
    COUNT("breath by count");

    private final String words;

    BreathPattern(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
