package openbloom.core.moves;

/**
 * A feature of a move that some woman may have to be spared.
 *
 * @see Move
 * @see MoveEntry
 */
public enum Demand {
    OVERHEAD("arms above the shoulder"),
    WRIST("weight on bent wrists"),
    SINGLE_LEG("one leg bears the load"),
    LEGS_TOGETHER("legs held together"),
    INNER_THIGH_SQUEEZE("inner thighs squeeze"),
    BAR_PATH("load travels close to the belly"),
    BALANCE("unsteady balance"),
    HEAVY("heavy load"),
    WIDE("wide or uneven stride"),
    BREATH_HOLD("tempts her to hold the breath"),
    EMPTY_PAUSE("a pause with empty lungs"),
    ARCHED("the back arches"),
    WRAPPED("a cloth drawn round the belly"),
    BRACED("the belly stays firm while she breathes"),
    HEAD_LOW("the head is lower than the heart"),
    MOVING("the body moves through the support"),
    ROUNDED("the spine rounds fully"),
    SQUAT("knees and hips bend deep on two legs"),
    HANGING("she hangs by her hands"),
    FALL("she could fall from it"),
    FRONT_STRETCH("a long stretch of the belly wall"),
    THROWN("a weight is thrown over the head");

    private final String words;

    Demand(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
