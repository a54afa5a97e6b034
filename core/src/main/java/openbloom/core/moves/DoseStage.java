package openbloom.core.moves;

/**
 * The stage a dose is written for.
 *
 * @see DoseReader
 * @see Doing
 */
public enum DoseStage {
    HEAL("Heal"),
    RECONNECT("Reconnect"),
    REBUILD("Rebuild"),
    STRENGTHEN("Strengthen"),
    RETURN("Return"),
    PREGNANT("Pregnant"),
    OTHER("Neither pregnant nor newly delivered");

    private final String words;

    DoseStage(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
