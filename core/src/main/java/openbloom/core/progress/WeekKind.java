package openbloom.core.progress;

/**
 * What a week of a block is for; each asks for something else of the same exercises (common practice, no source).
 *
 * @see DoseStep
 */
public enum WeekKind {
    LEARN(
            "learn",
            "Learn: fewer exercises at the lower dose; how they feel matters more than how many, and stop well before tired."),
    BUILD("build", "Build: the whole dose of the same exercises."),
    EASE(
            "ease and look",
            "Ease and look: the same exercises with about six tenths of the sets, then the checks and the review."),
    KEEP("keep", "Keep: nothing goes up now; shorter or lighter by how she feels."),
    DAY_BY_DAY("day by day", "Day by day: what is comfortable, and nothing that is not.");

    private static final double EASED = 0.6;

    private final String words;
    private final String sentence;

    WeekKind(String words, String sentence) {
        this.words = words;
        this.sentence = sentence;
    }

    public String words() {
        return words;
    }

    /** What is different in it, in one sentence. */
    public String sentence() {
        return sentence;
    }

    /** Whether levels and doses may go up in it. */
    public boolean rises() {
        return this == BUILD;
    }

    /** @return at least one set */
    public int sets(int written) {
        return this == EASE ? Math.max(1, (int) Math.ceil(EASED * written)) : written;
    }

    /** @param step 1 to 3; in a week of learning no more than the lowest */
    public int step(int step) {
        return this == LEARN ? Math.min(step, DoseStep.LOWEST) : step;
    }
}
