package openbloom.core.breath;

/**
 * A fault seen in the breath, the one that matters most first.
 *
 * @see BreathCheck
 */
public enum BreathFault {
    BEARING_DOWN(BreathFinding.BEARING_DOWN),
    HELD(BreathFinding.HELD),
    UPPER_CHEST(BreathFinding.UPPER_CHEST),
    BELLY_ONLY(BreathFinding.BELLY_ONLY);

    private final BreathFinding finding;

    BreathFault(BreathFinding finding) {
        this.finding = finding;
    }

    BreathFinding finding() {
        return finding;
    }

    public String words() {
        return finding.words();
    }
}
