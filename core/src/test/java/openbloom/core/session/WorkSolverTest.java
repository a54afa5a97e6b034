package openbloom.core.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.Test;

/** The solver against trying everything, on small instances with real moves; the score is written here a second time. */
class WorkSolverTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final int INSTANCES = 1000;
    private static final int MOST_CANDIDATES = 7;

    private static final Set<Family> LYING = Set.of(Family.BACK, Family.SIDE, Family.FRONT);

    private final Random chance = new Random(20261126);
    private final List<Pick> picks = picks();

    @Test
    void isAsGoodAsTryingEverything() {
        int withWork = 0;
        for (int i = 0; i < INSTANCES; i++) {
            WorkConstraints frame = frame();
            List<WorkItem> items = items();
            WorkSolver.Solution found = WorkSolver.solve(frame, items);
            int best = tryAll(frame, items);
            assertThat(found.score()).as("instance " + i + " " + frame).isEqualTo(best);
            assertThat(score(frame, found.chosen())).as("instance " + i).hasValue(best);
            withWork += found.chosen().size() > 1 ? 1 : 0;
        }
        assertThat(withWork).as("instances that say something").isGreaterThan(INSTANCES / 4);
    }

    private WorkConstraints frame() {
        List<Family> order = new ArrayList<>(List.of(Family.values()));
        if (chance.nextBoolean()) {
            Collections.reverse(order);
        }
        int target = 60 * (4 + chance.nextInt(9));
        Optional<WorkConstraints.Rules.OnTheBack> back = chance.nextInt(3) == 0
                ? Optional.of(new WorkConstraints.Rules.OnTheBack(180, 10 * chance.nextInt(8), 10 * chance.nextInt(8)))
                : Optional.empty();
        WorkConstraints.Rules rules = new WorkConstraints.Rules(
                target,
                (int) (1.05 * target),
                new WorkConstraints.Rules.Moves(
                        1 + chance.nextInt(4),
                        chance.nextInt(4) == 0 ? 2 : 0,
                        chance.nextInt(4),
                        chance.nextInt(3),
                        chance.nextInt(4) > 0),
                back,
                chance.nextBoolean(),
                new WorkConstraints.Rules.WorkPace(1 + chance.nextInt(6), chance.nextInt(4) == 0 ? 0 : 20),
                target / 2 - 40,
                chance.nextInt(4) > 0,
                1 + chance.nextInt(3));
        return new WorkConstraints(order, family(), family(), 40 + 10 * chance.nextInt(10), rules);
    }

    private Optional<Family> family() {
        return chance.nextInt(6) == 0
                ? Optional.empty()
                : Optional.of(Family.values()[chance.nextInt(Family.values().length)]);
    }

    /** Every hard line needs moves that press against it: half of the instances are of one kind. */
    private List<WorkItem> items() {
        List<Predicate<WorkItem>> kinds = List.of(
                WorkItem::isFrontSupport,
                WorkItem::isWrist,
                WorkItem::isImpact,
                item -> !item.isLight(),
                item -> item.family() == Family.BACK);
        int kind = chance.nextInt(2 * kinds.size());
        List<Pick> shuffled = new ArrayList<>(picks.stream()
                .filter(pick -> kind >= kinds.size() || kinds.get(kind).test(WorkItem.of(pick, List.of())))
                .toList());
        Collections.shuffle(shuffled, chance);
        return shuffled.stream()
                .limit(2 + chance.nextInt(MOST_CANDIDATES - 1))
                .sorted((one, other) ->
                        Integer.compare(one.move().load(), other.move().load()))
                .map(pick -> WorkItem.of(
                        pick.worth(
                                new CandidateScore(10 * chance.nextInt(4), 0, 0, 0, 0, 0, 0, -chance.nextInt(5)),
                                chance.nextBoolean()),
                        IntStream.rangeClosed(1, 1 + chance.nextInt(2))
                                .mapToObj(sets -> new WorkItem.Option(
                                        sets, sets * (3 + chance.nextInt(9)), 40 * sets - chance.nextInt(60)))
                                .toList()))
                .toList();
    }

    private static int tryAll(WorkConstraints frame, List<WorkItem> items) {
        List<WorkItem> inOrder = new ArrayList<>();
        for (Family family : frame.order()) {
            items.stream().filter(item -> item.family() == family).forEach(inOrder::add);
        }
        return tryAll(frame, inOrder, 0, new ArrayList<>());
    }

    private static int tryAll(WorkConstraints frame, List<WorkItem> items, int at, List<WorkSolver.ChosenItem> chosen) {
        if (at == items.size()) {
            return score(frame, chosen).orElse(Integer.MIN_VALUE);
        }
        int best = tryAll(frame, items, at + 1, chosen);
        for (WorkItem.Option option : items.get(at).options()) {
            chosen.add(new WorkSolver.ChosenItem(items.get(at), option));
            best = Math.max(best, tryAll(frame, items, at + 1, chosen));
            chosen.remove(chosen.size() - 1);
        }
        return best;
    }

    /** Empty where a hard line is broken. */
    private static Optional<Integer> score(WorkConstraints frame, List<WorkSolver.ChosenItem> chosen) {
        WorkConstraints.Rules rules = frame.rules();
        int steps = 0;
        int quarters = 0;
        int points = 0;
        int wrists = rules.moves().wristsBefore();
        int isNew = 0;
        int fronts = 0;
        int back = 0;
        Optional<Family> at = frame.before();
        Optional<Family> visited = Optional.empty();
        List<Equipment> kit = List.of();
        for (WorkSolver.ChosenItem one : chosen) {
            WorkItem item = one.item();
            if (visited.filter(item.family()::equals).isEmpty()) {
                boolean changes = at.filter(item.family()::equals).isEmpty() || visited.isPresent();
                int entering = (changes ? rules.pace().passes() : rules.pace().passes() - 1)
                        * rules.pace().changeSeconds()
                        / 10;
                steps += entering;
                boolean stays = visited.isEmpty() && at.equals(Optional.of(Family.BACK));
                back = item.family() == Family.BACK ? entering + (stays ? beside(rules, true) : 0) : 0;
                points += at.isPresent() ? between(at.get(), item.family()) : 0;
            }
            at = Optional.of(item.family());
            visited = at;
            steps += one.option().steps();
            back += item.family() == Family.BACK ? one.option().steps() : 0;
            quarters += one.option().quarters();
            if (!item.kit().isEmpty() && !item.kit().equals(kit)) {
                points -= 2;
                kit = item.kit();
            }
            wrists = item.isWrist() ? wrists + 1 : 0;
            isNew += item.isNew() ? 1 : 0;
            fronts += item.isFrontSupport() ? 1 : 0;
            boolean broken = wrists > 2
                    || item.isImpact() && (frame.order().get(0) != Family.STANDING || steps * 10 > rules.impactUntil());
            if (broken || rules.onTheBack().isPresent() && back > 18) {
                return Optional.empty();
            }
        }
        boolean broken = chosen.size() > rules.moves().most()
                || isNew > rules.moves().fresh()
                || rules.oneFrontSupport() && fronts > 1
                || !chosen.isEmpty()
                        && rules.moves().begins()
                        && !chosen.get(0).item().isLight();
        if (frame.after().isEmpty()) {
            steps += rules.isLast() && at.filter(LYING::contains).isPresent() ? 2 : 0;
        } else if (at.isPresent() && at.get() != frame.after().get()) {
            points += between(at.get(), frame.after().get());
            steps += rules.isLast() ? 2 : 0;
        }
        if (visited.equals(Optional.of(Family.BACK)) && frame.after().equals(Optional.of(Family.BACK))) {
            broken |= rules.onTheBack().isPresent() && back + beside(rules, false) > 18;
        }
        if (broken || frame.fixed() + 10 * steps > rules.most()) {
            return Optional.empty();
        }
        int missing = (int) (0.95 * rules.target())
                + Math.max(30, (int) (0.02 * rules.target()))
                - frame.fixed()
                - 10 * steps;
        points -= missing > 0 ? 4 * ((missing + 9) / 10) : 0;
        points -= chosen.size() < rules.moves().fewest() ? 1000 : 0;
        return Optional.of(quarters + 4 * frame.rules().women() * points);
    }

    private static int beside(WorkConstraints.Rules rules, boolean before) {
        return rules.onTheBack()
                .map(limit -> (before ? limit.before() : limit.after()) / 10)
                .orElse(0);
    }

    /** Another family costs 16, going up from the floor or down to it 12 more. */
    private static int between(Family from, Family to) {
        Set<Family> up = Set.of(Family.CHAIR, Family.STANDING);
        return from == to ? 0 : up.contains(from) == up.contains(to) ? -16 : -28;
    }

    /** Every move there is, whether or not it would pass for anybody. */
    private static List<Pick> picks() {
        return CATALOGUE.moves().stream()
                .filter(move -> move.strand() != ExerciseGroup.BREATH && move.strand() != ExerciseGroup.RELEASE)
                .sorted(Comparator.comparing(Move::id))
                .map(move -> new Pick(
                        move,
                        VerdictKind.GO,
                        Set.of(),
                        Optional.empty(),
                        move.doseAt(DoseStage.OTHER),
                        1,
                        false,
                        CandidateScore.NONE))
                .toList();
    }
}
