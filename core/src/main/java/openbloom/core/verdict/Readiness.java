package openbloom.core.verdict;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import openbloom.core.moves.Move;
import openbloom.core.stage.Gate;

/**
 * The answer to "when can I …?": conditions, not a date.
 *
 * @param met conditions that hold, with the reading and its date
 * @param missing conditions that do not
 * @param earliest the first day that every time condition allows; empty when none is waiting
 * @param steps the rungs between the highest she has done and the move itself, in order
 * @param meanwhile what she may do now for the same purpose
 * @see Gate
 * @see Move
 */
public record Readiness(
        Verdict verdict,
        List<Gate> met,
        List<Gate> missing,
        Optional<LocalDate> earliest,
        List<Move> steps,
        Optional<Move> meanwhile) {

    public static Readiness of(Judgement judgement, Move move) {
        Verdict verdict = judgement.of(move);
        List<Gate> gates = judgement.gatesOf(move);
        List<Gate> missing = gates.stream().filter(gate -> !gate.met()).toList();
        return new Readiness(
                verdict,
                met(gates),
                missing.isEmpty() ? verdict.gates() : missing,
                missing.stream().flatMap(gate -> gate.earliestDate().stream()).max(Comparator.naturalOrder()),
                steps(judgement, move),
                verdict.passes() ? Optional.empty() : judgement.meanwhile(move));
    }

    /** What is true already; of several times that have passed, the longest says it all. */
    private static List<Gate> met(List<Gate> gates) {
        Optional<LocalDate> last = gates.stream()
                .filter(Gate::met)
                .flatMap(gate -> gate.earliestDate().stream())
                .max(Comparator.naturalOrder());
        return gates.stream()
                .filter(Gate::met)
                .filter(gate ->
                        gate.earliestDate().isEmpty() || gate.earliestDate().equals(last))
                .toList();
    }

    private static List<Move> steps(Judgement judgement, Move move) {
        int done = judgement.facts().achieved(move.strand());
        return judgement.catalogue().ladder(move.strand()).stream()
                .filter(step -> step.rung() > done && step.rung() < move.rung())
                .toList();
    }
}
