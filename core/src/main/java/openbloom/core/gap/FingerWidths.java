package openbloom.core.gap;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The breadth of an examiner's fingers laid side by side, one to four together, in millimetres. It turns her finger
 * readings into derived millimetres.
 *
 * @param togetherMm one to four fingers side by side, in mm, each more than the one before
 *
 * @see SideBySide
 */
public record FingerWidths(List<Integer> togetherMm) {
    public static final int NARROWEST_MM = 8;
    public static final int BROADEST_MM = 30;

    /** @throws IllegalArgumentException unless there are four growing breadths, each finger 8 to 30 mm */
    public FingerWidths {
        togetherMm = List.copyOf(togetherMm);
        if (togetherMm.size() != 4) {
            throw new IllegalArgumentException("Four breadths are expected, but there were " + togetherMm.size());
        }
        for (int i = 0; i < 4; i++) {
            int finger = togetherMm.get(i) - (i == 0 ? 0 : togetherMm.get(i - 1));
            if (finger < NARROWEST_MM || finger > BROADEST_MM) {
                throw new IllegalArgumentException("A finger must be " + NARROWEST_MM + " to " + BROADEST_MM
                        + " mm broad, but finger " + (i + 1) + " was " + finger);
            }
        }
    }

    /**
     * From four breadths as they are told: one to four fingers together, or finger by finger from index to little. The two
     * cannot be mistaken for each other, as four fingers together are broader than any one finger.
     *
     * @throws IllegalArgumentException if the breadths make no sense in either way
     */
    public static FingerWidths told(List<Integer> mm) {
        boolean fingerByFinger = mm.stream().allMatch(one -> one <= BROADEST_MM);
        return new FingerWidths(fingerByFinger ? together(mm) : mm);
    }

    private static List<Integer> together(List<Integer> fingers) {
        return IntStream.rangeClosed(1, fingers.size())
                .map(count -> fingers.stream()
                        .limit(count)
                        .mapToInt(Integer::intValue)
                        .sum())
                .boxed()
                .toList();
    }

    /**
     * Reads what {@link #toString} writes, such as {@code 15,31,47,62}.
     *
     * @throws IllegalArgumentException if the text has another form or the breadths make no sense
     */
    public static FingerWidths parse(String text) {
        return new FingerWidths(
                Arrays.stream(text.split(",")).map(Integer::valueOf).toList());
    }

    /** {@code 15,31,47,62}. */
    @Override
    public String toString() {
        return togetherMm.stream().map(String::valueOf).collect(Collectors.joining(","));
    }

    /** Derived millimetres; beyond four fingers the average finger is added. */
    public int mmOf(Width.Fingers width) {
        int whole = width.halves() / 2;
        double lower = breadth(whole);
        double upper = width.halves() % 2 == 0 ? lower : breadth(whole + 1);
        return (int) Math.round((lower + upper) / 2);
    }

    private double breadth(int fingers) {
        if (fingers == 0) {
            return 0;
        }
        int four = togetherMm.get(3);
        return fingers <= 4 ? togetherMm.get(fingers - 1) : four + (fingers - 4) * four / 4.0;
    }
}
