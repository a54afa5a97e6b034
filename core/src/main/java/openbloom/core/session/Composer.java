package openbloom.core.session;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.WeekKind;
import openbloom.core.screening.SideCheck;
import openbloom.core.verdict.Judgement;

/**
 * Composes a session: settle and breathe, connect, work, release, up by the side. Only moves that pass for her are in it;
 * the work is the best there is for the public score of {@link CandidateScore}, exactly, among everything that keeps the hard lines.
 */
public final class Composer {
    private static final double SHORTEST_SHARE = 0.95;
    private static final int MINUTES_FOR_TWO_SETS = 20;

    /** Of so many the last leaves impact out. */
    private static final int TRIES_FOR_IMPACT = 3;

    private final Judgement judgement;
    private final SessionRequest request;
    private final Candidates candidates;
    private final OpeningAndRelease openingAndRelease;
    private final SideCheck.Weaker weaker;

    private Composer(Judgement judgement, SessionRequest request) {
        this.judgement = judgement;
        this.request = request;
        this.candidates = new Candidates(judgement, request);
        this.openingAndRelease = new OpeningAndRelease(judgement, request, candidates);
        this.weaker = judgement.facts().client().checks().sides().weaker();
    }

    /** @throws IllegalArgumentException if the request has problems */
    public static Session compose(Judgement judgement, SessionRequest request) {
        if (!request.problems().isEmpty()) {
            throw new IllegalArgumentException(
                    "Expected 5 to 120 minutes and a format that fits them, but was " + request);
        }
        boolean longer = isHealing(judgement) && request.minutes() > HardLine.HEALING_MINUTES;
        Session session =
                new Composer(judgement, longer ? request.atMost(HardLine.HEALING_MINUTES) : request).compose();
        return longer && !session.items().isEmpty() ? Notes.healing(session) : session;
    }

    /** The first weeks after a birth, until her clinician has seen her. */
    public static boolean isHealing(Judgement judgement) {
        DoseStage stage = judgement.facts().doseStage();
        return stage == DoseStage.HEAL
                || stage == DoseStage.RECONNECT
                        && judgement.facts().client().medical().clearance().isEmpty();
    }

    private Session compose() {
        Session session = request.format().rules().compose(this, judgement, request);
        return Notes.withoutAFloorSet(
                session.remarked(Remarks.of(session.items(), judgement, request)), request, judgement);
    }

    /** A round of breath and pelvic floor. */
    Session floorRound() {
        return laid(
                FloorRound.of(openingAndRelease, candidates, request),
                0,
                () -> "a round of breath and pelvic floor is no longer than what is prescribed");
    }

    /**
     * What is worth most among everything the hard lines leave. A session shorter than was asked comes to its half sooner, and a
     * second round repeats what the first began with.
     */
    Session best() {
        Timetable.TimetableParts frame = openingAndRelease.parts();
        ShapedWork.Limits limits = limits(frame);
        Session session = best(frame, limits);
        for (int tries = 1; session.lateImpact().isPresent() && tries <= TRIES_FOR_IMPACT; tries++) {
            int half = session.seconds() / 2 - limits.opening() - 2 * WorkConstraints.STEP;
            session = best(frame, limits.withImpactUntil(tries < TRIES_FOR_IMPACT ? half : -1));
        }
        return session;
    }

    private Session best(Timetable.TimetableParts frame, ShapedWork.Limits limits) {
        Work searched = work(frame, limits);
        List<WorkItem> items = searched.items();
        ShapedWork.Solved solved = searched.solved();
        List<Pick> work = Pairing.of(solved, limits.whole().moves().wristsBefore()).stream()
                .map(Composer::pick)
                .toList();
        Session session = laid(
                openingAndRelease.spread(new Timetable.TimetableParts(frame.opening(), work, frame.release())),
                solved.score(),
                () -> new ShortCauses(request, limits, items, solved).words(openingAndRelease.isTight()));
        return session.with(SessionPart.divided(session.items(), solved));
    }

    /** What the work was chosen from, and what was chosen. */
    private record Work(List<WorkItem> items, ShapedWork.Solved solved) {
        /** Whether a set of the pelvic floor that was to be shared by two positions has only one of them. */
        boolean hasHalfASet() {
            return Arrays.stream(ExerciseGroup.values())
                    .filter(ExerciseGroup::isPelvicFloorLift)
                    .anyMatch(strand -> count(items.stream(), strand) == 2
                            && count(solved.chosen().stream().map(WorkSolver.ChosenItem::item), strand) == 1);
        }

        private static long count(Stream<WorkItem> among, ExerciseGroup strand) {
            return among.filter(item -> item.pick().move().strand() == strand).count();
        }
    }

    /** The set of the pelvic floor in two positions where both find their place, else whole in one. */
    private Work work(Timetable.TimetableParts frame, ShapedWork.Limits limits) {
        Work shared = work(frame, limits, true);
        return shared.hasHalfASet() ? work(frame, limits, false) : shared;
    }

    private Work work(Timetable.TimetableParts frame, ShapedWork.Limits limits, boolean shared) {
        List<WorkItem> items = items(frame.opening(), shared);
        return new Work(items, ShapedWork.solve(request, limits, items));
    }

    /** What each part of the work is solved for, so that others can be asked the same. */
    static List<ShapedWork.Instance> instances(Judgement judgement, SessionRequest request) {
        Composer composer = new Composer(judgement, request);
        Timetable.TimetableParts parts = composer.openingAndRelease.parts();
        return composer.work(parts, composer.limits(parts)).solved().instances();
    }

    private static Pick pick(WorkSolver.ChosenItem chosen) {
        Pick pick = chosen.item().pick();
        return pick.withDose(pick.dose().withSets(chosen.option().sets()));
    }

    /** What the opening has already is not done again. */
    private List<WorkItem> items(List<Pick> opening, boolean shared) {
        Set<Move> done = opening.stream().map(Pick::move).collect(Collectors.toSet());
        return candidates.work(shared).stream()
                .filter(pick -> !done.contains(pick.move()))
                .sorted(candidates.byLoad())
                .map(pick -> WorkItem.of(pick, options(pick)))
                .filter(item -> !item.options().isEmpty())
                .toList();
    }

    /** Her dose in one to three sets; the prescribed set and the try-out take no more than they are. */
    private List<WorkItem.Option> options(Pick pick) {
        Format format = request.format();
        boolean once = format.passes() > 1 || format.rules().isByTheClock();
        int usual = pick.mostSets();
        int most = once ? 1 : isLearnt(pick) ? Math.min(usual, pick.dose().sets()) : usual;
        int allowed = mostThisWeek(pick, most);
        int least = Math.min(allowed, leastSets(pick));
        return IntStream.rangeClosed(least, allowed)
                .mapToObj(sets -> option(pick, sets))
                .filter(option -> option.steps() > 0)
                .toList();
    }

    /** At the lowest dose step what is heavy, and in a week of learning everything, has no more sets than written. */
    private boolean isLearnt(Pick pick) {
        boolean learning = request.wishes().day().week() == WeekKind.LEARN;
        return pick.step() == DoseStep.LOWEST && (learning || pick.move().isStrong());
    }

    /** A week of ease takes sets away from what loads her; floor, breath, release and mobility stay. */
    private int mostThisWeek(Pick pick, int most) {
        return pick.move().load() > 0 && !pick.move().strand().isPelvicFloorLift()
                ? request.wishes().day().week().sets(most)
                : most;
    }

    /** What loads her is done at least twice where her dose says so and there is time (common practice, no source). */
    private int leastSets(Pick pick) {
        boolean loads = pick.move().load() > 0 && request.minutes() >= MINUTES_FOR_TWO_SETS;
        boolean easing = request.wishes().day().week() == WeekKind.EASE;
        return loads && !easing && request.format().rules().isInSets()
                ? Math.min(2, pick.dose().sets())
                : 1;
    }

    private WorkItem.Option option(Pick pick, int sets) {
        Format format = request.format();
        Pick dosed = pick.withDose(pick.dose().withSets(sets));
        int seconds = format.rules().secondsOf(dosed, format);
        return new WorkItem.Option(
                sets,
                (seconds + WorkConstraints.STEP - 1) / WorkConstraints.STEP,
                pick.worth().quarters(Math.max(sets, format.rules().timesEach(format))));
    }

    private ShapedWork.Limits limits(Timetable.TimetableParts parts) {
        return WorkLimits.of(
                request,
                parts,
                new WorkLimits.TheseWomen(
                        1,
                        request.history().isFirstSession(),
                        judgement.facts().isPregnant(),
                        OpeningAndRelease.isLimitedOnTheBack(judgement),
                        weaker),
                most(parts));
    }

    /** 105 % of what was asked; with a tight floor so little work that the rest keeps its share. */
    private int most(Timetable.TimetableParts parts) {
        int most = (int) (HardLine.LONGEST_SHARE * request.seconds());
        if (openingAndRelease.isTight()) {
            int restful = OpeningAndRelease.restful(parts.opening()) + OpeningAndRelease.restful(parts.release());
            most = Math.min(most, (int) (restful / HardLine.LETTING_GO_SHARE));
        }
        return most;
    }

    private Session laid(Timetable.TimetableParts parts, int score, Supplier<String> why) {
        Timetable timetable = Timetable.of(parts, request.format(), weaker);
        List<LeftOut> leftOut = LeftOutReasons.of(judgement, request, timetable);
        return new Session(
                timetable.items(),
                timetable.transitions(),
                timetable.endsLying(),
                leftOut,
                Notes.of(timetable, request, SHORTEST_SHARE, leftOut, why),
                score,
                request.format());
    }
}
