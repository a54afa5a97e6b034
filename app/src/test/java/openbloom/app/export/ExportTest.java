package openbloom.app.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import openbloom.app.PageTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a woman is handed is everything of hers, row for row, and nothing of anybody else. */
class ExportTest extends PageTest {
    @Autowired
    private JdbcClient store;

    private Map<String, byte[]> unpacked(MockHttpServletResponse answer) throws IOException {
        Map<String, byte[]> entries = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.getContentAsByteArray()))) {
            for (ZipEntry one = zip.getNextEntry(); one != null; one = zip.getNextEntry()) {
                entries.put(one.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private long count(String sql, long id) {
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
}
