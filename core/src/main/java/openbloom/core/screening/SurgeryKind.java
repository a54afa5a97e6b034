package openbloom.core.screening;

/** How somebody was operated on, belly or pelvis. */
public enum SurgeryKind {
    KEYHOLE("keyhole surgery", true),
    OPEN("open surgery", true),
    HYSTERECTOMY("hysterectomy", true),
    HERNIA_REPAIR("hernia repair", true),
    PROLAPSE_OR_CONTINENCE_REPAIR("prolapse or continence repair", false),
    OTHER("another operation", true),
    UNKNOWN("not known", true);

    private final String words;
    private final boolean throughTheBelly;

    SurgeryKind(String words, boolean throughTheBelly) {
        this.words = words;
        this.throughTheBelly = throughTheBelly;
    }

    public String words() {
        return words;
    }

    /** Whether the wall of the belly was cut, or may have been. */
    public boolean isThroughTheBelly() {
        return throughTheBelly;
    }

    /** Open, or nobody said how: it heals more slowly. */
    public boolean isSlow() {
        return this == OPEN || this == UNKNOWN;
    }

    public boolean isRepair() {
        return this == PROLAPSE_OR_CONTINENCE_REPAIR;
    }
}
