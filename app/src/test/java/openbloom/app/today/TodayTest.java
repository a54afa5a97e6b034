package openbloom.app.today;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Who is coming, whose check is due, who is stopped; visits noted and taken out. */
class TodayTest extends PageTest {
    @Autowired
    private JdbcTemplate jdbc;

    @Test
    void showsTheDayOfTheDemonstration() throws Exception {
        String today = page("/");
        assertThat(today).contains("Stopped until a clinician has seen her").contains("a fever of 38 °C or more");
        assertThat(today.indexOf("08:45")).isLessThan(today.indexOf("09:30")).isPositive();
        assertThat(today).contains("Gap check due").contains("today, none yet").contains("Changes this week");
        assertThat(today).contains("This supports an instructor's judgement").contains("It does not diagnose");
    }

    /** Sixteen are expected, eight more are stopped: a page shows some, and a list of its own every one. Not another studio's. */
    @Test
    void namesEveryStoppedWomanAndEveryVisitHoweverMany() throws Exception {
        String sela = "Aa Sela " + key();
        for (int i = 0; i < 8; i++) {
            Woman woman = askedWoman(sela + " " + i);
            MockHttpServletRequestBuilder asked =
                    rendered("/people/" + woman.id() + "/safe", "/people/" + woman.id() + "/safe");
            assertThat(send(asked.param("signs", "VAGINAL_BLEEDING").param("noSymptom", "yes"))
                            .getStatus())
                    .isEqualTo(302);
            for (String at : List.of("22:10", "22:20")) {
                MockHttpServletRequestBuilder visit =
                        rendered("/people/" + woman.id() + "/journey", "/people/" + woman.id() + "/visits");
                send(set(set(visit, "on", TODAY.toString()), "at", at));
            }
        }
        Document today = Jsoup.parse(page("/"));
        assertThat(today.select(".panel-stop a[href*=/safe]").size()).isBetween(6, 28);
        assertThat(today.select(".lanes li")).hasSize(14);
        String later = today.select("a:containsOwn(Later today)").attr("href");
        assertThat(Jsoup.parse(page(later)).select(".lanes li .lane-hour").eachText())
                .contains("22:20")
                .doesNotContain("08:45");
        String all = "/people?only=stopped";
        Document list = Jsoup.parse(page(all));
        assertThat(list.text()).contains("Stopped until a clinician has seen her");
        assertThat(list.select("tr .tag-stop")).hasSameSizeAs(list.select("tbody tr"));
        assertThat(list.select("tbody a").eachText().stream().filter(name -> name.startsWith(sela)))
                .hasSize(8);
        assertThat(as(stranger(), get(all)).getContentAsString()).contains("Nobody now.");
    }

    /** From the first minute of the day to its last. */
    @ParameterizedTest
    @CsvSource({"0, 00:00, true", "0, 23:59, true", "1, 00:00, false", "1, 09:00, false"})
    void todayEndsAtMidnight(int days, String at, boolean shown) throws Exception {
        String email = "tide" + key() + "@elsewhere.example";
        accounts.createStudio("Tide", "Europe/London", new NewAccount("Tide", email, "far-away-studio-1"));
        SignedIn tide = (SignedIn) accounts.loadUserByUsername(email);
        as(tide, intake("Coming"));
        Woman woman = people.page(tide, "Coming", 0).women().get(0);
        as(
                tide,
                post("/people/" + woman.id() + "/visits")
                        .param("formKey", key())
                        .param("on", TODAY.plusDays(days).toString())
                        .param("at", at));
        assertThat(Jsoup.parse(as(tide, get("/")).getContentAsString())
                        .select(".lanes li .lane-hour")
                        .eachText())
                .isEqualTo(shown ? List.of(at) : List.of());
    }

    @Test
    void expectsAWomanOnceAndTakesTheVisitOutAgain() throws Exception {
        Woman vera = newWoman("Vera Visit");
        String her = "/people/" + vera.id();
        String key = key();
        for (int i = 0; i < 2; i++) {
            send(post(her + "/visits")
                    .param("on", TODAY.toString())
                    .param("at", "05:10")
                    .param("formKey", key));
        }
        String journey = page(her + "/journey");
        assertThat(journey.split("1 Jul 2027, 05:10", -1)).hasSize(2);
        assertThat(page("/")).contains("Vera Visit").contains("05:10");
        String visit = journey.replaceAll("(?s).*/visits/(\\d+)/delete.*", "$1");
        send(post(her + "/visits/" + visit + "/delete"));
        assertThat(page(her + "/journey")).contains("None noted.");
    }

    @ParameterizedTest
    @CsvSource({
        "'', 10:00, Choose a day.",
        "2026-02-30, 10:00, Give a day such as",
        "2026-12-01, 25:00, Give a time such as",
        "2026-12-01, '', Give a time such as"
    })
    void tellsWhatIsWrongWithAVisitAndKeepsTheDay(String on, String at, String sentence) throws Exception {
        Woman rhona = people.page(ines, "rhona", 0).women().get(0);
        String her = "/people/" + rhona.id();
        String page = body(post(her + "/visits").param("on", on).param("at", at).param("formKey", key()));
        assertThat(page).contains(sentence).contains("value=\"" + at + "\"").contains("Visits ahead");
    }

    @Test
    void keepsAWomanPregnantPastFortyFiveWeeksUntilTheBirthIsRecorded() throws Exception {
        send(set(intake("Ludmila Late"), "lastPeriod", TODAY.minusWeeks(44).toString()));
        Woman late = people.page(ines, "ludmila", 0).women().get(0);
        assertThat(page("/people/" + late.id() + "/journey"))
                .contains("44 weeks + 0")
                .contains(">pregnant<");
        assertThat(late.dating().orElseThrow().dueDate()).isEqualTo(TODAY.minusWeeks(4));
    }

    /** What is done is seen as done: asked, built, taught, answered; each time the button leads to what comes next. */
    @Test
    void aVisitSaysHowFarItHasComeAndWhatComesNext() throws Exception {
        Woman woman = newWoman("Aa Step " + key());
        String her = "/people/" + woman.id();
        MockHttpServletRequestBuilder visit = rendered(her + "/journey", her + "/visits");
        send(set(set(visit, "on", TODAY.toString()), "at", "00:05"));
        assertThat(lane(woman).select(".lane-done")).isEmpty();
        assertThat(lane(woman).select(".lane-do a").attr("href")).isEqualTo(her + "/safe?then=plan");
        send(rendered(her + "/safe", her + "/safe").param("noSign", "yes").param("noSymptom", "yes"));
        assertThat(lane(woman).select(".lane-done").text()).isEqualTo("✓ screened");
        assertThat(lane(woman).select(".lane-do a").text()).isEqualTo("Build session");
        String session = send(post(her + "/sessions").param("formKey", key()).param("minutes", "20"))
                .getRedirectedUrl();
        assertThat(lane(woman).select(".lane-do a").attr("href")).isEqualTo(session + "/teach");
        long id = Long.parseLong(session.replaceAll(".*/", ""));
        jdbc.update("update session set taught_on = ? where id = ?", TODAY, id);
        assertThat(lane(woman).select(".lane-done").text()).isEqualTo("✓ done");
        assertThat(lane(woman).select(".lane-do a")).isEmpty();
        send(rendered(her + "/safe?again=1", her + "/safe")
                .param("signs", "CHEST_PAIN")
                .param("noSymptom", "yes"));
        assertThat(lane(woman).select(".lane-done").text())
                .as("a sign after the session")
                .isEqualTo("stopped");
        assertThat(lane(woman).select(".lane-do a").attr("href")).isEqualTo(her + "/safe");
        String unknown = "{\"version\":1,\"values\":[\"PURPLE_SPOTS\"]}";
        jdbc.update(
                "update safety_answer set warning_signs = ? where woman_id = ? and warning_signs <> ''",
                unknown,
                woman.id());
        assertThat(send(get("/")).getStatus()).as("one that cannot be read").isEqualTo(200);
        jdbc.update("delete from safety_answer where woman_id = ?", woman.id());
    }

    private Element lane(Woman woman) throws Exception {
        return Jsoup.parse(page("/")).select(".lanes li").stream()
                .filter(line -> line.select(".lane-who a").text().contains(woman.name()))
                .findFirst()
                .orElseThrow();
    }

    /** Seven days from today, day after day; two women of one name stay two; nobody of another studio. */
    @Test
    void theWeekTellsVisitsChecksAndWhoHasNotCome() throws Exception {
        String twins = "Aa Week " + key();
        for (int one = 0; one < 2; one++) {
            String her = "/people/" + newWoman(twins).id();
            for (int days : new int[] {2, 6, 7}) {
                MockHttpServletRequestBuilder visit = rendered(her + "/journey", her + "/visits");
                send(set(set(visit, "on", TODAY.plusDays(days).toString()), "at", "11:15"));
            }
        }
        Woman away = askedWoman("Aa Away " + key());
        String session = send(post("/people/" + away.id() + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "20"))
                .getRedirectedUrl();
        long id = Long.parseLong(session.replaceAll(".*/", ""));
        jdbc.update("update session set taught_on = ? where id = ?", TODAY.minusDays(20), id);
        assertThat(page("/week")).doesNotContain("last taught on 11 Jun 2027");
        jdbc.update("update session set taught_on = ? where id = ?", TODAY.minusDays(21), id);
        Document week = Jsoup.parse(page("/week"));
        assertThat(week.select(".week-day h2").eachText())
                .contains("Saturday 3 Jul 2027", "Wednesday 7 Jul 2027")
                .doesNotContain("Thursday 8 Jul 2027");
        Element saturday = week.select(".week-day:has(h2:containsOwn(3 Jul))").first();
        assertThat(saturday.select("li:contains(" + twins + ")").eachText())
                .hasSize(2)
                .allMatch(line -> line.contains("comes at 11:15"));
        assertThat(week.select("section:has(h2:containsOwn(three weeks)) li").eachText())
                .contains(away.name() + " last taught on 10 Jun 2027");
        assertThat(as(stranger(), get("/week")).getContentAsString()).doesNotContain("Aa Week", "Aa Away");
    }
}
