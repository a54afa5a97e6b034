package openbloom.app.program;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.system.RenderedForm;
import openbloom.core.Days;
import openbloom.core.session.Wishes;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** Her program: made once a form, every version kept, nothing of it for another studio. */
class ProgramPagesTest extends PageTest {
    @Autowired
    private Programs programs;

    @Autowired
    private JdbcTemplate tables;

    private static MockHttpServletRequestBuilder blank(Woman woman) {
        return post("/people/" + woman.id() + "/program").param("formKey", key());
    }

    /** The form as the page renders it, with what is typed over it. */
    private MockHttpServletRequestBuilder form(Woman woman, String key) throws Exception {
        MockHttpServletRequestBuilder form = rendered("/people/" + woman.id() + "/program", "/program");
        Map<String, String> typed = Map.of(
                "formKey", key,
                "aim1", "SUPPORT_MIDLINE",
                "aim2", "KEEP_ACTIVE",
                "aim3", "",
                "wish", "LIFT",
                "visitsPerWeek", "2",
                "homeDays", "MONDAY",
                "homeMinutes", "10");
        typed.forEach((field, value) -> set(form, field, value));
        return form.with(request -> {
            request.removeParameter("visitOn");
            request.removeParameter("visitMinutes");
            return request;
        });
    }

    private static RequestPostProcessor typed(String field, String... values) {
        return request -> {
            request.setParameter(field, values);
            return request;
        };
    }

    /** Moving a day as the page sends it. */
    private MockHttpServletRequestBuilder move(Woman woman, LocalDate from, String to, String what) throws Exception {
        MockHttpServletRequestBuilder form = rendered("/people/" + woman.id() + "/program", "/program/session");
        set(form, "from", from.toString());
        set(form, "to", to);
        return what.isEmpty() ? form : set(form, "what", what);
    }

    private String program(Woman woman) throws Exception {
        return page("/people/" + woman.id() + "/program");
    }

    @Test
    void suggestsAimsAndPlansTheWeeksFromThem() throws Exception {
        Woman woman = askedWoman("Weeks");
        assertThat(program(woman)).contains("No programme yet", "support the midline (pregnant)");
        send(form(woman, key()));
        assertThat(program(woman))
                .contains(
                        "support the midline",
                        "her wish",
                        "<strong>45 min</strong> <span>studio</span>",
                        "<strong>10 min</strong> <span>home</span>",
                        "filled: done",
                        "ladder-beads");
        assertThat(programs.of(woman.id())).hasSize(1);
    }

    @Test
    void keepsEveryVersionAndTheSameFormOnce() throws Exception {
        Woman woman = askedWoman("Versions");
        String key = key();
        MockHttpServletRequestBuilder first = form(woman, key);
        send(first);
        send(first);
        assertThat(programs.of(woman.id())).hasSize(1);
        send(form(woman, key()));
        assertThat(programs.of(woman.id())).hasSize(2);
        assertThat(program(woman)).contains("Earlier:");
    }

    @Test
    void refusesWhatMakesNoSenseBesideItsFieldAndKeepsWhatWasTyped() throws Exception {
        Woman woman = askedWoman("Refused");
        MockHttpServletResponse answer = as(
                ines,
                blank(woman)
                        .param("aim1", "FLY")
                        .param("visitsPerWeek", "9")
                        .param("homeDays", "MONDAY")
                        .param("homeMinutes", "500"));
        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentAsString())
                .contains("problem-aim1", "problem-visitsPerWeek", "problem-homeMinutes")
                .contains("value=\"9\"", "value=\"500\"");
        MockHttpServletResponse noMinutes =
                as(ines, blank(woman).param("visitsPerWeek", "1").param("homeDays", "MONDAY"));
        assertThat(noMinutes.getContentAsString()).contains("Say how many minutes she has on a day at home");
        assertThat(programs.of(woman.id())).isEmpty();
    }

    /** Booked visits count instead of so many a week; one outside the block, or two on a day, is refused beside its field. */
    @Test
    void plansOnBookedVisitsAndRefusesThoseItCannotPlanFor() throws Exception {
        Woman woman = askedWoman("Booked");
        LocalDate soon = TODAY.plusDays(3);
        send(form(woman, key()).with(typed("visitOn", soon.toString())).with(typed("visitMinutes", "50")));
        assertThat(program(woman))
                .contains("<strong>50 min</strong> <span>studio</span>", "value=\"" + soon + "\"")
                .doesNotContain("<strong>45 min</strong> <span>studio</span>");
        String far = soon.plusDays(100).toString();
        assertThat(as(ines, form(woman, key()).with(typed("visitOn", far))).getContentAsString())
                .contains("problem-visitOn", "lies outside this block", far);
        assertThat(as(ines, form(woman, key()).with(typed("visitOn", soon.toString(), soon.toString())))
                        .getContentAsString())
                .contains("Two visits are booked on one day");
        assertThat(as(
                                ines,
                                form(woman, key())
                                        .with(typed("visitOn", soon.toString()))
                                        .with(typed("visitMinutes", "600")))
                        .getContentAsString())
                .contains("problem-visitOn");
        assertThat(as(ines, blank(woman).param("visitsPerWeek", "0").param("homeMinutes", "0"))
                        .getContentAsString())
                .contains("She comes on no day");
        assertThat(programs.of(woman.id())).hasSize(1);
    }

    /** What she walks now is where her weeks begin, and stands in the form when the plan is made again. */
    @Test
    void beginsWithWhatSheWalksNow() throws Exception {
        Woman woman = askedWoman("Walks");
        send(form(woman, key()).with(typed("walksNow", "55")));
        assertThat(program(woman)).contains("55 min this week", "name=\"walksNow\"", "value=\"55\"");
        assertThat(as(ines, form(woman, key()).with(typed("walksNow", "2000"))).getContentAsString())
                .contains("problem-walksNow", "value=\"2000\"");
    }

    @Test
    void saysWhatChangedSinceAndChangesNothingByItself() throws Exception {
        Woman woman = askedWoman("Since");
        send(form(woman, key()));
        assertThat(program(woman)).doesNotContain("Since it was made");
        send(post("/people/" + woman.id() + "/safe")
                .param("formKey", key())
                .param("noSign", "yes")
                .param("symptoms", "LEAK_WITH_EFFORT"));
        assertThat(program(woman)).contains("Since it was made", "Another aim suggests itself: stop leaking");
        assertThat(programs.of(woman.id())).hasSize(1);
    }

    @Test
    void aProgramThatCannotBeReadHurtsNothingElse() throws Exception {
        Woman woman = askedWoman("Unreadable");
        send(form(woman, key()));
        tables.update(
                "update program set document = '{broken', aims = 'FLY SUPPORT_MIDLINE' where woman_id = ?", woman.id());
        assertThat(program(woman)).contains("The last programme was kept in a way this version does not");
        assertThat(page("/people/" + woman.id() + "/exercise-check")).contains("Exercise check", " Go, ", " Not yet");
        send(form(woman, key()));
        assertThat(program(woman)).contains("<strong>45 min</strong> <span>studio</span>");
    }

    @Test
    void composesWhatTheDayWants() throws Exception {
        Woman woman = askedWoman("Today");
        send(form(woman, key()));
        LocalDate made = programs.of(woman.id()).get(0).row().madeOn();
        Wishes planned = programs.wishesOn(woman, made);
        Wishes between = programs.wishesOn(woman, made.minusDays(1));
        assertThat(planned.aims()).isNotEmpty().isEqualTo(between.aims());
        assertThat(planned.due()).as("what the block plans for the day").isNotEmpty();
        assertThat(between.due())
                .as("everything wanted where it plans nothing")
                .isEqualTo(between.aims().keySet());
    }

    @Test
    void tellsTodayWhatIsPlannedForWhoIsComing() throws Exception {
        Woman woman = askedWoman("Coming");
        send(form(woman, key()));
        LocalDate made = programs.of(woman.id()).get(0).row().madeOn();
        assertThat(programs.plannedOn(List.of(woman.id()), made).get(woman.id()).minutes())
                .isEqualTo(45);
        assertThat(programs.plannedOn(List.of(), made)).isEmpty();
        assertThat(page("/")).contains("planned: 45 min, studio");
    }

    @Test
    void isNothingForAnotherStudio() throws Exception {
        Woman woman = askedWoman("Closed");
        send(form(woman, key()));
        isNothingForAStranger("/people/" + woman.id() + "/program");
        assertThat(programs.of(woman.id())).hasSize(1);
    }

    /** A day is moved or left out in a version of its own; outside the block or on a taken day it is refused. */
    @Test
    void movesASessionAndLeavesOneOut() throws Exception {
        Woman woman = askedWoman("Moves");
        send(form(woman, key()));
        ProgramDocument block = programs.of(woman.id()).get(0).document().orElseThrow();
        List<ProgramDocument.SessionTold> planned = block.weeks().get(0).sessions();
        LocalDate first = planned.get(0).date();
        LocalDate taken = planned.get(1).date();
        LocalDate free = first.plusDays(1).equals(taken) ? first.plusDays(2) : first.plusDays(1);
        String her = "/people/" + woman.id() + "/program/session";
        assertThat(body(move(woman, first, taken.toString(), "")))
                .contains("Something is planned for that day already");
        assertThat(body(move(woman, first, block.to().plusDays(1).toString(), "")))
                .contains("choose a day inside it");
        assertThat(body(set(move(woman, first, free.toString(), ""), "from", "soon")))
                .contains("Give a day such as");
        send(move(woman, first, free.toString(), ""));
        assertThat(programs.latest(woman.id()).orElseThrow().on(free)).isPresent();
        assertThat(programs.latest(woman.id()).orElseThrow().on(first)).isEmpty();
        send(move(woman, free, "", "leave-out"));
        assertThat(programs.latest(woman.id()).orElseThrow().on(free)).isEmpty();
        assertThat(programs.of(woman.id())).as("every version stays").hasSize(3);
        assertThat(page("/people/" + woman.id() + "/journey")).contains("Planned to");
        isNothingForAStranger(her);
    }

    /** A step of a way comes later, is ticked, left out or put back; sooner than it opens it never comes. */
    @Test
    void changesAStepOfAWayAndNeverOpensItSooner() throws Exception {
        Woman woman = askedWoman("Ways");
        String her = "/people/" + woman.id() + "/program/step";
        LocalDate opens = TODAY.plusWeeks(14);
        assertThat(program(woman)).contains("Ready for birth", Days.words(opens));
        MockHttpServletRequestBuilder sooner = step(her, "massage", "MOVED")
                .param("to", opens.minusDays(2).toString())
                .param("note", "she asks");
        assertThat(body(sooner))
                .contains("This step opens on " + Days.words(opens) + " at the earliest")
                .contains("value=\"she asks\"");
        assertThat(body(step(her, "massage", "MOVED"))).contains("id=\"problem-stepTo\"");
        assertThat(body(step(her, "no-such-step", "DONE"))).contains("That step is not on her way any more");
        LocalDate later = opens.plusDays(9);
        send(step(her, "massage", "MOVED").param("to", later.toString()).param("note", "after the holiday"));
        assertThat(program(woman)).contains(Days.words(later), "after the holiday");
        assertThat(program(askedWoman("Other ways")))
                .as("another woman's way is as planned")
                .contains("Ready for birth", Days.words(opens))
                .doesNotContain("after the holiday");
        send(step(her, "letting-go", "LEFT_OUT"));
        assertThat(program(woman)).contains("left out");
        send(step(her, "letting-go", "AS_PLANNED"));
        assertThat(program(woman)).doesNotContain(">left out</span>");
        tables.update("update path_edit set kind = 'A_WORD_OF_OLD' where woman_id = ?", woman.id());
        assertThat(program(woman)).as("a word of old hurts nothing").contains("Ready for birth");
        isNothingForAStranger(her);
    }

    private static MockHttpServletRequestBuilder step(String address, String step, String kind) {
        return post(address).param("path", "birth").param("step", step).param("kind", kind);
    }

    /** Two windows: the second is refused, told who was faster, keeps what was typed, and may send it again. */
    @Test
    void whatTwoPeopleChangeAtOnceIsToldToTheSecond() throws Exception {
        Woman woman = askedWoman("Two");
        MockHttpServletRequestBuilder lotte = set(form(woman, key()), "aim1", "EASE_BACK");
        MockHttpServletRequestBuilder ines = form(woman, key());
        send(lotte);
        String refused = body(ines);
        assertThat(refused).contains("Ines changed this after the page was opened", "ease the back", "value=\"2\"");
        assertThat(programs.of(woman.id())).hasSize(1);
        RenderedForm again = RenderedForm.to("/program", refused, "/people/" + woman.id() + "/program");
        assertThat(again.fields()).containsEntry("aim1", List.of("SUPPORT_MIDLINE"));
        MockHttpServletRequestBuilder sent = post(again.action());
        again.fields().forEach((name, values) -> sent.param(name, values.toArray(String[]::new)));
        send(sent);
        assertThat(programs.of(woman.id())).hasSize(2);
    }
}
