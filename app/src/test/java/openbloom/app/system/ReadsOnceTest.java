package openbloom.app.system;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is kept of a woman is asked of the database once a page, however many parts of the page show it. */
class ReadsOnceTest extends PageTest {
    private static final List<String> PAGES = List.of(
            "/edit",
            "/safe",
            "/journey",
            "/exercise-check",
            "/checks",
            "/checks/gap",
            "/checks/load",
            "/response",
            "/review",
            "/can",
            "/approach",
            "/floor",
            "/bench",
            "/flows",
            "/sessions/{last}",
            "/sessions/{last}/sheet");

    @Autowired
    private JdbcClient store;

    @Test
    void asksForNothingTwice() throws Exception {
        long rhona = people.page(ines, "rhona", 0).women().get(0).id();
        String last = store.sql("""
                        select session.id from session join teaching on teaching.id = teaching_id
                        where woman_id = ? and occasion <> 'HOME' order by session.planned_on desc, session.id desc limit 1
                        """).param(rhona).query(String.class).single();
        Map<String, Map<String, Long>> twice = new TreeMap<>();
        for (String page : PAGES) {
            Map<String, Long> asked = asked("/people/" + rhona + page.replace("{last}", last));
            assertThat(asked).as(page).isNotEmpty();
            asked.values().removeIf(times -> times < 2);
            if (!asked.isEmpty()) {
                twice.put(page, asked);
            }
        }
        assertThat(twice).isEmpty();
    }

    @Test
    void readsManyWomenInAsManyStatementsAsOne() throws Exception {
        for (String name : List.of("Early", "Noon", "Late")) {
            Woman woman = askedWoman(name);
            assertThat(send(post("/classes")
                                    .param("formKey", key())
                                    .param("version", "0")
                                    .param("name", name)
                                    .param("weekday", TODAY.getDayOfWeek().name())
                                    .param("startsAt", "18:30")
                                    .param("minutes", "30")
                                    .param("firstOn", TODAY.toString())
                                    .param("members", String.valueOf(woman.id())))
                            .getStatus())
                    .isEqualTo(302);
        }
        Map<String, Long> today = asked("/");
        assertThat(today.values()).as("" + today).allMatch(times -> times <= 2);
    }

    /** Statements about a woman's tables while a page is made, with how often each was sent. */
    private Map<String, Long> asked(String address) throws Exception {
        assertThat(send(get(address)).getStatus()).as(address).isEqualTo(200);
        store.sql("set query_statistics_max_entries 1000").update();
        store.sql("set query_statistics false").update();
        store.sql("set query_statistics true").update();
        try {
            page(address);
            Map<String, Long> asked = new TreeMap<>();
            store.sql("select sql_statement, execution_count from information_schema.query_statistics")
                    .query(row -> {
                        if (row.getString(1).contains("woman")) {
                            asked.put(row.getString(1).strip(), row.getLong(2));
                        }
                    });
            return asked;
        } finally {
            store.sql("set query_statistics false").update();
        }
    }
}
