package openbloom.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * A studio as rich as the demonstration and many times as large: every row that belongs to a woman, in every table, is there
 * once for each of her copies.
 */
final class GrownStudio {
    /** Numbers of copies lie this far apart. */
    private static final long STEP = 1_000_000;

    private static final Set<String> NUMBERS_WITHOUT_A_KEY = Set.of("PAIN_LIFT.RESPONSE_ID");

    /** Each must be there once: the number of the copy is written into or behind them. */
    private static final Set<String> KEYS = Set.of("FORM_KEY", "REPORT_KEY", "INSTEAD_OF", "DIGEST", "SESSION_ID");

    private final Connection store;

    private GrownStudio(Connection store) {
        this.store = store;
    }

    static String url(Path folder) {
        return "jdbc:h2:file:" + folder.resolve("bloom") + ";WRITE_DELAY=0";
    }

    /**
     * Copies every woman.
     *
     * @param copies how often, itself not counted
     * @return number of rows of every table that was copied
     */
    static Map<String, Long> grow(Path folder, int copies) throws SQLException {
        try (Connection store = DriverManager.getConnection(url(folder), "bloom", "")) {
            return new GrownStudio(store).grow(copies);
        }
    }

    private Map<String, Long> grow(int copies) throws SQLException {
        Map<String, Map<String, String>> references = references();
        Set<String> hers = new TreeSet<>(Set.of("WOMAN"));
        while (references.entrySet().stream()
                .filter(table -> table.getValue().values().stream().anyMatch(hers::contains))
                .map(Map.Entry::getKey)
                .collect(Collectors.toCollection(TreeSet::new))
                .stream()
                .anyMatch(hers::add)) {}
        Map<String, Long> rows = new LinkedHashMap<>();
        try (Statement sql = store.createStatement()) {
            sql.execute("set referential_integrity false");
            sql.execute("set write_delay 60000");
            sql.execute("set cache_size 1000000");
            for (String table : hers) {
                copy(table, references.getOrDefault(table, Map.of()), hers, copies);
                try (ResultSet counted = sql.executeQuery("select count(*) from " + table)) {
                    counted.next();
                    rows.put(table, counted.getLong(1));
                }
            }
            sql.execute("update repeated set pairs = pairs * " + (copies + 1) + ", squares = squares * " + (copies + 1)
                    + ", mean_pairs = mean_pairs * " + (copies + 1) + ", mean_squares = mean_squares * "
                    + (copies + 1));
            sql.execute("set referential_integrity true");
            sql.execute("analyze");
            sql.execute("shutdown compact");
        }
        return rows;
    }

    /** Column to table it names, by table. */
    private Map<String, Map<String, String>> references() throws SQLException {
        Map<String, Map<String, String>> references = new HashMap<>();
        DatabaseMetaData described = store.getMetaData();
        try (ResultSet tables = described.getTables(null, "PUBLIC", null, new String[] {"TABLE", "BASE TABLE"})) {
            while (tables.next()) {
                String table = tables.getString("TABLE_NAME");
                try (ResultSet keys = described.getImportedKeys(null, "PUBLIC", table)) {
                    while (keys.next()) {
                        references
                                .computeIfAbsent(table, none -> new HashMap<>())
                                .put(keys.getString("FKCOLUMN_NAME"), keys.getString("PKTABLE_NAME"));
                    }
                }
            }
        }
        return references;
    }

    /** One copy of all rows after the other: each is appended to the table. */
    private void copy(String table, Map<String, String> references, Set<String> hers, int copies) throws SQLException {
        List<String> columns = new ArrayList<>();
        List<String> values = new ArrayList<>();
        String key = "";
        try (ResultSet all = store.getMetaData().getColumns(null, "PUBLIC", table, null)) {
            while (all.next()) {
                String column = all.getString("COLUMN_NAME");
                boolean moves = column.equals("ID")
                        || hers.contains(references.getOrDefault(column, ""))
                        || NUMBERS_WITHOUT_A_KEY.contains(table + "." + column);
                columns.add(column);
                if (moves) {
                    key = key.isEmpty() ? column : key;
                    values.add(column + " + ? * " + STEP);
                } else if (KEYS.contains(column)) {
                    values.add("case when " + column + " is null then null else left(" + column + ", "
                            + (all.getInt("COLUMN_SIZE") - 8) + ") || lpad(?, 8, '0') end");
                } else if (table.equals("WOMAN") && column.equals("NAME")) {
                    values.add(column + " || ' ' || lpad(?, 4, '0')");
                } else {
                    values.add(column);
                }
            }
        }
        String insert = "insert into " + table + " (" + String.join(", ", columns)
                + ") overriding system value select " + String.join(", ", values) + " from " + table
                + " where " + key + " < " + STEP;
        int numbers = (int) insert.chars().filter(sign -> sign == '?').count();
        try (PreparedStatement sql = store.prepareStatement(insert)) {
            for (int copy = 1; copy <= copies; copy++) {
                for (int i = 1; i <= numbers; i++) {
                    sql.setInt(i, copy);
                }
                sql.execute();
            }
        }
    }
}
