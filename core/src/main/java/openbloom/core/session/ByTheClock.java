package openbloom.core.session;

import java.util.List;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;

/** Intervals: so many seconds of each, so many to change. */
final class ByTheClock implements FormatRules {
    @Override
    public boolean takes(Move move) {
        return !move.strand().isPelvicFloorLift();
    }

    @Override
    public int mostExercises(int minutes) {
        return HardLine.MOST_BY_THE_CLOCK;
    }

    @Override
    public boolean isByTheClock() {
        return true;
    }

    @Override
    public int timesEach(Format format) {
        return format.rounds();
    }

    @Override
    public int secondsOf(Pick pick, Format format) {
        int sides = pick.move().sides() == Sides.EACH ? 2 : 1;
        return format.rounds() * sides * (format.workSeconds() + format.restSeconds());
    }

    @Override
    public void lay(List<Pick> work, Timetable.Laying laying, Format format) {
        for (int round = 1; round <= format.rounds(); round++) {
            for (Pick pick : work) {
                laying.addFor(format.workSeconds(), format.restSeconds(), pick, format.rounds() > 1 ? round : 0);
            }
        }
    }
}
