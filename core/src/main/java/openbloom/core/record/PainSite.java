package openbloom.core.record;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Predicate;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Rotation;
import openbloom.core.screening.Symptom;
import org.jspecify.annotations.Nullable;

/**
 * Where it hurt while she was taught; each counts as the symptom of that place. Which moves load a place stands here and
 * nowhere else (common practice, no source).
 *
 * @see PainHold
 * @see Noted
 */
public enum PainSite {
    PELVIC_FLOOR(
            "pelvic floor",
            Symptom.PELVIC_PAIN,
            move -> move.isSqueezeOrLift()
                    || move.demands().pressure() >= 2
                    || move.isImpact()
                    || move.has(Demand.HEAVY)
                    || move.has(Demand.BREATH_HOLD),
            "Let her lie down with the hips raised, breathe into the belly and let the pelvic floor go; no lift, no squeeze,"
                    + " nothing that bears down for the rest of today."),
    PELVIS(
            "front or back of the pelvis",
            Symptom.PELVIC_GIRDLE_PAIN,
            move -> move.has(Demand.SINGLE_LEG)
                    || move.has(Demand.WIDE)
                    || move.has(Demand.SQUAT)
                    || move.has(Demand.INNER_THIGH_SQUEEZE)
                    || move.has(Demand.HEAVY)
                    || move.isImpact(),
            "Let her lie on the side with a cushion between knees and ankles; nothing on one leg, nothing wide and no deep"
                    + " bend for the rest of today."),
    BACK(
            "back",
            Symptom.BACK_PAIN,
            move -> move.demands().midlineLoad() >= 2
                    || move.demands().flexion() != Flexion.NONE
                    || move.demands().rotation() == Rotation.END
                    || move.has(Demand.HEAVY)
                    || move.has(Demand.BAR_PATH)
                    || move.has(Demand.ARCHED)
                    || move.has(Demand.ROUNDED)
                    || move.isImpact(),
            "Let her lie on the side with the knees drawn up, or lean forward over a chair, whichever eases it; nothing that"
                    + " loads or bends the back for the rest of today."),
    SCAR(
            "scar",
            Symptom.SCAR_PAIN,
            move -> move.strand() == ExerciseGroup.SCAR
                    || move.demands().midlineLoad() >= 2
                    || move.demands().flexion() != Flexion.NONE
                    || move.demands().rotation() == Rotation.END
                    || move.has(Demand.ARCHED)
                    || move.has(Demand.HEAVY)
                    || move.position() == Position.PRONE
                    || move.isFullFrontSupport(),
            "Let her lie with the knees bent so that the belly is slack, a hand resting on it; look whether the scar is open,"
                    + " red or wet, and if it is, her clinician today."),
    NECK(
            "neck",
            Symptom.NECK_PAIN,
            move -> move.strand() == ExerciseGroup.FLEXION
                    || move.demands().flexion() != Flexion.NONE
                    || move.has(Demand.OVERHEAD)
                    || move.has(Demand.HANGING)
                    || move.has(Demand.HEAD_LOW)
                    || move.has(Demand.HEAVY),
            "Let the head rest on something; no head lift, nothing overhead and nothing heavy for the rest of today."),
    WRIST(
            "wrist",
            Symptom.WRIST_PAIN,
            move -> move.has(Demand.WRIST) || move.has(Demand.HANGING) || move.isWeighted(),
            "Take the weight off the hands and let them hang loose; nothing on the hands and nothing in them for the rest of"
                    + " today."),
    KNEE(
            "knee",
            null,
            move -> move.has(Demand.SQUAT)
                    || move.has(Demand.SINGLE_LEG)
                    || move.isImpact()
                    || move.strand() == ExerciseGroup.STRENGTH_LEGS && move.load() >= 2
                    || move.position().isOnTheKnees(),
            "Let her sit or lie with the knee a little bent and supported; no kneeling, no deep bend, nothing on one leg for"
                    + " the rest of today."),
    ELSEWHERE(
            "elsewhere",
            null,
            move -> move.load() >= 3 || move.has(Demand.HEAVY),
            "Let her rest in the position that eases it; nothing heavy and nothing that brings it back for the rest of"
                    + " today.");

    /** Pain of floor and scar has to be gone before anything goes on; elsewhere what is acceptable may stay. */
    private static final int GONE = 0;

    private final String words;
    private final @Nullable Symptom symptom;
    private final Predicate<Move> loads;
    private final String ease;

    PainSite(String words, @Nullable Symptom symptom, Predicate<Move> loads, String ease) {
        this.words = words;
        this.symptom = symptom;
        this.loads = loads;
        this.ease = ease;
    }

    public String words() {
        return words;
    }

    /** What it counts as; knee and elsewhere are no symptom the rules know, only a caution. */
    public Optional<Symptom> symptom() {
        return Optional.ofNullable(symptom);
    }

    /** Whether a move loads this place; elsewhere nobody knows, so everything of load 3 and more does. */
    public boolean isLoadedBy(Move move) {
        return loads.test(move);
    }

    /** What to do at once when a move hurts here too much, in whole sentences for the instructor. */
    public String ease() {
        return ease;
    }

    /** The most pain here, 0 to 10, at which she may go on after too much of it. */
    public int quietAtMost() {
        return this == PELVIC_FLOOR || this == SCAR ? GONE : PainHold.ACCEPTABLE;
    }

    /** The place a response names; empty when it was not told. */
    public static Optional<PainSite> named(String place) {
        return Arrays.stream(values()).filter(one -> one.name().equals(place)).findFirst();
    }
}
