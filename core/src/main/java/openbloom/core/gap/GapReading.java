package openbloom.core.gap;

import java.util.Optional;
import openbloom.core.YesNoUnknown;

/**
 * One reading at one spot in one state.
 *
 * @param depth empty when it was not read, as while a check is still being typed
 * @param firmness the same
 * @param sore whether being read there was uncomfortable
 * @see GapCheck
 * @see School
 */
public record GapReading(
        Spot spot,
        GapState state,
        Width width,
        Optional<Depth> depth,
        Optional<Firmness> firmness,
        YesNoUnknown domed,
        boolean sore) {
    /**
     * A reading that was comfortable.
     *
     * @param offsetMm distance from the navel along the midline, 0 to 300 mm
     * @throws IllegalArgumentException if the offset is outside 0 to 300 mm
     */
    public GapReading(
            Site site, int offsetMm, GapState state, Width width, Depth depth, Firmness firmness, YesNoUnknown domed) {
        this(new Spot(site, offsetMm), state, width, Optional.of(depth), Optional.of(firmness), domed, false);
    }

    public Site site() {
        return spot.site();
    }

    public int offsetMm() {
        return spot.offsetMm();
    }

    /** The same reading with what was seen of doming. */
    public GapReading domedAs(YesNoUnknown seen) {
        return new GapReading(spot, state, width, depth, firmness, seen, sore);
    }

    /** The same reading with another width, such as one derived from fingers. */
    GapReading with(Width other) {
        return new GapReading(spot, state, other, depth, firmness, domed, sore);
    }

    /** Whether depth and firmness were read beside the width: width alone misleads. */
    public boolean isWhole() {
        return depth.isPresent() && firmness.isPresent();
    }

    /** {@code 1st knuckle}, or that it was not read. */
    public String depthWords() {
        return depth.map(Depth::words).orElse("depth not read");
    }

    /** {@code floor soft}, or that it was not read. */
    public String floorWords() {
        return firmness.map(read -> "floor " + read.words()).orElse("floor not read");
    }

    /** {@code 2½ fingers at the navel}. */
    public String words() {
        return width.words() + " " + site().words();
    }
}
