package openbloom.app.export;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** Which table refers to which, as the store itself knows it. */
record References(List<Reference> all) {
    static final String WOMAN = "WOMAN";
    /** What is taught holds a session; it is hers where nobody else takes part. */
    static final String TEACHING = "TEACHING";

    private static final String KNOWN = """
            select distinct k.table_name, k.column_name, u.table_name, u.column_name
            from information_schema.referential_constraints r
              join information_schema.key_column_usage k on k.constraint_name = r.constraint_name
              join information_schema.key_column_usage u on u.constraint_name = r.unique_constraint_name
                and u.ordinal_position = k.position_in_unique_constraint
            where k.table_schema = 'PUBLIC' order by 1, 2""";

    /** A reference of one table to another. */
    record Reference(String from, String column, String to, String key) {}

    static References of(Connection opened) throws SQLException {
        List<Reference> all = new ArrayList<>();
        try (PreparedStatement asked = opened.prepareStatement(KNOWN);
                ResultSet found = asked.executeQuery()) {
            while (found.next()) {
                all.add(new Reference(found.getString(1), found.getString(2), found.getString(3), found.getString(4)));
            }
        }
        // By its number alone: a response may be replaced while what was said about it stands.
        all.add(new Reference("PAIN_LIFT", "RESPONSE_ID", "RESPONSE", "ID"));
        return new References(List.copyOf(all));
    }

    List<Reference> to(String table) {
        return all.stream().filter(one -> one.to().equals(table)).toList();
    }

    Optional<Reference> of(String table, String column) {
        return all.stream()
                .filter(one -> one.from().equals(table) && one.column().equals(column))
                .findFirst();
    }

    /** Every table that may hold something of a woman. */
    Set<String> tablesOfAWoman() {
        Set<String> found = new TreeSet<>(Set.of(WOMAN));
        int before = 0;
        while (found.size() > before) {
            before = found.size();
            all.stream()
                    .filter(one -> found.contains(one.to()))
                    .map(Reference::from)
                    .toList()
                    .forEach(found::add);
        }
        found.add(TEACHING);
        return found;
    }

    /** Tables in an order in which what refers to another comes before it. */
    List<String> referringFirst(Collection<String> tables) {
        List<String> left = new ArrayList<>(new TreeSet<>(tables));
        List<String> ordered = new ArrayList<>();
        while (!left.isEmpty()) {
            String free = left.stream()
                    .filter(table ->
                            to(table).stream().noneMatch(one -> !one.from().equals(table) && left.contains(one.from())))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("Tables refer to each other in a ring: " + left));
            ordered.add(free);
            left.remove(free);
        }
        return ordered;
    }
}
