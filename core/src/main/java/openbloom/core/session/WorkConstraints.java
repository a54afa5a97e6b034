package openbloom.core.session;

import java.util.List;
import java.util.Optional;
import openbloom.core.moves.Equipment;

/**
 * What the work of a session has to fit into: its opening and release are chosen, the rest is free.
 *
 * @param order families in the order in which work visits them
 * @param before family the opening ends in; empty without an opening
 * @param after family the release begins in; empty without one
 * @param fixed seconds of opening and release, with coming up by the side after a release
 * @param rules what holds for the work as a whole
 */
record WorkConstraints(List<Family> order, Optional<Family> before, Optional<Family> after, int fixed, Rules rules) {
    static final int STEP = 10;
    static final int CHANGE_SECONDS = 20;
    private static final double SHORTEST_SHARE = 0.95;

    /** What rounding up to steps of ten seconds may hide: 2 % of the time, and half a minute at least. */
    private static final double HIDDEN_SHARE = 0.02;

    private static final int HIDDEN_SECONDS = 30;

    /**
     * Hard lines.
     *
     * @param target seconds asked for
     * @param most seconds at most, 105 % of what was asked or less
     * @param moves how many moves
     * @param onTheBack what holds on the back; empty where time there is not limited
     * @param oneFrontSupport at most one front support
     * @param pace how often the work is gone through, and what a change of family takes
     * @param impactUntil seconds of this work within which impact has to end
     * @param isLast whether nothing but the release follows
     * @param women who do it together: what a change costs, it costs each of them
     */
    record Rules(
            int target,
            int most,
            Moves moves,
            Optional<OnTheBack> onTheBack,
            boolean oneFrontSupport,
            WorkPace pace,
            int impactUntil,
            boolean isLast,
            int women) {
        /**
         * At most so many, at least so many if they fit, and at most so many new to her.
         *
         * @param wristsBefore moves on bent wrists that stand just before this work
         * @param begins whether it begins the session's work, so that the first is light
         */
        record Moves(int most, int fewest, int fresh, int wristsBefore, boolean begins) {}

        /** At most so many seconds on the back at a stretch, and how many stand just before and after the work. */
        record OnTheBack(int most, int before, int after) {}

        /** The same with impact within so many seconds. */
        Rules withImpactUntil(int seconds) {
            return new Rules(target, most, moves, onTheBack, oneFrontSupport, pace, seconds, isLast, women);
        }

        /** Times through the work, and seconds to go from one family of positions to the next. */
        record WorkPace(int passes, int changeSeconds) {
            static final WorkPace ONCE = new WorkPace(1, CHANGE_SECONDS);
        }
    }

    /** What a point for a change of place or kit, or for time that is missing, counts. */
    int quartersOfAPoint() {
        return CandidateScore.QUARTERS * rules.women();
    }

    /** Impact stands in the first half: only where she begins upright. */
    boolean takesImpact() {
        return order.get(0).isUp();
    }

    /** Steps of ten seconds the work may take. */
    int room() {
        return Math.max(0, (rules.most() - fixed) / STEP);
    }

    /** What it costs to go from one family to the next, in points. */
    static int change(Family from, Family to) {
        if (from == to) {
            return 0;
        }
        return CandidateScore.VISIT + (from.isUp() != to.isUp() ? CandidateScore.UP_OR_DOWN : 0);
    }

    /** Points lost for being short, by ten seconds under 95 %. */
    int shortfall(int workSteps) {
        int hidden = Math.max(HIDDEN_SECONDS, (int) (HIDDEN_SHARE * rules.target()));
        int missing = (int) (SHORTEST_SHARE * rules.target()) + hidden - fixed - workSteps * STEP;
        return missing <= 0 ? 0 : CandidateScore.TEN_SECONDS_SHORT * ((missing + STEP - 1) / STEP);
    }

    /**
     * Steps that entering a family takes, as often as the work is gone through.
     *
     * @param changes whether she is somewhere else the first time; each further time she comes back to it
     */
    int changeSteps(boolean changes) {
        int times = changes ? rules.pace().passes() : rules.pace().passes() - 1;
        return times * rules.pace().changeSeconds() / STEP;
    }

    /**
     * Steps from the end of the work on: going to where the release begins or, without a release, coming up by the side.
     *
     * @param last where she is then; empty when nothing was done at all
     */
    int endSteps(Optional<Family> last) {
        int seconds;
        if (!rules.isLast()) {
            seconds = 0;
        } else if (after.isPresent()) {
            seconds = last.filter(from -> from != after.get()).isPresent() ? CHANGE_SECONDS : 0;
        } else {
            seconds = last.filter(Family::isLying).isPresent() ? Timetable.UP_BY_THE_SIDE_SECONDS : 0;
        }
        return (seconds + STEP - 1) / STEP;
    }

    /** What some work is worth in this frame, in quarters; it is taken to keep the hard lines. */
    int score(List<WorkSolver.ChosenItem> chosen) {
        int steps = 0;
        int quarters = 0;
        int points = chosen.size() < rules.moves().fewest() ? -CandidateScore.PINNED : 0;
        Optional<Family> at = before;
        boolean begun = false;
        List<Equipment> kit = List.of();
        for (WorkSolver.ChosenItem one : chosen) {
            Family family = one.item().family();
            if (!begun || at.filter(family::equals).isEmpty()) {
                steps += changeSteps(begun || at.filter(family::equals).isEmpty());
                points += at.map(from -> change(from, family)).orElse(0);
            }
            begun = true;
            at = Optional.of(family);
            if (!one.item().kit().isEmpty() && !one.item().kit().equals(kit)) {
                kit = one.item().kit();
                points += CandidateScore.CHANGE_OF_KIT;
            }
            steps += one.option().steps();
            quarters += one.option().quarters();
        }
        Optional<Family> last = at;
        Optional<Family> next = after.filter(to -> last.filter(to::equals).isEmpty() && last.isPresent());
        points += next.map(to -> change(last.orElseThrow(), to)).orElse(0);
        points += shortfall(steps + endSteps(at));
        return quarters + points * quartersOfAPoint();
    }

    /** Steps she may stay in a family at a stretch: no limit but on the back, where her time there is limited. */
    int longestStay(Family family) {
        return family == Family.BACK
                ? rules.onTheBack().map(limit -> limit.most() / STEP).orElse(Integer.MAX_VALUE)
                : Integer.MAX_VALUE;
    }

    /** Steps she has been on the back when the work begins there. */
    int onTheBackBefore() {
        return before.filter(Family.BACK::equals)
                .flatMap(back -> rules.onTheBack())
                .map(limit -> (limit.before() + STEP - 1) / STEP)
                .orElse(0);
    }

    /** Steps she stays on the back when the release begins there. */
    int onTheBackAfter() {
        return after.filter(Family.BACK::equals)
                .flatMap(back -> rules.onTheBack())
                .map(limit -> (limit.after() + STEP - 1) / STEP)
                .orElse(0);
    }
}
