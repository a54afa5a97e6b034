package openbloom.core.classes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.session.CandidateScore;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Adjustment;

/**
 * One exercise as a class would do it. The dose that is called out is the smallest of those who do it in the commonest way; nobody does
 * more than her own. Ways that differ little become one, so that at most three are called out.
 */
final class CommonExercise {
    /** At most so many ways are called out; resting is none (common practice, no source). */
    static final int MOST_WAYS = 3;

    /** Another exercise is about as long: one set of it, in per cent of one set of this. */
    private static final int SHORTEST_PERCENT = 50;

    private static final int LONGEST_PERCENT = 115;
    private static final int PERCENT = 100;

    /** What it weighs to change something for a woman who does not need it: a look, a change, a set fewer. */
    private static final int A_LOOK = 1;

    private static final int A_CHANGE = 4;
    private static final int A_SET_FEWER = 8;

    private final Move move;
    private final Map<Integer, Pick> itself;
    private final Map<Integer, Pick> another = new HashMap<>();
    private final Dose called;
    private final int women;
    private final Map<Integer, Integer> quarters = new HashMap<>();

    /**
     * @param itself by member, who does the exercise itself; not empty
     * @param women members in all
     */
    CommonExercise(Move move, Map<Integer, Pick> itself, int women) {
        this.move = move;
        this.itself = new LinkedHashMap<>(itself);
        this.women = women;
        mergeAdjusted(MOST_WAYS);
        this.called = calledOut();
    }

    private CommonExercise(Move move, Map<Integer, Pick> itself, int women, Dose called) {
        this.move = move;
        this.itself = new LinkedHashMap<>(itself);
        this.women = women;
        mergeAdjusted(MOST_WAYS);
        this.called = called;
    }

    /**
     * As somebody decided it.
     *
     * @param itself by member, who does the exercise itself; not empty
     * @param others by member, who does another; whoever is in neither rests
     * @param called what is called out
     */
    static CommonExercise decided(
            Move move, Map<Integer, Pick> itself, Map<Integer, Pick> others, Dose called, int women) {
        CommonExercise decided = new CommonExercise(move, itself, women, called);
        decided.another.putAll(others);
        others.values().stream()
                .map(Pick::move)
                .distinct()
                .forEach(other -> decided.another.putAll(alike(of(others, other))));
        return decided;
    }

    private static Map<Integer, Pick> of(Map<Integer, Pick> picks, Move move) {
        Map<Integer, Pick> some = new LinkedHashMap<>();
        picks.forEach((member, pick) -> {
            if (pick.move().equals(move)) {
                some.put(member, pick);
            }
        });
        return some;
    }

    Move move() {
        return move;
    }

    /** As it is called out. */
    Pick called() {
        Pick any = itself.values().iterator().next();
        boolean isNew = 2 * itself.values().stream().filter(Pick::isNew).count() >= itself.size();
        return any.calledOut(called, isNew);
    }

    /** The smallest dose of the way most of them do it: they all do it so. */
    private Dose calledOut() {
        Map<Set<Adjustment>, List<Dose>> ways = itself.values().stream()
                .collect(Collectors.groupingBy(
                        Pick::adjustments, LinkedHashMap::new, Collectors.mapping(Pick::dose, Collectors.toList())));
        List<Dose> usual =
                ways.values().stream().max(Comparator.comparingInt(List::size)).orElseThrow();
        return usual.stream()
                .min(Comparator.comparingInt(dose -> oneSet(dose, move)))
                .orElseThrow();
    }

    private static int oneSet(Dose dose, Move move) {
        return dose.withSets(1).seconds(move.breath());
    }

    /** Who does not do it does the other exercise that most of them can do; and so on, while there are ways left. */
    void letOthersDo(List<Move> others, Map<Integer, Map<Move, Pick>> fitting) {
        int left = MOST_WAYS - ways();
        while (left > 0) {
            Map<Integer, Pick> best = Map.of();
            for (Move other : others) {
                Map<Integer, Pick> theirs = whoRestCanDo(other, fitting);
                if (theirs.size() > best.size() || theirs.size() == best.size() && worth(theirs) > worth(best)) {
                    best = theirs;
                }
            }
            if (best.isEmpty()) {
                return;
            }
            another.putAll(alike(best));
            left--;
        }
    }

    /**
     * While there are ways left: those for whom another exercise is worth more than this one do that one, as long as enough do
     * this one itself.
     */
    void letSomeGoFurther(List<Move> others, Map<Integer, Map<Move, Pick>> fitting) {
        int spare = itself.size() - fewest();
        while (spare > 0 && ways() < MOST_WAYS) {
            Map<Integer, Pick> best = Map.of();
            int most = ClassScore.A_WAY_MORE;
            for (Move other : others) {
                Map<Integer, Pick> theirs = whoGainsBy(other, fitting, spare);
                int gain = theirs.entrySet().stream()
                        .mapToInt(entry -> gain(entry.getKey(), entry.getValue()))
                        .sum();
                if (gain > most) {
                    most = gain;
                    best = theirs;
                }
            }
            if (best.isEmpty()) {
                return;
            }
            Map<Integer, Pick> theirs = alike(best);
            theirs.keySet().forEach(itself::remove);
            another.putAll(theirs);
            spare = itself.size() - fewest();
        }
    }

    private int fewest() {
        return Math.max(1, (ClassComposer.FEWEST_PERCENT * women + PERCENT - 1) / PERCENT);
    }

    private Map<Integer, Pick> whoGainsBy(Move other, Map<Integer, Map<Move, Pick>> fitting, int most) {
        Map<Integer, Pick> theirs = new LinkedHashMap<>();
        itself.keySet().stream()
                .filter(member -> isFurther(other) && fitting.get(member).containsKey(other))
                .filter(member -> canStandIn(fitting.get(member).get(other)))
                .filter(member -> gain(member, fitting.get(member).get(other)) > 0)
                .sorted(Comparator.comparing(
                        member -> -gain(member, fitting.get(member).get(other))))
                .limit(most)
                .forEach(member -> theirs.put(member, fitting.get(member).get(other)));
        return theirs;
    }

    /** Up the same ladder. */
    private boolean isFurther(Move other) {
        return move.isEarned() && other.strand() == move.strand() && other.rung() > move.rung();
    }

    private int gain(int member, Pick other) {
        return other.worth().total() - itself.get(member).worth().total() - ClassScore.ANOTHER;
    }

    private Map<Integer, Pick> whoRestCanDo(Move other, Map<Integer, Map<Move, Pick>> fitting) {
        Map<Integer, Pick> theirs = new LinkedHashMap<>();
        for (int member = 0; member < women; member++) {
            Pick pick = fitting.get(member).get(other);
            if (pick != null && !itself.containsKey(member) && !another.containsKey(member) && canStandIn(pick)) {
                theirs.put(member, pick);
            }
        }
        return theirs;
    }

    /** About as long, side for side, and on the wrists only where this one is: nobody leans on them longer than the others. */
    boolean canStandIn(Pick other) {
        if (move.sides() != other.move().sides() || other.move().has(Demand.WRIST) && !move.has(Demand.WRIST)) {
            return false;
        }
        int percent = PERCENT * oneSet(cutToTime(other), other.move()) / Math.max(1, oneSet(called, move));
        return percent >= SHORTEST_PERCENT && percent <= LONGEST_PERCENT;
    }

    private static int worth(Map<Integer, Pick> picks) {
        return picks.values().stream().mapToInt(pick -> pick.worth().total()).sum();
    }

    /** With all that any of them changes, where that can be made together; else those who can do it with the same changes. */
    private static Map<Integer, Pick> alike(Map<Integer, Pick> picks) {
        List<Set<Adjustment>> changes =
                picks.values().stream().map(Pick::adjustments).toList();
        Set<Adjustment> all = ChangedTogether.all(changes);
        if (ChangedTogether.areToldAlike(changes)
                && ChangedTogether.fit(all, picks.values().iterator().next().move())) {
            Map<Integer, Pick> same = new LinkedHashMap<>();
            picks.forEach((member, pick) -> same.put(member, pick.adjustedBy(all)));
            return same;
        }
        Set<Adjustment> first = picks.values().iterator().next().adjustments();
        Map<Integer, Pick> some = new LinkedHashMap<>();
        picks.forEach((member, pick) -> {
            if (pick.adjustments().equals(first)) {
                some.put(member, pick);
            }
        });
        return some;
    }

    /** While there are more ways than may be called out, the two that together change least become one. */
    private void mergeAdjusted(int most) {
        while (ways() > most) {
            List<Set<Adjustment>> changes =
                    itself.values().stream().map(Pick::adjustments).distinct().toList();
            Optional<List<Set<Adjustment>>> nearest = nearest(changes);
            if (nearest.isEmpty()) {
                return;
            }
            Set<Adjustment> both = ChangedTogether.all(nearest.get());
            itself.replaceAll(
                    (member, pick) -> nearest.get().contains(pick.adjustments()) ? pick.adjustedBy(both) : pick);
        }
    }

    private Optional<List<Set<Adjustment>>> nearest(List<Set<Adjustment>> changes) {
        List<Set<Adjustment>> best = List.of();
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < changes.size(); i++) {
            for (int j = i + 1; j < changes.size(); j++) {
                List<Set<Adjustment>> two = List.of(changes.get(i), changes.get(j));
                Set<Adjustment> both = ChangedTogether.all(two);
                int cost = costOf(both, changes.get(i)) + costOf(both, changes.get(j));
                if (cost < least && ChangedTogether.areToldAlike(two) && ChangedTogether.fit(both, move)) {
                    least = cost;
                    best = two;
                }
            }
        }
        return best.isEmpty() ? Optional.empty() : Optional.of(best);
    }

    /** What it costs those who do it in a way to do it with more changes. */
    private int costOf(Set<Adjustment> all, Set<Adjustment> way) {
        int cost = 0;
        for (Adjustment change : all) {
            if (!way.contains(change)) {
                cost += change == Adjustment.TRY_ONE_SET ? A_SET_FEWER : change.isToWatch() ? A_LOOK : A_CHANGE;
            }
        }
        long women = itself.values().stream()
                .filter(pick -> pick.adjustments().equals(way))
                .count();
        return cost * (int) women;
    }

    /** Whether somebody would do the same in both: the one while the others do the other, or a third instead of each. */
    boolean isOneWith(CommonExercise other) {
        return another.entrySet().stream()
                        .anyMatch(entry ->
                                other.does(entry.getKey(), entry.getValue().move()))
                || other.another.entrySet().stream()
                        .anyMatch(entry -> does(entry.getKey(), entry.getValue().move()));
    }

    private boolean does(int member, Move done) {
        Pick instead = another.get(member);
        return done.equals(move) || instead != null && instead.move().equals(done);
    }

    /** In how many ways it is done, resting not counted. */
    int ways() {
        return (int) (itself.values().stream().map(Pick::adjustments).distinct().count()
                + another.values().stream()
                        .map(pick -> List.of(pick.move().id(), pick.adjustments()))
                        .distinct()
                        .count());
    }

    boolean doesItself(int member) {
        return itself.containsKey(member);
    }

    /** What a member does instead; empty where she does the exercise itself or rests. */
    Optional<Pick> another(int member) {
        return Optional.ofNullable(another.get(member));
    }

    /** The same with something else for one who does another. */
    CommonExercise withAnother(int member, Pick pick) {
        Map<Integer, Pick> others = new HashMap<>(another);
        others.put(member, pick);
        return decided(move, itself, others, called, women);
    }

    /** How many do the exercise itself. */
    int doing() {
        return itself.size();
    }

    int resting() {
        return women - itself.size() - another.size();
    }

    boolean rests(int member) {
        return !itself.containsKey(member) && !another.containsKey(member);
    }

    /** What a member does with so many sets called out; empty where she rests. */
    Optional<Pick> of(int member, int sets) {
        Pick own = itself.get(member);
        if (own != null) {
            return Optional.of(own.withDose(noMoreThan(own, sets)));
        }
        return Optional.ofNullable(another.get(member))
                .map(pick -> pick.withDose(cutToTime(pick).withSets(Math.min(sets, pick.mostSets()))));
    }

    /** What is called out where that is no more than hers in anything; else her own, cut to the time. */
    private Dose noMoreThan(Pick own, int sets) {
        Dose hers = own.dose();
        int most = Math.min(sets, own.mostSets());
        boolean isNoMore = called.repetitions() <= hers.repetitions()
                && called.holdSeconds() <= hers.holdSeconds()
                && called.breaths() <= hers.breaths();
        if (isNoMore) {
            return called.withSets(most).withRestSeconds(Math.max(called.restSeconds(), hers.restSeconds()));
        }
        return cutToTime(own).withSets(most);
    }

    /** Her dose, or as much of it as the others' set leaves time for. */
    private Dose cutToTime(Pick pick) {
        Dose hers = pick.dose();
        int seconds = Math.max(1, oneSet(called, move));
        if (hers.repetitions() == 1 && hers.holdSeconds() > 0) {
            return hers.heldAtMost(seconds);
        }
        int repetition = Math.max(1, hers.secondsPerRepetition(pick.move().breath()));
        return hers.withRepetitions(Math.max(1, Math.min(hers.repetitions(), seconds / repetition)));
    }

    /** What all together have of it with so many sets, in quarters, a way more and a rest taken off. */
    int quarters(int sets) {
        return quarters.computeIfAbsent(sets, this::weighed);
    }

    private int weighed(int sets) {
        int worth = 0;
        for (ClassVersion version : versions(sets)) {
            int done = version.pick().map(pick -> pick.dose().sets()).orElse(0);
            for (int member : version.members()) {
                worth += done == 0 ? 0 : worthTo(member).quarters(done);
            }
        }
        return worth
                - ClassScore.QUARTERS
                        * (ClassScore.A_WAY_MORE * Math.max(0, ways() - 1)
                                + ClassScore.A_REST * resting()
                                + ClassScore.ANOTHER * another.size());
    }

    private CandidateScore worthTo(int member) {
        Pick own = itself.get(member);
        return (own != null ? own : another.get(member)).worth();
    }

    /** As written first, then adjusted, other exercises, and who rests. */
    List<ClassVersion> versions(int sets) {
        Map<List<Object>, List<Integer>> ways = new LinkedHashMap<>();
        Map<List<Object>, Pick> picks = new HashMap<>();
        List<Integer> resting = new ArrayList<>();
        for (int member = 0; member < women; member++) {
            Optional<Pick> does = of(member, sets);
            if (does.isEmpty()) {
                resting.add(member);
            } else {
                List<Object> way = List.of(does.get().move().id(), does.get().adjustments());
                ways.computeIfAbsent(way, any -> new ArrayList<>()).add(member);
                picks.merge(way, does.get(), CommonExercise::smaller);
            }
        }
        List<ClassVersion> versions = new ArrayList<>();
        ways.forEach((way, members) ->
                versions.add(new ClassVersion(how(picks.get(way)), Optional.of(picks.get(way)), members)));
        versions.sort(Comparator.comparing(ClassVersion::how));
        if (!resting.isEmpty()) {
            versions.add(new ClassVersion(TakesPart.RESTS, Optional.empty(), resting));
        }
        return List.copyOf(versions);
    }

    /** Who does it the same way does the same: the smaller set of both, as many as the fewer, with the longer rest. */
    private static Pick smaller(Pick one, Pick other) {
        Dose first = one.dose();
        Dose second = other.dose();
        Dose less = oneSet(second, other.move()) < oneSet(first, one.move()) ? second : first;
        return one.withDose(less.withSets(Math.min(first.sets(), second.sets()))
                .withRestSeconds(Math.max(first.restSeconds(), second.restSeconds())));
    }

    private TakesPart how(Pick pick) {
        if (!pick.move().equals(move)) {
            return TakesPart.ANOTHER;
        }
        return pick.adjustments().isEmpty() ? TakesPart.AS_WRITTEN : TakesPart.ADJUSTED;
    }
}
