package openbloom.core.verdict;

/**
 * The five verdicts, strongest last.
 *
 * @see Judgement
 * @see Findings
 */
public enum VerdictKind {
    GO("Go"),
    ADJUST("Adjust"),
    SWAP("Swap"),
    NOT_YET("Not yet"),
    STOP("Stop");

    private final String words;

    VerdictKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Go or Adjust: she may do the move today. */
    public boolean passes() {
        return compareTo(ADJUST) <= 0;
    }

    public boolean isStrongerThan(VerdictKind other) {
        return compareTo(other) > 0;
    }
}
