package openbloom.core.breath;

import java.util.Set;
import openbloom.core.Enums;

/**
 * What counts of her latest breath check.
 *
 * @param still zones that were felt and do not move freely; empty where none was felt or all move
 *
 * @see BreathFinding
 * @see BreathCheck
 */
public record Breathing(BreathFinding finding, Set<BreathZone> still) {
    public static final Breathing NOT_CHECKED = of(BreathFinding.UNKNOWN);

    public Breathing {
        still = Enums.copyOf(still);
    }

    /** A finding of which the zones are not known. */
    public static Breathing of(BreathFinding finding) {
        return new Breathing(finding, Set.of());
    }

    public static Breathing of(BreathCheck check) {
        return new Breathing(check.finding(), Set.copyOf(check.lacking()));
    }
}
