package openbloom.core.verdict;

import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.Allowance;
import openbloom.core.pelvicfloor.Effort;
import openbloom.core.pelvicfloor.Habit;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Prescriber;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.record.ApproachChoice;

/** What her pelvic floor may practise on a day, and what its check shows of its ladders (common practice, no source). */
final class FloorPractice {
    private static final int FEW_REPETITIONS = 5;

    /** A hold of 8 s times 8 is the rung of her own baseline; ten flicks the rung of ten flicks. */
    private static final int BASELINE_HOLD = 8;

    private static final int RUNG_OF_THE_BASELINE = 4;
    private static final int BASELINE_FLICKS = 10;
    private static final int RUNG_OF_TEN_FLICKS = 3;

    private FloorPractice() {}

    static Allowance allowance(Facts facts) {
        if (facts.recentBirth().isEmpty() || facts.clearance().isPresent()) {
            return Allowance.FULL;
        }
        return facts.recentBirth().get().tear().reachesSphincter() ? Allowance.ONE_BREATH : Allowance.EARLY;
    }

    static Prescription of(Facts facts, PelvicFloorCheck check) {
        Effort wished = facts.follows(ApproachChoice.STRONG_LIFT) ? Effort.STRONG : Effort.GENTLE;
        return Prescriber.of(facts.isFloorPainful() ? check.hurting() : check, wished, allowance(facts), habit(facts));
    }

    private static Habit habit(Facts facts) {
        boolean everyone = facts.follows(ApproachChoice.TRAIN_EVERYONE);
        if (facts.follows(ApproachChoice.ONCE_OR_TWICE_DAILY)) {
            return new Habit(everyone, 2, FEW_REPETITIONS);
        }
        int sets = facts.follows(ApproachChoice.FIVE_MINUTES_DAILY) ? 2 : Habit.USUAL.setsADay();
        return new Habit(everyone, sets, Habit.USUAL.mostRepetitions());
    }

    /** What a check says of the ladders of holds and flicks: a rung that was held is hers; 0 when none was. */
    static int rungShown(PelvicFloorCheck floor, ExerciseGroup strand) {
        return switch (strand) {
            case PELVIC_FLOOR_ENDURANCE ->
                Math.min(floor.holdSeconds(), floor.holdRepetitions()) >= BASELINE_HOLD ? RUNG_OF_THE_BASELINE : 0;
            case PELVIC_FLOOR_QUICK -> floor.flicks() >= BASELINE_FLICKS ? RUNG_OF_TEN_FLICKS : 0;
            default -> 0;
        };
    }
}
