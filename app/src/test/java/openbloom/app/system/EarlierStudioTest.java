package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import openbloom.app.TestDay;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.SignedIn;
import org.flywaydb.core.Flyway;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/**
 * A studio as each earlier version kept it, exported from the demonstration of that day and opened eight months later: everything
 * moves along, every page of every woman opens, her first and her last session, and what was given then still says why. Of version 7
 * of the tables (November 2026) all fourteen women are kept, of each release since 0.10 one.
 */
@SpringBootTest
@AutoConfigureMockMvc
@Import(TestDay.class)
class EarlierStudioTest {
    private static final String URL = "jdbc:h2:mem:earlier-studio;WRITE_DELAY=0;DB_CLOSE_DELAY=-1";
    private static final List<String> PAGES = List.of(
            "/edit",
            "/safe",
            "/journey",
            "/exercise-check",
            "/sessions",
            "/checks",
            "/checks/gap",
            "/response",
            "/review",
            "/can",
            "/approach",
            "/floor",
            "/program",
            "/share",
            "/bench");
    /** What reads most of a record; of a release only one woman is kept, and her tables move along as those of version 7 do. */
    private static final List<String> MAIN_PAGES = List.of("/edit", "/journey", "/checks", "/program", "/share");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcClient store;

    @Autowired
    private Flyway migrations;

    private SignedIn ines;

    @DynamicPropertySource
    static void kept(DynamicPropertyRegistry settings) {
        settings.add("spring.datasource.url", () -> URL);
    }

    private void open(String version) {
        store.sql("drop all objects").update();
        store.sql("runscript from 'classpath:openbloom/app/system/studio-of-" + version + ".sql.gz' compression gzip")
                .update();
        migrations.migrate();
        ines = (SignedIn) accounts.loadUserByUsername("ines@boathouse.example");
    }

    @ParameterizedTest
    @CsvSource({
        "version-7, 14",
        "0.10, 1",
        "0.11, 1",
        "0.12, 1",
        "0.13, 1",
        "0.14, 1",
        "0.15, 1",
        "0.16, 1",
        "0.17, 1",
        "0.18, 1",
        "0.19, 1",
        "0.20, 1",
        "0.21, 1",
        "0.22, 1",
        "0.23, 1"
    })
    void opensEveryPageOfEveryWoman(String version, int kept) throws Exception {
        open(version);
        List<Long> women = store.sql("select id from woman").query(Long.class).list();
        assertThat(women).hasSize(kept);
        List<String> broken = new ArrayList<>();
        for (long woman : women) {
            for (String page : kept > 1 ? PAGES : MAIN_PAGES) {
                look("/people/" + woman + page, broken);
            }
            for (long session : store.sql("""
                            select max(id) from session where woman_id = ? union select min(id) from session where woman_id = ?
                            """).param(woman).param(woman).query(Long.class).list().stream()
                    .filter(Objects::nonNull)
                    .toList()) {
                look("/people/" + woman + "/sessions/" + session, broken);
                look("/people/" + woman + "/sessions/" + session + "/sheet", broken);
            }
        }
        look("/", broken);
        look("/people", broken);
        assertThat(broken).isEmpty();
    }

    /** Rule, fact and rule set of that day, and what she told while it was taught. */
    @Test
    void stillSaysWhyAMoveWasGivenAndWhatCameOfIt() throws Exception {
        open("version-7");
        Document session = Jsoup.parse(page("/people/10/sessions/87"));
        assertThat(session.text()).contains("Reasons as they were on 26 Nov 2026, by rule set 2026-11b", "hurt (back)");
        assertThat(session.select("*:matchesOwn(^domed$)")).isNotEmpty();
    }

    private void look(String address, List<String> broken) throws Exception {
        MockHttpServletResponse answer = answer(address);
        boolean leadsElsewhere = answer.getStatus() == 302;
        if (answer.getStatus() != 200 && !leadsElsewhere
                || answer.getContentAsString().contains("cannot be read")) {
            broken.add(address + " " + answer.getStatus());
        }
    }

    private String page(String address) throws Exception {
        MockHttpServletResponse answer = answer(address);
        assertThat(answer.getStatus()).isEqualTo(200);
        return answer.getContentAsString();
    }

    private MockHttpServletResponse answer(String address) throws Exception {
        return mvc.perform(get(address).with(user(ines))).andReturn().getResponse();
    }
}
