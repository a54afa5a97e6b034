package openbloom.app.export;

import java.io.IOException;
import java.io.InputStream;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;

/** Takes records into a studio: each whole or not at all. */
@Service
class Importing {
    private final DataSource data;
    private final TransactionTemplate whole;
    private final StudioDay day;
    private final int schema;

    Importing(DataSource data, TransactionTemplate whole, StudioDay day, Flyway tables) {
        this.data = data;
        this.whole = whole;
        this.day = day;
        this.schema = newest(tables);
    }

    /** The newest form of the tables that is known here. */
    static int newest(Flyway tables) {
        return Integer.parseInt(tables.info().current().getVersion().getVersion());
    }

    /**
     * What came of a file.
     *
     * @param twins who is there already by name and year of birth, and was left out
     */
    record Result(List<RecordImport.TakenIn> taken, List<String> twins) {
        Result() {
            this(new ArrayList<>(), new ArrayList<>());
        }
    }

    /**
     * Takes every record of a file in.
     *
     * @param all where it is noted, one by one
     * @param twinsToo whether a woman of a name and year that are there already is somebody else
     * @throws NotTakenIn with what is wrong with the file; records before the one that is wrong stay taken in
     */
    void take(SignedIn me, InputStream file, boolean twinsToo, Result all) throws IOException {
        KeptRecord.each(
                file,
                schema,
                record -> whole.executeWithoutResult(status -> {
                    Connection opened = DataSourceUtils.getConnection(data);
                    try {
                        if (!twinsToo && isThere(opened, me, record)) {
                            all.twins().add(record.name());
                        } else {
                            all.taken().add(new RecordImport(opened, me, day.instant()).take(record));
                        }
                    } catch (JacksonException odd) {
                        throw new NotTakenIn("takenIn.noJson");
                    } catch (SQLException refused) {
                        throw new IllegalStateException("The store refused a record", refused);
                    } finally {
                        DataSourceUtils.releaseConnection(opened, data);
                    }
                }));
    }

    private static boolean isThere(Connection opened, SignedIn me, KeptRecord record) throws SQLException {
        try (PreparedStatement asked = opened.prepareStatement(
                "select 1 from woman where studio_id = ? and lower(name) = lower(?) and coalesce(birth_year, 0) = ?")) {
            asked.setLong(1, me.studioId());
            asked.setString(2, record.name());
            asked.setInt(3, record.birthYear());
            try (ResultSet found = asked.executeQuery()) {
                return found.next();
            }
        }
    }
}
