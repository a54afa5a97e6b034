package openbloom.core.session;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Enums;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
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
 *
 * @see OpeningAndRelease
 * @see Candidates
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
    static final int MOST_SETS = 3;
    static final int MOST_SETS_OF_MOBILITY = 2;

    public Pick {
        adjustments = Enums.copyOf(adjustments);
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

    /** The same with more changes; its dose is what they make of it. */
    public Pick adjustedBy(Set<Adjustment> changes) {
        Set<Adjustment> more = EnumSet.noneOf(Adjustment.class);
        more.addAll(changes);
        more.removeAll(adjustments);
        if (more.isEmpty()) {
            return this;
        }
        Set<Adjustment> all = EnumSet.copyOf(more);
        all.addAll(adjustments);
        VerdictKind kind = verdict == VerdictKind.GO ? VerdictKind.ADJUST : verdict;
        return new Pick(move, kind, all, insteadOf, Dosing.changed(dose, move, more), step, isNew, worth);
    }

    /** The exercise as it is called out to several: nobody's changes, a dose, and whether it is new to most of them. */
    public Pick calledOut(Dose common, boolean isNewToMost) {
        return new Pick(
                move, VerdictKind.GO, Set.of(), Optional.empty(), common, step, isNewToMost, CandidateScore.NONE);
    }

    /** The same without one of its changes. */
    public Pick without(Adjustment change) {
        if (!adjustments.contains(change)) {
            return this;
        }
        Set<Adjustment> left = EnumSet.copyOf(adjustments);
        left.remove(change);
        VerdictKind kind = verdict == VerdictKind.ADJUST && left.isEmpty() ? VerdictKind.GO : verdict;
        return new Pick(move, kind, left, insteadOf, dose, step, isNew, worth);
    }

    /** How often it may be gone through: what is prescribed or tried once, mobility twice, all else three times. */
    public int mostSets() {
        boolean once = step == 0
                || move.strand() == ExerciseGroup.SCAR
                || move.strand() == ExerciseGroup.PELVIC_FLOOR_AREAS
                || adjustments.contains(Adjustment.TRY_ONE_SET);
        return once ? 1 : move.strand() == ExerciseGroup.MOBILITY ? MOST_SETS_OF_MOBILITY : MOST_SETS;
    }

    Pick worth(CandidateScore parts, boolean fresh) {
        return new Pick(move, verdict, adjustments, insteadOf, dose, step, fresh, parts);
    }

    /** Working time, both sides together where it has two: in turn each side has its rests, side to side they share them. */
    public int workSeconds() {
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
