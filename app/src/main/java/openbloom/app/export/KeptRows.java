package openbloom.app.export;

import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * The rows that are hers: her own, and, table by table, every row that refers to one that is hers. What they refer to (the studio,
 * who wrote them, a class) is not. A table that is added one day is among them by its reference alone.
 */
final class KeptRows {
    private static final String WOMAN = "WOMAN";
    private static final String REFERENCES = """
            select distinct k.table_name, k.column_name, u.table_name, u.column_name
            from information_schema.referential_constraints r
              join information_schema.key_column_usage k on k.constraint_name = r.constraint_name
              join information_schema.key_column_usage u on u.constraint_name = r.unique_constraint_name
                and u.ordinal_position = k.position_in_unique_constraint
            where k.table_schema = 'PUBLIC' order by 1, 2""";

    private final Connection opened;
    private final Map<String, NavigableSet<Long>> rows = new TreeMap<>();

    private KeptRows(Connection opened) {
        this.opened = opened;
    }

    /** A reference of one table to another. */
    private record Reference(String from, String column, String to, String key) {}

    /**
     * Finds them all.
     *
     * @throws SQLException if the store cannot be read
     */
    static KeptRows of(Connection opened, long womanId) throws SQLException {
        KeptRows found = new KeptRows(opened);
        found.rows.put(WOMAN, new TreeSet<>(Set.of(found.rowOf(womanId))));
        List<Reference> references = found.references();
        Deque<String> left = new ArrayDeque<>(List.of(WOMAN));
        while (!left.isEmpty()) {
            String table = left.poll();
            for (Reference one : references) {
                if (one.to().equals(table) && found.addsTo(one)) {
                    left.add(one.from());
                }
            }
        }
        return found;
    }

    private long rowOf(long womanId) throws SQLException {
        try (PreparedStatement one = opened.prepareStatement("select _rowid_ from woman where id = ?")) {
            one.setLong(1, womanId);
            try (ResultSet row = one.executeQuery()) {
                row.next();
                return row.getLong(1);
            }
        }
    }

    private List<Reference> references() throws SQLException {
        List<Reference> all = new ArrayList<>();
        try (PreparedStatement asked = opened.prepareStatement(REFERENCES);
                ResultSet found = asked.executeQuery()) {
            while (found.next()) {
                all.add(new Reference(found.getString(1), found.getString(2), found.getString(3), found.getString(4)));
            }
        }
        return all;
    }

    /** Whether rows that refer to hers were found that were not known yet. */
    private boolean addsTo(Reference one) throws SQLException {
        NavigableSet<Long> known = rows.computeIfAbsent(one.from(), none -> new TreeSet<>());
        String sql = "select c._rowid_ from \"" + one.from() + "\" c join \"" + one.to() + "\" p on c.\"" + one.column()
                + "\" = p.\"" + one.key() + "\" where p._rowid_ = any(?)";
        boolean more = false;
        try (PreparedStatement asked = opened.prepareStatement(sql)) {
            asked.setArray(1, opened.createArrayOf("BIGINT", rows.get(one.to()).toArray()));
            try (ResultSet found = asked.executeQuery()) {
                while (found.next()) {
                    more |= known.add(found.getLong(1));
                }
            }
        }
        return more;
    }

    /** Names of the tables that hold something of hers, in their order. */
    List<String> tables() {
        return rows.entrySet().stream()
                .filter(table -> !table.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** What is done with each row of a table. */
    interface Row {
        void begins() throws IOException;

        void value(String column, ResultSet row, int at) throws SQLException, IOException;

        void ends() throws IOException;
    }

    /** Reads the rows of a table, in the order they were kept. */
    void each(String table, Row row) throws SQLException, IOException {
        String sql = "select * from \"" + table + "\" where _rowid_ = any(?) order by _rowid_";
        try (PreparedStatement asked = opened.prepareStatement(sql)) {
            asked.setArray(1, opened.createArrayOf("BIGINT", rows.get(table).toArray()));
            try (ResultSet found = asked.executeQuery()) {
                int columns = found.getMetaData().getColumnCount();
                while (found.next()) {
                    row.begins();
                    for (int at = 1; at <= columns; at++) {
                        row.value(found.getMetaData().getColumnName(at).toLowerCase(Locale.ROOT), found, at);
                    }
                    row.ends();
                }
            }
        }
    }

    /** Takes them all out: first what refers to something, then what it referred to. */
    void erase() throws SQLException {
        List<Reference> references = references();
        List<String> left = new ArrayList<>(tables());
        while (!left.isEmpty()) {
            String free = left.stream()
                    .filter(table -> references.stream()
                            .noneMatch(one ->
                                    one.to().equals(table) && !one.from().equals(table) && left.contains(one.from())))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("Tables refer to each other in a ring: " + left));
            erase(free);
            left.remove(free);
        }
    }

    /** The latest first: a correction refers to what it corrects. */
    private void erase(String table) throws SQLException {
        try (PreparedStatement one = opened.prepareStatement("delete from \"" + table + "\" where _rowid_ = ?")) {
            for (Long row : rows.get(table).descendingSet()) {
                one.setLong(1, row);
                one.execute();
            }
        }
    }
}
