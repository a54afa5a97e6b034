package openbloom.app.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import openbloom.app.PageTest;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;

/** Pictures of moves: by week, by side, kept by the browser, and never a fault for a bad address. */
class FigurePagesTest extends PageTest {
    @Test
    void drawsAMoveInHerWeekAndOnHerSide() throws Exception {
        String plain = svg("/moves/one-foot-float/figure.svg");
        String late = svg("/moves/one-foot-float/figure.svg?week=34");
        String left = svg("/moves/one-foot-float/figure.svg?side=left");
        assertThat(late).isNotEqualTo(plain);
        assertThat(left).contains("scale(-1 1)");
        assertThat(plain).contains("<title>One foot float</title>").contains("knees bent");
    }

    /** As her rules change it: propped from 20 weeks, with the set-up in words; the API takes what verdicts answer. */
    @Test
    void drawsTheVersionHerRulesLeadTo() throws Exception {
        String plain = inner(svg("/moves/one-foot-float/figure.svg"));
        String propped = svg("/moves/one-foot-float/figure.svg?version=PROP_UP");
        assertThat(inner(propped)).isNotEqualTo(plain);
        assertThat(propped).contains("the chest lies higher than the hips");
        assertThat(inner(svg("/moves/one-foot-float/figure.svg?version=A_WORD_OF_OLD")))
                .isEqualTo(plain);
        assertThat(inner(svg("/moves/opposite-hold-10/figure.svg?version=TOES_STAY_DOWN")))
                .as("another exercise of the catalogue")
                .isEqualTo(inner(svg("/moves/kneel-leg-slide/figure.svg")));
        assertThat(inner(opened("/api/v1/figures/one-foot-float.svg?version=PROP_UP")
                        .getContentAsString()))
                .isEqualTo(inner(propped));
        assertThat(inner(opened("/api/v1/figures/one-foot-float.svg?version=heel-slide")
                        .getContentAsString()))
                .isEqualTo(inner(svg("/moves/heel-slide/figure.svg")));
        assertThat(opened("/api/v1/figures/one-foot-float.svg?version=A_WORD_OF_OLD")
                        .getStatus())
                .isEqualTo(422);
        assertThat(page("/moves/one-foot-float")).contains("Done differently").contains("version=PROP_UP");
    }

    private static String inner(String svg) {
        return svg.substring(svg.indexOf("<path"));
    }

    @Test
    void sendsTheStepsOfAMotionAndOneForAHold() throws Exception {
        assertThat(opened("/moves/bridge/figure.json").getContentAsString().split("<svg "))
                .hasSize(14);
        assertThat(opened("/moves/support-full-10/figure.json")
                        .getContentAsString()
                        .split("<svg "))
                .hasSize(2);
    }

    @Test
    void refusesAnAddressThatMakesNoSense() throws Exception {
        for (String address : new String[] {
            "/moves/bridge/figure.svg?week=43",
            "/moves/bridge/figure.svg?week=x",
            "/moves/bridge/figure.json?after=-1",
            "/moves/no-such-move/figure.svg",
            "/figures/no-such-figure.svg",
            "/moves/figures?week=99"
        }) {
            assertThat(opened(address).getStatus()).as(address).isEqualTo(404);
        }
        assertThat(mvc.perform(get("/moves/bridge/figure.svg"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .as("nobody signed in")
                .isEqualTo(302);
    }

    private MockHttpServletResponse opened(String address) throws Exception {
        return as(ines, get(address));
    }

    private String svg(String address) throws Exception {
        MockHttpServletResponse answer = opened(address);
        assertThat(answer.getStatus()).as(address).isEqualTo(200);
        assertThat(answer.getContentType()).startsWith("image/svg+xml");
        assertThat(answer.getHeader("Cache-Control")).isEqualTo("max-age=86400, private");
        return answer.getContentAsString();
    }
}
