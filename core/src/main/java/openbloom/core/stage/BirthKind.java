package openbloom.core.stage;

/**
 * How a baby was born.
 *
 * @see Birth
 */
public enum BirthKind {
    VAGINAL("vaginal birth"),
    ASSISTED("assisted birth"),
    CAESAREAN("caesarean"),
    /** Nobody told; it counts as the slower one. */
    UNKNOWN("birth of unknown kind");

    private final String words;

    BirthKind(String words) {
        this.words = words;
    }

    /** Whether a birth of this kind can have torn so: a caesarean never tears the sphincter. */
    public boolean allows(Tear tear) {
        return this != CAESAREAN || !tear.reachesSphincter();
    }

    public String words() {
        return words;
    }
}
