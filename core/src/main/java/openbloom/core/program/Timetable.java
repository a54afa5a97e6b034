package openbloom.core.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.core.moves.Position;
import openbloom.core.moves.Strand;
import openbloom.core.screening.SideCheck;

/**
 * Picks laid out in order with their times. Getting into a move takes 10 s, a change of position 20 s more, turning over
 * to the other side 5 s or, where she has to turn round, 15 s, and coming up by the side at the end 15 s (common practice,
 * no source). Where a side is weaker it goes first: what it manages is what the other does.
 */
record Timetable(List<SessionItem> items, int transitions) {
    private static final int SET_UP_SECONDS = 10;
    private static final int CHANGE_SECONDS = 20;
    private static final int UP_BY_THE_SIDE_SECONDS = 15;
    private static final int OTHER_SIDE_SECONDS = 5;
    private static final int TURNING_ROUND_SECONDS = 15;

    /** The opening as given, the work so that changes of position are few, the release as given. */
    static Timetable of(List<Pick> opening, List<Pick> work, List<Pick> closing, SideCheck.Weaker weaker) {
        Comparator<Pick> byPosition = Comparator.comparing(pick -> pick.move().position());
        List<Pick> sortedWork = work.stream()
                .sorted(byPosition
                        .thenComparing(pick -> pick.move().strand())
                        .thenComparing(pick -> pick.move().rung()))
                .toList();
        return laid(
                Stream.of(opening, sortedWork, closing).flatMap(List::stream).toList(), weaker);
    }

    private static Timetable laid(List<Pick> picks, SideCheck.Weaker weaker) {
        List<SessionItem> items = new ArrayList<>();
        Optional<Position> before = Optional.empty();
        int transitions = 0;
        for (int i = 0; i < picks.size(); i++) {
            Position position = picks.get(i).move().position();
            boolean changes = before.filter(position::isChangedBy).isPresent();
            transitions += changes ? 1 : 0;
            int last = i == picks.size() - 1 && position.isLying() ? UP_BY_THE_SIDE_SECONDS : 0;
            items.addAll(items(picks.get(i), SET_UP_SECONDS + (changes ? CHANGE_SECONDS : 0) + last, weaker));
            before = Optional.of(position);
        }
        return new Timetable(List.copyOf(items), transitions);
    }

    private static List<SessionItem> items(Pick pick, int setUp, SideCheck.Weaker weaker) {
        Side first = weaker == SideCheck.Weaker.RIGHT ? Side.RIGHT : Side.LEFT;
        return switch (pick.move().sides()) {
            case BOTH -> List.of(item(pick, Side.BOTH, setUp, pick.workSeconds()));
            case ALTERNATE -> List.of(item(pick, Side.ALTERNATING, setUp, pick.workSeconds()));
            case EACH ->
                List.of(
                        item(pick, first, setUp, pick.workSeconds() / 2),
                        item(pick, first.other(), overToTheOtherSide(pick), pick.workSeconds() / 2));
        };
    }

    private static int overToTheOtherSide(Pick pick) {
        boolean turns =
                pick.move().position().isTurnedForTheOtherSide() || pick.move().strand() == Strand.SIDE_SUPPORT;
        return turns ? TURNING_ROUND_SECONDS : OTHER_SIDE_SECONDS;
    }

    private static SessionItem item(Pick pick, Side side, int setUp, int work) {
        return new SessionItem(
                pick.move(), pick.verdict(), pick.adjustments(), pick.insteadOf(), pick.dose(), side, work, setUp);
    }

    int seconds() {
        return items.stream().mapToInt(SessionItem::seconds).sum();
    }

    boolean endsLying() {
        return !items.isEmpty() && items.get(items.size() - 1).move().position().isLying();
    }
}
