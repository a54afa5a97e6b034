package openbloom.core.program;

import java.util.Optional;
import java.util.Set;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Dose;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Kind;
import openbloom.core.verdict.Verdict;

/** A move chosen for a session, with her verdict and her dose. */
record Pick(Move move, Kind verdict, Set<Adjustment> adjustments, Optional<Move> insteadOf, Dose dose) {
    private static final int EXTRA_REST_SECONDS = 20;

    /** The move itself if it passes, what it is swapped for, or nothing. */
    static Optional<Pick> of(Verdict verdict, Judgement judgement) {
        DoseStage stage = judgement.facts().doseStage();
        if (verdict.passes()) {
            return Optional.of(of(verdict, verdict.kind(), Optional.empty(), stage));
        }
        return verdict.swapTo().map(target -> {
            Verdict ofTarget = judgement.of(target);
            return of(ofTarget, Kind.SWAP, Optional.of(verdict.move()), stage);
        });
    }

    private static Pick of(Verdict verdict, Kind kind, Optional<Move> insteadOf, DoseStage stage) {
        Dose dose = adjusted(verdict.move().doseAt(stage), verdict.adjustments());
        return new Pick(verdict.move(), kind, verdict.adjustments(), insteadOf, dose);
    }

    private static Dose adjusted(Dose written, Set<Adjustment> adjustments) {
        Dose dose = written;
        if (adjustments.contains(Adjustment.SHORTER_HOLD)) {
            dose = dose.heldAtMost(Published.SHORT_HOLD.amount());
        }
        if (adjustments.contains(Adjustment.LONGER_RESTS) && dose.sets() > 1) {
            dose = dose.withRestSeconds(Math.min(300, dose.restSeconds() + EXTRA_REST_SECONDS));
        }
        return dose;
    }

    Pick withDose(Dose other) {
        return new Pick(move, verdict, adjustments, insteadOf, other);
    }

    /** Working time, both sides together where it has two. */
    int workSeconds() {
        return dose.seconds(move.breath()) * (move.sides() == Sides.BOTH ? 1 : 2);
    }
}
