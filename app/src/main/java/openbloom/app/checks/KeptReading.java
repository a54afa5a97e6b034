package openbloom.app.checks;

import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.stage.Told;

/** One reading of a gap check, as it is kept. */
record KeptReading(
        long checkId,
        Site site,
        int offsetMm,
        GapState state,
        int widthHalfFingers,
        Depth depth,
        int firmness,
        Told domed) {
    static KeptReading of(long checkId, GapReading reading) {
        return new KeptReading(
                checkId,
                reading.site(),
                reading.offsetMm(),
                reading.state(),
                ((Width.Fingers) reading.width()).halves(),
                reading.depth(),
                reading.firmness().grade(),
                reading.domed());
    }

    GapReading reading() {
        return new GapReading(
                site, offsetMm, state, Width.ofHalfFingers(widthHalfFingers), depth, Firmness.of(firmness), domed);
    }
}
