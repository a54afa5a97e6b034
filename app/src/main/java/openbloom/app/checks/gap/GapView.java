package openbloom.app.checks.gap;

import java.util.List;
import java.util.Optional;
import openbloom.core.gap.GapState;
import openbloom.core.gap.SchoolAnswer;
import openbloom.core.gap.Spot;

/**
 * A gap check as it is shown: the map, what the readings say in sentences, and where they are going.
 *
 * @param map an SVG drawing
 * @param schools how every school reads it; empty before anything was read
 */
public record GapView(String map, List<GapLine> lines, List<SchoolAnswer> schools, Optional<TrendView> trend) {
    /**
     * One sentence with its heading.
     *
     * @param better a sign of progress
     * @param sum the calculation behind it, or nothing
     */
    public record GapLine(String heading, String text, boolean better, String sum) {
        static GapLine of(String heading, String text) {
            return new GapLine(heading, text, false, "");
        }
    }

    /**
     * The trend at one spot in one state.
     *
     * @param chart an SVG drawing
     * @param choices other spots and states with readings, to choose from
     */
    public record TrendView(
            Spot spot,
            GapState state,
            String chart,
            List<String> sentences,
            List<ViewChoice> choices,
            boolean stalled) {}

    /** A spot in a state that has readings. */
    public record ViewChoice(Spot spot, GapState state, boolean shown) {
        public String words() {
            return spot.words() + ", " + state.words();
        }
    }
}
