package openbloom.core.verdict;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import openbloom.core.stage.Gate;
import openbloom.core.words.Evidence;

/** Gathers what one rule finds. */
final class Findings {
    /** A season gathers findings a thousand times: the list need not grow. */
    private static final int USUALLY_AT_MOST = 120;

    /** Most changes come alone: each such set is made once. */
    private static final Map<Adjustment, List<Adjustment>> ALONE =
            new EnumMap<>(Arrays.stream(Adjustment.values()).collect(Collectors.toMap(Function.identity(), List::of)));

    /** Whose findings these are: one gatherer goes from rule to rule. */
    private Rule rule;

    private final List<Finding> all;
    private final Optional<ExerciseGroup> only;

    private Findings(Rule rule, List<Finding> all, Optional<ExerciseGroup> only) {
        this.rule = rule;
        this.all = all;
        this.only = only;
    }

    /** The same for the moves of one ladder alone. */
    Findings on(ExerciseGroup strand) {
        return new Findings(rule, all, Optional.of(strand));
    }

    /** What every rule finds in a woman, in the order of the rules. */
    static List<Finding> of(Facts facts, List<Rule> rules) {
        List<Finding> all = new ArrayList<>(USUALLY_AT_MOST);
        Findings found = new Findings(rules.get(0), all, Optional.empty());
        for (Rule rule : rules) {
            found.rule = rule;
            rule.look(facts, found);
        }
        return Collections.unmodifiableList(all);
    }

    /**
     * The same on another day of the same record and trimester.
     *
     * @param again for each rule what it found, where it is steady; empty where it has to be asked
     */
    static List<Finding> of(Facts facts, List<Rule> rules, List<Optional<List<Finding>>> again) {
        List<Finding> all = new ArrayList<>(USUALLY_AT_MOST);
        Findings found = new Findings(rules.get(0), all, Optional.empty());
        for (int i = 0; i < rules.size(); i++) {
            Optional<List<Finding>> known = again.get(i);
            if (known.isEmpty()) {
                found.rule = rules.get(i);
                rules.get(i).look(facts, found);
            } else if (!known.get().isEmpty()) {
                all.addAll(known.get());
            }
        }
        return Collections.unmodifiableList(all);
    }

    /** What of this is found again on other days of a record, rule by rule. */
    static List<Optional<List<Finding>>> again(List<Finding> all, List<Rule> rules, Client record) {
        Map<Rule, List<Finding>> found =
                all.stream().collect(Collectors.groupingBy(Finding::rule, IdentityHashMap::new, Collectors.toList()));
        return rules.stream()
                .map(rule -> rule.isSteady(record)
                        ? Optional.of(found.getOrDefault(rule, List.of()))
                        : Optional.<List<Finding>>empty())
                .toList();
    }

    /** Keeps the reason beside the verdict without changing it. */
    void advise(Predicate<Move> touches, Evidence fact) {
        add(touches, fact, VerdictKind.GO, List.of(), List.of());
    }

    void adjust(Predicate<Move> touches, Evidence fact, Adjustment adjustment) {
        add(touches, fact, VerdictKind.ADJUST, ALONE.get(adjustment), List.of());
    }

    void adjust(Predicate<Move> touches, Evidence fact, Adjustment... adjustments) {
        add(touches, fact, VerdictKind.ADJUST, List.of(adjustments), List.of());
    }

    void swap(Predicate<Move> touches, Evidence fact) {
        add(touches, fact, VerdictKind.SWAP, List.of(), List.of());
    }

    void notYet(Predicate<Move> touches, Evidence fact, Gate gate) {
        add(touches, fact, VerdictKind.NOT_YET, List.of(), List.of(gate));
    }

    void notYet(Predicate<Move> touches, Evidence fact, Gate... gates) {
        notYet(touches, fact, List.of(gates));
    }

    void notYet(Predicate<Move> touches, Evidence fact, List<Gate> gates) {
        add(touches, fact, VerdictKind.NOT_YET, List.of(), gates);
    }

    /** Not yet, unless every gate is met; gates that are met are kept too, without a reason. */
    void unlessMet(Predicate<Move> touches, Evidence fact, Gate... gates) {
        if (Arrays.stream(gates).anyMatch(gate -> !gate.met())) {
            notYet(touches, fact, gates);
        } else {
            all.add(new Finding(Optional.empty(), rule, touches, VerdictKind.GO, List.of(), List.of(gates), only));
        }
    }

    void stop(Predicate<Move> touches, Evidence fact) {
        add(touches, fact, VerdictKind.STOP, List.of(), List.of());
    }

    private void add(
            Predicate<Move> touches, Evidence fact, VerdictKind kind, List<Adjustment> adjustments, List<Gate> gates) {
        all.add(new Finding(Optional.of(new Reason(rule, fact, kind)), rule, touches, kind, adjustments, gates, only));
    }
}
