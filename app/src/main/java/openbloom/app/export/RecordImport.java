package openbloom.app.export;

import java.math.BigDecimal;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.SQLIntegrityConstraintViolationException;
import java.sql.Statement;
import java.sql.Types;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.Secrets;
import tools.jackson.databind.JsonNode;

/**
 * Takes a woman's {@code record.json} into a studio, as another woman: every row with a number of its own, every reference moved along.
 * Who wrote something stays its writer by name. Links to her page open nothing here, and her place in classes stays behind.
 */
final class RecordImport {
    /** Remembers that a form was kept once: fresh here, or the same record could not be taken in beside another. */
    private static final List<String> ONCE = List.of("FORM_KEY", "REPORT_KEY");

    private static final String SESSION = "SESSION";
    private static final String REPLACES = "INSTEAD_OF";
    private static final String DIGEST = "DIGEST";
    private static final int TOKEN_BYTES = 16;
    /** Nobody signs in with it. */
    private static final String NO_PASSWORD = "{noop}";

    private final Connection opened;
    private final SignedIn me;
    private final Instant now;
    private final References references;
    private final Map<String, Map<String, StoredColumn>> columns = new TreeMap<>();
    private final Map<String, Map<Long, Long>> numbers = new HashMap<>();
    private final Map<String, String> keys = new HashMap<>();
    private final Map<Long, Long> writers = new HashMap<>();
    private final List<Later> later = new ArrayList<>();
    /** The number of the other woman, where two records are joined. */
    private Optional<Long> joined = Optional.empty();

    RecordImport(Connection opened, SignedIn me, Instant now) throws SQLException {
        this.opened = opened;
        this.me = me;
        this.now = now;
        this.references = References.of(opened);
    }

    /**
     * Joins a second record of the same installation to the one that is taken: its rows come as hers, what both refer to stays what it
     * is, and what can be there but once stays as the first record has it.
     */
    RecordImport joining(long second) {
        joined = Optional.of(second);
        return this;
    }

    /** A column as the store knows it. */
    private record StoredColumn(boolean nullable, boolean identity, String type) {
        boolean holdsBytes() {
            return type.startsWith("BINARY");
        }
    }

    /** A reference to a row of the same table that comes after it. */
    private record Later(String table, String column, long from, long to) {}

    /** What came of it. */
    record TakenIn(long womanId, String name, int rows) {}

    /** @throws NotTakenIn with what is wrong; nothing was kept then */
    TakenIn take(KeptRecord record) throws SQLException {
        readColumns();
        check(record);
        if (joined.isEmpty()) {
            meetWriters(record.writers());
        }
        List<String> parentsFirst =
                new ArrayList<>(references.referringFirst(record.tables().keySet()));
        Collections.reverse(parentsFirst);
        int rows = 0;
        for (String table : parentsFirst) {
            if (table.equals(SESSION) && joined.isEmpty()) {
                standInForClasses(record);
            }
            for (JsonNode row : record.rows(table)) {
                rows += insert(table, row) ? 1 : 0;
            }
        }
        for (Later one : later) {
            moveAlong(one);
        }
        long woman = numbers.get(References.WOMAN).values().iterator().next();
        return new TakenIn(woman, record.name(), rows);
    }

    private void readColumns() throws SQLException {
        try (PreparedStatement asked = opened.prepareStatement("""
                        select table_name, column_name, is_nullable, is_identity, data_type
                        from information_schema.columns where table_schema = 'PUBLIC'
                        """);
                ResultSet found = asked.executeQuery()) {
            while (found.next()) {
                columns.computeIfAbsent(found.getString(1), none -> new TreeMap<>())
                        .put(
                                found.getString(2),
                                new StoredColumn(
                                        found.getString(3).equals("YES"),
                                        found.getString(4).equals("YES"),
                                        found.getString(5)));
            }
        }
    }

    /** Nothing is written into a table that holds nothing of women, and nothing that is not known is left out unsaid. */
    private void check(KeptRecord record) {
        var allowed = references.tablesOfAWoman();
        record.tables().forEach((table, rows) -> {
            if (!allowed.contains(table)) {
                throw new NotTakenIn("takenIn.table", table.toLowerCase(Locale.ROOT));
            }
            for (JsonNode row : rows) {
                row.propertyNames().stream()
                        .filter(column -> !columns.get(table).containsKey(column.toUpperCase(Locale.ROOT)))
                        .findFirst()
                        .ifPresent(column -> {
                            throw new NotTakenIn("takenIn.column", column, table.toLowerCase(Locale.ROOT));
                        });
            }
        });
    }

    /** Everybody who wrote something in it, by name: who works here, or somebody who has left already. */
    private void meetWriters(Map<Long, String> named) throws SQLException {
        for (Map.Entry<Long, String> writer : named.entrySet()) {
            String name = writer.getValue();
            writers.put(
                    writer.getKey(),
                    name.isBlank() ? me.accountId() : known(name).orElse(0L));
            if (writers.get(writer.getKey()) == 0L) {
                writers.put(writer.getKey(), fromElsewhere(name));
            }
        }
    }

    private Optional<Long> known(String name) throws SQLException {
        try (PreparedStatement asked = opened.prepareStatement(
                "select id from account where studio_id = ? and name = ? order by id limit 1")) {
            asked.setLong(1, me.studioId());
            asked.setString(2, name);
            try (ResultSet found = asked.executeQuery()) {
                return found.next() ? Optional.of(found.getLong(1)) : Optional.empty();
            }
        }
    }

    private long fromElsewhere(String name) throws SQLException {
        try (PreparedStatement made = opened.prepareStatement("""
                insert into account (studio_id, email, password_hash, name, role, left_at)
                values (?, ?, ?, ?, 'READER', ?)
                """, Statement.RETURN_GENERATED_KEYS)) {
            made.setLong(1, me.studioId());
            made.setString(2, UUID.randomUUID() + "@elsewhere.invalid");
            made.setString(3, NO_PASSWORD + Secrets.fresh(TOKEN_BYTES));
            made.setString(4, name);
            made.setObject(5, now.atOffset(ZoneOffset.UTC));
            return numberOf(made);
        }
    }

    private static long numberOf(PreparedStatement made) throws SQLException {
        made.executeUpdate();
        try (ResultSet keys = made.getGeneratedKeys()) {
            keys.next();
            return keys.getLong(1);
        }
    }

    /** A class stays where it was: what she did in it is kept as taught in a class that nobody else of here took part in. */
    private void standInForClasses(KeptRecord record) throws SQLException {
        Map<Long, Long> taught = numbers.computeIfAbsent(References.TEACHING, none -> new TreeMap<>());
        for (JsonNode session : record.rows(SESSION)) {
            long teaching = session.path("teaching_id").asLong();
            if (!taught.containsKey(teaching)) {
                try (PreparedStatement made = opened.prepareStatement("""
                        insert into teaching (studio_id, occasion, planned_on, planned_by, stored_at)
                        values (?, 'CLASS', ?, ?, ?)
                        """, Statement.RETURN_GENERATED_KEYS)) {
                    made.setLong(1, me.studioId());
                    made.setString(2, session.path("planned_on").asString());
                    made.setLong(
                            3, writers.getOrDefault(session.path("planned_by").asLong(), me.accountId()));
                    made.setString(4, session.path("stored_at").asString());
                    taught.put(teaching, numberOf(made));
                }
            }
        }
    }

    /** Whether the row was taken along. */
    private boolean insert(String table, JsonNode row) throws SQLException {
        Map<String, Value> values = new TreeMap<>();
        long number = 0;
        for (Map.Entry<String, StoredColumn> column : columns.get(table).entrySet()) {
            Optional<JsonNode> told =
                    Optional.ofNullable(row.get(column.getKey().toLowerCase(Locale.ROOT)));
            if (column.getValue().identity()) {
                number = told.map(JsonNode::asLong).orElse(0L);
            } else if (column.getKey().equals(DIGEST)) {
                values.put(DIGEST, Value.text(Secrets.digest(Secrets.fresh(TOKEN_BYTES))));
            } else if (told.isPresent()) {
                Value value = value(table, column.getKey(), column.getValue(), told.get());
                if (value.isElsewhere()) {
                    return false;
                }
                values.put(column.getKey(), value);
            } else if (column.getKey().equals("STUDIO_ID")) {
                values.put(column.getKey(), Value.number(me.studioId()));
            }
        }
        keep(table, number, values);
        return true;
    }

    private void keep(String table, long number, Map<String, Value> values) throws SQLException {
        String sql = "insert into \"" + table + "\" (\"" + String.join("\", \"", values.keySet()) + "\") values ("
                + String.join(", ", values.values().stream().map(each -> "?").toList()) + ")";
        try (PreparedStatement made = opened.prepareStatement(sql, Statement.RETURN_GENERATED_KEYS)) {
            int at = 1;
            for (Value value : values.values()) {
                value.set(made, at++);
            }
            if (number == 0) {
                made.executeUpdate();
                return;
            }
            long fresh = numberOf(made);
            Map<Long, Long> here = numbers.computeIfAbsent(table, none -> new TreeMap<>());
            here.put(number, fresh);
            if (table.equals(References.WOMAN)) {
                joined.ifPresent(second -> here.put(second, fresh));
            }
            for (Map.Entry<String, Value> value : values.entrySet()) {
                value.getValue().waitsFor().ifPresent(to -> later.add(new Later(table, value.getKey(), fresh, to)));
            }
        } catch (SQLIntegrityConstraintViolationException twice) {
            if (joined.isEmpty()) {
                throw new NotTakenIn("takenIn.row", table.toLowerCase(Locale.ROOT), first(twice));
            }
        } catch (SQLException refused) {
            throw new NotTakenIn("takenIn.row", table.toLowerCase(Locale.ROOT), first(refused));
        }
    }

    private static String first(SQLException refused) {
        String said = String.valueOf(refused.getMessage());
        return said.lines().findFirst().orElse("").replaceAll("; SQL statement.*", "");
    }

    private Value value(String table, String column, StoredColumn stored, JsonNode told) {
        if (told.isNull()) {
            return Value.NONE;
        }
        if (column.equals(REPLACES) || ONCE.contains(column)) {
            return Value.text(keys.computeIfAbsent(
                    told.asString(), old -> UUID.randomUUID().toString()));
        }
        Optional<References.Reference> reference = references.of(table, column);
        if (reference.isPresent()) {
            return moved(table, reference.get(), stored, told.asLong());
        }
        if (told.isBoolean()) {
            return new Value(told.asBoolean(), 0, false);
        }
        if (told.isNumber()) {
            return new Value(told.decimalValue(), 0, false);
        }
        return stored.holdsBytes()
                ? new Value(Base64.getDecoder().decode(told.asString()), 0, false)
                : Value.text(told.asString());
    }

    /** A reference, to the row that stands here for the one it meant. */
    private Value moved(String table, References.Reference reference, StoredColumn stored, long old) {
        return switch (reference.to()) {
            case "STUDIO" -> Value.number(me.studioId());
            case "ACCOUNT" -> Value.number(joined.isPresent() ? old : writers.getOrDefault(old, me.accountId()));
            default -> {
                Optional<Long> here = Optional.ofNullable(
                        numbers.getOrDefault(reference.to(), Map.of()).get(old));
                if (here.isPresent()) {
                    yield Value.number(here.get());
                }
                if (reference.to().equals(table) && stored.nullable()) {
                    yield Value.later(old);
                }
                if (joined.isPresent()) {
                    yield Value.number(old);
                }
                yield stored.nullable() ? Value.NONE : Value.ELSEWHERE;
            }
        };
    }

    private void moveAlong(Later one) throws SQLException {
        Optional<Long> to = Optional.ofNullable(numbers.get(one.table()).get(one.to()));
        if (to.isEmpty()) {
            return;
        }
        try (PreparedStatement change = opened.prepareStatement(
                "update \"" + one.table() + "\" set \"" + one.column() + "\" = ? where id = ?")) {
            change.setLong(1, to.get());
            change.setLong(2, one.from());
            change.executeUpdate();
        }
    }

    /**
     * What is kept in a column.
     *
     * @param isElsewhere refers to what was not taken along
     */
    private record Value(Object kept, long waits, boolean isElsewhere) {
        static final Value NONE = new Value(Void.TYPE, 0, false);
        static final Value ELSEWHERE = new Value(Void.TYPE, 0, true);

        static Value text(String kept) {
            return new Value(kept, 0, false);
        }

        static Value number(long kept) {
            return new Value(BigDecimal.valueOf(kept), 0, false);
        }

        static Value later(long row) {
            return new Value(Void.TYPE, row, false);
        }

        Optional<Long> waitsFor() {
            return waits == 0 ? Optional.empty() : Optional.of(waits);
        }

        void set(PreparedStatement made, int at) throws SQLException {
            if (kept == Void.TYPE) {
                made.setNull(at, Types.NULL);
            } else {
                made.setObject(at, kept);
            }
        }
    }
}
