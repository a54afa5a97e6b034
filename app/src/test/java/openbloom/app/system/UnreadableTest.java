package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** One stored row that cannot be read is shown as such; everybody and everything else goes on. */
class UnreadableTest extends PageTest {
    @Autowired
    private JdbcTemplate jdbc;

    private Woman woman;
    private String her;

    @BeforeEach
    void keepSomethingOfHers() throws Exception {
        woman = askedWoman("Unreadable");
        her = "/people/" + woman.id();
        send(post(her + "/checks/breath").param("formKey", key()).param("zone-BELLY", "FULL"));
        send(post(her + "/checks/gap")
                .param("formKey", key())
                .param("width-LIFT-NAVEL-0", "2.5")
                .param("depth-LIFT-NAVEL-0", "SURFACE")
                .param("firmness-LIFT-NAVEL-0", "2"));
        String session = send(post(her + "/sessions").param("formKey", key()).param("minutes", "10"))
                .getRedirectedUrl();
        send(post(session + "/responses")
                .param("formKey", key())
                .param("item", "0")
                .param("told", "DOMED"));
    }

    @AfterEach
    void healHer() {
        jdbc.update(
                "update woman set situation = 'PREGNANT', conditions = '', approach = '', conditions_since = '',"
                        + " cleared_for = '', equipment = '' where id = ?",
                woman.id());
        jdbc.update("update gap_reading set depth = 'SURFACE' where depth = 'PURPLE'");
        jdbc.update("update response set told = 'DOMED' where told = 'PURPLE'");
        jdbc.update("update safety_answer set symptoms = '' where symptoms = 'PURPLE'");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "update woman set situation = 'PURPLE' where id = ?",
                "update woman set conditions = '{\"version\":1,\"values\":[\"PURPLE\",\"ANAEMIA\"]}' where id = ?",
                "update woman set approach = 'PURPLE' where id = ?",
                "update woman set conditions_since = '{\"version\":1,\"days\":{\"ANAEMIA\":\"soon\"}}' where id = ?",
                "update woman set cleared_for = 'PURPLE' where id = ?",
                "update woman set equipment = '{\"version\":2,\"of\":[]}' where id = ?",
                "update safety_answer set symptoms = 'PURPLE' where woman_id = ?",
                "update gap_reading set depth = 'PURPLE' where check_id in (select id from gap_check where woman_id = ?)",
                "update response set told = 'PURPLE' where session_id in (select id from session where woman_id = ?)"
            })
    void isSaidOnTodayAndPeopleAndHurtsNobodyElse(String breaks) throws Exception {
        jdbc.update(breaks, woman.id());
        assertThat(page("/")).contains("Cannot be read", woman.name(), "Rhona Vale");
        assertThat(page("/people?q=" + woman.name().substring(woman.name().lastIndexOf(' ') + 1)))
                .contains(woman.name(), "this record cannot be read");
        assertThat(page("/people?q=rhona")).contains("Rhona Vale").doesNotContain("cannot be read");
        assertThat(send(get(her + "/exercise-check")).getContentAsString()).contains("cannot be read", "What to do");
        assertThat(send(get(her + "/exercise-check")).getStatus()).isEqualTo(422);
        assertThat(page(her + "/edit")).as("the intake can be put right").contains(woman.name());
        for (String any : java.util.List.of("/journey", "/checks", "/floor", "/approach", "/can", "/safe")) {
            assertThat(send(get(her + any)).getStatus()).as(any).isIn(200, 422);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "update sheet set found = '{\"zone' where woman_id = ?",
                "update sheet set kind = 'PURPLE' where woman_id = ?",
                "update session set plan = '{' where woman_id = ?",
                "update session set place = 'PURPLE' where woman_id = ?"
            })
    void oneSheetOrSessionTakesNothingElseWithIt(String breaks) throws Exception {
        jdbc.update(breaks, woman.id());
        for (String any : java.util.List.of("/journey", "/checks", "/exercise-check", "/session")) {
            assertThat(send(get(her + any)).getStatus()).as(any).isIn(200, 302);
        }
        assertThat(page("/")).doesNotContain("Cannot be read");
        if (breaks.contains("set plan") || breaks.contains("place")) {
            String kept = send(get(her + "/session")).getRedirectedUrl();
            assertThat(page(kept)).contains("This session cannot be read");
        } else if (breaks.contains("found")) {
            assertThat(page(her + "/checks")).contains("cannot be read: correct it or withdraw it");
        }
    }

    @Test
    void aWordThatIsUnknownIsPutRightByLookingThroughTheIntake() throws Exception {
        jdbc.update("update woman set conditions = 'PURPLE' where id = ?", woman.id());
        assertThat(send(set(intake(her, woman.name()), "version", "1").param("version", "1"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(send(get(her + "/exercise-check")).getStatus()).isEqualTo(200);
        assertThat(page(her + "/edit")).as("what was there before is shown").contains("Earlier values", "PURPLE");
    }

    @Test
    void ownMovesThatAreNoYamlHurtOnlyTheirPage() throws Exception {
        jdbc.update(
                "insert into studio_moves (studio_id, version, yaml) values (?, 1, '{ not: [yaml')",
                stranger().studioId());
        try {
            assertThat(as(stranger(), get("/moves")).getStatus()).isEqualTo(200);
            assertThat(as(stranger(), get("/moves/own")).getStatus()).isEqualTo(422);
        } finally {
            jdbc.update(
                    "delete from studio_moves where studio_id = ?", stranger().studioId());
        }
    }
}
