package openbloom.app.checks.gap;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.app.system.UnreadableRecord;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Spot;
import openbloom.core.gap.Width;
import org.jspecify.annotations.Nullable;

/** One reading of a gap check, as it is kept. */
record KeptReading(long checkId, Site site, int offsetMm, GapState state, Wide wide, ReadingFelt felt) {
    /** Its width, either in half fingers or in mm. */
    record Wide(@Nullable Integer halfFingers, @Nullable Integer mm) {
        static Wide of(Width width) {
            return new Wide(
                    width instanceof Width.Fingers fingers ? fingers.halves() : null,
                    width instanceof Width.Millimetres millimetres ? millimetres.mm() : null);
        }

        Width width() {
            return halfFingers == null
                    ? new Width.Millimetres(Objects.requireNonNull(mm))
                    : Width.ofHalfFingers(halfFingers);
        }
    }

    /** What was felt and seen there; firmness 0 to 3. */
    record ReadingFelt(Depth depth, int firmness, YesNoUnknown domed, boolean sore) {}

    static KeptReading of(long checkId, GapReading reading) {
        return new KeptReading(
                checkId,
                reading.site(),
                reading.offsetMm(),
                reading.state(),
                Wide.of(reading.width()),
                new ReadingFelt(
                        reading.depth().orElseThrow(),
                        reading.firmness().orElseThrow().grade(),
                        reading.domed(),
                        reading.sore()));
    }

    /** @throws UnreadableRecord if a word of it is none this version knows */
    GapReading reading() {
        if (Stream.of(site, state, wide, felt.depth(), felt.domed()).anyMatch(Objects::isNull)) {
            throw new UnreadableRecord("", "a reading of gap check " + checkId, null);
        }
        return new GapReading(
                new Spot(site, offsetMm),
                state,
                wide.width(),
                Optional.of(felt.depth()),
                Optional.of(Firmness.of(felt.firmness())),
                felt.domed(),
                felt.sore());
    }
}
