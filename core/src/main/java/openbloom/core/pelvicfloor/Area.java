package openbloom.core.pelvicfloor;

/**
 * An area of the pelvic floor, in the order of an area round (P-PF-4).
 *
 * @see Pacer
 * @see DatedCheck
 */
public enum Area {
    RIGHT("right"),
    LEFT("left"),
    BACK("back"),
    MIDDLE("middle"),
    FRONT("front");

    private final String words;

    Area(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
