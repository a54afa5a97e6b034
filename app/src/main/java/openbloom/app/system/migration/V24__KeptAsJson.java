package openbloom.app.system.migration;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lists in text columns become JSON with a version: words joined by commas or spaces, lines, days as {@code NAME=2026-11-25}, visits
 * as {@code 2026-11-25 45}. In earlier intakes the days since when a condition is there stood in the order of the list of that time;
 * they are named from now on.
 */
@Component
public class V24__KeptAsJson extends BaseJavaMigration {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final Pattern DAY = Pattern.compile("([A-Z0-9_]+)=(.*)");
    private static final Pattern VISIT = Pattern.compile("(\\d{4}-\\d\\d-\\d\\d) (\\d{1,3})");

    /** The conditions as version 23 listed them. */
    private static final List<String> CONDITIONS = List.of(
            "RUPTURED_MEMBRANES",
            "PREMATURE_LABOUR",
            "UNEXPLAINED_BLEEDING",
            "PLACENTA_PRAEVIA",
            "PRE_ECLAMPSIA",
            "CERVICAL_INSUFFICIENCY",
            "GROWTH_RESTRICTION",
            "TRIPLETS_OR_MORE",
            "TWINS",
            "DIABETES_TYPE_1_UNCONTROLLED",
            "HIGH_BLOOD_PRESSURE_UNCONTROLLED",
            "THYROID_UNCONTROLLED",
            "SERIOUS_HEART_LUNG_OR_SYSTEMIC",
            "RECURRENT_LOSS",
            "GESTATIONAL_HYPERTENSION",
            "PREVIOUS_PRETERM_BIRTH",
            "MILD_HEART_OR_LUNG",
            "ANAEMIA_SYMPTOMATIC",
            "MALNUTRITION",
            "EATING_DISORDER",
            "OTHER_SIGNIFICANT",
            "HIGH_BLOOD_PRESSURE_CONTROLLED",
            "DIABETES_TYPE_1_CONTROLLED",
            "THYROID_CONTROLLED",
            "ANAEMIA",
            "EPILEPSY",
            "OSTEOPOROSIS",
            "PROLAPSE",
            "GESTATIONAL_DIABETES",
            "HERNIA",
            "EARLIER_SURGERY",
            "VERTEBRAL_FRACTURE",
            "BREASTFEEDING");

    @Override
    public void migrate(Context context) throws SQLException {
        Connection store = context.getConnection();
        for (String column : List.of("conditions", "equipment", "cleared_for", "approach")) {
            change(store, "woman", column, V24__KeptAsJson::words);
        }
        change(store, "woman", "conditions_since", V24__KeptAsJson::days);
        change(store, "woman", "clearance_limits", V24__KeptAsJson::lines);
        change(store, "studio", "approach", V24__KeptAsJson::words);
        for (String column : List.of("warning_signs", "symptoms", "leaks_when")) {
            change(store, "safety_answer", column, V24__KeptAsJson::words);
        }
        change(store, "program", "home_days", V24__KeptAsJson::words);
        change(store, "program", "aims", V24__KeptAsJson::words);
        change(store, "program", "visits", V24__KeptAsJson::visits);
        change(store, "recording", "repairs", V24__KeptAsJson::lines);
        earlierIntakes(store);
    }

    private static void change(Connection store, String table, String column, UnaryOperator<String> to)
            throws SQLException {
        String all = "select id, " + column + " from " + table + " where " + column + " <> ''";
        String one = "update " + table + " set " + column + " = ? where id = ?";
        try (PreparedStatement read = store.prepareStatement(all);
                PreparedStatement write = store.prepareStatement(one);
                ResultSet rows = read.executeQuery()) {
            while (rows.next()) {
                write.setString(1, to.apply(rows.getString(2)));
                write.setLong(2, rows.getLong(1));
                write.addBatch();
            }
            write.executeBatch();
        }
    }

    static String words(String column) {
        return values(Arrays.stream(column.split("[, ]"))
                .filter(word -> !word.isEmpty())
                .toList());
    }

    static String lines(String column) {
        return values(column.lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList());
    }

    private static String values(List<String> words) {
        ObjectNode kept = JSON.createObjectNode().put("version", 1);
        ArrayNode values = kept.putArray("values");
        words.forEach(values::add);
        return words.isEmpty() ? "" : kept.toString();
    }

    /** What is no day stands there as it was, so that whoever reads it can say so. */
    static String days(String column) {
        ObjectNode kept = JSON.createObjectNode().put("version", 1);
        ObjectNode days = kept.putObject("days");
        for (String word : column.split(",")) {
            Matcher day = DAY.matcher(word);
            if (day.matches()) {
                days.put(day.group(1), day.group(2));
            } else {
                days.put(word, "");
            }
        }
        return kept.toString();
    }

    static String visits(String column) {
        ObjectNode kept = JSON.createObjectNode().put("version", 1);
        ArrayNode visits = kept.putArray("visits");
        column.lines()
                .map(VISIT::matcher)
                .filter(Matcher::matches)
                .forEach(visit -> visits.addObject()
                        .put("date", visit.group(1))
                        .put("minutes", Integer.parseInt(visit.group(2))));
        return visits.isEmpty() ? "" : kept.toString();
    }

    private static void earlierIntakes(Connection store) throws SQLException {
        List<Object[]> changed = new ArrayList<>();
        try (PreparedStatement read = store.prepareStatement("select woman_id, version, form from earlier_intake");
                ResultSet rows = read.executeQuery()) {
            while (rows.next()) {
                changed.add(new Object[] {rows.getLong(1), rows.getInt(2), named(rows.getString(3))});
            }
        }
        try (PreparedStatement write =
                store.prepareStatement("update earlier_intake set form = ? where woman_id = ? and version = ?")) {
            for (Object[] row : changed) {
                write.setString(1, (String) row[2]);
                write.setLong(2, (Long) row[0]);
                write.setInt(3, (Integer) row[1]);
                write.addBatch();
            }
            write.executeBatch();
        }
    }

    /** A form that cannot be read stays as it is. */
    static String named(String form) {
        try {
            JsonNode read = JSON.readTree(form);
            if (!(read instanceof ObjectNode whole) || !(whole.get("since") instanceof ArrayNode listed)) {
                return form;
            }
            ObjectNode since = JSON.createObjectNode();
            for (int at = 0; at < Math.min(listed.size(), CONDITIONS.size()); at++) {
                String day = listed.get(at).asString("");
                if (!day.isBlank()) {
                    since.put(CONDITIONS.get(at), day);
                }
            }
            whole.set("since", since);
            return whole.toString();
        } catch (JacksonException unreadable) {
            return form;
        }
    }
}
