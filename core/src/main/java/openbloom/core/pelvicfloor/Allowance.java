package openbloom.core.pelvicfloor;

/**
 * What the time since a birth and her clearance allow.
 *
 * @see Prescriber
 * @see Progression
 */
public enum Allowance {
    FULL,
    /** After a birth and not cleared yet: short, gentle, only while comfortable. */
    EARLY,
    /** A third- or fourth-degree tear and not cleared yet: gentle lifts of one breath, no flicks; they need no check. */
    ONE_BREATH
}
