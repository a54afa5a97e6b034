package openbloom.core.pelvicfloor;

import openbloom.core.evidence.Published;

/**
 * How a leakage total of 0 to 21 is banded (E-KLOV). Only the total is entered.
 *
 * @see Published
 */
public enum LeakageBand {
    NONE("no leakage", 0),
    SLIGHT("slight", Published.LEAKAGE_SLIGHT.amount()),
    MODERATE("moderate", Published.LEAKAGE_MODERATE.amount()),
    SEVERE("severe", Published.LEAKAGE_SEVERE.amount()),
    VERY_SEVERE("very severe", Published.LEAKAGE_VERY_SEVERE.amount());

    public static final int MOST = 21;
    private final String words;
    private final int upTo;

    LeakageBand(String words, int upTo) {
        this.words = words;
        this.upTo = upTo;
    }

    /** @throws IllegalArgumentException unless the total is 0 to 21 */
    public static LeakageBand of(int total) {
        if (total < 0 || total > MOST) {
            throw new IllegalArgumentException("Leakage total must be 0 to " + MOST + ", but was " + total);
        }
        for (LeakageBand band : values()) {
            if (total <= band.upTo) {
                return band;
            }
        }
        return VERY_SEVERE;
    }

    public String words() {
        return words;
    }
}
