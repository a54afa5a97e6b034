package openbloom.app.export;

import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;

/**
 * The rows that are hers: her own, and, table by table, every row that refers to one that is hers. What they refer to (the studio,
 * who wrote them, a class) is not. A table that is added one day is among them by its reference alone.
 */
final class KeptRows {
    private final Connection opened;
    private final References references;

    /** By table and the store's own number of a row, what others refer to it by: column to value. */
    private final Map<String, NavigableMap<Long, Map<String, Object>>> rows = new TreeMap<>();

    private final Map<References.Reference, Set<Long>> asked = new HashMap<>();

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
        found.find(References.WOMAN, "ID", womanId);
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
        rows.put(References.TEACHING, new TreeMap<>());
        try (PreparedStatement taught = opened.prepareStatement("""
                select distinct teaching.id from teaching join session on session.teaching_id = teaching.id
                where session.woman_id = ? and class_id is null and occasion <> 'CLASS'
                """)) {
            taught.setLong(1, womanId);
            try (ResultSet found = taught.executeQuery()) {
                while (found.next()) {
                    find(References.TEACHING, "ID", found.getLong(1));
                }
            }
        }
    }

    /** Whether rows that refer to hers were found that were not known yet. */
    private boolean addsTo(References.Reference one) throws SQLException {
        Set<Long> before = asked.computeIfAbsent(one, none -> new HashSet<>());
        boolean more = false;
        for (Map.Entry<Long, Map<String, Object>> row : rows.get(one.to()).entrySet()) {
            if (before.add(row.getKey())) {
                more |= find(one.from(), one.column(), row.getValue().get(one.key()));
            }
        }
        return more;
    }

    /**
     * Whole rows are asked for, each by what an index leads to: in a large studio any other way reads a table from end to end.
     *
     * @return whether there was one that was not known yet
     */
    private boolean find(String table, String column, Object value) throws SQLException {
        NavigableMap<Long, Map<String, Object>> known = rows.computeIfAbsent(table, none -> new TreeMap<>());
        List<References.Reference> to = references.to(table);
        boolean more = false;
        try (PreparedStatement sql =
                opened.prepareStatement("select _rowid_, t.* from \"" + table + "\" t where \"" + column + "\" = ?")) {
            sql.setObject(1, value);
            try (ResultSet found = sql.executeQuery()) {
                while (found.next()) {
                    Map<String, Object> keys = new HashMap<>();
                    for (References.Reference one : to) {
                        keys.put(one.key(), found.getObject(one.key()));
                    }
                    more |= known.put(found.getLong(1), keys) == null;
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
        try (PreparedStatement sql = opened.prepareStatement("select * from \"" + table + "\" where _rowid_ = ?")) {
            for (Long number : rows.get(table).keySet()) {
                sql.setLong(1, number);
                try (ResultSet found = sql.executeQuery()) {
                    int columns = found.getMetaData().getColumnCount();
                    if (!found.next()) {
                        continue;
                    }
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
            for (Long row : rows.get(table).descendingKeySet()) {
                one.setLong(1, row);
                one.execute();
            }
        }
    }
}
