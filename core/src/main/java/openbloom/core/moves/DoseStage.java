package openbloom.core.moves;

/**
 * The stage a dose is written for.
 *
 * @see DoseReader
 * @see Doing
 */
public enum DoseStage {
    HEAL("Early healing"),
    RECONNECT("Early recovery"),
    REBUILD("Rebuilding"),
    STRENGTHEN("Strengthening"),
    RETURN("Return to impact"),
    PREGNANT("Pregnant"),
    OTHER("Neither pregnant nor postnatal");

    private final String words;

    DoseStage(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
