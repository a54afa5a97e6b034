package openbloom.core.verdict;

import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;

/**
 * A named change to a move, and the moves it can be made to. What cannot be changed so is swapped: nobody lowers the arms
 * while hanging, and nobody props the chest up in a bridge.
 */
public enum Adjustment {
    TRY_ONE_SET("one set only to begin with; watch the midline and her breath", any()),
    WATCH_MIDLINE("watch the midline; stop at the first ridge or hollow", any()),
    SURFACE_UP_IF_IT_DOMES(
            "raise the surface if the midline domes",
            move -> move.purpose() == Purpose.FRONT_SUPPORT || move.strand() == ExerciseGroup.STRENGTH_PUSH),
    SMALLER_RANGE("smaller range", any()),
    MID_RANGE("easy middle of the range", any()),
    FEET_APART("feet hip-width apart", has(Demand.LEGS_TOGETHER)),
    PROP_UP(
            "chest propped higher than the hips",
            move -> move.isOnTheBack() && move.purpose() != Purpose.HIP_EXTENSION && !move.isCurl()),
    SHORT_BOUTS_ON_THE_BACK("on the back for a minute or two, then roll to the side", Move::isOnTheBack),
    SHORTER_HOLD(Published.said("holds of {} s at most", Published.SHORT_HOLD), move -> !move.has(Demand.MOVING)),
    ARMS_LOW(
            "arms at shoulder height or lower",
            move -> move.has(Demand.OVERHEAD) && !move.has(Demand.HANGING) && !isArmWork(move) && !isBarbell(move)),
    LIGHT_AND_MOVING(
            Published.said("a weight she could lift {} times, always moving", Published.LIFTED_FOR_LIGHT),
            move -> move.has(Demand.OVERHEAD) && !move.has(Demand.HANGING) && !move.has(Demand.HEAVY)),
    FOREARMS_OR_FISTS("forearms or fists instead of flat hands", move -> move.has(Demand.WRIST) && !isBarbell(move)),
    SUPPORT_WITHIN_REACH("a support within reach", move -> move.position().isUpright() && !move.isFullFrontSupport()),
    TOES_STAY_DOWN(
            "slide the toes along the floor instead of lifting the leg",
            move -> move.strand() == ExerciseGroup.HANDS_AND_KNEES),
    PRESS_LIGHTLY("low back pressed lightly down", Move::isOnTheBack),
    BONE_BY_BONE("up and down vertebra by vertebra, the tail first", move -> move.purpose() == Purpose.HIP_EXTENSION),
    LIGHT_BRACE_STAYS("a light brace stays between repetitions, breathing", any()),
    IN_ONE_PIECE("up and down in one piece, the spine long", move -> move.purpose() == Purpose.HIP_EXTENSION),
    LET_ALL_GO("let everything go after each repetition", any()),
    NO_PAUSE("the next breath comes without a pause", move -> move.strand() == ExerciseGroup.BREATH),
    EMPTY_PAUSE("breathe out fully, pause empty for a moment", move -> move.strand() == ExerciseGroup.BREATH),
    ARCH_TOO("also arch gently the other way", has(Demand.ROUNDED)),
    LIFT_IN_ORDER("one opening after the other, from the back to the front", Move::isSqueezeOrLift),
    PRE_LIFT("light pelvic floor lift just before the effort", any()),
    NO_BREATH_HOLD("breathe out through the effort, never hold", any()),
    SMALL_OPEN_TURN("small turn away from the bump, from the ribs", any()),
    SYMMETRICAL("weight even on both legs, small stride", move -> !move.has(Demand.SINGLE_LEG) && !move.isImpact()),
    BOX_DEPTH("squat to a box, no deeper", has(Demand.SQUAT)),
    RAISED_SEAT("from a raised seat, hands helping", has(Demand.SQUAT)),
    WEAKER_SIDE_FIRST("the weaker side first; it sets the count for both", any()),
    THREE_EVEN_BREATHS("three even breaths before each set", any()),
    TALK_WHILE_WORKING("only as hard as she can still talk in full sentences", any()),
    KNEES_CLOSER(
            "knees closer in",
            move -> move.strand() == ExerciseGroup.LIMB_LOAD && !move.position().isUpright()),
    LIGHTER("lighter or slower, stop before the back tires", move -> !move.has(Demand.HEAVY)),
    HEAD_SUPPORTED("head supported", move -> move.demands().flexion() != Flexion.NONE),
    SOFT_AND_LOW("soft, low and few", Move::isImpact),
    EASY_PACE("an easy pace, a few minutes, talking in sentences", move -> move.load() <= 1),
    LONGER_RESTS("longer rests", any()),
    SLOW_TO_RISE("come up slowly, pause sitting", move -> !move.position().isUpright()),
    STOP_IF_HEAVY("stop if heaviness comes on", any()),
    STOP_IF_REDDER("stop if the bleeding gets redder, or pain or heaviness comes", any()),
    AFTER_THE_CATHETER(
            "only once any catheter is out and she has passed urine, and while it is comfortable",
            Move::isSqueezeOrLift),
    NOT_MAXIMAL("well below her most: several repetitions in reserve", has(Demand.HEAVY)),
    FRONT_RIBS_SINK("a hand on the front ribs: they sink all the way on the out-breath", breath()),
    HAND_ON_THE_LEFT_RIBS("a hand on the left side ribs: breathe into that hand first", breath()),
    HAND_ON_THE_RIGHT_RIBS("a hand on the right side ribs: breathe into that hand first", breath()),
    BACK_RIBS_WIDEN("let the back of the ribs widen first; lean forward on a support if that helps", breath()),
    BELLY_WIDENS("let the belly soften and widen on the in-breath, nothing drawn in", breath()),
    SITTING_BONES_WIDEN("let the space between the sitting bones widen on the in-breath", breath()),
    PELVIS_STILL("the pelvis stays still: a hand under the low back tells", any()),
    LOWER_BELLY_FIRST("the lower belly first, at half the effort; the ribs stay soft", any()),
    SEAT_AND_THIGHS_SOFT("buttocks and thighs stay soft", any()),
    NECK_AND_JAW_SOFT("jaw loose, neck long, toes still", any()),
    GENTLE_AND_LET_GO("about a quarter of her strength, full letting-go between", Move::isSqueezeOrLift),
    ATTENTION_ONLY(
            "attention only: notice each area widen and soften, lift nothing",
            move -> move.strand() == ExerciseGroup.PELVIC_FLOOR_AREAS),
    ONLY_IF_COMFORTABLE("only while sitting pressure is comfortable", any()),
    WITHIN_HER_LIMITS("within her clinician's limits", any()),
    USE_SUBSTITUTE("use what is at hand", any());

    /** Changes that cannot be made together. */
    private static final List<Set<Adjustment>> CONTRADICTIONS = List.of(
            Set.of(SHORTER_HOLD, LIGHT_AND_MOVING),
            Set.of(ARMS_LOW, LIGHT_AND_MOVING),
            Set.of(BONE_BY_BONE, IN_ONE_PIECE),
            Set.of(LIGHT_BRACE_STAYS, LET_ALL_GO),
            Set.of(EMPTY_PAUSE, NO_PAUSE));

    private final String words;
    private final Predicate<Move> fits;

    Adjustment(String words, Predicate<Move> fits) {
        this.words = words;
        this.fits = fits;
    }

    public String words() {
        return words;
    }

    /** Whether a move can be changed in this way. */
    public boolean fits(Move move) {
        return fits.test(move);
    }

    /** Whether the two cannot be made together. */
    public boolean contradicts(Adjustment other) {
        return this != other && CONTRADICTIONS.stream().anyMatch(pair -> pair.contains(this) && pair.contains(other));
    }

    private static Predicate<Move> breath() {
        return move -> move.strand() == ExerciseGroup.BREATH;
    }

    private static Predicate<Move> any() {
        return move -> true;
    }

    private static Predicate<Move> has(Demand demand) {
        return move -> move.has(demand);
    }

    private static boolean isBarbell(Move move) {
        return move.needs(Equipment.BARBELL);
    }

    private static boolean isArmWork(Move move) {
        return move.purpose() == Purpose.STRENGTH_PUSH || move.purpose() == Purpose.STRENGTH_PULL;
    }
}
