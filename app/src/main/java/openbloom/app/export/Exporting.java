package openbloom.app.export;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import openbloom.app.api.fhir.FhirText;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.share.FhirRecords;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.app.system.UnreadableRecord;
import org.flywaydb.core.Flyway;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;

/** Writes records out: one woman's with everything that belongs to it, or those of a studio, one after the other. */
@Service
class Exporting {
    private static final Logger LOG = LoggerFactory.getLogger(Exporting.class);

    private final DataSource data;
    private final StudioDay day;
    private final People people;
    private final FhirRecords fhir;
    private final String version;
    private final int schema;

    Exporting(
            DataSource data,
            StudioDay day,
            People people,
            FhirRecords fhir,
            Flyway tables,
            @Value("${bloom.version}") String version) {
        this.people = people;
        this.fhir = fhir;
        this.data = data;
        this.day = day;
        this.version = version;
        this.schema = Importing.newest(tables);
    }

    private RecordExport.MadeBy made() {
        return new RecordExport.MadeBy(version, schema, day.instant());
    }

    void write(SignedIn me, Woman woman, OutputStream out) throws IOException, SQLException {
        Connection opened = DataSourceUtils.getConnection(data);
        try {
            KeptRows hers = KeptRows.of(opened, References.of(opened), woman.id());
            new RecordExport(opened, hers, made()).write(out, woman.name(), bundle(me, woman));
        } finally {
            DataSourceUtils.releaseConnection(opened, data);
        }
    }

    /** One record is in memory at a time, however many there are. */
    void writeAll(SignedIn me, OutputStream out) throws IOException, SQLException {
        Connection opened = DataSourceUtils.getConnection(data);
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            References references = References.of(opened);
            for (Map.Entry<Long, String> woman : women(opened, me.studioId()).entrySet()) {
                new RecordExport(opened, KeptRows.of(opened, references, woman.getKey()), made())
                        .write(zip, "women/" + woman.getKey() + "/", woman.getValue(), bundle(me, woman.getKey()));
            }
        } finally {
            DataSourceUtils.releaseConnection(opened, data);
        }
    }

    private Optional<String> bundle(SignedIn me, long woman) {
        return people.find(me, woman).flatMap(found -> bundle(me, found));
    }

    /** Empty for a record that is kept in a way this version does not understand; its rows are written all the same. */
    private Optional<String> bundle(SignedIn me, Woman woman) {
        try {
            return Optional.of(fhir.written(me, woman, Optional.empty(), FhirText.FhirFormat.JSON));
        } catch (UnreadableRecord unreadable) {
            LOG.warn("Woman {} is written out without a bundle: {}", woman.id(), unreadable.getMessage());
            return Optional.empty();
        }
    }

    private static Map<Long, String> women(Connection opened, long studioId) throws SQLException {
        Map<Long, String> women = new TreeMap<>();
        try (PreparedStatement asked =
                opened.prepareStatement("select id, name from woman where studio_id = ? order by id")) {
            asked.setLong(1, studioId);
            try (ResultSet found = asked.executeQuery()) {
                while (found.next()) {
                    women.put(found.getLong(1), found.getString(2));
                }
            }
        }
        return women;
    }
}
