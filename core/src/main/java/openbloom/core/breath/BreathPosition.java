package openbloom.core.breath;

/**
 * Positions tried in turn until the breath spreads evenly.
 *
 * @see BreathZone
 * @see BreathCheck
 */
public enum BreathPosition {
    ON_THE_BACK("on the back, knees bent"),
    ON_THE_SIDE("on the side, knees drawn up"),
    ROUNDED_ON_HEELS("sitting back on the heels, rounded, forearms squeezing a block"),
    SITTING("sitting, hips no lower than knees"),
    HANDS_AND_KNEES("hands and knees"),
    STANDING("standing");

    private final String words;

    BreathPosition(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
