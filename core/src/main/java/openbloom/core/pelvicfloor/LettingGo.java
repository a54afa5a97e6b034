package openbloom.core.pelvicfloor;

import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;

/**
 * How completely she lets go after a lift, after E-ICS: absent, partial, complete.
 *
 * @see ToneRule
 * @see PelvicFloorCheck
 */
public enum LettingGo {
    ABSENT("does not let go"),
    PARTIAL("lets go in part"),
    FULL("lets go fully"),
    UNKNOWN("letting go not checked");

    /** Gentle one-breath lifts that are counted in the check. */
    public static final int TEN = 10;

    private final String words;

    LettingGo(String words) {
        this.words = words;
    }

    /** Of an answer to "does she let go fully?". A plain no may mean in part or not at all: it counts as not at all. */
    public static LettingGo of(YesNoUnknown fully) {
        return switch (fully) {
            case YES -> FULL;
            case NO -> ABSENT;
            case UNKNOWN -> UNKNOWN;
        };
    }

    /** Of ten gentle one-breath lifts: fully after at least eight, not at all after none. */
    public static LettingGo ofTen(int letGo) {
        if (letGo >= Published.LETTING_GO_NEEDED.amount()) {
            return FULL;
        }
        return letGo > 0 ? PARTIAL : ABSENT;
    }

    public String words() {
        return words;
    }
}
