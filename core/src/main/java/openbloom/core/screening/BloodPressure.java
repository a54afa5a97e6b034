package openbloom.core.screening;

/**
 * A blood pressure reading, or the limit a clinician set.
 *
 * @param systolic upper value, 60 to 260 mmHg
 * @param diastolic lower value, 30 to 160 mmHg, at least 10 mmHg below the upper
 */
public record BloodPressure(int systolic, int diastolic) {
    public static final int LOWEST_SYSTOLIC = 60;
    public static final int HIGHEST_SYSTOLIC = 260;
    public static final int LOWEST_DIASTOLIC = 30;
    public static final int HIGHEST_DIASTOLIC = 160;

    /** The lower value lies at least so far below the upper, in mmHg; less is a slip of the pen (common practice, no source). */
    public static final int LEAST_BETWEEN = 10;

    /** Used while her clinician has set no limit (common practice, no source). */
    public static final BloodPressure USUAL_LIMIT = new BloodPressure(140, 90);

    /** @throws IllegalArgumentException if a value is out of its range or the lower is not far enough below the upper */
    public BloodPressure {
        require("Systolic", systolic, LOWEST_SYSTOLIC, HIGHEST_SYSTOLIC);
        require("Diastolic", diastolic, LOWEST_DIASTOLIC, HIGHEST_DIASTOLIC);
        if (!isPossible(systolic, diastolic)) {
            throw new IllegalArgumentException("The lower value must be at least " + LEAST_BETWEEN
                    + " mmHg below the upper, but was " + systolic + "/" + diastolic);
        }
    }

    /** Whether two values can be one reading. */
    public static boolean isPossible(int systolic, int diastolic) {
        return systolic - diastolic >= LEAST_BETWEEN;
    }

    private static void require(String what, int value, int least, int most) {
        if (value < least || value > most) {
            throw new IllegalArgumentException(what + " must be " + least + " to " + most + " mmHg, but was " + value);
        }
    }

    /** Either value above the limit's. */
    public boolean isAbove(BloodPressure limit) {
        return systolic > limit.systolic || diastolic > limit.diastolic;
    }

    /** {@code 138/86 mmHg}. */
    public String words() {
        return systolic + "/" + diastolic + " mmHg";
    }
}
