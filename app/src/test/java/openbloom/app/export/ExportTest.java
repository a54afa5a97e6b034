package openbloom.app.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import openbloom.app.PageTest;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.RenderedForm;
import org.apache.ibatis.session.SqlSession;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a woman is handed, and what is erased, is everything of hers, row for row, and nothing of anybody else. */
class ExportTest extends PageTest {
    @Autowired
    private JdbcClient store;

    @Autowired
    private SqlSession remembered;

    private Map<String, byte[]> unpacked(MockHttpServletResponse answer) throws IOException {
        Map<String, byte[]> entries = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.getContentAsByteArray()))) {
            for (ZipEntry one = zip.getNextEntry(); one != null; one = zip.getNextEntry()) {
                entries.put(one.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private long count(String sql, Object id) {
        return store.sql(sql).param(id).query(Long.class).single();
    }

    @Test
    void isEverythingOfHersAndNothingOfAnybodyElse() throws Exception {
        long rhona = people.page(ines, "rhona", 0).women().get(0).id();
        MockHttpServletResponse answer = as(ines, get("/people/" + rhona + "/share/everything.zip"));
        assertThat(answer.getHeader("Content-Disposition")).contains("open-bloom-rhona-vale.zip");
        Map<String, byte[]> entries = unpacked(answer);
        JsonNode record = JsonMapper.shared().readTree(entries.get("record.json"));
        assertThat(record.path("format").asString()).isEqualTo("open-bloom-record");
        assertThat(record.path("version").asInt()).isEqualTo(1);
        assertThat(record.path("name").asString()).isEqualTo("Rhona Vale");

        List<String> tables = store.sql("""
                select lower(c.table_name) from information_schema.columns c join information_schema.tables t
                  on t.table_name = c.table_name and t.table_schema = c.table_schema and t.table_type = 'BASE TABLE'
                where c.column_name = 'WOMAN_ID' and c.table_schema = 'PUBLIC'
                """).query(String.class).list();
        assertThat(tables).as("tables").hasSizeGreaterThan(18);
        for (String table : tables) {
            assertThat((long) record.path("tables").path(table).size())
                    .as(table)
                    .isEqualTo(count("select count(*) from " + table + " where woman_id = ?", rhona));
        }
        assertThat((long) record.at("/tables/response").size())
                .isPositive()
                .isEqualTo(count(
                        "select count(*) from response where session_id in (select id from session where woman_id = ?)",
                        rhona));
        assertThat((long) record.at("/tables/gap_reading").size())
                .isPositive()
                .isEqualTo(count(
                        "select count(*) from gap_reading where check_id in (select id from gap_check where woman_id = ?)",
                        rhona));
        assertThat(record.at("/tables/woman/0/birth_year").asInt())
                .isEqualTo((int) count("select birth_year from woman where id = ?", rhona));
        JsonNode bundle = JsonMapper.shared().readTree(entries.get("fhir-bundle.json"));
        assertThat(bundle.path("resourceType").asString()).isEqualTo("Bundle");
        assertThat(bundle.at("/entry/0/resource/name/0/text").asString()).isEqualTo("Rhona Vale");
        assertThat(record.at("/writtenBy/" + ines.accountId()).asString()).isEqualTo("Ines");

        String all = new String(entries.get("record.json"), StandardCharsets.UTF_8);
        List<String> others = store.sql("select name from woman where id <> ?")
                .param(rhona)
                .query(String.class)
                .list();
        assertThat(others).as("other women").hasSizeGreaterThan(8).noneMatch(all::contains);
        assertThat(all).as("what opens a page or an account").doesNotContain("\"digest\"", "password", "@boathouse");
    }

    @Test
    void holdsSpreadsheetsThatNoProgramTakesForFormulasAndThePapersAsGiven() throws Exception {
        long rhona = people.page(ines, "rhona", 0).women().get(0).id();
        Map<String, byte[]> entries = unpacked(as(ines, get("/people/" + rhona + "/share/everything.zip")));
        String checks = new String(entries.get("tables/gap_check.csv"), StandardCharsets.UTF_8);
        assertThat(checks).startsWith("id,woman_id,form_key,checked_on,examiner_id");
        assertThat(checks.lines().count())
                .isEqualTo(1 + count("select count(*) from gap_check where woman_id = ?", rhona));
        long paper = count("select max(id) from hand_out where woman_id = ?", rhona);
        assertThat(entries.get("papers/" + paper + ".pdf"))
                .isEqualTo(store.sql("select pdf from hand_out where id = ?")
                        .param(paper)
                        .query(byte[].class)
                        .single());
        var formula = newWoman("=1+1");
        Map<String, byte[]> hers = unpacked(as(ines, get("/people/" + formula.id() + "/share/everything.zip")));
        assertThat(new String(hers.get("tables/woman.csv"), StandardCharsets.UTF_8))
                .contains("'=1+1");
        assertThat(hers).doesNotContainKey("tables/session.csv");
    }

    @Test
    void isNobodysOfAnotherStudio() throws Exception {
        long rhona = people.page(ines, "rhona", 0).women().get(0).id();
        isNothingForAStranger("/people/" + rhona + "/share/everything.zip");
    }

    /** Nothing of hers is left in any table, and the class she was in still opens, in a studio of the test's own day. */
    @Test
    @Transactional
    void erasedIsEverythingOfHers() throws Exception {
        String name = store.sql("""
                select name from woman where studio_id = ? and id in (select woman_id from class_member)
                order by (select count(*) from teaching where cast(sheet as varchar) like '%"womanId":' || woman.id || ',%') desc,
                    (select count(*) from gap_check where woman_id = woman.id) desc, id limit 1
                """).param(ines.studioId()).query(String.class).single();
        long her = store.sql("select id from woman where name = ?")
                .param(name)
                .query(Long.class)
                .single();
        String page = "/people/" + her + "/erase";
        assertThat(rendered(page, "/erase", name.substring(1)).getContentAsString())
                .contains("type her name exactly as it stands here: " + name);
        assertThat(count("select count(*) from woman where id = ?", her)).isOne();
        SignedIn mara = (SignedIn) accounts.loadUserByUsername("mara@boathouse.example");
        assertThat(as(mara, get(page)).getStatus()).isEqualTo(403);
        assertThat(as(mara, post(page).param("eraseName", name)).getStatus()).isEqualTo(403);

        assertThat(columnsThatName(name)).contains("WOMAN.NAME");
        String sheets = "select count(*) from teaching where cast(sheet as varchar) like '%\"womanId\":' || ? || ',%'";
        assertThat(count(sheets, her)).isPositive();
        Map<String, Long> before = rows();
        assertThat(rendered(page, "/erase", name).getRedirectedUrl()).isEqualTo("/people?erased");
        Map<String, Long> after = rows();
        assertThat(before.keySet().stream().filter(table -> after.get(table) < before.get(table)))
                .as("tables with fewer rows")
                .contains(
                        "woman",
                        "session",
                        "response",
                        "gap_check",
                        "gap_reading",
                        "safety_answer",
                        "program",
                        "class_member");
        assertThat(columnsThatName(name)).as("her name anywhere").isEmpty();
        assertThat(count(sheets, her)).isZero();
        // The transaction of this test remembers what it has read of her.
        remembered.clearCache();
        assertThat(as(ines, get("/people/" + her + "/journey")).getStatus()).isEqualTo(404);
        for (String address : List.of("/", "/week", "/people", "/classes", "/studio")) {
            assertThat(page(address)).as(address).doesNotContain(name);
        }
        for (long one : store.sql("select id from studio_class where studio_id = ?")
                .param(ines.studioId())
                .query(Long.class)
                .list()) {
            assertThat(page("/classes/" + one)).doesNotContain(name);
        }
    }

    private MockHttpServletResponse rendered(String address, String action, String typed) throws Exception {
        RenderedForm form = RenderedForm.to(action, page(address), address).with("eraseName", typed);
        var sent = post(form.action());
        form.fields().forEach((field, values) -> sent.param(field, values.toArray(String[]::new)));
        return send(sent);
    }

    /** Asked column by column: a script of the store would end the transaction, and she would be erased for the tests to come. */
    private List<String> columnsThatName(String name) {
        return store.sql("""
                select table_name || '.' || column_name from information_schema.columns
                where table_schema = 'PUBLIC' and data_type in ('CHARACTER VARYING', 'CHARACTER LARGE OBJECT', 'JSON')
                """).query(String.class).list().stream()
                .filter(column -> count(
                                "select count(*) from \"" + column.replace(".", "\" where cast(\"")
                                        + "\" as varchar) like '%' || ? || '%'",
                                name)
                        > 0)
                .toList();
    }

    private Map<String, Long> rows() {
        Map<String, Long> counted = new TreeMap<>();
        store.sql(
                        "select lower(table_name) from information_schema.tables where table_schema = 'PUBLIC' and table_type = 'BASE TABLE'")
                .query(String.class)
                .list()
                .forEach(table -> counted.put(
                        table,
                        store.sql("select count(*) from \"" + (table.startsWith("flyway") ? table : table.toUpperCase())
                                        + "\"")
                                .query(Long.class)
                                .single()));
        return counted;
    }
}
