package openbloom.core.stage;

import java.util.Arrays;
import java.util.Locale;

/**
 * Degree of a perineal tear, 0 to 4, or not known.
 *
 * @see Birth
 */
public enum Tear {
    NONE(0),
    FIRST(1),
    SECOND(2),
    THIRD(3),
    FOURTH(4),
    UNKNOWN(-1);

    public static final int WORST_DEGREE = 4;
    private final int degree;

    Tear(int degree) {
        this.degree = degree;
    }

    /** @throws IllegalArgumentException unless the degree is 0 to 4 */
    public static Tear of(int degree) {
        return Arrays.stream(values())
                .filter(tear -> tear.degree == degree && tear != UNKNOWN)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Tear degree must be 0 to 4, but was " + degree));
    }

    /** Third or fourth degree: the sphincter is torn. */
    public boolean reachesSphincter() {
        return degree >= THIRD.degree;
    }

    public String words() {
        return switch (this) {
            case UNKNOWN -> "tear not known";
            case NONE -> "no tear";
            default -> name().toLowerCase(Locale.ROOT) + "-degree tear";
        };
    }
}
