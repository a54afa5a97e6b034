package openbloom.core.figure;

/**
 * A change to a move that changes its picture, each with its line of set-up. Every figure can be drawn with any of them.
 *
 * @see Changed
 * @see FigureStyle
 */
public enum FigureChange {
    SMALLER_RANGE("Go about half of the way, and back."),
    FEET_APART("Feet hip-width apart, knees over the feet."),
    CHEST_PROPPED("A wedge or firm cushions under chest and head, so that the chest lies higher than the hips."),
    ARMS_LOW("Arms forward, no higher than the shoulders."),
    ON_FISTS("Fists instead of flat hands, the wrists straight; or the forearms."),
    SUPPORT_NEAR("A rail, a counter or the back of a chair within an arm's reach."),
    HEAD_SUPPORTED("A folded cloth or a flat cushion under the head; it stays there."),
    KNEES_CLOSER("Knees nearer to the chest and more bent."),
    TO_A_BOX("A box or a seat behind her; she sits down to it and comes up again.");

    private final String setUp;

    FigureChange(String setUp) {
        this.setUp = setUp;
    }

    /** One line for whoever sets it up. */
    public String setUp() {
        return setUp;
    }
}
