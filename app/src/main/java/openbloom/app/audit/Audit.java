package openbloom.app.audit;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import openbloom.app.studio.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Adds to the audit of a studio, and reads it. */
@Service
public class Audit {
    private static final int LONGEST_PAGE = 120;
    private static final int LONGEST_ADDRESS = 60;

    private final AuditMapper rows;
    private final Clock clock;

    Audit(AuditMapper rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /**
     * Adds a row after the last one.
     *
     * @param woman whose it was; nothing where it was nobody's alone
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void add(SignedIn who, @Nullable Long woman, AuditRow.Did did, String page, String from) {
        long studio = who.studioId();
        AuditMapper.Head head = rows.head(studio);
        if (head == null) {
            rows.begin(studio, AuditRow.FIRST);
            head = rows.head(studio);
        }
        if (head == null) {
            throw new IllegalStateException("The audit of studio " + studio + " could not be begun");
        }
        AuditRow row = new AuditRow(
                studio,
                head.number() + 1,
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                who.accountId(),
                woman,
                did,
                cut(page, LONGEST_PAGE),
                cut(from, LONGEST_ADDRESS));
        String hash = row.hashAfter(head.hash());
        rows.insert(row, hash);
        rows.moveOn(studio, row.number(), hash);
    }

    private static String cut(String text, int most) {
        return text.length() > most ? text.substring(0, most) : text;
    }

    List<AuditMapper.Listed> listed(AuditMapper.Wanted wanted, int most, int skipped) {
        return rows.listed(wanted, most, skipped);
    }
}
