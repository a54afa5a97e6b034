package openbloom.core.progress;

/**
 * What the days so far say about a ladder.
 *
 * @see Progress
 * @see LadderHistory
 */
public enum Decision {
    UP("move up"),
    STAY("stay"),
    DOWN("move down"),
    HELD("earned, held for now"),
    STOP("stop and refer");

    private final String words;

    Decision(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
