package openbloom.app.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import openbloom.app.system.Secrets;

/**
 * One more studio on this installation, which the operator makes: of the others it sees nothing, nor they of it.
 *
 * @param zone as {@link ZoneId} names it
 * @param owner her name
 * @param email her address, with which nobody signs in yet
 */
record NewStudio(String name, String zone, String owner, String email) {
    private static final int TOKEN_BYTES = 16;
    private static final int OPENS_HOURS = 72;
    private static final int LONGEST_NAME = 120;

    NewStudio {
        expect(fits(name), "a name of the studio of 1 to " + LONGEST_NAME + " letters", name);
        expect(ZoneId.getAvailableZoneIds().contains(zone), "a time zone such as Europe/London", zone);
        expect(fits(owner), "a name of its owner of 1 to " + LONGEST_NAME + " letters", owner);
        expect(email.matches("[^@\\s]{1,100}@[^@\\s]{1,90}"), "an email address of its owner", email);
        email = email.toLowerCase(Locale.ROOT);
    }

    private static boolean fits(String name) {
        return !name.isBlank() && name.length() <= LONGEST_NAME;
    }

    private static void expect(boolean right, String what, String was) {
        if (!right) {
            throw new NotPossible("No studio was made: expected " + what + ", but was “" + was + "”.");
        }
    }

    /**
     * Makes it, and a link on which its owner sets her password: it opens once, within 72 hours.
     *
     * @return the token of the link, which is kept nowhere
     * @throws NotPossible if somebody signs in with her address already
     */
    String made(Connection store, Instant now) throws SQLException {
        boolean kept = store.getAutoCommit();
        store.setAutoCommit(false);
        try {
            if (isKnown(store, now)) {
                throw new NotPossible("No studio was made: somebody signs in with “" + email + "” already.");
            }
            String token = Secrets.fresh(TOKEN_BYTES);
            link(store, studio(store), token, now);
            store.commit();
            return token;
        } catch (SQLException | NotPossible failed) {
            store.rollback();
            throw failed;
        } finally {
            store.setAutoCommit(kept);
        }
    }

    private boolean isKnown(Connection store, Instant now) throws SQLException {
        try (PreparedStatement asked = store.prepareStatement("""
                select 1 from account where email = ? union all
                select 1 from join_link where email = ? and used_at is null and taken_back_at is null and ends_at > ?
                """)) {
            asked.setString(1, email);
            asked.setString(2, email);
            asked.setObject(3, now.atOffset(ZoneOffset.UTC));
            try (ResultSet found = asked.executeQuery()) {
                return found.next();
            }
        }
    }

    private long studio(Connection store) throws SQLException {
        try (PreparedStatement made = store.prepareStatement(
                "insert into studio (name, zone_id) values (?, ?)", Statement.RETURN_GENERATED_KEYS)) {
            made.setString(1, name.strip());
            made.setString(2, zone);
            made.executeUpdate();
            try (ResultSet keys = made.getGeneratedKeys()) {
                keys.next();
                return keys.getLong(1);
            }
        }
    }

    private void link(Connection store, long studioId, String token, Instant now) throws SQLException {
        try (PreparedStatement made = store.prepareStatement("""
                insert into join_link (studio_id, email, name, role, digest, made_at, ends_at)
                values (?, ?, ?, 'OWNER', ?, ?, ?)
                """)) {
            made.setLong(1, studioId);
            made.setString(2, email);
            made.setString(3, owner.strip());
            made.setString(4, Secrets.digest(token));
            made.setObject(5, now.atOffset(ZoneOffset.UTC));
            made.setObject(6, now.plus(OPENS_HOURS, ChronoUnit.HOURS).atOffset(ZoneOffset.UTC));
            made.executeUpdate();
        }
    }

    /** What the operator gives to its owner. */
    String said(String token) {
        return "The studio “" + name.strip() + "” is made. Give this address to " + owner.strip()
                + ": https://…/join/" + token
                + " — with the name of your installation before it. It opens once, within "
                + OPENS_HOURS + " hours; there she sets her password.";
    }
}
