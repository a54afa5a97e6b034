package openbloom.core.pelvicfloor;

import openbloom.core.YesNoUnknown;

/**
 * What the check showed, without internal examination.
 *
 * @param holdSeconds longest hold while breathing, 0 to 60 s
 * @param holdRepetitions such holds before it fades, 0 to 30
 * @param flicks quick lifts in a row with full letting-go, 0 to 50
 * @see Release
 * @see Prescriber
 */
public record PelvicFloorCheck(
        int holdSeconds,
        int holdRepetitions,
        int flicks,
        LettingGo lettingGo,
        Tone tone,
        YesNoUnknown pain,
        YesNoUnknown fades) {
    public static final int LONGEST_HOLD = 60;
    public static final int MOST_REPETITIONS = 30;
    public static final int MOST_FLICKS = 50;
    public static final PelvicFloorCheck NOT_CHECKED =
            new PelvicFloorCheck(0, 0, 0, LettingGo.UNKNOWN, Tone.UNKNOWN, YesNoUnknown.UNKNOWN, YesNoUnknown.UNKNOWN);

    /** @throws IllegalArgumentException if a count is out of its range */
    public PelvicFloorCheck {
        require("Hold seconds", holdSeconds, LONGEST_HOLD);
        require("Hold repetitions", holdRepetitions, MOST_REPETITIONS);
        require("Flicks", flicks, MOST_FLICKS);
    }

    private static void require(String what, int count, int most) {
        if (count < 0 || count > most) {
            throw new IllegalArgumentException(what + " must be 0 to " + most + ", but was " + count);
        }
    }

    public boolean isTight() {
        return tone == Tone.TIGHT || lettingGo == LettingGo.ABSENT;
    }

    /** The same, known to hurt from what she told. */
    public PelvicFloorCheck hurting() {
        return new PelvicFloorCheck(holdSeconds, holdRepetitions, flicks, lettingGo, tone, YesNoUnknown.YES, fades);
    }

    /** The same, with a tone that has not been seen to let go for long enough. */
    PelvicFloorCheck stillTight() {
        return new PelvicFloorCheck(holdSeconds, holdRepetitions, flicks, lettingGo, Tone.TIGHT, pain, fades);
    }
}
