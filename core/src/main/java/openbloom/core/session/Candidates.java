package openbloom.core.session;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Kit;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.StartingLevel;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.record.LadderStatus;
import openbloom.core.screening.SideCheck;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;

/** The moves a session may be made of: for each strand her working rung and one below it, and what was pinned. */
final class Candidates {
    /** Swings and cleans stand from here up the ladder of leg strength. */
    private static final int FAST_FROM_RUNG = 8;

    private static final int HEAVY_LOAD = 4;
    private static final int SHORTEST_WORK_SECONDS = 30;
    private static final int MOST_OF_A_GROUP = 6;

    /** The level of the first hold; below it the floor is felt. */
    private static final int FIRST_HOLD = 2;

    private static final int MOST_OF_IMPACT = 2;
    private static final int MOST_OF_MOBILITY = 14;

    private final Judgement judgement;
    private final SessionRequest request;
    private final Prescription practice;
    private final Map<ExerciseGroup, Integer> working = new EnumMap<>(ExerciseGroup.class);
    private final Map<ExerciseGroup, Integer> passing = new EnumMap<>(ExerciseGroup.class);
    private final Map<String, Integer> turned = new LinkedHashMap<>();

    Candidates(Judgement judgement, SessionRequest request) {
        this.judgement = judgement;
        this.request = request;
        this.practice = judgement
                .facts()
                .pelvicPractice(judgement.facts().client().checks().pelvicFloor());
        List<Move> moves = judgement.catalogue().moves();
        int turn = Math.floorMod(new Random(request.seed()).nextInt(), moves.size());
        for (int i = 0; i < moves.size(); i++) {
            turned.put(moves.get((i + turn) % moves.size()).id(), i);
        }
    }

    /** Breath, connect or release that passes for her, the most wanted first. */
    List<Pick> rest(ExerciseGroup strand) {
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> !move.isEarned() || move.rung() <= working(strand))
                .map(judgement::of)
                .filter(Verdict::passes)
                .flatMap(verdict -> Pick.of(verdict, judgement).stream())
                .filter(pick -> request.takes(pick.move()))
                .map(this::weighed)
                .sorted(strand == ExerciseGroup.RELEASE ? best() : easiest())
                .toList();
    }

    /** The most wanted, of those alike the lowest rung: a session begins where settling is easiest. */
    private Comparator<Pick> easiest() {
        return Comparator.<Pick, Integer>comparing(pick -> -pick.worth().total())
                .thenComparing(pick -> pick.move().rung());
    }

    /**
     * The work; of the pelvic floor one prescribed set.
     *
     * @param shared whether the set is shared by two positions where its goal and the time ask for it
     */
    List<Pick> work(boolean shared) {
        Map<String, Pick> work = new LinkedHashMap<>();
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            if (strand != ExerciseGroup.BREATH && strand != ExerciseGroup.RELEASE && isTrained(strand)) {
                of(strand, shared).forEach(pick -> work.putIfAbsent(pick.move().id(), pick));
            }
        }
        pinned().forEach(pick -> work.putIfAbsent(pick.move().id(), pick));
        usual().forEach(pick -> work.put(pick.move().id(), pick));
        return work.values().stream().filter(this::isLongEnough).toList();
    }

    /** Only lifts that are prescribed. */
    private boolean isTrained(ExerciseGroup strand) {
        return switch (strand) {
            case PELVIC_FLOOR_ENDURANCE -> practice.holds().repetitions() > 0;
            case PELVIC_FLOOR_QUICK -> practice.flicks().repetitions() > 0;
            default -> true;
        };
    }

    private List<Pick> of(ExerciseGroup strand, boolean shared) {
        FormatRules format = request.format().rules();
        int working = strand == ExerciseGroup.PELVIC_FLOOR_ENDURANCE
                ? Math.max(FIRST_HOLD, working(strand))
                : working(strand);
        List<Pick> passing = judgement.catalogue().ladder(strand).stream()
                .filter(move -> !move.isEarned() || move.rung() <= working)
                .filter(format::takes)
                .filter(move -> !isTooEarly(move) && !isUnasked(move) && !isResting(move))
                .filter(this::isAtHand)
                .map(judgement::of)
                .filter(verdict -> verdict.move().rung() == top(strand)
                        || !verdict.adjustments().contains(Adjustment.TRY_ONE_SET))
                .flatMap(verdict -> Pick.of(verdict, judgement, step(verdict.move())).stream())
                .filter(pick -> format.takes(pick.move()) && request.takes(pick.move()))
                .filter(pick -> !isTooEarly(pick.move()) && !isUnasked(pick.move()) && !isResting(pick.move()))
                .filter(pick -> !isRest(pick.move()))
                .map(this::weighed)
                .toList();
        boolean holds = passing.stream().anyMatch(pick -> !isFeeling(pick.move()));
        List<Pick> sorted = passing.stream()
                .filter(pick -> !(holds && isFeeling(pick.move())))
                .sorted(best(strand))
                .toList();
        if (isSetForLeaking(strand)) {
            return new FloorSet(request, sorted).picks(shared);
        }
        List<Pick> best = sorted.stream().limit(most(strand)).toList();
        boolean isPlanned = request.wishes().day().groups().contains(strand)
                || request.wishes().goals().stream()
                        .anyMatch(goal -> goal.hallmarks().contains(strand));
        List<Pick> ranked = new ArrayList<>();
        for (Pick pick : best) {
            CandidateScore worth = isPlanned && ranked.isEmpty() ? pick.worth().planned() : pick.worth();
            int others = isForEase(strand) ? 0 : ranked.size();
            ranked.add(pick.worth(worth.after(others), pick.isNew()));
        }
        return ranked;
    }

    /**
     * One exercise as it would be for her: no higher than she works, what passes today and suits her day, weighed; empty where
     * it is not for her as it is.
     */
    Optional<Pick> itself(Move move) {
        boolean above = move.isEarned() && move.rung() > working(move.strand());
        if (above || !isTrained(move.strand()) || !request.takes(move) || isOutOfPlace(move)) {
            return Optional.empty();
        }
        Verdict verdict = judgement.of(move);
        boolean tried = verdict.adjustments().contains(Adjustment.TRY_ONE_SET);
        return verdict.passes() && !(tried && move.rung() < top(move.strand()))
                ? Pick.of(verdict, judgement, step(move)).map(this::weighed)
                : Optional.empty();
    }

    private boolean isOutOfPlace(Move move) {
        return isTooEarly(move) || isUnasked(move) || isResting(move) || !isAtHand(move);
    }

    /** Feeling the floor without lifting it: nothing to do a prescribed hold with. */
    private static boolean isFeeling(Move move) {
        return move.strand() == ExerciseGroup.PELVIC_FLOOR_ENDURANCE && move.rung() < FIRST_HOLD;
    }

    private boolean isSetForLeaking(ExerciseGroup strand) {
        return strand.isPelvicFloorLift()
                && strand != ExerciseGroup.PELVIC_FLOOR_AREAS
                && request.wishes().goals().contains(Goal.STOP_LEAKING);
    }

    /** Where easy movement is what the session is for, its variety is. */
    private boolean isForEase(ExerciseGroup strand) {
        if (strand == ExerciseGroup.PELVIC_FLOOR_AREAS) {
            return request.wishes().goals().contains(Goal.LET_GO);
        }
        return strand == ExerciseGroup.MOBILITY
                && (request.format().rules().isForEase()
                        || request.wishes().goals().stream().anyMatch(Goal::isForEase));
    }

    /** Strong, and of a group that has its turn on another day. */
    private boolean isResting(Move move) {
        return move.isStrong() && request.wishes().day().resting().contains(move.strand());
    }

    /** Breath, connect at rest and release are chosen apart from the work. */
    private static boolean isRest(Move move) {
        return move.strand() == ExerciseGroup.BREATH
                || move.strand() == ExerciseGroup.RELEASE
                || move.strand() == ExerciseGroup.CONNECT && !move.isEarned();
    }

    /** Pinned moves come whatever their rung, if they pass; a pin of another lift takes no second set. */
    private List<Pick> pinned() {
        return request.wishes().pinned().stream()
                .sorted()
                .flatMap(id -> judgement.catalogue().find(id).stream())
                .filter(move -> !isRest(move) && !move.strand().isPelvicFloorLift())
                .filter(request.format().rules()::takes)
                .map(judgement::of)
                .filter(Verdict::passes)
                .flatMap(verdict -> Pick.of(verdict, judgement, step(verdict.move())).stream())
                .map(this::weighed)
                .toList();
    }

    /** What she does anyway, as it is today: itself, changed, or what stands in for it. */
    private List<Pick> usual() {
        return request.wishes().usual().stream()
                .flatMap(id -> judgement.catalogue().find(id).stream())
                .filter(move -> !isRest(move) && !move.strand().isPelvicFloorLift())
                .flatMap(move -> Pick.of(judgement.of(move), judgement, DoseStep.WRITTEN).stream())
                .filter(pick -> request.format().rules().takes(pick.move()) && request.takes(pick.move()))
                .map(this::weighed)
                .toList();
    }

    /** Nothing new and heavy, and no curl, that nobody asked for; no heavy or fast lift is begun while she is pregnant; for a pelvis that hurts no easy move of one side alone. */
    private boolean isUnasked(Move move) {
        List<Goal> goals = request.wishes().goals();
        boolean besideHers = !request.wishes().usual().isEmpty() && move.isStrong();
        boolean jumps = move.isImpact() && move.strand() == ExerciseGroup.IMPACT;
        boolean fast = move.strand() == ExerciseGroup.STRENGTH_LEGS && move.rung() >= FAST_FROM_RUNG;
        boolean heavy =
                move.has(Demand.HEAVY) || move.has(Demand.THROWN) || move.load() >= HEAVY_LOAD || fast || besideHers;
        boolean begunPregnant = judgement.facts().isPregnant() && heavy && move.isWeighted() && isNew(move);
        boolean lifts = goals.contains(Goal.LIFT) && request.wishes().usual().isEmpty();
        boolean undirected = goals.isEmpty() && request.wishes().usual().isEmpty();
        Set<ExerciseGroup> wanted = request.wishes().aims().keySet();
        boolean curl =
                move.strand() == ExerciseGroup.FLEXION && !wanted.isEmpty() && !wanted.contains(ExerciseGroup.FLEXION);
        boolean lopsided = goals.contains(Goal.EASE_PELVIS)
                && move.strand() == ExerciseGroup.MOBILITY
                && move.sides() == Sides.EACH;
        return curl || lopsided || begunPregnant || heavy && !jumps && isNew(move) && !lifts && !undirected;
    }

    /** What somebody never trained is not given on her first day, unless she was seen that far. */
    private boolean isTooEarly(Move move) {
        Client her = judgement.facts().client();
        return request.history().isFirstSession()
                && judgement.facts().achieved(move.strand()) < move.rung()
                && StartingLevel.isTooMuchForAFirstDay(her, move);
    }

    private boolean isLongEnough(Pick pick) {
        return request.format().rules().isByTheClock()
                || pick.move().strand().isPelvicFloorLift()
                || pick.dose().sets() > 0 && pick.workSeconds() >= SHORTEST_WORK_SECONDS;
    }

    /** Gym staples are planned only where their equipment is; everything else has its substitute. */
    private boolean isAtHand(Move move) {
        Set<Equipment> atHand = judgement.facts().client().equipment();
        return !move.isGymStaple() || move.kit().stream().map(Kit::needs).allMatch(atHand::contains);
    }

    /** The rung she works on; every rung where rungs are not earned. */
    private int working(ExerciseGroup strand) {
        return working.computeIfAbsent(
                strand,
                unknown -> decided(strand)
                        .map(LadderStatus.Working::rung)
                        .orElseGet(() -> StartingLevel.of(judgement, strand)));
    }

    private Optional<LadderStatus.Working> decided(ExerciseGroup strand) {
        return Optional.ofNullable(
                judgement.facts().client().standing().working().get(strand));
    }

    private int step(Move move) {
        return request.wishes().day().week().step(reached(move));
    }

    private int reached(Move move) {
        if (!move.isEarned()) {
            return DoseStep.WRITTEN;
        }
        Optional<LadderStatus.Working> decided = decided(move.strand());
        int written = judgement.facts().achieved(move.strand());
        if (decided.isPresent() && decided.get().rung() == move.rung()) {
            return decided.get().step();
        }
        boolean hers = move.rung()
                <= Math.max(written, decided.map(LadderStatus.Working::rung).orElse(0));
        return hers || request.wishes().usual().contains(move.id()) ? DoseStep.WRITTEN : DoseStep.LOWEST;
    }

    private Pick weighed(Pick pick) {
        Move move = pick.move();
        ExerciseGroup strand = move.strand();
        Wishes wishes = request.wishes();
        int aims = wishes.aims().getOrDefault(strand, 0);
        boolean isNew = isNew(move);
        boolean same = judgement.facts().client().approach().is(ApproachChoice.SAME_FEW);
        int working = rungWorth(move);
        int lately = same || working == CandidateScore.WORKING
                ? 0
                : CandidateScore.LATELY * request.history().timesLately(move.id());
        int changes = (isNew ? CandidateScore.NEW : 0)
                + (pick.verdict() == VerdictKind.ADJUST ? CandidateScore.ADJUST : 0)
                + (pick.verdict() == VerdictKind.SWAP ? CandidateScore.SWAP : 0);
        return pick.worth(
                new CandidateScore(
                        aims,
                        aims > 0 && wishes.due().contains(strand) ? CandidateScore.DUE : 0,
                        lately,
                        working,
                        isWeaker(move) ? CandidateScore.WEAKER : 0,
                        preferred(move),
                        0,
                        changes),
                isNew);
    }

    private int preferred(Move move) {
        List<Goal> goals = request.wishes().goals();
        boolean floor = goals.contains(Goal.STOP_LEAKING) || goals.contains(Goal.EASE_HEAVINESS);
        boolean prescribed = floor && move.strand().isPelvicFloorLift();
        if (request.wishes().pinned().contains(move.id())) {
            return CandidateScore.PINNED;
        }
        return prescribed || request.wishes().usual().contains(move.id()) ? CandidateScore.USUAL : 0;
    }

    private int rungWorth(Move move) {
        if (!move.isEarned()) {
            return 0;
        }
        int rung = top(move.strand());
        if (move.rung() == rung) {
            return CandidateScore.WORKING;
        }
        return CandidateScore.WORKING - CandidateScore.BELOW * (rung - move.rung());
    }

    /** The highest level that passes, up to hers: what is only tried is tried there. */
    private int top(ExerciseGroup strand) {
        return passing.computeIfAbsent(strand, this::highestPassing);
    }

    private int highestPassing(ExerciseGroup strand) {
        int most = working(strand);
        return judgement.catalogue().ladder(strand).stream()
                .filter(other -> other.rung() <= most)
                .filter(other -> judgement.of(other).passes())
                .map(Move::rung)
                .max(Comparator.naturalOrder())
                .orElse(0);
    }

    /** Never done, no level she was seen on, nothing she does anyway, and more than breath, release and easy mobility. */
    private boolean isNew(Move move) {
        boolean seen = move.isEarned() && move.rung() <= judgement.facts().achieved(move.strand());
        boolean easy = !move.isEarned() || move.load() <= 1 && !move.isImpact();
        return !seen
                && !easy
                && !request.history().known().contains(move.id())
                && !request.wishes().usual().contains(move.id());
    }

    private boolean isWeaker(Move move) {
        SideCheck.Weaker weaker = judgement.facts().client().checks().sides().weaker();
        boolean sided = weaker == SideCheck.Weaker.LEFT || weaker == SideCheck.Weaker.RIGHT;
        return sided && move.sides() == Sides.EACH && !move.strand().isPelvicFloorLift();
    }

    private int most(ExerciseGroup strand) {
        return switch (strand) {
            case PELVIC_FLOOR_ENDURANCE, PELVIC_FLOOR_QUICK, SCAR -> 1;
            case IMPACT -> request.history().isFirstSession() ? 1 : MOST_OF_IMPACT;
            case MOBILITY -> MOST_OF_MOBILITY;
            case PELVIC_FLOOR_AREAS -> isForEase(strand) ? MOST_OF_MOBILITY : MOST_OF_A_GROUP;
            default -> MOST_OF_A_GROUP;
        };
    }

    /** Of scar work the furthest that is hers; of all else the most wanted. */
    private Comparator<Pick> best(ExerciseGroup strand) {
        return strand == ExerciseGroup.SCAR
                ? Comparator.comparing(pick -> -pick.move().rung())
                : best();
    }

    /** The most wanted first; ties in the catalogue's order, turned by the seed. */
    private Comparator<Pick> best() {
        return Comparator.<Pick, Integer>comparing(pick -> -pick.worth().total())
                .thenComparing(pick -> turned.getOrDefault(pick.move().id(), 0));
    }

    /** Work in the order in which one visit does it: rising load, then the catalogue's order turned by the seed. */
    Comparator<Pick> byLoad() {
        return Comparator.<Pick, Integer>comparing(pick -> pick.move().load())
                .thenComparing(pick -> turned.getOrDefault(pick.move().id(), 0));
    }

    Prescription practice() {
        return practice;
    }
}
