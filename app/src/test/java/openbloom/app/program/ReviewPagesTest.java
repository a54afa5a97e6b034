package openbloom.app.program;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Set;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.core.program.Rhythm;
import openbloom.core.record.Goal;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The review of a block: computed from the record, every proposal accepted or overruled with a reason, kept as it was. */
class ReviewPagesTest extends PageTest {
    @Autowired
    private Reviews reviews;

    @Autowired
    private Programs programs;

    private Woman demoWoman(String name) {
        return people.page(ines, name, 0).women().get(0);
    }

    @Test
    void tellsWhatChangedAndKeepsWhatWasDecided() throws Exception {
        Woman woman = demoWoman("Rhona");
        String her = "/people/" + woman.id() + "/review";
        assertThat(page(her)).contains("Average of 3 sites", "make the next block from today", "Aims");
        MockHttpServletRequestBuilder without = set(rendered(her, "/review"), "do-0", "overrule");
        assertThat(body(without)).contains("problem-because-0");
        MockHttpServletRequestBuilder other = set(rendered(her, "/review"), "because-0", "another window");
        MockHttpServletRequestBuilder why = set(rendered(her, "/review"), "do-0", "overrule");
        send(set(why, "because-0", "she moves house"));
        assertThat(page(her)).contains("Earlier reviews", "overruled, she moves house");
        assertThat(body(other))
                .as("another window was slower, and loses nothing")
                .contains("Ines changed this after the page was opened", "value=\"another window\"");
        assertThat(send(set(rendered(her, "/review"), "because-0", "")).getStatus())
                .as("who has seen what was kept since keeps the next one")
                .isEqualTo(302);
        assertThat(body(set(rendered(her, "/review"), "what-0", "something else")))
                .contains("has changed since this page was opened");
        isNothingForAStranger(her);
    }

    @Test
    void theLatestOfEarlierReviewsComesFirst() throws Exception {
        String her = "/people/" + askedWoman("Twice").id() + "/review";
        for (String why : List.of("said first", "said last")) {
            send(set(set(rendered(her, "/review"), "do-0", "overrule"), "because-0", why));
        }
        assertThat(page(her)).containsSubsequence("Earlier reviews", "said last", "said first");
    }

    /** Nobody accepts what she was not shown. */
    @Test
    void aReviewSentEmptyAcceptsNothing() throws Exception {
        Woman woman = demoWoman("Maren");
        int before = reviews.keptOf(woman.id()).size();
        assertThat(body(post("/people/" + woman.id() + "/review").param("formKey", key())))
                .contains("Nothing that was proposed was sent along");
        assertThat(reviews.keptOf(woman.id())).hasSize(before);
    }

    @Test
    void saysWhatItNeedsWhereNothingWasMeasuredTwice() throws Exception {
        assertThat(page("/people/" + askedWoman("New").id() + "/review"))
                .contains(
                        "Nothing was measured twice yet", "make her first block from today", "she has no programme yet")
                .doesNotContain("days since this one began");
    }

    @Test
    void aBlockOfYesterdayIsADayOld() throws Exception {
        Woman woman = askedWoman("Yesterday");
        Rhythm rhythm = new Rhythm(1, Set.of(TODAY.getDayOfWeek()), 10, List.of());
        programs.make(ines, woman, TODAY.minusDays(1), List.of(Goal.KEEP_ACTIVE), rhythm, key());
        assertThat(page("/people/" + woman.id() + "/review")).contains("because 1 day since this one began");
    }

    /** What lies ahead was not missed: of four weeks only what was planned up to today. */
    @Test
    void countsWhatWasPlannedUpToToday() throws Exception {
        Woman woman = askedWoman("Planned");
        Rhythm rhythm = new Rhythm(
                1, Set.of(TODAY.getDayOfWeek()), 10, List.of(new Rhythm.PlannedVisit(TODAY.minusDays(6), 45)));
        programs.make(ines, woman, TODAY.minusDays(7), List.of(Goal.KEEP_ACTIVE), rhythm, key());
        assertThat(reviews.of(woman, TODAY).measures())
                .filteredOn(measure -> measure.what().equals("Sessions"))
                .singleElement()
                .satisfies(measure -> {
                    assertThat(measure.before()).isEqualTo("3 planned");
                    assertThat(measure.after()).isEqualTo("0 done");
                    assertThat(measure.sum()).isEqualTo("0 of 65 minutes");
                });
    }

    private MockHttpServletResponse api(String body) throws Exception {
        return send(post("/api/v1/review").contentType("application/json").content(body));
    }

    private static String side(String day, String more) {
        return "{\"onDate\":\"" + day + "\",\"client\":{\"births\":1,\"babies\":1,\"ageYears\":33,"
                + "\"birth\":{\"date\":\"2026-03-01\",\"kind\":\"VAGINAL\",\"tearDegree\":0,\"woundClosed\":true}"
                + more
                + "}}";
    }

    private static String navel(String day, String fingers) {
        return ",\"gap\":{\"date\":\"" + day
                + "\",\"readings\":[{\"site\":\"NAVEL\",\"state\":\"LIFT\",\"widthFingers\":" + fingers
                + ",\"depth\":\"SURFACE\",\"firmness\":2}]}";
    }

    /** Worked by hand: 3 − 1.5 fingers is more than one finger; leaking told at both ends of 13 weeks is unchanged. */
    @Test
    void otherProgramsAreToldTheSame() throws Exception {
        String before = side("2026-08-01", navel("2026-08-01", "3") + ",\"symptoms\":[\"LEAK_WITH_EFFORT\"]");
        String after = side("2026-11-01", navel("2026-11-01", "1.5") + ",\"symptoms\":[\"LEAK_WITH_EFFORT\"]");
        String answers = ",\"answers\":[{\"date\":\"2026-10-30\",\"symptoms\":[\"LEAK_WITH_EFFORT\"]}]";
        String told = api("{\"before\":" + before + ",\"after\":" + after + ",\"aims\":[\"STOP_LEAKING\"]" + answers
                        + "}")
                .getContentAsString();
        assertThat(told)
                .contains(
                        "\"what\":\"Gap at the navel\"",
                        "\"verdict\":\"REAL_CHANGE\"",
                        "1½ fingers narrower: 1.5 less half a step (0.25) is more than 1 finger")
                .contains("\"aim\":\"STOP_LEAKING\",\"state\":\"NO_CHANGE_SINCE\"")
                .contains("leaking unchanged after 12 weeks of training", "E-NICE");
        String free = "{\"before\":" + before + ",\"after\":" + after.replace("LEAK_WITH_EFFORT", "BACK_PAIN")
                + ",\"aims\":[\"STOP_LEAKING\"],\"answers\":[{\"date\":\"2026-10-31\",\"symptoms\":[]},"
                + "{\"date\":\"2026-10-24\",\"symptoms\":[]},{\"date\":\"2026-10-17\",\"symptoms\":[]},"
                + "{\"date\":\"2026-10-10\",\"symptoms\":[]}]}";
        assertThat(api(free).getContentAsString())
                .contains(
                        "\"aim\":\"STOP_LEAKING\",\"state\":\"REACHED\",\"why\":\"asked and none in each of 4 weeks\"");
        String oneMissing = free.replace("{\"date\":\"2026-10-17\",\"symptoms\":[]},", "");
        assertThat(api(oneMissing).getContentAsString()).contains("\"state\":\"ON_THE_WAY\"");
    }

    @Test
    void refusesWhatMakesNoSense() throws Exception {
        MockHttpServletResponse turned =
                api("{\"before\":" + side("2026-11-01", "") + ",\"after\":" + side("2026-08-01", "") + "}");
        assertThat(turned.getStatus()).isEqualTo(422);
        assertThat(turned.getContentAsString()).contains("after.onDate");
        assertThat(api("{}").getContentAsString()).contains("\"before\"", "\"after\"");
    }
}
