package openbloom.core.verdict;

import java.util.EnumSet;
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
 *
 * @see Versions
 * @see BodyRules
 */
public enum Adjustment {
    TRY_ONE_SET("one set only to begin with; watch the midline and her breath", "one set", any()),
    WATCH_MIDLINE("watch the midline; stop at the first ridge or hollow", "watch the midline", any()),
    SURFACE_UP_IF_IT_DOMES(
            "raise the surface if the midline domes",
            "higher if it domes",
            move -> move.purpose() == Purpose.FRONT_SUPPORT || move.strand() == ExerciseGroup.STRENGTH_PUSH),
    SMALLER_RANGE("smaller range", "smaller", any()),
    MID_RANGE("easy middle of the range", "middle of the range", any()),
    FEET_APART("feet hip-width apart", "feet apart", has(Demand.LEGS_TOGETHER)),
    PROP_UP(
            "chest propped higher than the hips",
            "chest propped up",
            move -> move.isOnTheBack() && move.purpose() != Purpose.HIP_EXTENSION && !move.isCurl()),
    SHORT_BOUTS_ON_THE_BACK(
            "on the back for a minute or two, then roll to the side", "then to the side", Move::isOnTheBack),
    SHORTER_HOLD(
            Published.said("holds of {} s at most", Published.SHORT_HOLD),
            "shorter hold",
            move -> !move.has(Demand.MOVING)),
    ARMS_LOW(
            "arms at shoulder height or lower",
            "arms low",
            move -> move.has(Demand.OVERHEAD) && !move.has(Demand.HANGING) && !isArmWork(move) && !isBarbell(move)),
    LIGHT_AND_MOVING(
            Published.said("a weight she could lift {} times, always moving", Published.LIFTED_FOR_LIGHT),
            "light, keep moving",
            move -> move.has(Demand.OVERHEAD) && !move.has(Demand.HANGING) && !move.has(Demand.HEAVY)),
    FOREARMS_OR_FISTS(
            "forearms or fists instead of flat hands",
            "forearms or fists",
            move -> move.has(Demand.WRIST) && !isBarbell(move)),
    SUPPORT_WITHIN_REACH(
            "a support within reach",
            "support in reach",
            move -> move.position().isUpright() && !move.isFullFrontSupport()),
    TOES_STAY_DOWN(
            "slide the toes along the floor instead of lifting the leg",
            "toes stay down",
            move -> move.strand() == ExerciseGroup.HANDS_AND_KNEES),
    PRESS_LIGHTLY("low back pressed lightly down", "low back lightly down", Move::isOnTheBack),
    BONE_BY_BONE(
            "up and down vertebra by vertebra, the tail first",
            "bone by bone",
            move -> move.purpose() == Purpose.HIP_EXTENSION),
    LIGHT_BRACE_STAYS("a light brace stays between repetitions, breathing", "brace stays, breathing", any()),
    IN_ONE_PIECE(
            "up and down in one piece, the spine long",
            "in one piece",
            move -> move.purpose() == Purpose.HIP_EXTENSION),
    LET_ALL_GO("let everything go after each repetition", "let go each time", any()),
    NO_PAUSE("the next breath comes without a pause", "no pause", move -> move.strand() == ExerciseGroup.BREATH),
    EMPTY_PAUSE(
            "breathe out fully, pause empty for a moment",
            "pause empty",
            move -> move.strand() == ExerciseGroup.BREATH),
    ARCH_TOO("also arch gently the other way", "arch gently too", has(Demand.ROUNDED)),
    LIFT_IN_ORDER(
            "one opening after the other, from the back to the front", "lift back to front", Move::isSqueezeOrLift),
    PRE_LIFT("light pelvic floor lift just before the effort", "floor first", any()),
    NO_BREATH_HOLD("breathe out through the effort, never hold", "breathe out with effort", any()),
    SMALL_OPEN_TURN("small turn away from the bump, from the ribs", "small open turn", any()),
    SYMMETRICAL(
            "weight even on both legs, small stride",
            "both legs, small stride",
            move -> !move.has(Demand.SINGLE_LEG) && !move.isImpact()),
    BOX_DEPTH("squat to a box, no deeper", "to a box", has(Demand.SQUAT)),
    RAISED_SEAT("from a raised seat, hands helping", "raised seat, hands help", has(Demand.SQUAT)),
    WEAKER_SIDE_FIRST("the weaker side first; it sets the count for both", "weaker side first", any()),
    THREE_EVEN_BREATHS("three even breaths before each set", "three breaths first", any()),
    TALK_WHILE_WORKING("only as hard as she can still talk in full sentences", "able to talk", any()),
    KNEES_CLOSER(
            "knees closer in",
            "knees closer in",
            move -> move.strand() == ExerciseGroup.LIMB_LOAD && !move.position().isUpright()),
    LIGHTER("lighter or slower, stop before the back tires", "lighter", move -> !move.has(Demand.HEAVY)),
    HEAD_SUPPORTED("head supported", "head supported", move -> move.demands().flexion() != Flexion.NONE),
    SOFT_AND_LOW("soft, low and few", "soft and low", Move::isImpact),
    EASY_PACE("an easy pace, a few minutes, talking in sentences", "easy pace", move -> move.load() <= 1),
    LONGER_RESTS("longer rests", "longer rests", any()),
    SLOW_TO_RISE(
            "come up slowly, pause sitting",
            "come up slowly",
            move -> !move.position().isUpright()),
    STOP_IF_HEAVY("stop if heaviness comes on", "stop if heavy", any()),
    STOP_IF_REDDER("stop if the bleeding gets redder, or pain or heaviness comes", "stop if redder", any()),
    AFTER_THE_CATHETER(
            "only once any catheter is out and she has passed urine, and while it is comfortable",
            "after the catheter",
            Move::isSqueezeOrLift),
    NOT_MAXIMAL("well below her most: several repetitions in reserve", "some in reserve", has(Demand.HEAVY)),
    FRONT_RIBS_SINK("a hand on the front ribs: they sink all the way on the out-breath", "front ribs sink", breath()),
    HAND_ON_THE_LEFT_RIBS("a hand on the left side ribs: breathe into that hand first", "hand on left ribs", breath()),
    HAND_ON_THE_RIGHT_RIBS(
            "a hand on the right side ribs: breathe into that hand first", "hand on right ribs", breath()),
    BACK_RIBS_WIDEN(
            "let the back of the ribs widen first; lean forward on a support if that helps",
            "back ribs widen",
            breath()),
    BELLY_WIDENS("let the belly soften and widen on the in-breath, nothing drawn in", "belly widens", breath()),
    SITTING_BONES_WIDEN(
            "let the space between the sitting bones widen on the in-breath", "sitting bones widen", breath()),
    PELVIS_STILL("the pelvis stays still: a hand under the low back tells", "pelvis still", any()),
    LOWER_BELLY_FIRST("the lower belly first, at half the effort; the ribs stay soft", "lower belly first", any()),
    SEAT_AND_THIGHS_SOFT("buttocks and thighs stay soft", "seat and thighs soft", any()),
    NECK_AND_JAW_SOFT("jaw loose, neck long, toes still", "neck and jaw soft", any()),
    GENTLE_AND_LET_GO(
            "about a quarter of her strength, full letting-go between", "gentle, let go", Move::isSqueezeOrLift),
    ATTENTION_ONLY(
            "attention only: notice each area widen and soften, lift nothing",
            "attention only",
            move -> move.strand() == ExerciseGroup.PELVIC_FLOOR_AREAS),
    ONLY_IF_COMFORTABLE("only while sitting pressure is comfortable", "only if comfortable", any()),
    WITHIN_HER_LIMITS("within her clinician's limits", "within her limits", any()),
    USE_SUBSTITUTE("use what is at hand", "other kit", any());

    private static final Set<Adjustment> TO_WATCH = EnumSet.of(
            WATCH_MIDLINE,
            SURFACE_UP_IF_IT_DOMES,
            NO_BREATH_HOLD,
            TALK_WHILE_WORKING,
            SLOW_TO_RISE,
            STOP_IF_HEAVY,
            STOP_IF_REDDER,
            WITHIN_HER_LIMITS);

    /** Changes that cannot be made together. */
    private static final List<Set<Adjustment>> CONTRADICTIONS = List.of(
            Set.of(SHORTER_HOLD, LIGHT_AND_MOVING),
            Set.of(ARMS_LOW, LIGHT_AND_MOVING),
            Set.of(BONE_BY_BONE, IN_ONE_PIECE),
            Set.of(LIGHT_BRACE_STAYS, LET_ALL_GO),
            Set.of(EMPTY_PAUSE, NO_PAUSE));

    private final String words;
    private final String called;
    private final Predicate<Move> fits;

    Adjustment(String words, String called, Predicate<Move> fits) {
        this.words = words;
        this.called = called;
        this.fits = fits;
    }

    public String words() {
        return words;
    }

    /** As it is called out in a class: four words at most. */
    public String called() {
        return called;
    }

    /** Whether it changes nothing she does: somebody looks, or she stops in time. */
    public boolean isToWatch() {
        return TO_WATCH.contains(this);
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
