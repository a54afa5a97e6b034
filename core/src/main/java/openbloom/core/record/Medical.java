package openbloom.core.record;

import java.util.Optional;

/**
 * What she and her clinician have said about her health.
 *
 * @param conditions what she answered when all of them were asked
 * @param besides conditions known by another way; that one is known never means that the others were asked
 */
public record Medical(Answer<Conditions> conditions, Conditions besides, Optional<Clearance> clearance) {
    /** Nothing was asked and nothing is known. */
    public static final Medical UNKNOWN = new Medical(Answer.notAsked(), Conditions.NONE, Optional.empty());

    /** The conditions known of her, asked for or not. */
    public Conditions known() {
        return conditions.known().orElse(Conditions.NONE).and(besides);
    }
}
