package openbloom.core.progress;

import java.util.List;
import java.util.Optional;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;
import openbloom.core.record.Client;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Judgement;

/**
 * Where a woman begins in an exercise group: a level that was decided, recorded or shown is hers. Otherwise low, from her
 * training: never trained or not asked the first level that passes, lightly trained the second, regularly the middle one, for
 * sport one below the highest, impact after a birth soft first; one lower for bones, nausea, or age from 65 without training (common practice, no source).
 *
 * @see Progress
 * @see LadderHistory
 */
public final class StartingLevel {
    private static final int OLDER_FROM_YEARS = 65;

    private StartingLevel() {}

    /** @return a level from 1 on; 1 where none passes */
    public static int of(Judgement judgement, ExerciseGroup strand) {
        LadderStatus.Working decided =
                judgement.facts().client().standing().working().get(strand);
        if (decided != null) {
            return decided.rung();
        }
        int shown = judgement.facts().achieved(strand);
        return shown > 0 ? shown : begun(judgement, strand);
    }

    private static int begun(Judgement judgement, ExerciseGroup strand) {
        List<Integer> levels = judgement.catalogue().ladder(strand).stream()
                .filter(move -> judgement.of(move).passes())
                .filter(move -> !isTooMuchForAFirstDay(judgement.facts().client(), move))
                .map(Move::rung)
                .distinct()
                .sorted()
                .toList();
        if (levels.isEmpty()) {
            return 1;
        }
        Client her = judgement.facts().client();
        Optional<Training> training = her.background().training();
        boolean softFirst = strand == ExerciseGroup.IMPACT
                && judgement.facts().recentBirth().isPresent();
        int at = softFirst ? 1 : place(training, levels.size());
        at -= startsLower(her) ? 1 : 0;
        return levels.get(Math.max(0, Math.min(levels.size() - 1, at)));
    }

    /** From 0, among so many levels that pass. */
    private static int place(Optional<Training> training, int levels) {
        return switch (training.orElse(Training.NONE)) {
            case NONE -> 0;
            case LIGHT -> 1;
            case REGULAR -> (levels + 1) / 2 - 1;
            case SPORT -> levels - 2;
        };
    }

    private static boolean startsLower(Client her) {
        boolean bones = her.has(Condition.OSTEOPOROSIS) || her.has(Condition.VERTEBRAL_FRACTURE);
        boolean older = her.background().isAtLeast(OLDER_FROM_YEARS) && isUntrained(her, Training.LIGHT);
        return bones || her.has(Symptom.SICKNESS) || older;
    }

    /** Never trained or not asked: no one leg, unsteady balance, plank or press overhead on a first day. */
    public static boolean isTooMuchForAFirstDay(Client her, Move move) {
        boolean unsteady = move.has(Demand.SINGLE_LEG) || move.has(Demand.BALANCE);
        boolean plank = move.purpose() == Purpose.FRONT_SUPPORT && move.load() > 1;
        return isUntrained(her, Training.NONE) && (unsteady || plank || move.has(Demand.OVERHEAD));
    }

    private static boolean isUntrained(Client her, Training atMost) {
        return her.background().training().orElse(Training.NONE).compareTo(atMost) <= 0;
    }
}
