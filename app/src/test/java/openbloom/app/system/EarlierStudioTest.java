package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import openbloom.app.TestDay;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.SignedIn;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
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
 * A studio as version 7 of its tables kept it in November 2026, exported from the demonstration of that day, opened eight months
 * later: everything moves along, every page of every woman opens, and what was given then still says why.
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
            "/bench");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcClient store;

    private SignedIn ines;

    @DynamicPropertySource
    static void kept(DynamicPropertyRegistry settings) throws SQLException {
        JdbcDataSource data = new JdbcDataSource();
        data.setURL(URL);
        data.setUser("bloom");
        try (Connection connection = data.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(
                    "runscript from 'classpath:openbloom/app/system/studio-of-version-7.sql.gz' compression gzip");
        }
        settings.add("spring.datasource.url", () -> URL);
    }

    @BeforeEach
    void signIn() {
        ines = (SignedIn) accounts.loadUserByUsername("ines@boathouse.example");
    }

    @Test
    void opensEveryPageOfEveryWoman() throws Exception {
        List<Long> women = store.sql("select id from woman").query(Long.class).list();
        assertThat(women).hasSize(14);
        List<String> broken = new ArrayList<>();
        for (long woman : women) {
            for (String page : PAGES) {
                look("/people/" + woman + page, broken);
            }
            for (long session : store.sql("select id from session where woman_id = ?")
                    .param(woman)
                    .query(Long.class)
                    .list()) {
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
        String session = page("/people/10/sessions/87");
        assertThat(session)
                .contains("Reasons as they were on <span>26 Nov 2026</span>, by rule set <span>2026-11b")
                .contains(">domed<", "hurt (back)");
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
