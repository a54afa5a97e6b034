package openbloom.app.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.Objects;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.json.JsonMapper;

/** Cards that explain, the gym table and the posture look, as pages. */
class ExplainedPagesTest extends PageTest {
    @Test
    void showsTenCardsEachWithItsMovingView() throws Exception {
        Document page = Jsoup.parse(page("/explained"));
        assertThat(page.select("section.explained")).hasSize(10);
        for (var card : page.select("section.explained .moving")) {
            MockHttpServletResponse frames =
                    mvc.perform(get(card.attr("data-frames"))).andReturn().getResponse();
            var steps = new JsonMapper().readTree(frames.getContentAsString());
            assertThat(steps).hasSize(24);
            assertThat(steps.get(0)).isNotEqualTo(steps.get(23));
        }
        assertThat(mvc.perform(get("/explained/no-such/picture.svg"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }

    @Test
    void leadsFromAMoveToWhatExplainsIt() throws Exception {
        assertThat(Jsoup.parse(page("/moves/curl-up"))
                        .select("a[href=/explained#curling]")
                        .text())
                .startsWith("Explained for her: Why curling up");
        assertThat(Jsoup.parse(page("/moves/flick-before-cough")).select("a[href=/explained#leaking]"))
                .hasSize(1);
    }

    @Test
    void putsTheGymOnOnePageByStageAndForHer() throws Exception {
        Document byStage = Jsoup.parse(page("/moves/gym"));
        assertThat(byStage.select("thead th[scope=col]").eachText())
                .containsExactly(
                        "Movement",
                        "First trimester",
                        "Second trimester",
                        "Third trimester",
                        "After a birth, 6 to 12 weeks",
                        "12 to 26 weeks",
                        "from 26 weeks");
        assertThat(byStage.select("tbody tr")).hasSizeGreaterThan(20);
        Woman woman = askedWoman("Lifter");
        Document hers = Jsoup.parse(page("/people/" + woman.id() + "/gym"));
        assertThat(hers.select("h1").text()).isEqualTo("Gym table for " + woman.name());
        assertThat(hers.select("tbody tr th").eachText()).contains("Burpee");
        isNothingForAStranger("/people/" + woman.id() + "/gym");
    }

    /** What is seen changes her next session and is said beside the exercise. */
    @Test
    void takesALookAtPostureIntoTheNextSession() throws Exception {
        Woman woman = askedWoman("Upright");
        String sheet = "/people/" + woman.id() + "/checks/posture";
        var form = set(set(rendered(sheet, "/posture"), "place-LOW_BACK", "STIFF_LOW_BACK"), "place-EAR", "FINE");
        assertThat(send(form).getStatus()).isEqualTo(302);
        assertThat(page("/people/" + woman.id() + "/checks")).contains("low back stiff when she bends");
        String program = "/people/" + woman.id() + "/program";
        assertThat(send(rendered(program, "/program")).getStatus()).isEqualTo(302);
        String session =
                Objects.requireNonNull(send(rendered(program, "/sessions")).getRedirectedUrl());
        assertThat(page(session)).contains("Posture: low back stiff");
        assertThat(body(set(rendered(sheet, "/posture"), "place-EAR", "NO_SUCH")))
                .contains("problem-place-EAR");
        assertThat(send(rendered(sheet, "/posture")).getStatus()).isEqualTo(422);
    }
}
