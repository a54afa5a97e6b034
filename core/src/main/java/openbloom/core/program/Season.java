package openbloom.core.program;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import openbloom.core.verdict.Difference;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Rule;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;

/**
 * What the calendar alone will change, with nothing else learned about her. Only days on which the rules find something
 * else than the day before are judged in full.
 *
 * @see BlockPlanner
 * @see Program
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
    public record SeasonChange(
            LocalDate date, Rule rule, boolean lifted, VerdictKind from, VerdictKind to, List<Move> moves) {
        /** {@code 12 exercises: Adjust becomes Swap. …}. */
        public String words() {
            String change = from == to ? "modified" : from.words() + " becomes " + to.words();
            return counted(moves) + ": " + change + ". " + why();
        }

        private String why() {
            return lifted ? "No longer holds: “" + rule.instructor() + "”" : rule.instructor();
        }

        private static String counted(List<Move> moves) {
            return moves.size() == 1 ? moves.get(0).name() : moves.size() + " exercises";
        }

        /**
         * Changes of one day by one rule in one sentence: {@code 38 exercises wait or change. …}.
         *
         * @param together at least one, of one day, one rule and one direction
         */
        public static String words(List<SeasonChange> together) {
            if (together.size() == 1) {
                return together.get(0).words();
            }
            List<Move> all = together.stream()
                    .flatMap(change -> change.moves().stream())
                    .distinct()
                    .toList();
            boolean opens = together.get(0).lifted();
            return counted(all)
                    + (opens ? " open or change. " : " wait or change. ")
                    + together.get(0).why();
        }
    }

    private record Cause(Rule rule, boolean lifted, VerdictKind from, VerdictKind to) {}

    private Season() {}

    /** The changes from the day after {@code fromExclusive} to {@code toInclusive}, in order. */
    public static List<SeasonChange> of(
            Catalogue catalogue, Client client, LocalDate fromExclusive, LocalDate toInclusive) {
        List<SeasonChange> changes = new ArrayList<>();
        walk(catalogue, client, fromExclusive, toInclusive, day -> {
            changes.addAll(day);
            return true;
        });
        return changes;
    }

    /** The first change after {@code fromExclusive}; nothing beyond its day is looked at. */
    public static Optional<SeasonChange> next(
            Catalogue catalogue, Client client, LocalDate fromExclusive, LocalDate toInclusive) {
        List<SeasonChange> changes = new ArrayList<>();
        walk(catalogue, client, fromExclusive, toInclusive, day -> {
            changes.addAll(day);
            return changes.isEmpty();
        });
        return changes.stream().findFirst();
    }

    /** @param goesOn told the changes of each day that has any; whether to look at later days */
    private static void walk(
            Catalogue catalogue,
            Client client,
            LocalDate fromExclusive,
            LocalDate toInclusive,
            Predicate<List<SeasonChange>> goesOn) {
        Client ahead = client.safety().symptoms().isFreshOn(fromExclusive) ? askedUntil(client, toInclusive) : client;
        Judgement before = Judgement.of(catalogue, client, fromExclusive);
        Judgement now = Judgement.of(catalogue, ahead, fromExclusive);
        boolean more = true;
        for (LocalDate day = fromExclusive.plusDays(1); more && !day.isAfter(toInclusive); day = day.plusDays(1)) {
            now = now.on(day);
            if (!now.judgesLike(before)) {
                more = isOnlyLongAgo(before, now) || goesOn.test(between(before, now));
                before = now;
            }
        }
    }

    /**
     * A season looks ahead as if she were asked at every visit and said the same; what the calendar does is looked for. Asked
     * on its last day she is asked on none too long ago.
     */
    private static Client askedUntil(Client client, LocalDate day) {
        return client.but().symptoms(client.safety().symptoms().askedAgain(day)).build();
    }

    /** Two years after a birth the calendar stops counting from it; that is no change anybody needs to be told. */
    private static boolean isOnlyLongAgo(Judgement before, Judgement now) {
        return before.facts().recentBirth().isPresent()
                && now.facts().recentBirth().isEmpty()
                && !now.facts().isPregnant();
    }

    private static List<SeasonChange> between(Judgement before, Judgement now) {
        Map<Cause, List<Move>> moves = new LinkedHashMap<>();
        for (Difference difference : Difference.between(before, now)) {
            Verdict then = difference.before();
            Verdict next = difference.after();
            SeasonCause because = because(then, next)
                    .or(() -> becauseOfTarget(then, before, now))
                    .or(() -> becauseOfTarget(next, before, now))
                    .orElseGet(() -> new SeasonCause(strongest(next, then), false));
            Cause cause = new Cause(because.rule(), because.lifted(), then.kind(), next.kind());
            moves.computeIfAbsent(cause, any -> new ArrayList<>()).add(then.move());
        }
        LocalDate day = now.facts().day();
        return moves.entrySet().stream()
                .map(entry -> new SeasonChange(
                        day,
                        entry.getKey().rule(),
                        entry.getKey().lifted(),
                        entry.getKey().from(),
                        entry.getKey().to(),
                        List.copyOf(entry.getValue())))
                .sorted(Comparator.comparing(change -> -change.moves().size()))
                .toList();
    }

    /** A rule that begins to speak, or falls away. */
    private record SeasonCause(Rule rule, boolean lifted) {}

    /**
     * The rule that changed the verdict: of those that began to speak the strongest when it got stricter, of those that
     * fell silent the strongest when it got milder. A reason that only advises changes nothing.
     */
    private static Optional<SeasonCause> because(Verdict then, Verdict next) {
        Optional<SeasonCause> begun = onlyIn(next, then).map(rule -> new SeasonCause(rule, false));
        Optional<SeasonCause> ended = onlyIn(then, next).map(rule -> new SeasonCause(rule, true));
        return then.kind().isStrongerThan(next.kind()) ? ended.or(() -> begun) : begun.or(() -> ended);
    }

    /** A swap may lead elsewhere only because the verdict on its target changed. */
    private static Optional<SeasonCause> becauseOfTarget(Verdict verdict, Judgement before, Judgement now) {
        return verdict.swapTo().flatMap(target -> because(before.of(target), now.of(target)));
    }

    /** The strongest reason that one verdict has and the other has not, or not as strongly. */
    private static Optional<Rule> onlyIn(Verdict one, Verdict other) {
        return one.reasons().stream()
                .filter(reason -> reason.kind() != VerdictKind.GO)
                .filter(reason -> other.reasons().stream()
                        .noneMatch(same -> same.code().equals(reason.code()) && same.kind() == reason.kind()))
                .max(Comparator.comparing(Reason::kind))
                .map(Reason::rule);
    }

    private static Rule strongest(Verdict next, Verdict then) {
        List<Reason> reasons = next.reasons().isEmpty() ? then.reasons() : next.reasons();
        return reasons.stream()
                .max(Comparator.comparing(Reason::kind))
                .orElseThrow()
                .rule();
    }
}
