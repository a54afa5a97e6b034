package openbloom.app.studio;

import java.util.Optional;
import openbloom.core.gap.FingerWidths;

/**
 * Somebody who works in a studio.
 *
 * @param fingerWidthsMm breadths of one to four fingers together, in mm, or nothing
 * @param credentials counts her passwords: a session of an earlier one has ended
 * @param version counts changes of her finger breadths
 * @param singleKeys whether keys of one letter do something
 */
public record Account(
        long id,
        long studioId,
        String email,
        String passwordHash,
        String name,
        boolean owner,
        String fingerWidthsMm,
        int credentials,
        int version,
        boolean singleKeys) {
    /** Her own finger breadths, if she has entered them. */
    public Optional<FingerWidths> fingers() {
        return fingerWidthsMm.isEmpty() ? Optional.empty() : Optional.of(FingerWidths.parse(fingerWidthsMm));
    }
}
