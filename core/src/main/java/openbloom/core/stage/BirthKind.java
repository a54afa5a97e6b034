package openbloom.core.stage;

/** How a baby was born. */
public enum BirthKind {
    VAGINAL("vaginal birth"),
    ASSISTED("assisted birth"),
    CAESAREAN("caesarean"),
    /** Nobody told; it counts as the slower one. */
    UNKNOWN("birth, its kind not told");

    private final String words;

    BirthKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
