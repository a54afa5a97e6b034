package openbloom.core.program;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Client;
import openbloom.core.verdict.Difference;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Kind;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Rule;
import openbloom.core.verdict.Verdict;

/**
 * What the calendar alone will change, with nothing else learned about her. Only days on which the rules find something
 * else than the day before are judged in full.
 */
public final class Season {
    /**
     * Moves that change alike on one day for one reason.
     *
     * @param rule the rule that causes the change
     * @param lifted whether the rule falls away, rather than begins to speak
     * @param from the verdict of the day before
     * @param to the verdict from this day on
     */
    public record Change(LocalDate date, Rule rule, boolean lifted, Kind from, Kind to, List<Move> moves) {
        /** {@code 12 moves: Adjust becomes Swap. …}. */
        public String words() {
            String count = moves.size() == 1 ? moves.get(0).name() : moves.size() + " moves";
            String change = from == to ? "done another way" : from.words() + " becomes " + to.words();
            String why = lifted ? "No longer holds: “" + rule.instructor() + "”" : rule.instructor();
            return count + ": " + change + ". " + why;
        }
    }

    private record Cause(Rule rule, boolean lifted, Kind from, Kind to) {}

    private Season() {}

    /** The changes from the day after {@code fromExclusive} to {@code toInclusive}, in order. */
    public static List<Change> of(Catalogue catalogue, Client client, LocalDate fromExclusive, LocalDate toInclusive) {
        List<Change> changes = new ArrayList<>();
        Judgement before = Judgement.of(catalogue, client, fromExclusive);
        for (LocalDate day = fromExclusive.plusDays(1); !day.isAfter(toInclusive); day = day.plusDays(1)) {
            Judgement now = Judgement.of(catalogue, client, day);
            if (!now.judgesLike(before)) {
                changes.addAll(between(before, now));
                before = now;
            }
        }
        return changes;
    }

    private static List<Change> between(Judgement before, Judgement now) {
        Map<Cause, List<Move>> moves = new LinkedHashMap<>();
        for (Difference difference : Difference.between(before, now)) {
            Verdict then = difference.before();
            Verdict next = difference.after();
            Rule rule = cause(then, next, before, now);
            boolean lifted = then.hasReason(rule.code()) && !next.hasReason(rule.code());
            Cause cause = new Cause(rule, lifted, then.kind(), next.kind());
            moves.computeIfAbsent(cause, any -> new ArrayList<>()).add(then.move());
        }
        LocalDate day = now.facts().day();
        return moves.entrySet().stream()
                .map(entry -> new Change(
                        day,
                        entry.getKey().rule(),
                        entry.getKey().lifted(),
                        entry.getKey().from(),
                        entry.getKey().to(),
                        List.copyOf(entry.getValue())))
                .sorted(Comparator.comparing(change -> -change.moves().size()))
                .toList();
    }

    private static Rule cause(Verdict then, Verdict next, Judgement before, Judgement now) {
        return newIn(next, then)
                .or(() -> newIn(then, next))
                .or(() -> causeOfTarget(then, before, now))
                .or(() -> causeOfTarget(next, before, now))
                .orElseGet(() -> strongest(next, then));
    }

    /** A swap may lead elsewhere only because the verdict on its target changed. */
    private static Optional<Rule> causeOfTarget(Verdict verdict, Judgement before, Judgement now) {
        return verdict.swapTo().flatMap(target -> {
            Verdict then = before.of(target);
            Verdict next = now.of(target);
            return newIn(next, then).or(() -> newIn(then, next));
        });
    }

    private static Optional<Rule> newIn(Verdict one, Verdict other) {
        return one.reasons().stream()
                .map(Reason::rule)
                .filter(rule -> !other.hasReason(rule.code()))
                .findFirst();
    }

    private static Rule strongest(Verdict next, Verdict then) {
        List<Reason> reasons = next.reasons().isEmpty() ? then.reasons() : next.reasons();
        return reasons.get(0).rule();
    }
}
