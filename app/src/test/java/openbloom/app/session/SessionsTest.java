package openbloom.app.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.core.verdict.RuleBook;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A session from composing to its last response. */
class SessionsTest extends PageTest {
    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private Sessions sessions;

    private Woman woman;
    private String her;

    @BeforeEach
    void aWomanWhoIsSafeToday() throws Exception {
        woman = askedWoman("Sal");
        her = "/people/" + woman.id();
    }

    @Test
    void isKeptWithTheFactsAndTheRulesItWasMadeFrom() throws Exception {
        Sessions.ComposedFor planned = composed("20", "STUDIO");
        assertThat(planned.stored().made().rulesVersion()).isEqualTo(RuleBook.VERSION);
        JsonNode facts = new JsonMapper().readTree(planned.stored().made().facts());
        assertThat(facts.path("situation").path("dating").path("basis").asString())
                .isEqualTo("LAST_PERIOD");
        assertThat(facts.path("safety").path("symptoms").path("symptoms").isEmpty())
                .isTrue();
        assertThat(planned.plan().seconds())
                .as("within 5 %, or it says why")
                .satisfies(seconds -> assertThat(
                                seconds > 1140 || !planned.plan().note().isEmpty())
                        .isTrue())
                .isLessThanOrEqualTo(1260);
        assertThat(planned.stored().taughtOn()).isNull();
    }

    @Test
    void isKeptOnceHoweverOftenTheFormIsSent() throws Exception {
        String key = key();
        String first = send(compose("20", "HOME", key)).getRedirectedUrl();
        assertThat(send(compose("20", "HOME", key)).getRedirectedUrl()).isEqualTo(first);
        assertThat(sessions.of(woman.id())).hasSize(1);
    }

    @Test
    void keepsEachResponseOnceAndMovesHerLadderWhenItIsTaught() throws Exception {
        Sessions.ComposedFor planned = composed("30", "STUDIO");
        String session = her + "/sessions/" + planned.stored().id();
        String key = key();
        for (int i = 0; i < 2; i++) {
            assertThat(send(post(session + "/responses")
                                    .param("item", "0")
                                    .param("told", "DONE")
                                    .param("formKey", key))
                            .getStatus())
                    .isEqualTo(204);
        }
        send(post(session + "/responses")
                .param("item", "2")
                .param("told", "DONE")
                .param("formKey", key()));
        send(post(session + "/responses")
                .param("item", "2")
                .param("told", "LEAKED")
                .param("formKey", key()));
        assertThat(sessions.responsesIn(planned.stored().id())).hasSize(3);
        assertThat(page(her + "/exercise-check"))
                .as("a leak counts before the session is finished")
                .contains("leak with effort");

        assertThat(send(post(session + "/finish")).getRedirectedUrl()).endsWith("/response");
        assertThat(sessions.responsesOf(List.of(woman.id())).get(woman.id())).hasSize(3);
        assertThat(page(session)).contains("taught").contains("done, leaked");
        assertThat(page(her + "/exercise-check")).contains("leak with effort");
    }

    @ParameterizedTest
    @CsvSource({"-1, DONE", "999, DONE", "x, DONE", "0, PURPLE", "0, ''"})
    void refusesResponsesThatMakeNoSense(String item, String told) throws Exception {
        Sessions.ComposedFor planned = composed("10", "STUDIO");
        String session = her + "/sessions/" + planned.stored().id();
        assertThat(send(post(session + "/responses")
                                .param("item", item)
                                .param("told", told)
                                .param("formKey", key()))
                        .getStatus())
                .isEqualTo(422);
        assertThat(sessions.responsesIn(planned.stored().id())).isEmpty();
    }

    /** Comparing the sides makes two notes on one line: both are kept, however alike their rows are. */
    @Test
    void keepsTwoNotesOnOneLine() throws Exception {
        Sessions.ComposedFor planned = composed("20", "STUDIO");
        String session = her + "/sessions/" + planned.stored().id();
        for (String note : List.of("control: left better", "smoothness: alike")) {
            send(post(session + "/responses")
                    .param("item", "1")
                    .param("told", "NOTE")
                    .param("note", note)
                    .param("formKey", key()));
        }
        assertThat(sessions.responsesIn(planned.stored().id())).hasSize(2);
        assertThat(page(session)).contains("control: left better, smoothness: alike");
    }

    /** First a share of what she used before, then what she really lifted and how it went. */
    @Test
    void proposesALoadFromWhatSheUsed() throws Exception {
        for (String kind : List.of("USUAL", "PIN")) {
            MockHttpServletRequestBuilder form = rendered(her + "/wanted", "/wanted");
            set(set(form, "move", "goblet-squat"), "kind", kind);
            send(set(form, "kilograms", kind.equals("USUAL") ? "20" : ""));
        }
        Sessions.ComposedFor planned = composed("30", "STUDIO");
        String session = her + "/sessions/" + planned.stored().id();
        int item = planned.plan().items().stream()
                .map(SessionLine::moveId)
                .toList()
                .indexOf("goblet-squat");
        assertThat(item).as("pinned").isNotNegative();
        assertThat(page(session)).contains("<strong>16.0 kg</strong>", "to begin with 80 % of the 20.0 kg of before");
        MockHttpServletRequestBuilder done = post(session + "/responses")
                .param("item", Integer.toString(item))
                .param("told", "DONE")
                .param("counted", "16");
        assertThat(send(done.param("kilograms", "a lot").param("formKey", key()))
                        .getStatus())
                .isEqualTo(422);
        send(post(session + "/responses")
                .param("item", Integer.toString(item))
                .param("told", "DONE")
                .param("counted", "16")
                .param("kilograms", "12,5")
                .param("formKey", key()));
        assertThat(page(session)).contains("done, 12.5 kg");
        jdbc.update(
                "update response set noted_on = dateadd(day, -3, noted_on) where session_id = ?",
                Long.valueOf(session.replaceAll(".*/", "")));
        String next = her + "/sessions/" + composed("30", "STUDIO").stored().id();
        assertThat(page(next))
                .contains(
                        "<strong>12.5 kg</strong>", "last 12.5 kg on", "63 % of before", "it was just right last time");
    }

    /** A year later: the rules that spoke, their facts and the rule set as they were, whatever is known of her by then. */
    @Test
    void canBeAskedLaterWhyEachMoveWasGiven() throws Exception {
        Sessions.ComposedFor planned = composed("30", "STUDIO");
        String shown = her + "/sessions/" + planned.stored().id();
        SessionDocument.LineReason because = planned.plan().items().stream()
                .flatMap(item -> item.reasons().stream())
                .findFirst()
                .orElseThrow();
        Document reasons = Jsoup.parse(page(shown));
        assertThat(reasons.select(".because.screen-only").text()).contains(because.instructor(), because.fact());
        assertThat(reasons.select(".because a.why").eachAttr("href")).contains("/reasons#" + because.code());
        assertThat(reasons.text()).contains("rule set " + RuleBook.VERSION);
        jdbc.update("update woman set situation = 'NEITHER' where id = ?", woman.id());
        jdbc.update(
                "update session set rules_version = '2020-01a' where id = ?",
                planned.stored().id());
        assertThat(Jsoup.parse(page(shown)).text()).contains(because.instructor(), because.fact(), "rule set 2020-01a");
        String before = jdbc.queryForObject(
                "select plan from session where id = ?",
                String.class,
                planned.stored().id());
        String older = before.replaceAll("\"because\":\\[.*?\\],\"detail\":\\{.*?\\}(?=\\})", "\"because\":null");
        assertThat(older).doesNotContain("PREG-").doesNotContain("\"detail\"");
        jdbc.update(
                "update session set plan = ? where id = ?",
                older,
                planned.stored().id());
        assertThat(page(shown)).as("kept before reasons were").doesNotContain(because.code(), "cannot be read");
    }

    @Test
    void remembersHerLastThreeSessionsForVariety() throws Exception {
        for (int i = 0; i < 4; i++) {
            composed("15", "STUDIO");
        }
        List<List<String>> recent = sessions.history(woman.id()).recent();
        assertThat(recent)
                .hasSize(3)
                .allSatisfy(moves -> assertThat(moves).isNotEmpty().doesNotHaveDuplicates());
        assertThat(recent.get(0)).isNotEqualTo(recent.get(1));
    }

    @Test
    void atHomeUsesOnlyWhatSheHas() throws Exception {
        Sessions.ComposedFor home = composed("30", "HOME");
        assertThat(home.plan().items())
                .filteredOn(item -> item.judged().adjustments().contains("use what is at hand"))
                .extracting(SessionLine::name)
                .isNotNull();
        assertThat(page(her + "/sessions/" + home.stored().id())).contains("home, 30 minutes");
        assertThat(page(her + "/session".concat("s/") + home.stored().id() + "/teach"))
                .contains("data-name");
    }

    /** Shares that are typed divide the session, stand over its ribbon with their minutes, and come back where they make no sense. */
    @Test
    void dividesItAsSomebodyWantsItDivided() throws Exception {
        assertThat(page(her + "/exercise-check")).contains("How much of the work for each goal, %", "name=\"shares\"");
        String divided =
                send(compose("45", "STUDIO", key()).param("shares", "20", "60")).getRedirectedUrl();
        assertThat(page(divided)).contains("(20 % of the work)", "(60 % of the work)", "arriving ");
        String usual =
                send(compose("45", "STUDIO", key()).param("shares", "", "")).getRedirectedUrl();
        assertThat(page(usual)).doesNotContain("(20 % of the work)");
        assertThat(body(compose("45", "STUDIO", key()).param("shares", "5", "60")))
                .contains("problem-shares[0]", "value=\"5\"", "value=\"60\"");
        assertThat(body(compose("45", "STUDIO", key()).param("shares", "", "60")))
                .contains("The goals before it need a share first.");
        assertThat(body(compose("45", "STUDIO", key()).param("shares", "50", "50")))
                .contains("90 per cent together at most");
    }

    private Sessions.ComposedFor composed(String minutes, String place) throws Exception {
        String address = send(compose(minutes, place, key())).getRedirectedUrl();
        long id = Long.parseLong(address.substring(address.lastIndexOf('/') + 1));
        return sessions.find(woman, id).orElseThrow();
    }

    private org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder compose(
            String minutes, String place, String key) {
        return post(her + "/sessions")
                .param("minutes", minutes)
                .param("place", place)
                .param("formKey", key);
    }

    @Test
    void aLowDayOffersAGentlerSession() throws Exception {
        assertThat(page(her + "/exercise-check")).doesNotContain("name=\"gentle\"");
        send(post(her + "/safe").param("formKey", key()).param("noSign", "yes").param("symptoms", "VERY_TIRED"));
        assertThat(page(her + "/exercise-check")).contains("name=\"gentle\"");
        String kept = send(post(her + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "20")
                        .param("gentle", "true"))
                .getRedirectedUrl();
        assertThat(page(kept)).contains("20 minutes");
    }
}
