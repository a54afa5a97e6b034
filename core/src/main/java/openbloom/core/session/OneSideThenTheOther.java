package openbloom.core.session;

import java.util.List;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;

/** All on one side, then the same on the other. */
final class OneSideThenTheOther implements FormatRules {
    @Override
    public boolean takes(Move move) {
        return move.sides() == Sides.EACH && !move.strand().isPelvicFloorLift();
    }

    @Override
    public int passes(Format format) {
        return 2;
    }

    @Override
    public int secondsOf(Pick pick, Format format) {
        return 2 * (Timetable.SET_UP_SECONDS + pick.oneSideSeconds());
    }

    @Override
    public void lay(List<Pick> work, Timetable.Laying laying, Format format) {
        work.forEach(pick -> laying.addOneSide(pick, laying.first(), 1));
        work.forEach(pick -> laying.addOneSide(pick, laying.first().other(), 2));
    }
}
