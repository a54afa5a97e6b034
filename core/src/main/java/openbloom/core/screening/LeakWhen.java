package openbloom.core.screening;

/**
 * When she leaks. What she told of one thing holds back what belongs to it (common practice, no source).
 *
 * @see SymptomReport
 */
public enum LeakWhen {
    COUGH("coughing, sneezing or laughing"),
    LIFT("lifting"),
    JUMP("jumping"),
    TRAMPOLINE("on a trampoline"),
    RUN("running"),
    URGE("on the way to the toilet"),
    ANY("with anything");

    private final String words;

    LeakWhen(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
