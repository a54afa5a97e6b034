package openbloom.core.pelvicfloor;

/**
 * How strongly she lifts (A6).
 *
 * @see Prescriber
 * @see Prescription
 */
public enum Effort {
    GENTLE("gently, about a quarter of her strength"),
    STRONG("close to full strength");

    private final String words;

    Effort(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
