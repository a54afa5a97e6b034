package openbloom.app.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import openbloom.app.audit.AuditChain;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Looks through everything that is kept: the chain of the audit, what rows refer to, and every document. */
final class Verification {
    private static final JsonMapper JSON = JsonMapper.shared();

    private Verification() {}

    /**
     * What is wrong, one sentence each, by name of the row; nothing when all is well.
     *
     * @throws NotPossible if the store cannot be read
     */
    static List<String> problems(Connection opened) {
        try {
            List<String> problems = new ArrayList<>(AuditChain.problems(opened));
            problems.addAll(orphans(opened));
            problems.addAll(unreadable(opened));
            return problems;
        } catch (SQLException refused) {
            throw new NotPossible("The studio cannot be read through: " + refused.getMessage(), refused);
        }
    }

    /** Rows that refer to one that is not there. */
    private static List<String> orphans(Connection opened) throws SQLException {
        String keys = """
                select k.table_name, k.column_name, u.table_name, u.column_name
                from information_schema.referential_constraints r
                  join information_schema.key_column_usage k on k.constraint_name = r.constraint_name
                  join information_schema.key_column_usage u on u.constraint_name = r.unique_constraint_name
                    and u.ordinal_position = k.position_in_unique_constraint
                where k.table_schema = 'PUBLIC' order by 1, 2""";
        List<String> problems = new ArrayList<>();
        try (PreparedStatement all = opened.prepareStatement(keys);
                ResultSet found = all.executeQuery()) {
            while (found.next()) {
                String child = found.getString(1);
                String column = found.getString(2);
                long lost = count(
                        opened,
                        "select count(*) from \"" + child + "\" c where c.\"" + column + "\" is not null and not exists"
                                + " (select 1 from \"" + found.getString(3) + "\" p where p.\"" + found.getString(4)
                                + "\" = c.\"" + column + "\")");
                if (lost > 0) {
                    problems.add(child.toLowerCase() + ": " + lost + " rows refer by " + column.toLowerCase()
                            + " to nothing in " + found.getString(3).toLowerCase() + ".");
                }
            }
        }
        return problems;
    }

    private static long count(Connection opened, String sql) throws SQLException {
        try (PreparedStatement one = opened.prepareStatement(sql);
                ResultSet found = one.executeQuery()) {
            return found.next() ? found.getLong(1) : 0;
        }
    }

    /** Documents that are no JSON although they begin as one, or are empty. */
    private static List<String> unreadable(Connection opened) throws SQLException {
        String columns = """
                select c.table_name, c.column_name from information_schema.columns c
                where c.table_schema = 'PUBLIC' and c.data_type = 'CHARACTER LARGE OBJECT' and c.column_name in
                  ('PLAN', 'DOCUMENT', 'FACTS', 'FOUND')
                  and exists (select 1 from information_schema.columns i where i.table_schema = c.table_schema
                    and i.table_name = c.table_name and i.column_name = 'ID') order by 1, 2""";
        List<String> problems = new ArrayList<>();
        try (PreparedStatement all = opened.prepareStatement(columns);
                ResultSet found = all.executeQuery()) {
            while (found.next()) {
                problems.addAll(unreadable(opened, found.getString(1), found.getString(2)));
            }
        }
        return problems;
    }

    private static List<String> unreadable(Connection opened, String table, String column) throws SQLException {
        List<String> problems = new ArrayList<>();
        try (PreparedStatement all =
                        opened.prepareStatement("select id, \"" + column + "\" from \"" + table + "\" order by id");
                ResultSet rows = all.executeQuery()) {
            while (rows.next()) {
                String text = rows.getString(2);
                if (text != null && !text.isEmpty() && !isJson(text)) {
                    problems.add(table.toLowerCase() + " " + rows.getLong(1) + ": its " + column.toLowerCase()
                            + " cannot be read.");
                }
            }
        }
        return problems;
    }

    private static boolean isJson(String text) {
        try {
            JSON.readTree(text);
            return true;
        } catch (JacksonException broken) {
            return false;
        }
    }
}
