package openbloom.app.record;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.stream.Stream;
import openbloom.app.PageTest;
import openbloom.app.people.NextSteps;
import openbloom.app.people.Woman;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The order of a visit, one step at a time: ask, check, plan, compose, teach. */
class NextStepTest extends PageTest {
    @Autowired
    private NextSteps steps;

    private String next(Woman woman) {
        return words(woman).findFirst().orElse("nothing");
    }

    private Stream<String> words(Woman woman) {
        return steps.of(woman, TODAY).stream().map(NextSteps.NextStep::words);
    }

    private MockHttpServletRequestBuilder to(Woman woman, String path) {
        return post("/people/" + woman.id() + path).param("formKey", key());
    }

    @Test
    void leadsThroughAVisitAndForcesNothing() throws Exception {
        String name = "Step " + key();
        send(intake(name));
        Woman woman = people.page(ines, name, 0).women().get(0);
        assertThat(next(woman)).isEqualTo("Safety check");
        assertThat(page("/people/" + woman.id() + "/journey")).contains("id=\"next-step\"", "/safe");
        send(to(woman, "/safe").param("noSign", "yes").param("noSymptom", "yes"));
        assertThat(words(woman))
                .containsExactly(
                        "Gap check",
                        "Opening check",
                        "Breath",
                        "Connect",
                        "Pelvic floor",
                        "Make her programme",
                        "Build today’s session");
        assertThat(page("/people/" + woman.id() + "/exercise-check")).contains("Next:", "/checks/gap");
        assertThat(page("/people/" + woman.id() + "/checks/gap"))
                .as("a page does not send her to itself")
                .contains("id=\"next-step\" href=\"/people/" + woman.id() + "/checks/opening\"");
    }

    /** From 28 weeks no gap check is due; what a first visit looks at may be passed over. */
    @Test
    void asksForAPlanThenASessionThenToTeachIt() throws Exception {
        String name = "Late " + key();
        send(set(intake(name), "lastPeriod", TODAY.minusWeeks(30).toString()));
        Woman woman = people.page(ines, name, 0).women().get(0);
        send(to(woman, "/safe").param("noSign", "yes").param("noSymptom", "yes"));
        assertThat(words(woman)).doesNotContain("Gap check").contains("Make her programme");
        send(to(woman, "/program").param("visitsPerWeek", "2"));
        assertThat(words(woman)).doesNotContain("Make her programme").endsWith("Build today’s session");
        send(to(woman, "/sessions").param("minutes", "20"));
        assertThat(words(woman)).endsWith("Teach today’s session");
        List<NextSteps.NextStep> left = steps.of(woman, TODAY);
        String session = left.get(left.size() - 1).path().replace("/teach", "");
        send(post("/people/" + woman.id() + "/" + session + "/finish"));
        assertThat(next(woman)).isEqualTo("Book her next visit");
        send(to(woman, "/visits").param("on", TODAY.toString()).param("at", "23:30"));
        assertThat(next(woman)).as("today's visit is not the next one").isEqualTo("Book her next visit");
        send(to(woman, "/visits").param("on", TODAY.plusDays(3).toString()).param("at", "10:00"));
        assertThat(next(woman)).isEqualTo("nothing");
    }
}
