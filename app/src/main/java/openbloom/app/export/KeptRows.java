package openbloom.app.export;

import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayDeque;
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
    private final Connection opened;
    private final Map<String, NavigableSet<Long>> rows = new TreeMap<>();

    private final References references;

    private KeptRows(Connection opened, References references) {
        this.opened = opened;
        this.references = references;
    }

    /**
     * Finds them all.
     *
     * @throws SQLException if the store cannot be read
     */
    static KeptRows of(Connection opened, References references, long womanId) throws SQLException {
        KeptRows found = new KeptRows(opened, references);
        found.rows.put(References.WOMAN, new TreeSet<>(Set.of(found.rowOf(womanId))));
        Deque<String> left = new ArrayDeque<>(List.of(References.WOMAN));
        while (!left.isEmpty()) {
            String table = left.poll();
            for (References.Reference one : references.to(table)) {
                if (found.addsTo(one)) {
                    left.add(one.from());
                }
            }
        }
        found.addWhatWasTaughtToHerAlone(womanId);
        return found;
    }

    private void addWhatWasTaughtToHerAlone(long womanId) throws SQLException {
        NavigableSet<Long> taught = new TreeSet<>();
        try (PreparedStatement asked = opened.prepareStatement("""
                select distinct teaching._rowid_ from teaching join session on session.teaching_id = teaching.id
                where session.woman_id = ? and class_id is null and occasion <> 'CLASS'
                """)) {
            asked.setLong(1, womanId);
            try (ResultSet found = asked.executeQuery()) {
                while (found.next()) {
                    taught.add(found.getLong(1));
                }
            }
        }
        rows.put(References.TEACHING, taught);
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

    /** Whether rows that refer to hers were found that were not known yet. */
    private boolean addsTo(References.Reference one) throws SQLException {
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
        for (String table : references.referringFirst(tables())) {
            erase(table);
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
