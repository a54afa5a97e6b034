package openbloom.core.verdict;

/** The five verdicts, strongest last. */
public enum Kind {
    GO("Go"),
    ADJUST("Adjust"),
    SWAP("Swap"),
    NOT_YET("Not yet"),
    STOP("Stop");

    private final String words;

    Kind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Go or Adjust: she may do the move today. */
    public boolean passes() {
        return compareTo(ADJUST) <= 0;
    }

    public boolean isStrongerThan(Kind other) {
        return compareTo(other) > 0;
    }
}
