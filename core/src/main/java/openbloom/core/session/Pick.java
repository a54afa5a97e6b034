package openbloom.core.session;

import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.progress.DoseStep;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;

/**
 * A move chosen for a session, with her verdict, her dose and what speaks for it.
 *
 * @param step dose step, 1 to 3; 0 where the prescription of the pelvic floor says the dose
 */
public record Pick(
        Move move,
        VerdictKind verdict,
        Set<Adjustment> adjustments,
        Optional<Move> insteadOf,
        Dose dose,
        int step,
        boolean isNew,
        CandidateScore worth) {
    public Pick {
        adjustments = Set.copyOf(adjustments);
    }

    /** The move itself if it passes, what it is swapped for, or nothing; the written dose, worth nothing yet. */
    public static Optional<Pick> of(Verdict verdict, Judgement judgement) {
        return of(verdict, judgement, DoseStep.WRITTEN);
    }

    static Optional<Pick> of(Verdict verdict, Judgement judgement, int step) {
        if (verdict.passes()) {
            return Optional.of(of(verdict, verdict.kind(), Optional.empty(), judgement, step));
        }
        return verdict.swapTo()
                .map(target -> of(
                        judgement.of(target),
                        VerdictKind.SWAP,
                        Optional.of(verdict.move()),
                        judgement,
                        DoseStep.WRITTEN));
    }

    private static Pick of(Verdict verdict, VerdictKind kind, Optional<Move> insteadOf, Judgement judgement, int step) {
        Dosing dosing = Dosing.of(verdict, judgement, step);
        return new Pick(
                verdict.move(),
                kind,
                verdict.adjustments(),
                insteadOf,
                dosing.dose(),
                dosing.step(),
                false,
                CandidateScore.NONE);
    }

    public Pick withDose(Dose other) {
        return new Pick(move, verdict, adjustments, insteadOf, other, step, isNew, worth);
    }

    Pick worth(CandidateScore parts, boolean fresh) {
        return new Pick(move, verdict, adjustments, insteadOf, dose, step, fresh, parts);
    }

    /** Working time, both sides together where it has two: in turn each side has its rests, side to side they share them. */
    int workSeconds() {
        return switch (move.sides()) {
            case BOTH -> oneSideSeconds();
            case EACH -> 2 * oneSideSeconds();
            case ALTERNATE ->
                Counting.of(dose, move.breath(), Side.ALTERNATING, move.strand())
                        .seconds();
        };
    }

    /** Working time on one side. */
    int oneSideSeconds() {
        return dose.seconds(move.breath());
    }
}
