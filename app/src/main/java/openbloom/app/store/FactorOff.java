package openbloom.app.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.Locale;

/** For an owner who has lost both her app and her codes: the operator lets her in with her password alone. */
final class FactorOff {
    private FactorOff() {}

    /** @throws NotPossible if nobody of that address has a second factor */
    static String of(Connection store, String email) throws SQLException {
        int found = 0;
        for (String table : List.of("recovery_code", "second_factor")) {
            try (PreparedStatement gone = store.prepareStatement(
                    "delete from " + table + " where account_id in (select id from account where email = ?)")) {
                gone.setString(1, email.strip().toLowerCase(Locale.ROOT));
                found += gone.executeUpdate();
            }
        }
        if (found == 0) {
            throw new NotPossible("Nobody who signs in with “" + email + "” has a second factor.");
        }
        return "The second factor of " + email + " is off. She sets up another on Studio, Second factor.";
    }
}
