package openbloom.app.audit;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Looks at the chain of every studio and names what is wrong with it. */
public final class AuditChain {
    private static final String ROWS =
            "select studio_id, number, happened_at, account_id, woman, did, page, address, hash from audit"
                    + " order by studio_id, number";
    private static final String HEADS = "select studio_id, number, hash from audit_head order by studio_id";

    private final List<String> problems = new ArrayList<>();
    private final Map<Long, Link> last = new HashMap<>();

    private AuditChain() {}

    /** The last row looked at of a studio. */
    private record Link(long number, String hash) {
        static final Link NONE = new Link(0, AuditRow.FIRST);
    }

    /**
     * What was changed, taken out or put in another order, one sentence each; nothing when the chains are whole.
     *
     * @throws SQLException if the store cannot be read
     */
    public static List<String> problems(Connection opened) throws SQLException {
        AuditChain chain = new AuditChain();
        try (PreparedStatement all = opened.prepareStatement(ROWS);
                ResultSet rows = all.executeQuery()) {
            while (rows.next()) {
                chain.follow(row(rows), rows.getString("hash"));
            }
        }
        try (PreparedStatement all = opened.prepareStatement(HEADS);
                ResultSet heads = all.executeQuery()) {
            while (heads.next()) {
                chain.end(heads.getLong("studio_id"), new Link(heads.getLong("number"), heads.getString("hash")));
            }
        }
        return List.copyOf(chain.problems);
    }

    private void follow(AuditRow row, String kept) {
        Link before = last.getOrDefault(row.studioId(), Link.NONE);
        String of = "Audit of studio " + row.studioId() + ": row ";
        if (row.number() != before.number() + 1) {
            problems.add(of + (before.number() + 1) + " is missing.");
        } else if (!row.hashAfter(before.hash()).equals(kept)) {
            problems.add(of + row.number() + " was changed, or stands where another stood.");
        }
        last.put(row.studioId(), new Link(row.number(), kept));
    }

    private void end(long studio, Link head) {
        Link found = last.getOrDefault(studio, Link.NONE);
        if (found.number() != head.number()) {
            problems.add("Audit of studio " + studio + ": it ends at row " + found.number() + ", but row "
                    + head.number() + " was the last.");
        } else if (!found.hash().equals(head.hash())) {
            problems.add("Audit of studio " + studio + ": its last row is another than the one that was added.");
        }
    }

    private static AuditRow row(ResultSet rows) throws SQLException {
        long woman = rows.getLong("woman");
        return new AuditRow(
                rows.getLong("studio_id"),
                rows.getLong("number"),
                rows.getObject("happened_at", OffsetDateTime.class).toInstant(),
                rows.getLong("account_id"),
                woman == 0 ? null : woman,
                AuditRow.Did.valueOf(rows.getString("did")),
                rows.getString("page"),
                rows.getString("address"));
    }
}
