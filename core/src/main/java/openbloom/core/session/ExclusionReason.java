package openbloom.core.session;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.stage.Gate;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;

/**
 * Why a move or a whole strand is not in a plan, in words.
 *
 * @see Flow
 * @see BrokenLines
 */
public final class ExclusionReason {
    private ExclusionReason() {}

    public static String of(Judgement judgement, ExerciseGroup strand) {
        return judgement.catalogue().ladder(strand).stream()
                .min(Comparator.comparing(Move::load))
                .map(move -> of(judgement, move))
                .orElse("there is no such exercise");
    }

    public static String of(Judgement judgement, Move move) {
        Verdict verdict = judgement.of(move);
        List<Gate> unmet =
                verdict.gates().stream().filter(gate -> !gate.met()).distinct().toList();
        if (!unmet.isEmpty()) {
            return gates(unmet);
        }
        return verdict.reasons().stream()
                .filter(reason -> reason.kind() == VerdictKind.SWAP || reason.kind() == VerdictKind.STOP)
                .map(reason -> reason.rule().instructor())
                .findFirst()
                .orElse("it does not pass for her today");
    }

    public static String gates(List<Gate> gates) {
        return gates.stream()
                .map(gate -> "needs " + gate.kind().words() + " (" + gate.detail() + ")")
                .distinct()
                .collect(Collectors.joining("; "));
    }
}
