package openbloom.core.figure;

/**
 * The body that is drawn: pregnant in a week, some weeks after a birth, or neither. The outline is a convention of ours:
 * it grows from week 12 to 40 and falls after birth over about 8 weeks.
 *
 * @see OwnPoses
 * @see Posing
 */
public sealed interface BodyStage {
    BodyStage NEITHER = new Neither();
    int LAST_WEEK = 42;
    int TWINS_READ_FURTHER_WEEKS = 4;

    /** @param week of pregnancy, 0–42; twins read four weeks further */
    record Pregnant(int week) implements BodyStage {
        public Pregnant {
            requireBetween(week, LAST_WEEK);
        }
    }

    /** @param weeks since the birth, 0–520 */
    record AfterBirth(int weeks) implements BodyStage {
        public AfterBirth {
            requireBetween(weeks, 520);
        }
    }

    record Neither() implements BodyStage {}

    /** How far the belly stands out, as a share of stature: week 20 .032, week 34 .084, week 40 .108. */
    default double belly() {
        if (this instanceof Pregnant pregnant) {
            double grown = Math.max(0, (pregnant.week() - 10) / 30.0);
            return 0.108 * Math.pow(grown, 1.1);
        }
        return this instanceof AfterBirth after ? 0.048 * Math.exp(-after.weeks() / 3.0) : 0;
    }

    /** The week its shape is drawn as; a belly after birth sits as low as at 20 weeks. */
    default int shapeWeek() {
        return this instanceof Pregnant pregnant ? pregnant.week() : 20;
    }

    /** How much further each knee goes out to make room, in degrees. */
    default double knees() {
        return this instanceof Pregnant pregnant ? 0.6 * Math.max(0, pregnant.week() - 12) : 0;
    }

    private static void requireBetween(int weeks, int most) {
        if (weeks < 0 || weeks > most) {
            throw new IllegalArgumentException("Expected 0 to " + most + " weeks, but was " + weeks);
        }
    }
}
