package openbloom.core.progress;

/**
 * How hard a move felt to her.
 *
 * @see TaughtDay
 * @see LadderDay
 */
public enum PerceivedEffort {
    TOO_EASY("too easy"),
    EASY("easy"),
    RIGHT("just right"),
    TOO_HARD("too hard");

    private final String words;

    PerceivedEffort(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    boolean isManageable() {
        return this != TOO_HARD;
    }
}
