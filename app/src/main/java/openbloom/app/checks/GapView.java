package openbloom.app.checks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.core.Days;
import openbloom.core.gap.ConnectedGain;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.School;
import openbloom.core.gap.SchoolAnswer;
import openbloom.core.gap.SideBySide;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.picture.MidlineMap;

/**
 * A gap check as it is shown: the map, and what the readings say in sentences.
 *
 * @param map an SVG drawing
 * @param schools how every school reads it; empty before anything was read
 */
public record GapView(String map, List<Line> lines, List<SchoolAnswer> schools) {
    /** One sentence with its heading. */
    public record Line(String heading, String text, boolean better) {}

    /** Least change that fingers can tell apart: one finger, in halves (common practice, no source). */
    private static final int TOLD_APART_HALVES = 2;

    static GapView of(
            List<GapReading> readings,
            Optional<FingerWidths> fingers,
            GapState shown,
            LocalDate day,
            int ageYears,
            Optional<GapCheck> before,
            boolean pregnant) {
        GapCheck check = new GapCheck(day, readings);
        List<Line> lines = new ArrayList<>();
        lines.add(
                new Line("Two fingers", School.TWO_FINGERS.read(check, ageYears).detail(), false));
        ConnectedGain.of(check).ifPresent(gain -> lines.add(gained(gain)));
        before.flatMap(earlier -> since(earlier, check)).ifPresent(lines::add);
        if (pregnant) {
            lines.add(new Line("While pregnant", "shown, never scored: the aim now is support", false));
        }
        List<SchoolAnswer> schools = readings.isEmpty() ? List.of() : SideBySide.of(check, fingers, ageYears);
        return new GapView(MidlineMap.of(readings, fingers, statesBeside(shown)), lines, schools);
    }

    private static Line gained(ConnectedGain gain) {
        String better = gain.helps() ? " — the better sign of progress" : "";
        return new Line("Connected changes it", gain.site().words() + ": " + gain.words() + better, gain.helps());
    }

    private static Optional<Line> since(GapCheck before, GapCheck now) {
        return widest(now)
                .flatMap(site -> before.at(site, GapState.LIFT)
                        .flatMap(then -> now.at(site, GapState.LIFT).map(today -> since(before.date(), then, today))));
    }

    private static Line since(LocalDate when, GapReading then, GapReading now) {
        int change = ((Width.Fingers) now.width()).halves() - ((Width.Fingers) then.width()).halves();
        String amount = change == 0
                ? "same width"
                : Width.ofHalfFingers(Math.abs(change)).words() + (change < 0 ? " narrower" : " wider");
        String weight = Math.abs(change) < TOLD_APART_HALVES
                ? "; fingers cannot tell less than one finger apart"
                : "; read by the same person it may be a change";
        return new Line("Since " + Days.words(when), now.site().words() + ": " + amount + weight, false);
    }

    private static Optional<Site> widest(GapCheck check) {
        return School.TWO_FINGERS.read(check, 0).site();
    }

    /** The state being typed beside what connecting makes of it; connected itself stands beside the small lift. */
    private static List<GapState> statesBeside(GapState shown) {
        return List.of(shown == GapState.REST ? GapState.REST : GapState.LIFT, GapState.CONNECTED);
    }
}
