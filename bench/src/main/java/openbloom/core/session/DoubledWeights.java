package openbloom.core.session;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import openbloom.core.verdict.Judgement;

/** What happens to sessions when one weight of {@link CandidateScore} is doubled: {@code ./bloom bench weights}. */
public final class DoubledWeights {
    private static final int SESSIONS = 60;

    private DoubledWeights() {}

    public static void main(String[] args) {
        Map<String, UnaryOperator<CandidateScore>> doubled = new LinkedHashMap<>();
        doubled.put(
                "aims",
                w -> new CandidateScore(
                        2 * w.aims(),
                        w.due(),
                        w.lately(),
                        w.working(),
                        w.weaker(),
                        w.pinned(),
                        w.again(),
                        w.changes()));
        doubled.put(
                "due",
                w -> new CandidateScore(
                        w.aims(),
                        2 * w.due(),
                        w.lately(),
                        w.working(),
                        w.weaker(),
                        w.pinned(),
                        w.again(),
                        w.changes()));
        doubled.put(
                "lately",
                w -> new CandidateScore(
                        w.aims(),
                        w.due(),
                        2 * w.lately(),
                        w.working(),
                        w.weaker(),
                        w.pinned(),
                        w.again(),
                        w.changes()));
        doubled.put(
                "working",
                w -> new CandidateScore(
                        w.aims(),
                        w.due(),
                        w.lately(),
                        2 * w.working(),
                        w.weaker(),
                        w.pinned(),
                        w.again(),
                        w.changes()));
        doubled.put(
                "changes",
                w -> new CandidateScore(
                        w.aims(),
                        w.due(),
                        w.lately(),
                        w.working(),
                        w.weaker(),
                        w.pinned(),
                        w.again(),
                        2 * w.changes()));
        doubled.put(
                "again",
                w -> new CandidateScore(
                        w.aims(),
                        w.due(),
                        w.lately(),
                        w.working(),
                        w.weaker(),
                        w.pinned(),
                        2 * w.again(),
                        w.changes()));
        doubled.forEach((name, scale) -> System.out.printf("%-8s %s%n", name, compare(scale)));
    }

    private static String compare(UnaryOperator<CandidateScore> scale) {
        Random chance = new Random(20261126);
        int moves = 0;
        int other = 0;
        int wantedBefore = 0;
        int wantedAfter = 0;
        for (int i = 0; i < SESSIONS; i++) {
            Judgement judgement = AgainstASolver.judgement(chance);
            SessionRequest request = AgainstASolver.request(20 + i % 3 * 10, chance);
            Set<Pick> usual = new HashSet<>();
            Set<Pick> changed = new HashSet<>();
            for (ShapedWork.Instance part : Composer.instances(judgement, request)) {
                usual.addAll(chosen(part.frame(), part.items()));
                changed.addAll(chosen(part.frame(), scaled(part.items(), scale)));
            }
            Set<String> before = ids(usual);
            Set<String> after = ids(changed);
            moves += before.size();
            other += (int) before.stream().filter(id -> !after.contains(id)).count();
            wantedBefore += wanted(usual);
            wantedAfter += wanted(changed);
        }
        return String.format(
                "%d of %d moves are others; moves of wanted strands %d, were %d",
                other, moves, wantedAfter, wantedBefore);
    }

    private static int wanted(Set<Pick> picks) {
        return (int) picks.stream().filter(pick -> pick.worth().aims() > 0).count();
    }

    private static Set<String> ids(Set<Pick> picks) {
        Set<String> ids = new HashSet<>();
        picks.forEach(pick -> ids.add(pick.move().id()));
        return ids;
    }

    private static Set<Pick> chosen(WorkConstraints frame, List<WorkItem> items) {
        Set<Pick> picks = new HashSet<>();
        WorkSolver.solve(frame, items)
                .chosen()
                .forEach(chosen -> picks.add(chosen.item().pick()));
        return picks;
    }

    private static List<WorkItem> scaled(List<WorkItem> items, UnaryOperator<CandidateScore> scale) {
        List<WorkItem> scaled = new ArrayList<>();
        for (WorkItem item : items) {
            CandidateScore worth = scale.apply(item.pick().worth());
            scaled.add(WorkItem.of(
                    item.pick().worth(worth, item.isNew()),
                    item.options().stream()
                            .map(option ->
                                    new WorkItem.Option(option.sets(), option.steps(), worth.quarters(option.sets())))
                            .toList()));
        }
        return scaled;
    }
}
