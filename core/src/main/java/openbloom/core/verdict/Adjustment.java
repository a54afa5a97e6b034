package openbloom.core.verdict;

/** A named change to a move. */
public enum Adjustment {
    SURFACE_UP_IF_IT_DOMES("raise the surface if the midline domes"),
    SMALLER_RANGE("smaller range"),
    MID_RANGE("easy middle of the range"),
    FEET_APART("feet hip-width apart"),
    PROP_UP("chest propped higher than the hips"),
    SHORT_BOUTS_ON_THE_BACK("on the back for a minute or two, then roll to the side"),
    SHORTER_HOLD("holds of 10 s at most"),
    ARMS_LOW("arms at shoulder height or lower"),
    FOREARMS_OR_FISTS("forearms or fists instead of flat hands"),
    SUPPORT_WITHIN_REACH("a support within reach"),
    LOAD_AT_THE_SIDE("load held at the side or taken from a rack"),
    LOAD_AT_THE_CHEST("load held at the chest, not on the front of the shoulders"),
    PRE_LIFT("light pelvic floor lift just before the effort"),
    NO_BREATH_HOLD("breathe out through the effort, never hold"),
    SMALL_OPEN_TURN("small turn away from the bump, from the ribs"),
    SYMMETRICAL("weight even on both legs, small stride"),
    BOX_DEPTH("squat to a box, no deeper"),
    WEAKER_SIDE_FIRST("the weaker side first; it sets the count for both"),
    THREE_EVEN_BREATHS("three even breaths before each set"),
    TALK_WHILE_WORKING("only as hard as she can still talk in full sentences"),
    KNEES_CLOSER("knees closer in"),
    HEAD_SUPPORTED("head supported"),
    SOFT_AND_LOW("soft, low and few"),
    SMALL_KNEE_SHIFT("small knee shift, both sides of the pelvis down"),
    EASY_PACE("an easy pace, a few minutes"),
    LONGER_RESTS("longer rests"),
    SLOW_TO_RISE("come up slowly, pause sitting"),
    STOP_IF_HEAVY("stop if heaviness comes on"),
    GENTLE_AND_LET_GO("about a quarter of her strength, full letting-go between"),
    ONLY_IF_COMFORTABLE("only while sitting pressure is comfortable"),
    WITHIN_HER_LIMITS("within her clinician's limits"),
    USE_SUBSTITUTE("use what is at hand");

    private final String words;

    Adjustment(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
