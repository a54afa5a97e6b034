package openbloom.core.session;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import openbloom.core.moves.Demand;
import openbloom.core.screening.SideCheck;

/** The hard lines of the work between an opening and a release. */
final class WorkLimits {
    private WorkLimits() {}

    /**
     * Whom it is for, where it makes a difference: of several the most careful counts.
     *
     * @param count 1 to 16
     * @param isFirst whether anybody has her first session
     * @param isPregnant whether anybody is pregnant
     * @param isLimitedOnTheBack whether anybody's time on the back comes in short bouts
     * @param weaker the side that goes first
     */
    record TheseWomen(
            int count, boolean isFirst, boolean isPregnant, boolean isLimitedOnTheBack, SideCheck.Weaker weaker) {}

    /** @param most seconds of the whole session at most */
    static ShapedWork.Limits of(SessionRequest request, Timetable.TimetableParts parts, TheseWomen women, int most) {
        Timetable before = Timetable.of(
                new Timetable.TimetableParts(parts.opening(), List.of(), List.of()), request.format(), women.weaker());
        int opening = before.seconds() - (before.endsLying() ? Timetable.UP_BY_THE_SIDE_SECONDS : 0);
        int release = Timetable.of(
                        new Timetable.TimetableParts(List.of(), List.of(), parts.release()),
                        request.format(),
                        women.weaker())
                .seconds();
        WorkConstraints.Rules.Moves moves = new WorkConstraints.Rules.Moves(
                request.format().rules().mostExercises(request.minutes()),
                request.format().rules().fewestExercises(),
                HardLine.mostNew(women.isFirst(), request.minutes()),
                onTheWrists(parts.opening()),
                true);
        WorkConstraints.Rules whole = new WorkConstraints.Rules(
                request.seconds(),
                most,
                moves,
                onTheBack(parts, women.isLimitedOnTheBack()),
                women.isPregnant(),
                pace(request.format()),
                request.seconds() / 2 - opening,
                true,
                women.count());
        return new ShapedWork.Limits(
                last(parts.opening()), first(parts.release()), opening, opening + release, most, whole);
    }

    private static WorkConstraints.Rules.WorkPace pace(Format format) {
        return new WorkConstraints.Rules.WorkPace(
                format.passes(), format.rules().isByTheClock() ? 0 : WorkConstraints.CHANGE_SECONDS);
    }

    private static Optional<Family> last(List<Pick> picks) {
        return picks.isEmpty()
                ? Optional.empty()
                : Optional.of(Family.of(picks.get(picks.size() - 1).move()));
    }

    private static Optional<Family> first(List<Pick> picks) {
        return picks.stream().findFirst().map(pick -> Family.of(pick.move()));
    }

    private static Optional<WorkConstraints.Rules.OnTheBack> onTheBack(
            Timetable.TimetableParts parts, boolean isLimited) {
        if (!isLimited) {
            return Optional.empty();
        }
        List<Pick> backwards = new ArrayList<>(parts.opening());
        Collections.reverse(backwards);
        return Optional.of(new WorkConstraints.Rules.OnTheBack(
                HardLine.ON_THE_BACK_SECONDS, stretch(backwards), stretch(parts.release())));
    }

    /** How many of the last picks stand on bent wrists. */
    private static int onTheWrists(List<Pick> picks) {
        int running = 0;
        for (Pick pick : picks) {
            running = pick.move().has(Demand.WRIST) ? running + 1 : 0;
        }
        return running;
    }

    /** Seconds on the back from the first pick on. */
    private static int stretch(List<Pick> picks) {
        int seconds = 0;
        for (Pick pick : picks) {
            if (Family.of(pick.move()) != Family.BACK) {
                break;
            }
            seconds += pick.workSeconds() + Timetable.SET_UP_SECONDS;
        }
        return seconds;
    }
}
