package openbloom.core.record;

import static openbloom.core.moves.ExerciseGroup.*;

import java.util.List;
import java.util.Set;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;

/**
 * What a program is for, in the order in which aims come first when they compete. Strands in the order in which they are
 * wanted.
 *
 * @see Source
 * @see Demand
 */
public enum Goal {
    LET_GO(
            "let the pelvic floor go",
            "An easier floor first; strength is asked for later.",
            Source.E_ICS,
            RELEASE,
            BREATH,
            PELVIC_FLOOR_AREAS),
    EASE_HEAVINESS(
            "ease heaviness",
            Published.said(
                    "Fewer heavy days; it does not mend a prolapse. Looked at after {} weeks.",
                    Published.PELVIC_PROGRAMME_HEAVY),
            Source.E_NICE,
            PELVIC_FLOOR_ENDURANCE,
            BRIDGE,
            HANDS_AND_KNEES,
            RELEASE),
    STOP_LEAKING(
            "stop leaking",
            Published.said(
                    "Most women who train for {} weeks leak less; not every leak stops.", Published.PELVIC_PROGRAMME),
            Source.E_NICE,
            PELVIC_FLOOR_ENDURANCE,
            PELVIC_FLOOR_QUICK,
            CONNECT),
    EASE_PELVIS(
            "ease the pelvis",
            "Easier days with small, even exercises; pain may come back with long days.",
            Source.COMMON_PRACTICE,
            MOBILITY,
            STRENGTH_LEGS,
            CONNECT),
    EASE_BACK(
            "ease the back",
            "Easier days by moving and lifting well.",
            Source.COMMON_PRACTICE,
            MOBILITY,
            STRENGTH_LEGS,
            CONNECT),
    SUPPORT_MIDLINE(
            "support the midline",
            "Exercises without doming; no width is promised while she is pregnant.",
            Source.E_SPER,
            BREATH,
            CONNECT,
            HANDS_AND_KNEES,
            SIDE_SUPPORT,
            UPRIGHT_CONTROL,
            STRENGTH_PULL,
            STRENGTH_LEGS),
    REBUILD_MIDLINE(
            "rebuild the midline",
            "A belly that carries load flat; the width may stay.",
            Source.E_DUFOUR,
            CONNECT,
            LIMB_LOAD,
            BRIDGE,
            FRONT_SUPPORT,
            UPRIGHT_CONTROL),
    SCAR_AT_EASE("a scar at ease", "Skin that glides without pain.", Source.COMMON_PRACTICE, SCAR, BREATH, CONNECT),
    STRONG_BONES(
            "strong bones",
            "Strength and balance; never rounding or end-range turns.",
            Source.E_OSTEO22,
            STRENGTH_LEGS,
            BALANCE,
            UPRIGHT_CONTROL,
            BRIDGE,
            STRENGTH_PULL),
    READY_FOR_BIRTH(
            "ready for birth",
            "Ease and letting go; no progression rises now.",
            Source.COMMON_PRACTICE,
            MOBILITY,
            RELEASE,
            BREATH),
    RUN(
            "run",
            "Running when the tests are passed, not before.",
            Source.E_RUN,
            STRENGTH_LEGS,
            BALANCE,
            IMPACT,
            PELVIC_FLOOR_QUICK),
    JUMP(
            "jump",
            "Jumping when the tests are passed, not before.",
            Source.E_RUN,
            STRENGTH_LEGS,
            BALANCE,
            IMPACT,
            PELVIC_FLOOR_QUICK),
    LIFT(
            "lift",
            "Heavier loads with the belly flat.",
            Source.COMMON_PRACTICE,
            STRENGTH_LEGS,
            STRENGTH_PULL,
            UPRIGHT_CONTROL),
    CRUNCH("curl up again", "One flat level at a time.", Source.E_CURL, FLEXION, LIMB_LOAD),
    PLANK("hold a front support", "One flat surface at a time.", Source.COMMON_PRACTICE, FRONT_SUPPORT, LIMB_LOAD),
    KEEP_ACTIVE(
            "keep active",
            "Weekly minutes, built up slowly.",
            Source.E_ACOG804,
            IMPACT,
            STRENGTH_LEGS,
            STRENGTH_PULL,
            STRENGTH_PUSH,
            MOBILITY);

    private final String words;
    private final String promise;
    private final Source source;
    private final List<ExerciseGroup> strands;

    Goal(String words, String promise, Source source, ExerciseGroup... strands) {
        this.words = words;
        this.promise = promise;
        this.source = source;
        this.strands = List.of(strands);
    }

    public String words() {
        return words;
    }

    /** What it will and will not promise. */
    public String promise() {
        return promise;
    }

    public Source source() {
        return source;
    }

    /** Whether easy movement is what it is for; of others a few such exercises are enough. */
    public boolean isForEase() {
        return this == LET_GO
                || this == EASE_PELVIS
                || this == EASE_BACK
                || this == READY_FOR_BIRTH
                || this == SCAR_AT_EASE;
    }

    /** Whether what it asks for is to do less: nothing else is planned beside it to fill the time. */
    public boolean isForResting() {
        return this == LET_GO || this == READY_FOR_BIRTH;
    }

    public List<ExerciseGroup> strands() {
        return strands;
    }

    /** Groups of which one exercise belongs into every session for this goal, beside what it wants to build: no ladder rises by it. */
    public Set<ExerciseGroup> hallmarks() {
        return switch (this) {
            case READY_FOR_BIRTH -> Set.of(STRENGTH_LEGS, HANDS_AND_KNEES);
            case EASE_BACK -> Set.of(STRENGTH_LEGS, BRIDGE);
            case EASE_PELVIS -> Set.of(STRENGTH_LEGS);
            default -> Set.of();
        };
    }

    /** Told by herself; never suggested by a finding. */
    public boolean isWish() {
        return this == RUN || this == JUMP || this == LIFT || this == CRUNCH || this == PLANK;
    }

    /** Whether an exercise serves this goal so that she recognises it (common practice, no source). */
    public boolean isServedBy(Move move) {
        boolean symmetrical = !move.has(Demand.SINGLE_LEG) && !move.has(Demand.WIDE);
        boolean daily = move.load() <= 2 && !move.has(Demand.HEAVY) && !move.has(Demand.SINGLE_LEG);
        return switch (this) {
            case LET_GO -> in(move, RELEASE, BREATH, PELVIC_FLOOR_AREAS, MOBILITY);
            case EASE_HEAVINESS ->
                in(move, PELVIC_FLOOR_ENDURANCE, PELVIC_FLOOR_QUICK, PELVIC_FLOOR_AREAS, BRIDGE, HANDS_AND_KNEES)
                        || in(move, STRENGTH_LEGS, STRENGTH_PULL)
                                && daily
                                && move.demands().pressure() <= 1;
            case STOP_LEAKING ->
                in(move, PELVIC_FLOOR_ENDURANCE, PELVIC_FLOOR_QUICK, PELVIC_FLOOR_AREAS)
                        || in(move, STRENGTH_LEGS, UPRIGHT_CONTROL, CONNECT)
                                && !move.has(Demand.HEAVY)
                                && move.load() > 0;
            case EASE_PELVIS -> in(move, MOBILITY, RELEASE) || in(move, STRENGTH_LEGS, BRIDGE) && symmetrical;
            case EASE_BACK -> in(move, MOBILITY, BRIDGE, STRENGTH_LEGS, HANDS_AND_KNEES) && !move.has(Demand.HEAVY);
            case SUPPORT_MIDLINE ->
                in(move, HANDS_AND_KNEES, SIDE_SUPPORT, UPRIGHT_CONTROL, FRONT_SUPPORT, STRENGTH_PULL, STRENGTH_LEGS);
            case REBUILD_MIDLINE ->
                in(move, LIMB_LOAD, BRIDGE, FRONT_SUPPORT, UPRIGHT_CONTROL, SIDE_SUPPORT, HANDS_AND_KNEES);
            case SCAR_AT_EASE -> in(move, SCAR, BREATH, CONNECT, MOBILITY);
            case STRONG_BONES -> in(move, STRENGTH_LEGS, STRENGTH_PULL, STRENGTH_PUSH, UPRIGHT_CONTROL, BALANCE);
            case READY_FOR_BIRTH ->
                in(move, MOBILITY, RELEASE)
                        || move.strand() == STRENGTH_LEGS && symmetrical && !move.has(Demand.HEAVY)
                        || move.strand() == HANDS_AND_KNEES && move.load() <= 1;
            case RUN, JUMP ->
                in(move, BALANCE, IMPACT, PELVIC_FLOOR_QUICK)
                        || move.strand() == STRENGTH_LEGS && !move.has(Demand.THROWN);
            case LIFT -> in(move, STRENGTH_LEGS, STRENGTH_PULL, STRENGTH_PUSH, STRENGTH_PRESS);
            case CRUNCH -> in(move, FLEXION, LIMB_LOAD);
            case PLANK -> in(move, FRONT_SUPPORT, SIDE_SUPPORT, LIMB_LOAD);
            case KEEP_ACTIVE ->
                in(move, IMPACT, BALANCE, STRENGTH_LEGS, STRENGTH_PULL, STRENGTH_PUSH, STRENGTH_PRESS, MOBILITY);
        };
    }

    private static boolean in(Move move, ExerciseGroup... groups) {
        return List.of(groups).contains(move.strand());
    }
}
