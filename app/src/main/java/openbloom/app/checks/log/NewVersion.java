package openbloom.app.checks.log;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A version of a check to be kept.
 *
 * @param rootId number of its first version; null for a first version itself
 * @param corrects number of the version it takes the place of; null for a first version
 * @param reason why it does; empty for a first version
 */
public record NewVersion(
        String formKey,
        long keptBy,
        Instant storedAt,
        @Nullable Long rootId,
        @Nullable Long corrects,
        String reason) {
    /** The first version of a check, or the one after {@code old}. */
    public static NewVersion after(
            @Nullable CheckVersion old, String reason, String formKey, long keptBy, Instant storedAt) {
        return new NewVersion(
                formKey, keptBy, storedAt, old == null ? null : old.root(), old == null ? null : old.id(), reason);
    }
}
