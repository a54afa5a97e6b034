package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.screening.SideCheck;

/**
 * Picks laid out in order with their times. Getting into a move takes 10 s, a change of position 20 s more, turning over
 * to the other side 5 s or, lying on the side, half kneeling or on one hand, 15 s, and coming up by the side at the end 15 s
 * (common practice, no source). Where a side is weaker it goes first: what it manages is what the other does.
 *
 * @param items in order, each with its seconds
 * @param transitions seconds between them, in all
 * @see Composer
 * @see CommonWork
 */
public record Timetable(List<SessionItem> items, int transitions) {
    static final int SET_UP_SECONDS = 10;
    static final int UP_BY_THE_SIDE_SECONDS = 15;
    private static final int OTHER_SIDE_SECONDS = 5;
    private static final int TURNING_ROUND_SECONDS = 15;

    /**
     * Opening, work and release, as they come.
     *
     * @param opening the first {@link Pick}s
     * @param work those of its goals
     * @param release the last
     */
    public record TimetableParts(List<Pick> opening, List<Pick> work, List<Pick> release) {
        public TimetableParts {
            opening = List.copyOf(opening);
            work = List.copyOf(work);
            release = List.copyOf(release);
        }
    }

    /** Everything in the order given, the work laid out as the format says. */
    public static Timetable of(TimetableParts parts, Format format, SideCheck.Weaker weaker) {
        Side first = weaker == SideCheck.Weaker.RIGHT ? Side.RIGHT : Side.LEFT;
        Laying laying = new Laying(first);
        parts.opening().forEach(pick -> laying.add(pick, Part.OPENING, 0));
        format.rules().lay(parts.work(), laying, format);
        parts.release().forEach(pick -> laying.add(pick, Part.RELEASE, 0));
        return laying.timetable();
    }

    public int seconds() {
        return items.stream().mapToInt(SessionItem::seconds).sum();
    }

    /** Whether it ends lying down, so that she comes up by the side. */
    public boolean endsLying() {
        return !items.isEmpty() && items.get(items.size() - 1).move().position().isLying();
    }

    static int overToTheOtherSide(Move move) {
        boolean turns = move.position().isTurnedForTheOtherSide()
                || move.strand() == ExerciseGroup.SIDE_SUPPORT
                || move.has(Demand.WRIST) && move.strand() == ExerciseGroup.FRONT_SUPPORT;
        return turns ? TURNING_ROUND_SECONDS : OTHER_SIDE_SECONDS;
    }

    /** A timetable while it is laid out. */
    static final class Laying {
        private final Side first;
        private final List<SessionItem> items = new ArrayList<>();
        private Optional<Family> at = Optional.empty();
        private int transitions;

        Laying(Side first) {
            this.first = first;
        }

        /** The side that goes first. */
        Side first() {
            return first;
        }

        /** By its dose, both sides one after the other. */
        void add(Pick pick, Part part, int round) {
            int change = change(pick.move()) ? WorkConstraints.CHANGE_SECONDS : 0;
            int side = pick.oneSideSeconds();
            int[] seconds = pick.move().sides() == Sides.EACH ? new int[] {side, side} : new int[] {pick.workSeconds()};
            sides(pick, part, round, SET_UP_SECONDS + change, overToTheOtherSide(pick.move()), seconds);
        }

        /** Work for so many seconds a side, however many repetitions that makes. */
        void addFor(int seconds, int change, Pick pick, int round) {
            change(pick.move());
            sides(pick, Part.WORK, round, change, change, new int[] {seconds, seconds});
        }

        /** Work on one side alone. */
        void addOneSide(Pick pick, Side side, int round) {
            int change = change(pick.move()) ? WorkConstraints.CHANGE_SECONDS : 0;
            items.add(new SessionItem(pick, side, pick.oneSideSeconds(), SET_UP_SECONDS + change, Part.WORK, round));
        }

        private void sides(Pick pick, Part part, int round, int setUp, int over, int[] seconds) {
            switch (pick.move().sides()) {
                case BOTH -> items.add(new SessionItem(pick, Side.BOTH, seconds[0], setUp, part, round));
                case ALTERNATE -> items.add(new SessionItem(pick, Side.ALTERNATING, seconds[0], setUp, part, round));
                case EACH -> {
                    items.add(new SessionItem(pick, first, seconds[0], setUp, part, round));
                    items.add(new SessionItem(pick, first.other(), seconds[1], over, part, round));
                }
            }
        }

        /** Whether she goes to another family of positions. */
        private boolean change(Move move) {
            Family family = Family.of(move);
            boolean changes = at.filter(before -> before != family).isPresent();
            transitions += changes ? 1 : 0;
            at = Optional.of(family);
            return changes;
        }

        Timetable timetable() {
            if (!items.isEmpty()) {
                SessionItem last = items.get(items.size() - 1);
                if (last.move().position().isLying()) {
                    items.set(
                            items.size() - 1,
                            new SessionItem(
                                    last.pick(),
                                    last.side(),
                                    last.workSeconds(),
                                    last.setUpSeconds() + UP_BY_THE_SIDE_SECONDS,
                                    last.part(),
                                    last.round()));
                }
            }
            return new Timetable(List.copyOf(items), transitions);
        }
    }
}
