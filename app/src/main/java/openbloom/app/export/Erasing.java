package openbloom.app.export;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import openbloom.app.people.Woman;
import openbloom.app.system.FormReader;
import openbloom.core.Problem;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Erases a woman: every row of hers, what forms of hers were remembered, and her name on sheets of classes she was in, which stay
 * for the others. The audit keeps that it was done, by whom and when, and her number.
 */
@Service
class Erasing {
    /** Stands where her name stood. */
    static final String ERASED = "(erased)";

    private static final JsonMapper JSON = JsonMapper.shared();
    static final List<String> SHEETS = List.of("teaching", "teaching_version");

    private final DataSource data;

    Erasing(DataSource data) {
        this.data = data;
    }

    /**
     * Erases her if her name was typed.
     *
     * @return what is wrong; empty when nothing of hers is left
     */
    @Transactional
    public List<Problem> erase(Woman woman, String typed) throws SQLException {
        FormReader read = new FormReader();
        if (!typed.strip().equals(woman.name())) {
            read.refuse("eraseName", "erase.name", woman.name());
            return read.problems();
        }
        Connection opened = DataSourceUtils.getConnection(data);
        try {
            for (String table : SHEETS) {
                leaveOut(opened, table, woman);
            }
            erase(opened, woman.id());
        } finally {
            DataSourceUtils.releaseConnection(opened, data);
        }
        return read.problems();
    }

    /** Every row of hers; sheets of classes stay as they are. */
    static void erase(Connection opened, long womanId) throws SQLException {
        forget(opened, womanId);
        KeptRows.of(opened, References.of(opened), womanId).erase();
    }

    /** What was sent about her is remembered so that it is kept once; it is forgotten with her. */
    private static void forget(Connection opened, long id) throws SQLException {
        try (PreparedStatement forms = opened.prepareStatement(
                "delete from kept_form where path = ? or path like ? or answer_location = ? or answer_location like ?")) {
            String her = "/people/" + id;
            forms.setString(1, her);
            forms.setString(2, her + "/%");
            forms.setString(3, her);
            forms.setString(4, her + "/%");
            forms.execute();
        }
    }

    private static void leaveOut(Connection opened, String table, Woman woman) throws SQLException {
        List<String> keys = table.equals("teaching") ? List.of("id") : List.of("teaching_id", "version");
        String which = String.join(" = ? and ", keys) + " = ?";
        try (PreparedStatement all = opened.prepareStatement(
                        "select " + String.join(", ", keys) + ", sheet from " + table + " where sheet like ?");
                PreparedStatement change =
                        opened.prepareStatement("update " + table + " set sheet = ? where " + which)) {
            all.setString(1, "%\"womanId\":" + woman.id() + ",%");
            List<List<Object>> changed = new ArrayList<>();
            try (ResultSet found = all.executeQuery()) {
                while (found.next()) {
                    List<Object> row = new ArrayList<>(List.of(without(found.getString(keys.size() + 1), woman)));
                    for (int key = 1; key <= keys.size(); key++) {
                        row.add(found.getLong(key));
                    }
                    changed.add(row);
                }
            }
            for (List<Object> row : changed) {
                for (int at = 0; at < row.size(); at++) {
                    change.setObject(at + 1, row.get(at));
                }
                change.execute();
            }
        }
    }

    /** A sheet with nobody in her place; one that cannot be read loses her name all the same. */
    private static String without(String sheet, Woman woman) {
        try {
            JsonNode read = JSON.readTree(sheet);
            clear(read, woman);
            return JSON.writeValueAsString(read).replace(woman.name(), ERASED);
        } catch (JacksonException unreadable) {
            return sheet.replace(woman.name(), ERASED);
        }
    }

    private static void clear(JsonNode node, Woman woman) {
        if (node instanceof ObjectNode one && one.path("womanId").asLong() == woman.id() && one.has("womanId")) {
            one.put("womanId", 0);
            one.properties().forEach(entry -> {
                if (entry.getValue() instanceof ArrayNode list) {
                    list.removeAll();
                } else if (entry.getValue().isString()) {
                    entry.setValue(
                            JSON.getNodeFactory().stringNode(entry.getKey().equals("name") ? ERASED : ""));
                }
            });
        }
        node.forEach(part -> clear(part, woman));
    }
}
