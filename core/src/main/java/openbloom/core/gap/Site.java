package openbloom.core.gap;

import java.util.List;

/**
 * Where on the midline a reading is taken. The distance from the navel belongs to the reading.
 *
 * @see School
 * @see GapReading
 */
public enum Site {
    XIPHOID("tip of the breastbone", 150),
    ABOVE("above the navel", 45),
    NAVEL("at the navel", 0),
    BELOW("below the navel", 45);

    /** The three sites of an ordinary check, from the top. */
    public static final List<Site> EVERYDAY = List.of(ABOVE, NAVEL, BELOW);

    private final String words;
    private final int usualOffsetMm;

    Site(String words, int usualOffsetMm) {
        this.words = words;
        this.usualOffsetMm = usualOffsetMm;
    }

    public String words() {
        return words;
    }

    /** Usual distance from the navel, in millimetres along the midline. */
    public int usualOffsetMm() {
        return usualOffsetMm;
    }
}
