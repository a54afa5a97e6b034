package openbloom.core.record;

/**
 * Whether she is steady: asked from 60, or when she says so.
 *
 * @see Background
 * @see Client
 */
public enum Falls {
    NOT_ASKED("falls not asked"),
    NONE("steady, no fall this year"),
    UNSTEADY("unsteady on her feet"),
    FELL("fell this year");

    private final String words;

    Falls(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean isUnsteady() {
        return this == UNSTEADY || this == FELL;
    }
}
