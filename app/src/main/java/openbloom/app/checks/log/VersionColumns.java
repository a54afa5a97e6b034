package openbloom.app.checks.log;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What a row of a check says of its version.
 *
 * @param rootId number of its first version; null for a first version itself
 */
public record VersionColumns(
        @Nullable Long rootId, @Nullable Long corrects, String keptBy, Instant storedAt, String reason) {
    /** The version, of the row that has this number. */
    public CheckVersion of(long id) {
        return new CheckVersion(id, rootId == null ? id : rootId, corrects, keptBy, storedAt, reason);
    }
}
