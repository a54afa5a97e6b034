package openbloom.app.studio;

import java.io.Serializable;
import java.time.Instant;
import java.util.Optional;
import openbloom.core.gap.FingerWidths;
import org.jspecify.annotations.Nullable;

/**
 * Somebody who works in a studio.
 *
 * @param leftAt when she left; what she did stays hers by name
 */
public record Account(
        long id,
        long studioId,
        String email,
        String name,
        Role role,
        @Nullable Instant leftAt,
        Secret secret,
        Settings settings)
        implements Serializable {
    public boolean owner() {
        return role == Role.OWNER;
    }

    /** Sees, and changes nothing. */
    public boolean onlyReads() {
        return role == Role.READER;
    }

    /**
     * How she is known.
     *
     * @param credentials counts her passwords: a session of an earlier one has ended
     */
    public record Secret(String passwordHash, int credentials) implements Serializable {}

    /**
     * What she has set for herself.
     *
     * @param fingerWidthsMm breadths of one to four fingers together, in mm, or nothing
     * @param version counts changes of her finger breadths
     * @param singleKeys whether keys of one letter do something
     */
    public record Settings(String fingerWidthsMm, int version, boolean singleKeys) implements Serializable {}

    /** Her own finger breadths, if she has entered them. */
    public Optional<FingerWidths> fingers() {
        return settings.fingerWidthsMm().isEmpty()
                ? Optional.empty()
                : Optional.of(FingerWidths.parse(settings.fingerWidthsMm()));
    }
}
