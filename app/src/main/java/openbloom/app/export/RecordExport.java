package openbloom.app.export;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import openbloom.app.system.CsvText;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes everything that is kept of one woman into a zip: {@code record.json} with every row of every table, the same as spreadsheets,
 * and every paper that was given to her. What opens a page for whoever has it (digests of links) is left out.
 */
final class RecordExport {
    /** The form of {@code record.json}; another one gets another number. */
    static final int VERSION = 1;

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final Set<String> SECRET = Set.of("digest");
    private static final Set<String> WRITERS = Set.of("_by", "examiner_id", "account_id");

    private final Connection opened;
    private final KeptRows kept;
    private final MadeBy made;
    private final Map<Long, String> writers = new TreeMap<>();

    RecordExport(Connection opened, KeptRows kept, MadeBy made) {
        this.opened = opened;
        this.kept = kept;
        this.made = made;
    }

    /**
     * Who made a file.
     *
     * @param version of the application
     * @param schema the form of the tables
     */
    record MadeBy(String version, int schema, Instant at) {}

    /**
     * Everything of hers, in a folder of a zip.
     *
     * @param bundle the same for other systems, where it can be written
     */
    void write(ZipOutputStream zip, String folder, String name, Optional<String> bundle)
            throws IOException, SQLException {
        zip.putNextEntry(new ZipEntry(folder + KeptRecord.FILE));
        json(zip, name);
        for (String table : kept.tables()) {
            zip.putNextEntry(new ZipEntry(folder + "tables/" + table.toLowerCase(Locale.ROOT) + ".csv"));
            csv(zip, table);
        }
        papers(zip, folder);
        if (bundle.isPresent()) {
            zip.putNextEntry(new ZipEntry(folder + "fhir-bundle.json"));
            zip.write(bundle.get().getBytes(StandardCharsets.UTF_8));
        }
    }

    /** Everything of hers, as a zip. */
    void write(OutputStream out, String name, Optional<String> bundle) throws IOException, SQLException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            write(zip, "", name, bundle);
        }
    }

    void json(OutputStream out, String name) throws IOException, SQLException {
        try (JsonGenerator json = JSON.createGenerator(new Unclosed(out))) {
            json.writeStartObject();
            json.writeStringProperty("format", KeptRecord.FORMAT);
            json.writeNumberProperty("version", VERSION);
            json.writeStringProperty("madeBy", "Open Bloom " + made.version());
            json.writeNumberProperty("schema", made.schema());
            json.writeStringProperty("madeAt", made.at().toString());
            json.writeStringProperty("name", name);
            json.writeObjectPropertyStart("tables");
            for (String table : kept.tables()) {
                json.writeArrayPropertyStart(table.toLowerCase(Locale.ROOT));
                kept.each(table, new JsonRow(json));
                json.writeEndArray();
            }
            json.writeEndObject();
            json.writeObjectPropertyStart("writtenBy");
            for (Map.Entry<Long, String> writer : named().entrySet()) {
                json.writeStringProperty(writer.getKey().toString(), writer.getValue());
            }
            json.writeEndObject();
            json.writeEndObject();
        }
    }

    /** Names of who wrote something, by the number that stands in the rows. */
    private Map<Long, String> named() throws SQLException {
        try (PreparedStatement asked = opened.prepareStatement("select name from account where id = ?")) {
            for (Map.Entry<Long, String> writer : writers.entrySet()) {
                asked.setLong(1, writer.getKey());
                try (ResultSet found = asked.executeQuery()) {
                    writer.setValue(found.next() ? found.getString(1) : "");
                }
            }
        }
        return writers;
    }

    /** One object for each row; numbers and yes or no as such, bytes in Base64, everything else as text. */
    private final class JsonRow implements KeptRows.Row {
        private final JsonGenerator json;

        JsonRow(JsonGenerator json) {
            this.json = json;
        }

        @Override
        public void begins() {
            json.writeStartObject();
        }

        @Override
        public void value(String column, ResultSet row, int at) throws SQLException {
            if (SECRET.contains(column)) {
                return;
            }
            json.writeName(column);
            if (row.getObject(at) == null) {
                json.writeNull();
                return;
            }
            switch (row.getMetaData().getColumnType(at)) {
                case Types.BIGINT, Types.INTEGER, Types.SMALLINT -> number(column, row.getLong(at));
                case Types.BOOLEAN -> json.writeBoolean(row.getBoolean(at));
                case Types.DECIMAL, Types.NUMERIC -> json.writeNumber(row.getBigDecimal(at));
                case Types.DOUBLE, Types.REAL, Types.FLOAT -> json.writeNumber(row.getDouble(at));
                case Types.BLOB, Types.VARBINARY, Types.BINARY ->
                    json.writeString(Base64.getEncoder().encodeToString(row.getBytes(at)));
                default -> json.writeString(row.getString(at));
            }
        }

        private void number(String column, long value) {
            if (WRITERS.stream().anyMatch(column::endsWith)) {
                writers.put(value, "");
            }
            json.writeNumber(value);
        }

        @Override
        public void ends() {
            json.writeEndObject();
        }
    }

    private void csv(OutputStream out, String table) throws IOException, SQLException {
        Writer text = new OutputStreamWriter(new Unclosed(out), StandardCharsets.UTF_8);
        CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180);
        List<String> head = new ArrayList<>();
        List<List<String>> first = new ArrayList<>();
        kept.each(table, new KeptRows.Row() {
            private final List<String> line = new ArrayList<>();

            @Override
            public void begins() {
                line.clear();
            }

            @Override
            public void value(String column, ResultSet row, int at) throws SQLException {
                int type = row.getMetaData().getColumnType(at);
                if (SECRET.contains(column) || type == Types.BLOB) {
                    return;
                }
                if (first.isEmpty()) {
                    head.add(column);
                }
                String kept = row.getString(at);
                line.add(kept == null ? "" : CsvText.safe(kept));
            }

            @Override
            public void ends() throws IOException {
                if (first.isEmpty()) {
                    csv.printRecord(head);
                    first.add(List.copyOf(head));
                }
                csv.printRecord(line);
            }
        });
        csv.flush();
    }

    /** Papers as they were given. */
    private void papers(ZipOutputStream zip, String folder) throws IOException, SQLException {
        if (!kept.tables().contains("HAND_OUT")) {
            return;
        }
        kept.each("HAND_OUT", new KeptRows.Row() {
            private long id;

            @Override
            public void begins() {
                id = 0;
            }

            @Override
            public void value(String column, ResultSet row, int at) throws SQLException, IOException {
                if (column.equals("id")) {
                    id = row.getLong(at);
                } else if (column.equals("pdf")) {
                    zip.putNextEntry(new ZipEntry(folder + "papers/" + id + ".pdf"));
                    zip.write(row.getBytes(at));
                }
            }

            @Override
            public void ends() {
                id = 0;
            }
        });
    }

    /** A part of the zip is closed with its entry, not with who wrote it. */
    private static final class Unclosed extends FilterOutputStream {
        Unclosed(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
