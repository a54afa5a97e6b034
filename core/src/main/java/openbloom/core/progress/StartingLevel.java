package openbloom.core.progress;

import java.util.Comparator;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.Training;
import openbloom.core.verdict.Judgement;

/**
 * Where a woman begins on a ladder: a rung that was recorded or shown is hers; otherwise the highest that passes for her
 * today with a load of at most 2, of 3 if she trained regularly, of 4 if she did sport (common practice, no source).
 */
public final class StartingLevel {
    private static final int USUAL_LOAD = 2;

    private StartingLevel() {}

    public static int of(Judgement judgement, ExerciseGroup strand) {
        LadderStatus.Working decided =
                judgement.facts().client().standing().working().get(strand);
        if (decided != null) {
            return decided.rung();
        }
        int written = judgement.facts().client().standing().rungs().getOrDefault(strand, 0);
        if (written > 0) {
            return written;
        }
        int most = judgement
                .facts()
                .client()
                .background()
                .training()
                .map(StartingLevel::load)
                .orElse(USUAL_LOAD);
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> move.load() <= most)
                .filter(move -> judgement.of(move).kind().passes())
                .max(Comparator.comparing(Move::rung))
                .map(Move::rung)
                .orElse(1);
    }

    private static int load(Training before) {
        return switch (before) {
            case NONE, LIGHT -> USUAL_LOAD;
            case REGULAR -> 3;
            case SPORT -> 4;
        };
    }
}
