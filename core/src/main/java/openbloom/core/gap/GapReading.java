package openbloom.core.gap;

import openbloom.core.stage.Told;

/**
 * One reading at one spot in one state.
 *
 * @param sore whether being read there was uncomfortable
 */
public record GapReading(
        Spot spot, GapState state, Width width, Depth depth, Firmness firmness, Told domed, boolean sore) {
    /**
     * A reading that was comfortable.
     *
     * @param offsetMm distance from the navel along the midline, 0 to 300 mm
     * @throws IllegalArgumentException if the offset is outside 0 to 300 mm
     */
    public GapReading(
            Site site, int offsetMm, GapState state, Width width, Depth depth, Firmness firmness, Told domed) {
        this(new Spot(site, offsetMm), state, width, depth, firmness, domed, false);
    }

    public Site site() {
        return spot.site();
    }

    public int offsetMm() {
        return spot.offsetMm();
    }

    /** The same reading with another width, such as one derived from fingers. */
    GapReading with(Width other) {
        return new GapReading(spot, state, other, depth, firmness, domed, sore);
    }

    /** {@code 2½ fingers at the navel}. */
    public String words() {
        return width.words() + " " + site().words();
    }
}
