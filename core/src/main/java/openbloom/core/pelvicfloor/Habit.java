package openbloom.core.pelvicfloor;

import static openbloom.core.evidence.Published.FULL_REPETITIONS;
import static openbloom.core.evidence.Published.SETS_A_DAY;

/**
 * How an approach practises.
 *
 * @param trainsEveryone whether everybody who can let go trains by her numbers
 * @param setsADay sets of lifts a day, 1 to 3
 * @param mostRepetitions most holds in a set
 * @see Prescriber
 */
public record Habit(boolean trainsEveryone, int setsADay, int mostRepetitions) {
    public static final Habit USUAL = new Habit(false, SETS_A_DAY.amount(), FULL_REPETITIONS.amount());
}
