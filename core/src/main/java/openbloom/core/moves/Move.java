package openbloom.core.moves;

import java.util.List;
import openbloom.core.evidence.Source;

/**
 * One move or one version of a move.
 *
 * @param id as the catalogue and the API name it
 * @param name as it is said
 * @param placing its {@link Placing}: group, level, position
 * @param demands what it asks of her body, see {@link Demands}
 * @param doing sides, breath and dose by stage, see {@link Doing}
 * @param teaching set-up, cues and what to watch for, see {@link Teaching}
 * @param links to moves beside it, see {@link Links}
 * @param evidence the {@link Source} it rests on
 */
public record Move(
        String id,
        String name,
        Placing placing,
        Demands demands,
        Doing doing,
        Teaching teaching,
        Links links,
        Source evidence) {
    private static final int TIRING_LOAD = 2;
    private static final int STRONG_LOAD = 3;
    private static final int LONG_LEVER_LOAD = 4;
    private static final int RUNG_OF_ONE_BREATH = 2;

    /** The same move with other moves beside it. */
    Move linked(Links others) {
        return new Move(id, name, placing, demands, doing, teaching, others, evidence);
    }

    /** Called and cued in somebody's own words where she has some; what is done stays. */
    Move saying(OwnWords words) {
        return words.isEmpty()
                ? this
                : new Move(
                        id,
                        words.name().orElse(name),
                        placing,
                        demands,
                        doing,
                        teaching.saying(words),
                        links,
                        evidence);
    }

    public ExerciseGroup strand() {
        return placing.strand();
    }

    public int rung() {
        return placing.rung();
    }

    public Purpose purpose() {
        return placing.purpose();
    }

    public Position position() {
        return placing.position();
    }

    /** Where the body is, in words: her position, or hanging where she hangs by her hands. */
    public String where() {
        return has(Demand.HANGING) ? "hanging" : position().words();
    }

    public Surface surface() {
        return placing.surface();
    }

    public BreathPattern breath() {
        return doing.breath();
    }

    public PelvicTone tone() {
        return doing.tone();
    }

    public Sides sides() {
        return doing.sides();
    }

    public List<Kit> kit() {
        return doing.kit();
    }

    /** @throws IllegalStateException if the checker let a move without this dose pass */
    public Dose doseAt(DoseStage stage) {
        Dose dose = doing.doses().get(stage);
        if (dose == null) {
            throw new IllegalStateException("Expected a dose for " + stage + " in " + id + ", but there was none");
        }
        return dose;
    }

    public boolean has(Demand feature) {
        return demands.has(feature);
    }

    public boolean needs(Equipment equipment) {
        for (Kit item : kit()) {
            if (item.needs() == equipment) {
                return true;
            }
        }
        return false;
    }

    public int load() {
        return demands.load();
    }

    /** Load of 2 or more: enough to tire her or to make her hold her breath (common practice, no source). */
    public boolean isTiring() {
        return load() >= TIRING_LOAD;
    }

    public boolean isOnTheBack() {
        return position().isOnTheBack();
    }

    /** Impact, heavy loads and a midline load of 3 and more rest a day in between (common practice, no source). */
    public boolean isStrong() {
        return load() >= STRONG_LOAD || has(Demand.HEAVY) || isImpact();
    }

    public boolean isImpact() {
        return demands.impact() > 0;
    }

    /** Bends the trunk forward against load. */
    public boolean isCurl() {
        return demands.flexion() == Flexion.CURL;
    }

    /** Walking, the first rung of impact. */
    public boolean isWalking() {
        return strand() == ExerciseGroup.IMPACT && rung() == 1;
    }

    /** Steps on the way to impact, without any yet. */
    public boolean isStepping() {
        return strand() == ExerciseGroup.IMPACT && !isWalking() && !isImpact();
    }

    /** A position to rest in: nothing is worked there, so nothing about working is said. */
    public boolean isRest() {
        return strand() == ExerciseGroup.RELEASE && load() == 0;
    }

    /** A lift of the pelvic floor for one breath at most, or none at all: gentle by itself. */
    public boolean isGentleLift() {
        return strand() == ExerciseGroup.PELVIC_FLOOR_ENDURANCE && rung() <= RUNG_OF_ONE_BREATH;
    }

    /** Whether a rung of the strand is earned by the one below; breath, release and mobility are positions, not loads. */
    public boolean isEarned() {
        return switch (strand()) {
            case BREATH, RELEASE, MOBILITY, SCAR -> false;
            case CONNECT -> load() > 0;
            default -> true;
        };
    }

    /** Needs what only a gym has; asked about often, planned only where it is at hand. */
    public boolean isGymStaple() {
        return needs(Equipment.BARBELL) || needs(Equipment.BAR) || needs(Equipment.ROPE) || needs(Equipment.SPRING);
    }

    /** Done with a weight that can be told in kg. */
    public boolean isWeighted() {
        return needs(Equipment.DUMBBELL) || needs(Equipment.BARBELL);
    }

    /** Drops to the hands and comes up with a jump. */
    public boolean isDroppedInto() {
        return has(Demand.WRIST) && isImpact() && !needs(Equipment.BARBELL);
    }

    /**
     * Bears weight on hands or forearms facing down: front supports and push-ups on whatever surface, the inverted V, and on
     * hands and knees whatever loads the arms more than resting there does.
     */
    public boolean isOnTheHands() {
        boolean facingDown = position() == Position.PLANK_FULL || position() == Position.PLANK_KNEES;
        boolean loadedOnAllFours =
                position() == Position.HANDS_AND_KNEES && (load() >= TIRING_LOAD || has(Demand.HEAD_LOW));
        return purpose() == Purpose.FRONT_SUPPORT
                || strand() == ExerciseGroup.STRENGTH_PUSH
                || facingDown
                || loadedOnAllFours
                || isDroppedInto();
    }

    public boolean isFullFrontSupport() {
        return position() == Position.PLANK_FULL;
    }

    /** Any lift of the pelvic floor, a squeeze of the inner thighs, or a brace that is kept. */
    public boolean isSqueezeOrLift() {
        return strand().isPelvicFloorLift() || has(Demand.INNER_THIGH_SQUEEZE) || has(Demand.BRACED);
    }

    /** Load of the midline of 4 and more on the back or in full support: a long lever. */
    public boolean isLongLever() {
        return demands.midlineLoad() >= LONG_LEVER_LOAD && (isOnTheBack() || isFullFrontSupport());
    }

    /** A squeeze of the pelvic floor: holds, flicks or the inner thighs. */
    public boolean isSqueeze() {
        return strand().isPelvicFloorLift() && tone() == PelvicTone.TRAIN
                || has(Demand.INNER_THIGH_SQUEEZE)
                || has(Demand.BRACED);
    }
}
