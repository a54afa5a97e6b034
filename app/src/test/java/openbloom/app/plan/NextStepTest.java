package openbloom.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import openbloom.app.PageTest;
import openbloom.app.people.NextSteps;
import openbloom.app.people.Woman;
import openbloom.app.system.StudioDay;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The order of a visit, one step at a time: ask, check, plan, compose, teach. */
class NextStepTest extends PageTest {
    @Autowired
    private NextSteps steps;

    @Autowired
    private StudioDay day;

    private String next(Woman woman) {
        return steps.of(woman, today()).map(NextSteps.Step::words).orElse("nothing");
    }

    private LocalDate today() {
        return day.today(ines);
    }

    private MockHttpServletRequestBuilder to(Woman woman, String path) {
        return post("/people/" + woman.id() + path).param("formKey", key());
    }

    @Test
    void leadsThroughAVisitAndForcesNothing() throws Exception {
        String name = "Step " + key();
        send(intake(name));
        Woman woman = people.search(ines, name).get(0);
        assertThat(next(woman)).isEqualTo("Ask: safe today?");
        assertThat(page("/people/" + woman.id() + "/journey")).contains("id=\"next-step\"", "/safe");
        send(to(woman, "/safe").param("noSign", "yes").param("noSymptom", "yes"));
        assertThat(next(woman)).isEqualTo("Gap check");
        assertThat(page("/people/" + woman.id() + "/plan")).contains("Next:", "/checks/gap");
    }

    /** From 28 weeks no gap check is due, so the plan is next. */
    @Test
    void asksForAPlanThenASessionThenToTeachIt() throws Exception {
        String name = "Late " + key();
        send(set(intake(name), "lastPeriod", today().minusWeeks(30).toString()));
        Woman woman = people.search(ines, name).get(0);
        send(to(woman, "/safe").param("noSign", "yes").param("noSymptom", "yes"));
        assertThat(next(woman)).isEqualTo("Make her plan");
        send(to(woman, "/program").param("visitsPerWeek", "2"));
        assertThat(next(woman)).isEqualTo("Compose today’s session");
        send(to(woman, "/sessions").param("minutes", "20"));
        assertThat(next(woman)).isEqualTo("Teach today’s session");
        String session = steps.of(woman, today()).orElseThrow().path().replace("/teach", "");
        send(post("/people/" + woman.id() + "/" + session + "/finish"));
        assertThat(next(woman)).isEqualTo("nothing");
    }
}
