package openbloom.app.checks.gap;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.app.system.UnreadableRecord;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Spot;
import openbloom.core.gap.Width;
import openbloom.core.stage.Told;
import org.jspecify.annotations.Nullable;

/** One reading of a gap check, as it is kept: its width either in half fingers or in mm. */
record KeptReading(
        long checkId,
        Site site,
        int offsetMm,
        GapState state,
        @Nullable Integer widthHalfFingers,
        @Nullable Integer widthMm,
        Depth depth,
        int firmness,
        Told domed,
        boolean sore) {
    static KeptReading of(long checkId, GapReading reading) {
        return new KeptReading(
                checkId,
                reading.site(),
                reading.offsetMm(),
                reading.state(),
                reading.width() instanceof Width.Fingers fingers ? fingers.halves() : null,
                reading.width() instanceof Width.Millimetres millimetres ? millimetres.mm() : null,
                reading.depth().orElseThrow(),
                reading.firmness().orElseThrow().grade(),
                reading.domed(),
                reading.sore());
    }

    /** @throws UnreadableRecord if a word of it is none this version knows */
    GapReading reading() {
        if (Stream.of(site, state, depth, domed).anyMatch(Objects::isNull)) {
            throw new UnreadableRecord("", "a reading of gap check " + checkId, null);
        }
        Width width = widthHalfFingers == null
                ? new Width.Millimetres(Objects.requireNonNull(widthMm))
                : Width.ofHalfFingers(widthHalfFingers);
        return new GapReading(
                new Spot(site, offsetMm),
                state,
                width,
                Optional.of(depth),
                Optional.of(Firmness.of(firmness)),
                domed,
                sore);
    }
}
