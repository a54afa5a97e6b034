package openbloom.core.progress;

import java.util.Optional;

/**
 * Pain with a move, 0 to 10, beside what there was before it.
 *
 * @param place where; a place nobody told counts as elsewhere, on the ladders of the pelvic floor as the floor
 * @param nextMorning as told on the day after; empty when nobody asked, which counts as not gone
 * @see TaughtDay
 * @see Progress
 */
public record Pain(int now, int before, Optional<PainRegion> place, Optional<Integer> nextMorning) {
    public static final Pain NONE = new Pain(0, 0, Optional.empty(), Optional.empty());
    public static final int MOST = 10;

    /** Where a move may hurt so that it counts differently. */
    public enum PainRegion {
        FLOOR,
        SCAR,
        ELSEWHERE
    }

    /** @throws IllegalArgumentException if a number is not 0 to 10 */
    public Pain {
        require(now);
        require(before);
        nextMorning.ifPresent(Pain::require);
    }

    private static void require(int told) {
        if (told < 0 || told > MOST) {
            throw new IllegalArgumentException("Pain is given from 0 to " + MOST + ", but was " + told);
        }
    }

    boolean isMore() {
        return now > before;
    }

    boolean isBackNextMorning() {
        return nextMorning.filter(told -> told <= before).isPresent();
    }
}
