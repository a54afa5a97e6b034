package openbloom.core.gap;

import openbloom.core.stage.Told;

/**
 * One reading at one site in one state.
 *
 * @param offsetMm distance from the navel along the midline, 0 to 300 mm
 */
public record GapReading(
        Site site, int offsetMm, GapState state, Width width, Depth depth, Firmness firmness, Told domed) {
    public static final int FURTHEST_MM = 300;

    /** @throws IllegalArgumentException if the offset is outside 0 to 300 mm */
    public GapReading {
        if (offsetMm < 0 || offsetMm > FURTHEST_MM) {
            throw new IllegalArgumentException(
                    "Site must be 0 to " + FURTHEST_MM + " mm from the navel, but was " + offsetMm);
        }
    }

    /** {@code 2½ fingers at the navel}. */
    public String words() {
        return width.words() + " " + site.words();
    }
}
