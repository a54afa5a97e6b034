package openbloom.core.screening;

import java.util.OptionalInt;
import openbloom.core.evidence.Published;

/**
 * How hard a heart rate is in pregnancy, by age (E-HR). A second guide beside the talk test. Age 29 is assigned to
 * neither row in print; the lower row is used for it.
 *
 * @see Published
 */
public enum HeartRateZone {
    BELOW_LIGHT("below light"),
    LIGHT("light"),
    MODERATE("moderate"),
    VIGOROUS("vigorous: only with her clinician"),
    ABOVE_VIGOROUS("above vigorous: ease off now");

    private final String words;

    HeartRateZone(String words) {
        this.words = words;
    }

    /**
     * @param bpm heart beats a minute
     * @param ageYears her age in completed years; where it was not told the lower row is used
     */
    public static HeartRateZone of(int bpm, OptionalInt ageYears) {
        boolean younger = ageYears.isPresent() && ageYears.getAsInt() < Published.HEART_RATE_OLDER_FROM.amount();
        if (bpm < (younger ? Published.HEART_RATE_LIGHT : Published.HEART_RATE_LIGHT_OLDER).amount()) {
            return BELOW_LIGHT;
        }
        if (bpm < (younger ? Published.HEART_RATE_MODERATE : Published.HEART_RATE_MODERATE_OLDER).amount()) {
            return LIGHT;
        }
        if (bpm < (younger ? Published.HEART_RATE_VIGOROUS : Published.HEART_RATE_VIGOROUS_OLDER).amount()) {
            return MODERATE;
        }
        boolean within = bpm <= (younger ? Published.HEART_RATE_MOST : Published.HEART_RATE_MOST_OLDER).amount();
        return within ? VIGOROUS : ABOVE_VIGOROUS;
    }

    public String words() {
        return words;
    }
}
