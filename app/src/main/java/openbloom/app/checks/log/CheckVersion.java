package openbloom.app.checks.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import openbloom.core.Days;
import org.jspecify.annotations.Nullable;

/**
 * Which version of a check this is, and who kept it when.
 *
 * @param root number of the first version of it
 * @param corrects number of the version it takes the place of; null for a first version
 * @param reason why it does; empty for a first version
 */
public record CheckVersion(
        long id, long root, @Nullable Long corrects, String keptBy, Instant storedAt, String reason) {
    /** {@code 24 Nov 2026 by Ines}, by the day where the studio is. */
    public String keptWords(ZoneId there) {
        return Days.words(LocalDate.ofInstant(storedAt, there)) + " by " + keptBy;
    }
}
