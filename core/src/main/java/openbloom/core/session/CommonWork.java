package openbloom.core.session;

import java.util.List;
import openbloom.core.moves.Move;
import openbloom.core.screening.SideCheck;

/**
 * Work that several women do together, between an opening and a release: the best there is, exactly, under the hard lines of a
 * single session, where what a change of position costs, it costs each of them.
 *
 * @param minutes 5 to 120
 * @param women 1 to 16
 * @param isFirst whether it is the first session of most of them
 * @param isPregnant whether anybody is pregnant
 * @param isLimitedOnTheBack whether anybody's time on the back comes in short bouts
 * @see Pick
 * @see SessionRequest
 */
public record CommonWork(
        int minutes,
        int women,
        boolean isFirst,
        boolean isPregnant,
        boolean isLimitedOnTheBack,
        List<Pick> opening,
        List<Pick> release) {
    public CommonWork {
        opening = List.copyOf(opening);
        release = List.copyOf(release);
    }

    /**
     * An exercise that may be in it.
     *
     * @param pick the exercise as it would be given, see {@link Pick}
     * @param options for how many sets it may be in it
     */
    public record CommonItem(Pick pick, List<CommonSets> options) {
        public CommonItem {
            options = List.copyOf(options);
        }
    }

    /**
     * So many sets, and what they are worth to all together, in quarters of a point.
     *
     * @param sets from 1
     * @param quarters of a point, all women together
     */
    public record CommonSets(int sets, int quarters) {}

    /**
     * What was found.
     *
     * @param work in the order in which it is done, each with its sets
     * @param quarters what it is worth, what changes of position, kit and missing time cost taken off
     */
    public record CommonSolution(List<Pick> work, int quarters) {
        public CommonSolution {
            work = List.copyOf(work);
        }
    }

    /** @param items those to be preferred first, where they are alike */
    public CommonSolution best(List<CommonItem> items) {
        ShapedWork.Solved solved = solved(items);
        return new CommonSolution(
                Pairing.of(solved, limits(request()).whole().moves().wristsBefore()).stream()
                        .map(one -> withSets(one.item().pick(), one.option().sets()))
                        .toList(),
                solved.score());
    }

    /** What is solved, in its one part, so that others can be asked the same. */
    ShapedWork.Solved solved(List<CommonItem> items) {
        SessionRequest request = request();
        List<WorkItem> candidates = items.stream()
                .sorted((one, other) -> Integer.compare(
                        one.pick().move().load(), other.pick().move().load()))
                .map(item -> WorkItem.of(
                        item.pick(),
                        item.options().stream()
                                .map(sets -> option(item.pick(), sets, request))
                                .toList()))
                .toList();
        return ShapedWork.solve(request, limits(request), candidates);
    }

    /** Everything in order with its times, the work as given. */
    public Timetable laid(List<Pick> work) {
        return Timetable.of(
                new Timetable.TimetableParts(opening, work, release), request().format(), SideCheck.Weaker.EVEN);
    }

    private SessionRequest request() {
        return SessionRequest.of(minutes).in(Format.of(Format.FormatKind.SETS));
    }

    private ShapedWork.Limits limits(SessionRequest request) {
        WorkLimits.TheseWomen these =
                new WorkLimits.TheseWomen(women, isFirst, isPregnant, isLimitedOnTheBack, SideCheck.Weaker.EVEN);
        return WorkLimits.of(request, new Timetable.TimetableParts(opening, List.of(), release), these, (int)
                (HardLine.LONGEST_SHARE * request.seconds()));
    }

    private static WorkItem.Option option(Pick pick, CommonSets sets, SessionRequest request) {
        int seconds = request.format().rules().secondsOf(withSets(pick, sets.sets()), request.format());
        return new WorkItem.Option(
                sets.sets(), (seconds + WorkConstraints.STEP - 1) / WorkConstraints.STEP, sets.quarters());
    }

    private static Pick withSets(Pick pick, int sets) {
        return pick.withDose(pick.dose().withSets(sets));
    }

    /** What it costs to go from one exercise to another, for one woman, in quarters of a point. */
    public static int changeQuarters(Move from, Move to) {
        return -CandidateScore.QUARTERS * WorkConstraints.change(Family.of(from), Family.of(to));
    }

    /** What some work out of these exercises is worth, in quarters. */
    public int worth(List<CommonItem> items, List<Pick> work) {
        SessionRequest request = request();
        List<WorkSolver.ChosenItem> chosen =
                work.stream().map(pick -> chosen(pick, items, request)).toList();
        ShapedWork.Limits limits = limits(request);
        return new WorkConstraints(
                        List.of(Family.values()), limits.opensIn(), limits.releasesIn(), limits.fixed(), limits.whole())
                .score(chosen);
    }

    private static WorkSolver.ChosenItem chosen(Pick pick, List<CommonItem> items, SessionRequest request) {
        CommonItem item = items.stream()
                .filter(one -> one.pick().move().equals(pick.move()))
                .findFirst()
                .orElseThrow();
        CommonSets sets = item.options().stream()
                .filter(one -> one.sets() == pick.dose().sets())
                .findFirst()
                .orElseThrow();
        WorkItem.Option option = option(item.pick(), sets, request);
        return new WorkSolver.ChosenItem(WorkItem.of(item.pick(), List.of(option)), option);
    }
}
