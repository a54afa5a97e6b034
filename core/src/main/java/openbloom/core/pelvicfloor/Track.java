package openbloom.core.pelvicfloor;

/**
 * What the pelvic floor practice is about.
 *
 * @see Prescriber
 * @see Pacer
 */
public enum Track {
    RELEASE("Release first"),
    COORDINATE("Find it and let it go"),
    ENDURANCE("Build holds and flicks"),
    FUNCTION("Use it upright and in tasks");

    private final String words;

    Track(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
