package openbloom.core.screening;

import java.util.Optional;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;

/**
 * How hard she works: the talk test first, then perceived exertion, the heart rate as a second guide.
 *
 * @param talks whether she answers in full sentences while working (P-TALK-1)
 * @param exertion perceived exertion, 6 to 20
 * @param heartRate beats a minute, 40 to 220
 * @see YesNoUnknown
 * @see Published
 */
public record EffortCheck(YesNoUnknown talks, Optional<Integer> exertion, Optional<Integer> heartRate) {
    public static final EffortCheck NOT_CHECKED =
            new EffortCheck(YesNoUnknown.UNKNOWN, Optional.empty(), Optional.empty());
    public static final int LEAST_EXERTION = 6;
    public static final int MOST_EXERTION = 20;
    public static final int SLOWEST_HEART = 40;
    public static final int FASTEST_HEART = 220;

    /** @throws IllegalArgumentException if a number is outside its range */
    public EffortCheck {
        exertion.ifPresent(score -> require("Exertion", score, LEAST_EXERTION, MOST_EXERTION));
        heartRate.ifPresent(rate -> require("Heart rate", rate, SLOWEST_HEART, FASTEST_HEART));
    }

    private static void require(String what, int number, int least, int most) {
        if (number < least || number > most) {
            throw new IllegalArgumentException(what + " must be " + least + " to " + most + ", but was " + number);
        }
    }

    /** Cannot talk, or above 14 on the 6–20 scale (E-ACOG804). */
    public boolean isTooHard() {
        return talks == YesNoUnknown.NO
                || exertion.filter(score -> score > Published.EXERTION_MOST.amount())
                        .isPresent();
    }
}
