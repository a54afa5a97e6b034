package openbloom.core.screening;

/**
 * How one side did a task.
 *
 * @param control 0 not possible to 3 steady
 * @param smoothness 0 jerky to 3 smooth
 * @see SideCheck
 */
public record SideScore(int control, int smoothness, FeltIn felt) {
    public static final int BEST = 3;

    /** @throws IllegalArgumentException if a score is outside 0 to 3 */
    public SideScore {
        require("Control", control);
        require("Smoothness", smoothness);
    }

    private static void require(String what, int score) {
        if (score < 0 || score > BEST) {
            throw new IllegalArgumentException(what + " must be 0 to " + BEST + ", but was " + score);
        }
    }

    /** Both scores, and one more for feeling it in the right place: 0 to 7. */
    public int points() {
        return control + smoothness + (felt == FeltIn.RIGHT_PLACE ? 1 : 0);
    }
}
