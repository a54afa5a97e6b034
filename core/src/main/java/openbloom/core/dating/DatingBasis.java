package openbloom.core.dating;

/**
 * What a due date rests on.
 *
 * @see Statement
 * @see Dating
 */
public enum DatingBasis {
    LAST_PERIOD("last period"),
    CONCEPTION("conception"),
    TRANSFER("embryo transfer"),
    ULTRASOUND("ultrasound"),
    STATED("due date as given");

    private final String words;

    DatingBasis(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
