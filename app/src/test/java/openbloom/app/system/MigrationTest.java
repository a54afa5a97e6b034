package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import openbloom.app.system.migration.V24__KeptAsJson;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What was kept by an earlier version is still there, in its new place. */
class MigrationTest {
    private JdbcDataSource data;

    @BeforeEach
    void keepWhatAnEarlierVersionKept() throws SQLException {
        data = new JdbcDataSource();
        data.setURL("jdbc:h2:mem:" + System.nanoTime() + ";DB_CLOSE_DELAY=-1");
        Flyway.configure().dataSource(data).target("4").load().migrate();
        run("insert into studio (name, zone_id) values ('S', 'Europe/London')");
        run(
                "insert into account (studio_id, email, password_hash, name, owner) values (1, 'a@b.example', 'x', 'Ines', true)");
        run(
                "insert into woman (studio_id, form_key, version, changed_by, changed_at, name, birth_year, goals, situation,"
                        + " births, babies, conditions, equipment, clearance_limits)"
                        + " values (1, 'w', 1, 1, current_timestamp, 'W', 1990, '', 'NEITHER', 0, 0, '', '', '')");
        run("insert into gap_check (woman_id, form_key, checked_on, examiner_id, stored_at)"
                + " values (1, 'g', date '2026-11-01', 1, current_timestamp)");
        run("insert into gap_reading values (1, 'NAVEL', 0, 'LIFT', 5, 'SURFACE', 2, 'NO')");
        body("k1", "'EVEN', 'TIGHT', 'NO', 'YES', 5, 'JOG_1_MIN,HOP_10'");
        body("k2", "'HELD', 'UNKNOWN', 'UNKNOWN', 'UNKNOWN', null, ''");
        body("k3", "'UNKNOWN', 'TYPICAL', 'YES', 'NO', 0, ''");
        Flyway.configure().dataSource(data).target("23").load().migrate();
        run("update woman set conditions = 'EPILEPSY,PURPLE', conditions_since = 'EPILEPSY=2020-01-02,PURPLE=soon',"
                + " clearance_limits = 'NO_IMPACT' || char(10) || 'no \"heavy\" lifts'");
        run(
                "insert into program (woman_id, form_key, made_on, made_by, stored_at, rules_version, aims, visits_per_week,"
                        + " home_days, home_minutes, document, visits) values (1, 'p', date '2026-11-01', 1, current_timestamp, 'r',"
                        + " 'STOP_LEAKING LIFT', 2, 'MONDAY,FRIDAY', 10, '{}', '2026-12-01 45' || char(10) || '2026-12-08 30')");
        run("insert into earlier_intake values (1, 1, 1, current_timestamp,"
                + " '{\"name\":\"W\",\"since\":[\"\",\"2026-10-01\"]}')");
        Flyway.configure()
                .dataSource(data)
                .javaMigrations(new V24__KeptAsJson())
                .load()
                .migrate();
    }

    private void body(String key, String found) throws SQLException {
        run("insert into body_check (woman_id, form_key, checked_on, checked_by, stored_at, breath, tone, lets_go,"
                + " pain_with_lifts, straight_leg_raise, impact_tests) values (1, '" + key
                + "', date '2026-11-01', 1, current_timestamp, " + found + ")");
    }

    @Test
    void theBodyCheckBecomesSheetsOfBreathPelvicFloorAndEffort() throws SQLException {
        assertThat(rows("select form_key, found from sheet where kind = 'BREATH' order by form_key"))
                .hasSize(2)
                .satisfies(found -> assertThat(found.get(0)).contains("k1", "\"zone-BACK_RIBS\":\"FULL\""))
                .satisfies(found -> assertThat(found.get(1)).contains("k2", "\"faults\":\"HELD\""));
        assertThat(rows("select form_key, found from sheet where kind = 'PELVIC_FLOOR' order by form_key"))
                .containsExactly(
                        "k1 {\"toneAsTold\":\"TIGHT\",\"letsGo\":\"ABSENT\",\"pain\":\"YES\"}",
                        "k3 {\"toneAsTold\":\"TYPICAL\",\"letsGo\":\"FULL\",\"pain\":\"NO\"}");
        assertThat(rows("select form_key, found from sheet where kind = 'EFFORT' order by form_key"))
                .containsExactly(
                        "k1 {\"raiseTotal\":\"5\",\"tests\":\"JOG_1_MIN,HOP_10\"}",
                        "k3 {\"raiseTotal\":\"0\",\"tests\":\"\"}");
    }

    /** Lists became JSON with a version; a word nobody knows is still there, and quotes are still quotes. */
    @Test
    void listsInColumnsBecomeJson() throws SQLException {
        assertThat(rows("select conditions, conditions_since || clearance_limits || equipment from woman"))
                .containsExactly("{\"version\":1,\"values\":[\"EPILEPSY\",\"PURPLE\"]}"
                        + " {\"version\":1,\"days\":{\"EPILEPSY\":\"2020-01-02\",\"PURPLE\":\"soon\"}}"
                        + "{\"version\":1,\"values\":[\"NO_IMPACT\",\"no \\\"heavy\\\" lifts\"]}");
        assertThat(rows("select aims, home_days || visits from program"))
                .containsExactly("{\"version\":1,\"values\":[\"STOP_LEAKING\",\"LIFT\"]}"
                        + " {\"version\":1,\"values\":[\"MONDAY\",\"FRIDAY\"]}"
                        + "{\"version\":1,\"visits\":[{\"date\":\"2026-12-01\",\"minutes\":45},"
                        + "{\"date\":\"2026-12-08\",\"minutes\":30}]}");
        assertThat(rows("select form, version from earlier_intake"))
                .containsExactly("{\"name\":\"W\",\"since\":{\"PREMATURE_LABOUR\":\"2026-10-01\"}} 1");
    }

    @Test
    void gapChecksWereReadWithFingersAndKeptByTheirExaminer() throws SQLException {
        assertThat(rows("select method, kept_by from gap_check")).containsExactly("FINGERS 1");
        assertThat(rows("select width_half_fingers, sore from gap_reading")).containsExactly("5 FALSE");
    }

    private void run(String sql) throws SQLException {
        try (Connection connection = data.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private List<String> rows(String sql) throws SQLException {
        try (Connection connection = data.getConnection();
                Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(sql)) {
            List<String> rows = new ArrayList<>();
            while (found.next()) {
                rows.add(found.getString(1) + " " + found.getString(2));
            }
            return rows;
        }
    }
}
