package openbloom.app.export;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A woman's {@code record.json}, read.
 *
 * @param tables the rows of each table, by its name in capitals, those kept first first
 * @param writers names of who wrote something, by the number in the rows
 */
record KeptRecord(String name, int birthYear, Map<String, List<JsonNode>> tables, Map<Long, String> writers) {
    static final String FORMAT = "open-bloom-record";
    static final String FILE = "record.json";
    /** What one record may hold once it is unpacked, in bytes. Our own limit, no source. */
    private static final int LARGEST = 64 * 1024 * 1024;

    private static final int MOST_ENTRIES = 100_000;

    private static final Comparator<JsonNode> BY_NUMBER =
            Comparator.comparingLong(row -> row.path("id").asLong(0));
    private static final JsonMapper JSON = JsonMapper.shared();

    /** What is done with each record of a file. */
    interface Taking {
        void record(KeptRecord record) throws IOException;
    }

    /**
     * Reads every record of a zip, one after the other: of one woman, or of a studio. Nothing is unpacked onto the disk.
     *
     * @param schema the newest form of the tables that is known here
     * @throws NotTakenIn if it is no such file
     */
    static void each(InputStream file, int schema, Taking taking) throws IOException {
        int found = 0;
        int entries = 0;
        try (ZipInputStream zip = new ZipInputStream(file, StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries++;
                if (entry.getName().contains("..") || entry.getName().startsWith("/") || entries > MOST_ENTRIES) {
                    throw new NotTakenIn("takenIn.path", entry.getName());
                }
                if (entry.getName().equals(FILE) || entry.getName().endsWith("/" + FILE)) {
                    taking.record(read(bytes(zip), schema));
                    found++;
                } else if (found == 0 && entries > 1) {
                    break;
                } else {
                    skip(zip);
                }
            }
        } catch (ZipException | EOFException | IllegalArgumentException broken) {
            throw new NotTakenIn("takenIn.noZip");
        }
        if (found == 0) {
            throw new NotTakenIn("takenIn.noZip");
        }
    }

    private static byte[] bytes(InputStream zip) throws IOException {
        byte[] read = zip.readNBytes(LARGEST + 1);
        if (read.length > LARGEST) {
            throw new NotTakenIn("takenIn.large", LARGEST / 1024 / 1024);
        }
        return read;
    }

    /** What is not read is not unpacked without end either. */
    private static void skip(InputStream zip) throws IOException {
        byte[] part = new byte[8192];
        long all = 0;
        for (int read = zip.read(part); read >= 0; read = zip.read(part)) {
            all += read;
            if (all > LARGEST) {
                throw new NotTakenIn("takenIn.large", LARGEST / 1024 / 1024);
            }
        }
    }

    private static KeptRecord read(byte[] json, int schema) {
        try {
            return of(JSON.readTree(json), schema);
        } catch (JacksonException broken) {
            throw new NotTakenIn("takenIn.noJson");
        }
    }

    private static KeptRecord of(JsonNode all, int schema) {
        if (!all.path("format").asString("").equals(FORMAT)) {
            throw new NotTakenIn("takenIn.noJson");
        }
        if (all.path("version").asInt(0) > RecordExport.VERSION
                || all.path("schema").asInt(0) > schema) {
            throw new NotTakenIn("takenIn.newer", all.path("madeBy").asString(""));
        }
        Map<String, List<JsonNode>> tables = new TreeMap<>();
        all.path("tables").properties().forEach(table -> {
            List<JsonNode> rows = new ArrayList<>();
            table.getValue().forEach(rows::add);
            rows.sort(BY_NUMBER);
            tables.put(table.getKey().toUpperCase(Locale.ROOT), rows);
        });
        List<JsonNode> women = tables.getOrDefault(References.WOMAN, List.of());
        if (women.size() != 1
                || women.get(0).path("id").asLong(0) < 1
                || women.get(0).path("name").asString("").isBlank()) {
            throw new NotTakenIn("takenIn.noJson");
        }
        Map<Long, String> writers = new TreeMap<>();
        all.path("writtenBy").properties().stream()
                .filter(writer -> writer.getKey().matches("\\d{1,18}"))
                .forEach(writer -> writers.put(
                        Long.valueOf(writer.getKey()), writer.getValue().asString("")));
        return new KeptRecord(
                women.get(0).path("name").asString(),
                women.get(0).path("birth_year").asInt(0),
                tables,
                writers);
    }

    /** One of an entry of a zip. */
    static KeptRecord of(byte[] json) {
        return read(json, Integer.MAX_VALUE);
    }

    /** Her record and another of hers as one: her intake, the rows of both in the order they were kept. */
    KeptRecord with(KeptRecord other) {
        Map<String, List<JsonNode>> both = new TreeMap<>();
        for (KeptRecord one : List.of(this, other)) {
            one.tables()
                    .forEach((table, rows) -> both.computeIfAbsent(table, none -> new ArrayList<>())
                            .addAll(rows));
        }
        both.values().forEach(rows -> rows.sort(BY_NUMBER));
        both.put(References.WOMAN, rows(References.WOMAN));
        return new KeptRecord(name, birthYear, both, writers);
    }

    List<JsonNode> rows(String table) {
        return tables.getOrDefault(table, List.of());
    }
}
