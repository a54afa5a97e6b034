package openbloom.core.breath;

/**
 * Positions in which the deep abdominal layer is found, from the easiest.
 *
 * @see ConnectCheck
 */
public enum ConnectPosition {
    LYING(0, "lying"),
    HANDS_AND_KNEES(1, "hands and knees"),
    SITTING(2, "sitting"),
    STANDING(3, "standing"),
    DAILY_TASKS(4, "daily tasks: sit to stand, lifting, rolling over in bed");

    private final int step;
    private final String words;

    ConnectPosition(int step, String words) {
        this.step = step;
        this.words = words;
    }

    /** Steps up from lying, 0 to 4. */
    public int step() {
        return step;
    }

    public String words() {
        return words;
    }
}
