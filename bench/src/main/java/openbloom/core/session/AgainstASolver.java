package openbloom.core.session;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.program.Goals;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.screening.SymptomReport;
import openbloom.core.verdict.Judgement;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * The composer against a general solver on the same score and the same hard lines, both orders of families: never below it,
 * and how much faster. {@code ./bloom bench sessions [instances] [seconds for the solver] [from] [to]}.
 */
public final class AgainstASolver {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    private AgainstASolver() {}

    public static void main(String[] args) {
        int instances = args.length > 0 ? Integer.parseInt(args[0]) : 40;
        int seconds = args.length > 1 ? Integer.parseInt(args[1]) : 60;
        int first = args.length > 2 ? Integer.parseInt(args[2]) : 1;
        int last = args.length > 3 ? Integer.parseInt(args[3]) : instances;
        Random chance = new Random(20261126);
        int below = 0;
        int proved = 0;
        double ours = 0;
        double theirs = 0;
        for (int i = 0; i < instances; i++) {
            int minutes = 10 + 50 * i / Math.max(1, instances - 1);
            Judgement judgement = judgement(chance);
            SessionRequest request = request(minutes, chance);
            if (i + 1 < first || i + 1 > last) {
                continue;
            }
            Composer.compose(judgement, request);
            long from = System.nanoTime();
            Session session = Composer.compose(judgement, request);
            double tookMs = (System.nanoTime() - from) / 1e6;
            from = System.nanoTime();
            Found found = solver(judgement, request, seconds);
            double solverMs = (System.nanoTime() - from) / 1e6;
            ours += tookMs;
            theirs += solverMs;
            below += session.score() < found.score() ? 1 : 0;
            proved += found.proved() ? 1 : 0;
            System.out.printf(
                    "%2d  %2d min  composer %6d in %6.1f ms   solver %6d in %8.0f ms %s%n",
                    i + 1, minutes, session.score(), tookMs, found.score(), solverMs, found.proved() ? "proved" : "");
        }
        System.out.printf(
                "below the solver: %d of %d; proved by it: %d; composer %.1f ms on average, %.0f × faster%n",
                below, last - first + 1, proved, ours / (last - first + 1), theirs / ours);
    }

    /** The best the solver found, and whether it proved that there is no better. */
    record Found(int score, boolean proved) {}

    private static Client woman(Random chance) {
        Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            rungs.put(strand, chance.nextInt(8));
        }
        Client.Builder woman = Client.of(1, 1, 25 + chance.nextInt(20))
                .symptoms(SymptomReport.none(DAY))
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .rungs(rungs)
                .equipment(Set.of(Equipment.BLOCK, Equipment.BAND, Equipment.CHAIR, Equipment.DUMBBELL));
        int weeks = 8 + chance.nextInt(28);
        return chance.nextBoolean()
                ? woman.pregnant(Dating.stated(DAY.minusWeeks(weeks).plusDays(280)))
                        .build()
                : woman.build();
    }

    static Judgement judgement(Random chance) {
        return Judgement.of(CATALOGUE, woman(chance), DAY);
    }

    static SessionRequest request(int minutes, Random chance) {
        List<Goal> goals = new ArrayList<>(List.of(Goal.values()));
        Collections.shuffle(goals, chance);
        goals = goals.subList(0, 1 + chance.nextInt(3));
        Map<ExerciseGroup, Integer> aims = Goals.worth(goals);
        List<String> lately = CATALOGUE.moves().stream()
                .filter(move -> chance.nextInt(3) == 0)
                .map(move -> move.id())
                .toList();
        return SessionRequest.of(minutes, Place.STUDIO, chance.nextInt(1000), History.of(List.of(lately)))
                .in(Format.of(Format.FormatKind.SETS))
                .wanting(new Wishes(goals, aims, aims.keySet(), Set.of(), Set.of(), List.of(), PlannedDay.NONE));
    }

    private static Found solver(Judgement judgement, SessionRequest request, int seconds) {
        int score = 0;
        boolean proved = true;
        for (ShapedWork.Instance part : Composer.instances(judgement, request)) {
            List<Family> reversed = new ArrayList<>(part.frame().order());
            Collections.reverse(reversed);
            WorkConstraints frame = part.frame();
            WorkConstraints other =
                    new WorkConstraints(reversed, frame.before(), frame.after(), frame.fixed(), frame.rules());
            Found one = best(frame, part.items(), seconds / 2.0);
            Found two = best(other, part.items(), seconds / 2.0);
            score += Math.max(one.score(), two.score());
            proved &= one.proved() && two.proved();
        }
        return new Found(score, proved);
    }

    private static Found best(WorkConstraints frame, List<WorkItem> items, double seconds) {
        return best(new Built(frame, items), seconds);
    }

    /** The same for a class, where nobody may rest too long. */
    static Found together(CommonWork work, List<CommonWork.CommonItem> items, ClassRests rests, double seconds) {
        ShapedWork.Instance part = work.solved(items).instances().get(0);
        List<Family> reversed = new ArrayList<>(part.frame().order());
        Collections.reverse(reversed);
        WorkConstraints frame = part.frame();
        WorkConstraints other =
                new WorkConstraints(reversed, frame.before(), frame.after(), frame.fixed(), frame.rules());
        Built one = new Built(frame, part.items());
        one.rests(rests);
        Built two = new Built(other, part.items());
        two.rests(rests);
        Found first = best(one, seconds / 2);
        Found second = best(two, seconds / 2);
        return new Found(Math.max(first.score(), second.score()), first.proved() && second.proved());
    }

    private static Found best(Built built, double seconds) {
        Solver solver = built.model.getSolver();
        solver.limitTime((long) (seconds * 1000));
        int best = Integer.MIN_VALUE;
        while (solver.solve()) {
            best = built.objective.getValue();
        }
        return new Found(best, !solver.isStopCriterionMet());
    }

    /** The instance as constraints. */
    private static final class Built {
        private final Model model = new Model();
        private final WorkConstraints frame;
        private final List<WorkItem> items;
        private final IntVar objective;
        private final BoolVar[] in;

        Built(WorkConstraints frame, List<WorkItem> unordered) {
            this.frame = frame;
            this.items = frame.order().stream()
                    .flatMap(family -> unordered.stream().filter(item -> item.family() == family))
                    .toList();
            int n = items.size();
            in = new BoolVar[n];
            IntVar[] steps = new IntVar[n];
            IntVar[] quarters = new IntVar[n];
            for (int i = 0; i < n; i++) {
                List<WorkItem.Option> options = items.get(i).options();
                IntVar chosen = model.intVar(0, options.size());
                int[] s = new int[options.size() + 1];
                int[] q = new int[options.size() + 1];
                for (int o = 0; o < options.size(); o++) {
                    s[o + 1] = options.get(o).steps();
                    q[o + 1] = options.get(o).quarters();
                }
                in[i] = model.boolVar();
                model.arithm(chosen, ">", 0).reifyWith(in[i]);
                steps[i] = model.intVar(0, 500);
                quarters[i] = model.intVar(-100_000, 100_000);
                model.element(steps[i], s, chosen).post();
                model.element(quarters[i], q, chosen).post();
            }
            Map<Family, BoolVar> visited = new LinkedHashMap<>();
            for (Family family : frame.order()) {
                BoolVar[] inside = members(family, in);
                if (inside.length > 0) {
                    BoolVar any = model.boolVar();
                    model.max(any, inside).post();
                    visited.put(family, any);
                }
            }
            List<Family> families = new ArrayList<>(visited.keySet());
            List<BoolVar> first = ends(families, visited, false);
            List<BoolVar> last = ends(families, visited, true);
            List<IntVar> points = new ArrayList<>();
            List<IntVar> time = new ArrayList<>(List.of(steps));
            List<IntVar> entering = new ArrayList<>();
            for (int k = 0; k < families.size(); k++) {
                Family family = families.get(k);
                boolean stays = frame.before().filter(family::equals).isPresent();
                int usual = frame.changeSteps(true);
                int saved = stays ? usual - frame.changeSteps(false) : 0;
                IntVar enter = model.intVar(0, 100);
                model.arithm(enter, "=", scaled(visited.get(family), usual), "-", scaled(first.get(k), saved))
                        .post();
                time.add(enter);
                entering.add(enter);
                int firstPoints = frame.before()
                        .map(from -> WorkConstraints.change(from, family))
                        .orElse(0);
                points.add(scaled(visited.get(family), CandidateScore.VISIT));
                points.add(scaled(first.get(k), firstPoints - CandidateScore.VISIT));
                int lastPoints = frame.after()
                        .map(to -> WorkConstraints.change(family, to))
                        .orElse(0);
                points.add(scaled(last.get(k), lastPoints));
                time.add(scaled(last.get(k), frame.endSteps(Optional.of(family))));
            }
            crossing(families, visited, points);
            BoolVar none = model.boolVar();
            model.sum(in, "=", 0).reifyWith(none);
            frame.before()
                    .ifPresent(from ->
                            frame.after().ifPresent(to -> points.add(scaled(none, WorkConstraints.change(from, to)))));
            time.add(scaled(none, frame.endSteps(frame.before())));
            IntVar total = model.intVar(0, Math.max(0, frame.room()));
            model.sum(time.toArray(IntVar[]::new), "=", total).post();
            counts(in);
            sequence(in, points);
            firstIsLight(in);
            impact(in, steps, entering, families);
            onTheBack(in, steps, entering, families, first, last);
            IntVar shortfall = model.intVar(-1000, 0);
            int[] lost = new int[frame.room() + 1];
            for (int t = 0; t <= frame.room(); t++) {
                lost[t] = frame.shortfall(t);
            }
            model.element(shortfall, lost, total).post();
            points.add(shortfall);
            IntVar sumOfPoints = model.intVar(-10_000, 10_000);
            model.sum(points.toArray(IntVar[]::new), "=", sumOfPoints).post();
            IntVar worth = model.intVar(-100_000, 100_000);
            model.sum(quarters, "=", worth).post();
            objective = model.intVar(-200_000, 200_000);
            model.arithm(
                            objective,
                            "=",
                            worth,
                            "+",
                            model.mul(
                                    sumOfPoints,
                                    CandidateScore.QUARTERS * frame.rules().women()))
                    .post();
            model.setObjective(Model.MAXIMIZE, objective);
        }

        /** Nobody rests more often running than is allowed, what comes before and after included. */
        void rests(ClassRests rests) {
            for (int woman = 0; woman < rests.women(); woman++) {
                IntVar run = model.intVar(rests.before(woman));
                for (int i = 0; i < in.length; i++) {
                    boolean resting = rests.rests(items.get(i).pick().move(), woman);
                    IntVar after = model.intVar(0, rests.most());
                    IntVar then = resting ? model.offset(run, 1) : model.intVar(0);
                    model.ifThenElse(in[i], model.arithm(after, "=", then), model.arithm(after, "=", run));
                    run = after;
                }
                model.arithm(run, "<=", Math.max(0, rests.most() - rests.after(woman)))
                        .post();
            }
        }

        private IntVar scaled(BoolVar one, int by) {
            return by == 0 ? model.intVar(0) : model.mul(one, by);
        }

        private BoolVar[] members(Family family, BoolVar[] in) {
            List<BoolVar> members = new ArrayList<>();
            for (int i = 0; i < in.length; i++) {
                if (items.get(i).family() == family) {
                    members.add(in[i]);
                }
            }
            return members.toArray(BoolVar[]::new);
        }

        /** Whether a family is the first that is visited, or the last. */
        private List<BoolVar> ends(List<Family> families, Map<Family, BoolVar> visited, boolean backwards) {
            List<BoolVar> ends = new ArrayList<>(Collections.nCopies(families.size(), model.boolVar(false)));
            List<BoolVar> seen = new ArrayList<>();
            for (int i = 0; i < families.size(); i++) {
                int k = backwards ? families.size() - 1 - i : i;
                BoolVar here = visited.get(families.get(k));
                BoolVar end = model.boolVar();
                if (seen.isEmpty()) {
                    model.arithm(end, "=", here).post();
                } else {
                    BoolVar before = model.boolVar();
                    model.max(before, seen.toArray(BoolVar[]::new)).post();
                    model.and(here, before.not()).reifyWith(end);
                }
                ends.set(k, end);
                seen.add(here);
            }
            return ends;
        }

        private void crossing(List<Family> families, Map<Family, BoolVar> visited, List<IntVar> points) {
            BoolVar[] up =
                    families.stream().filter(Family::isUp).map(visited::get).toArray(BoolVar[]::new);
            BoolVar[] floor = families.stream()
                    .filter(family -> !family.isUp())
                    .map(visited::get)
                    .toArray(BoolVar[]::new);
            if (up.length > 0 && floor.length > 0) {
                BoolVar anyUp = model.boolVar();
                BoolVar anyFloor = model.boolVar();
                model.max(anyUp, up).post();
                model.max(anyFloor, floor).post();
                points.add(scaled(model.and(anyUp, anyFloor).reify(), CandidateScore.UP_OR_DOWN));
            }
        }

        private void counts(BoolVar[] in) {
            model.sum(in, "<=", Math.max(0, frame.rules().moves().most())).post();
            BoolVar[] fresh = pick(in, WorkItem::isNew);
            BoolVar[] fronts = pick(in, WorkItem::isFrontSupport);
            if (fresh.length > 0) {
                model.sum(fresh, "<=", frame.rules().moves().fresh()).post();
            }
            if (frame.rules().oneFrontSupport() && fronts.length > 0) {
                model.sum(fronts, "<=", 1).post();
            }
        }

        private BoolVar[] pick(BoolVar[] in, java.util.function.Predicate<WorkItem> which) {
            List<BoolVar> picked = new ArrayList<>();
            for (int i = 0; i < in.length; i++) {
                if (which.test(items.get(i))) {
                    picked.add(in[i]);
                }
            }
            return picked.toArray(BoolVar[]::new);
        }

        /** Wrist-loaded moves running, and the kit at hand, one item after the other. */
        private void sequence(BoolVar[] in, List<IntVar> points) {
            Map<List<Equipment>, Integer> kits = new LinkedHashMap<>();
            kits.put(List.of(), 0);
            items.forEach(item -> kits.putIfAbsent(item.kit(), kits.size()));
            IntVar run = model.intVar(Math.min(2, frame.rules().moves().wristsBefore()));
            IntVar kit = model.intVar(0);
            for (int i = 0; i < in.length; i++) {
                IntVar runAfter = model.intVar(0, 2);
                IntVar then = items.get(i).isWrist() ? model.offset(run, 1) : model.intVar(0);
                model.ifThenElse(in[i], model.arithm(runAfter, "=", then), model.arithm(runAfter, "=", run));
                run = runAfter;
                int its = kits.get(items.get(i).kit());
                if (its != 0) {
                    BoolVar differs = model.arithm(kit, "!=", its).reify();
                    points.add(scaled(model.and(in[i], differs).reify(), CandidateScore.CHANGE_OF_KIT));
                    IntVar kitAfter = model.intVar(0, kits.size());
                    model.ifThenElse(in[i], model.arithm(kitAfter, "=", its), model.arithm(kitAfter, "=", kit));
                    kit = kitAfter;
                }
            }
        }

        private void firstIsLight(BoolVar[] in) {
            for (int i = 0; frame.rules().moves().begins() && i < in.length; i++) {
                if (!items.get(i).isLight()) {
                    if (i == 0) {
                        model.arithm(in[0], "=", 0).post();
                    } else {
                        BoolVar[] earlier = java.util.Arrays.copyOf(in, i);
                        model.ifThen(in[i], model.sum(earlier, ">=", 1));
                    }
                }
            }
        }

        private void impact(BoolVar[] in, IntVar[] steps, List<IntVar> entering, List<Family> families) {
            int half = frame.rules().impactUntil() / WorkConstraints.STEP;
            for (int i = 0; i < in.length; i++) {
                if (items.get(i).isImpact() && !frame.takesImpact()) {
                    model.arithm(in[i], "=", 0).post();
                } else if (items.get(i).isImpact()) {
                    List<IntVar> upToHere = new ArrayList<>(List.of(java.util.Arrays.copyOf(steps, i + 1)));
                    for (int k = 0; k <= families.indexOf(items.get(i).family()); k++) {
                        upToHere.add(entering.get(k));
                    }
                    model.ifThen(in[i], model.sum(upToHere.toArray(IntVar[]::new), "<=", half));
                }
            }
        }

        private void onTheBack(
                BoolVar[] in,
                IntVar[] steps,
                List<IntVar> entering,
                List<Family> families,
                List<BoolVar> first,
                List<BoolVar> last) {
            int k = families.indexOf(Family.BACK);
            if (frame.rules().onTheBack().isEmpty() || k < 0) {
                return;
            }
            List<IntVar> back = new ArrayList<>();
            for (int i = 0; i < in.length; i++) {
                if (items.get(i).family() == Family.BACK) {
                    back.add(steps[i]);
                }
            }
            back.add(entering.get(k));
            back.add(scaled(first.get(k), frame.onTheBackBefore()));
            back.add(scaled(last.get(k), frame.onTheBackAfter()));
            model.sum(back.toArray(IntVar[]::new), "<=", frame.longestStay(Family.BACK))
                    .post();
        }
    }
}
