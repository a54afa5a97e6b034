package openbloom.core.session;

import java.util.Set;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.progress.DoseStep;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;

/**
 * How much of a move she does today: the written dose at her dose step, changed as her version asks; one prescribed set
 * where the pelvic floor is lifted.
 *
 * @param step 1 to 3, or 0 where the prescription says the dose
 */
record Dosing(Dose dose, int step) {
    private static final int EXTRA_REST_SECONDS = 20;
    private static final int LONGEST_REST_SECONDS = 300;

    /** Common practice, no source: 60 to 120 s. */
    private static final int REST_BETWEEN_HEAVY_SETS = 90;

    /** Areas as attention: about a minute (P-BRE-1). */
    private static final int BREATHS_OF_ATTENTION = 10;

    static Dosing of(Verdict verdict, Judgement judgement, int step) {
        Move move = verdict.move();
        Dose written = move.doseAt(judgement.facts().doseStage());
        if (move.strand().isPelvicFloorLift()) {
            Prescription practice = judgement
                    .facts()
                    .pelvicPractice(judgement.facts().client().checks().pelvicFloor());
            return new Dosing(prescribed(move, written, practice), 0);
        }
        return new Dosing(changed(DoseStep.of(written, step), move, verdict.adjustments()), step);
    }

    private static Dose prescribed(Move move, Dose written, Prescription practice) {
        if (move.strand() == ExerciseGroup.PELVIC_FLOOR_QUICK) {
            int flicks = practice.flicks().repetitions();
            return (flicks > 0 ? written.withRepetitions(flicks) : written).withSets(1);
        }
        Prescription.Holds holds = practice.holds();
        if (holds.repetitions() == 0) {
            return written.withSets(1);
        }
        return new Dose(1, holds.repetitions(), holds.seconds(), 0, 0, written.perSide(), holds.restSeconds());
    }

    /** A dose as some changes make it. */
    static Dose changed(Dose stepped, Move move, Set<Adjustment> changes) {
        if (changes.contains(Adjustment.ATTENTION_ONLY)) {
            return new Dose(1, 1, 0, BREATHS_OF_ATTENTION, 0, stepped.perSide());
        }
        Dose dose = stepped;
        if (changes.contains(Adjustment.SHORTER_HOLD)) {
            dose = dose.heldAtMost(Published.SHORT_HOLD.amount());
        }
        if (changes.contains(Adjustment.TRY_ONE_SET)) {
            dose = dose.withSets(1);
        }
        if (changes.contains(Adjustment.LONGER_RESTS) && dose.sets() > 1) {
            dose = dose.withRestSeconds(Math.min(LONGEST_REST_SECONDS, dose.restSeconds() + EXTRA_REST_SECONDS));
        }
        if (move.has(Demand.HEAVY) && dose.sets() > 1) {
            dose = dose.withRestSeconds(Math.max(dose.restSeconds(), REST_BETWEEN_HEAVY_SETS));
        }
        return move.isFullFrontSupport() ? dose.heldAtMost(HardLine.FULL_SUPPORT_SECONDS) : dose;
    }
}
