package openbloom.app.audit;

import java.time.Instant;
import openbloom.app.system.Secrets;
import org.jspecify.annotations.Nullable;

/**
 * One thing that somebody saw or changed.
 *
 * @param number counts the rows of a studio from 1
 * @param woman whose it was; nothing where it was nobody's alone
 * @param page the address below the woman's own, or the whole one, without numbers
 * @param from the address it was asked from
 */
record AuditRow(
        long studioId,
        long number,
        Instant happenedAt,
        long accountId,
        @Nullable Long woman,
        Did did,
        String page,
        String from) {
    static final String FIRST = "0".repeat(64);

    /** What was done. */
    enum Did {
        SAW,
        CHANGED
    }

    /** The digest of this row and of the one before it, in 64 hexadecimal digits. */
    String hashAfter(String before) {
        String all = String.join(
                "\n",
                before,
                Long.toString(studioId),
                Long.toString(number),
                Long.toString(happenedAt.getEpochSecond()),
                Integer.toString(happenedAt.getNano() / 1_000),
                Long.toString(accountId),
                String.valueOf(woman),
                did.name(),
                page,
                from);
        return Secrets.digest(all);
    }
}
