package openbloom.core.verdict;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Training;

/**
 * Where she begins: the try-outs of a first visit, and her first rung on every ladder with what says so.
 *
 * @see ExerciseGroup
 * @see Move
 */
public final class Beginning {
    private static final int HARDEST_TRY = 3;
    private static final List<ExerciseGroup> PREGNANT = List.of(
            ExerciseGroup.STRENGTH_LEGS,
            ExerciseGroup.STRENGTH_PULL,
            ExerciseGroup.HANDS_AND_KNEES,
            ExerciseGroup.UPRIGHT_CONTROL);
    private static final List<ExerciseGroup> NEWLY_DELIVERED =
            List.of(ExerciseGroup.STRENGTH_LEGS, ExerciseGroup.LIMB_LOAD, ExerciseGroup.BRIDGE);
    private static final List<ExerciseGroup> LATER = List.of(
            ExerciseGroup.STRENGTH_LEGS,
            ExerciseGroup.LIMB_LOAD,
            ExerciseGroup.FRONT_SUPPORT,
            ExerciseGroup.HANDS_AND_KNEES);

    private Beginning() {}

    /**
     * Where she begins on one ladder.
     *
     * @param move the highest move that passes as written; empty when none does today
     * @param because what says so, in words
     */
    public record LadderStart(ExerciseGroup strand, Optional<Move> move, String because) {}

    /** Three or four moves to try, the hardest that pass for her today, chosen by where she is. */
    public static List<Move> tryOuts(Judgement judgement) {
        return strands(judgement.facts()).stream()
                .flatMap(strand -> hardest(judgement, strand, HARDEST_TRY).stream())
                .toList();
    }

    private static List<ExerciseGroup> strands(Facts facts) {
        if (facts.isPregnant()) {
            return PREGNANT;
        }
        return facts.isWithinOfBirth(Published.EARLIEST_STRENGTHEN) ? NEWLY_DELIVERED : LATER;
    }

    private static Optional<Move> hardest(Judgement judgement, ExerciseGroup strand, int mostLoad) {
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> move.load() <= mostLoad && !move.isImpact() && !move.isGymStaple())
                .filter(move -> !move.has(Demand.HEAVY) && !move.has(Demand.BREATH_HOLD))
                .filter(move -> judgement.of(move).passes())
                .max(Comparator.comparing(Move::rung));
    }

    /** Her place on every ladder that is earned. */
    public static List<LadderStart> places(Judgement judgement) {
        return Arrays.stream(ExerciseGroup.values())
                .filter(strand -> judgement.catalogue().ladder(strand).stream().anyMatch(Move::isEarned))
                .map(strand -> place(judgement, strand))
                .toList();
    }

    private static LadderStart place(Judgement judgement, ExerciseGroup strand) {
        Facts facts = judgement.facts();
        Optional<Move> begins = judgement.catalogue().ladder(strand).stream()
                .filter(move -> move.rung() <= facts.reach(strand))
                .filter(move -> judgement.of(move).passes())
                .filter(move -> !judgement.of(move).adjustments().contains(Adjustment.TRY_ONE_SET))
                .max(Comparator.comparing(Move::rung));
        return new LadderStart(strand, begins, because(facts, strand));
    }

    private static String because(Facts facts, ExerciseGroup strand) {
        if (facts.isWritten(strand)) {
            return "level " + facts.achieved(strand) + " seen";
        }
        return facts.client()
                .background()
                .training()
                .map(Training::words)
                .orElse("nothing known of her training: the careful start");
    }
}
