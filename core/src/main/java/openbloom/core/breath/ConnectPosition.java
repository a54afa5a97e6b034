package openbloom.core.breath;

/** Positions in which the deep abdominal layer is found, from the easiest. */
public enum ConnectPosition {
    LYING("lying"),
    HANDS_AND_KNEES("hands and knees"),
    SITTING("sitting"),
    STANDING("standing"),
    DAILY_TASKS("daily tasks: sit to stand, lifting, rolling over in bed");

    private final String words;

    ConnectPosition(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
