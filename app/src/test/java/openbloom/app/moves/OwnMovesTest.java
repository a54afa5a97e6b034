package openbloom.app.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import openbloom.app.PageTest;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A studio's own moves, each test in a studio of its own. */
class OwnMovesTest extends PageTest {
    @Autowired
    private Catalogues catalogues;

    @BeforeEach
    void openAStudio() {
        String email = "owner-" + UUID.randomUUID() + "@moves.example";
        accounts.createStudio("Moves", "Europe/London", new NewAccount("Owner", email, "long-enough-1"));
        ines = (SignedIn) accounts.loadUserByUsername(email);
    }

    @Test
    void takesAMoveFromTheFormIntoThePlansOfThisStudioOnly() throws Exception {
        assertThat(send(form("blue-mat-hover", "0")).getRedirectedUrl()).isEqualTo("/moves/own?added");
        assertThat(catalogues.of(ines.studioId()).get("blue-mat-hover").rung()).isEqualTo(4);
        assertThat(page("/moves/blue-mat-hover")).contains("our own").contains("Blue mat hover");
        SignedIn boathouse = (SignedIn) accounts.loadUserByUsername("ines@boathouse.example");
        assertThat(catalogues.of(boathouse.studioId()).find("blue-mat-hover")).isEmpty();

        assertThat(page("/moves/own.yaml")).contains("blue-mat-hover");
        assertThat(send(post("/moves/own/take-out").param("version", "1").param("id", "blue-mat-hover"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(catalogues.of(ines.studioId()).find("blue-mat-hover")).isEmpty();
    }

    @Test
    void tellsWhatIsWrongBesideTheFieldAndKeepsNothing() throws Exception {
        assertThat(body(set(form("blue-mat-hover", "0"), "rung", "x"))).contains("Here a whole number was expected.");
        String answer = body(set(set(form("blue mat", "0"), "cue", ""), "rung", "99"));
        assertThat(answer)
                .contains("“blue mat” is none")
                .contains("id=\"problem-rung\"")
                .contains("id=\"problem-cues\"")
                .contains("Blue mat hover");
        assertThat(body(form("curl-up", "0"))).contains("The key curl-up is used twice.");
        assertThat(body(set(form("blue-mat-hover", "0"), "name", "curl-UP")))
                .contains("id=\"problem-name\"")
                .contains("Another exercise is called “curl-UP”. Choose another name.");
        assertThat(body(set(form("blue-mat-hover", "0"), "swaps", "no-such-move")))
                .contains("There is no exercise no-such-move.");
        assertThat(catalogues.own(ines.studioId()).version()).isZero();
    }

    @Test
    void makesTheKeyOfTheNameAndKnowsOtherMovesByTheirs() throws Exception {
        assertThat(send(set(set(form("", "0"), "easier", "Bridge"), "swaps", "Heel slide, one-foot-float"))
                        .getRedirectedUrl())
                .isEqualTo("/moves/own?added");
        assertThat(page("/moves/own.yaml"))
                .contains("id: \"blue-mat-hover\"")
                .contains("- \"bridge\"")
                .contains("- \"heel-slide\"")
                .contains("- \"one-foot-float\"");
        assertThat(body(set(form("", "1"), "easier", "No such thing"))).contains("id=\"problem-");
    }

    /** Hands and knees with the nearer leg turned straight back. */
    @Test
    void drawsAPoseOfItsOwnAndSaysWhatNoBodyCanDo() throws Exception {
        assertThat(send(set(set(form("plain-hover", "0"), "figure", "hands-knees"), "jointsOf", "hands-knees"))
                        .getRedirectedUrl())
                .isEqualTo("/moves/own?added");
        MockHttpServletRequestBuilder raised = form("raised-hover", "1");
        set(set(raised, "figure", "hands-knees"), "jointsOf", "hands-knees");
        set(set(raised, "joints[near-thigh]", "176"), "joints[near-shank]", "178");
        assertThat(send(raised).getRedirectedUrl()).isEqualTo("/moves/own?added");
        String file = page("/moves/own.yaml");
        assertThat(file).contains("pose:").contains("from: \"hands-knees\"");
        assertThat(inner(page("/moves/raised-hover/figure.svg")))
                .as("the exercise is drawn as it was turned")
                .isNotEqualTo(inner(page("/moves/plain-hover/figure.svg")))
                .isEqualTo(inner(page("/figures/hands-knees.svg?near-thigh=176&near-shank=178")));

        MockHttpServletRequestBuilder broken = form("broken-hover", "2");
        set(set(set(broken, "figure", "hands-knees"), "jointsOf", "hands-knees"), "joints[near-shank]", "20");
        assertThat(body(broken))
                .contains("id=\"problem-pose\"")
                .contains("the wrong way at its middle")
                .contains("value=\"20\"");
        assertThat(as(ines, get("/figures/hands-knees.svg?near-shank=20")).getStatus())
                .isEqualTo(422);
        assertThat(yaml(file.replace("from: \"hands-knees\"", "from: \"nowhere\""), "2")
                        .getContentAsString())
                .contains("There is no pose “nowhere”.");
        assertThat(catalogues.own(ines.studioId()).version()).isEqualTo(2);
    }

    /** The outlines, whatever their colours. */
    private static String inner(String svg) {
        return svg.substring(svg.indexOf("<path")).replaceAll("#[0-9A-Fa-f]{6}", "#");
    }

    @Test
    void readsYamlWholeOrNotAtAll() throws Exception {
        send(form("blue-mat-hover", "0"));
        String kept = page("/moves/own.yaml");
        assertThat(yaml(kept.replace("rung: 4", "rung: 5"), "1").getRedirectedUrl())
                .isEqualTo("/moves/own?kept");
        assertThat(catalogues.of(ines.studioId()).get("blue-mat-hover").rung()).isEqualTo(5);

        String cycle = kept.replace("easier: []", "easier: [green-mat-hover]")
                + kept.substring(kept.indexOf("- id"))
                        .replace("blue-mat-hover", "green-mat-hover")
                        .replace("easier: []", "easier: [blue-mat-hover]");
        String bomb = "a: &a [x,x,x,x,x,x,x,x,x]\nb: &b [*a,*a,*a,*a,*a,*a,*a,*a,*a]\nmoves: [*b,*b]\n";
        for (String faulty : new String[] {cycle, bomb, "moves: [", "moves: {}", "x".repeat(5_000_000), kept + kept}) {
            MockHttpServletResponse answer = yaml(faulty, "2");
            assertThat(answer.getStatus()).isEqualTo(422);
            assertThat(answer.getContentAsString())
                    .contains("Nothing was kept.")
                    .doesNotContain("openbloom.");
        }
        String longest = kept.replace("rung: 4", "rung: 5") + "#".repeat(1_000_000 - kept.length());
        assertThat(yaml(longest + "#", "2").getContentAsString())
                .contains("A file has at most 1000000 characters; this has 1000001.");
        MockHttpServletRequestBuilder pasted =
                post("/moves/own/yaml").param("version", "2").param("text", longest + "#");
        assertThat(body(pasted)).contains("A file has at most 1000000 characters; this has 1000001.");
        assertThat(yaml(longest, "2").getRedirectedUrl()).isEqualTo("/moves/own?kept");
        assertThat(yaml(cycle, "3").getContentAsString()).contains("lead round in a circle");
        assertThat(yaml(kept, "1").getContentAsString()).contains("Somebody else changed our own exercises meanwhile");
        assertThat(catalogues.of(ines.studioId()).get("blue-mat-hover").rung()).isEqualTo(5);
    }

    private MockHttpServletResponse yaml(String text, String version) throws Exception {
        MockMultipartFile file = new MockMultipartFile("file", text.getBytes(StandardCharsets.UTF_8));
        return mvc.perform(multipart("/moves/own/yaml")
                        .file(file)
                        .param("version", version)
                        .with(user(ines))
                        .with(csrf()))
                .andReturn()
                .getResponse();
    }

    /** The form as its page renders it, filled in; the fields of joints belong to the figure chosen there. */
    private MockHttpServletRequestBuilder form(String id, String version) throws Exception {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("id", id);
        typed.put("version", version);
        typed.put("name", "Blue mat hover");
        typed.put("strand", "front-support");
        typed.put("rung", "4");
        typed.put("purpose", "front-support");
        typed.put("position", "hands-and-knees");
        typed.put("midlineLoad", "3");
        typed.put("pressure", "2");
        typed.put("impact", "0");
        typed.put("flexion", "none");
        typed.put("rotation", "none");
        typed.put("sides", "both");
        typed.put("breath", "out");
        typed.put("tone", "neutral");
        typed.put("dose", "holds-5");
        typed.put("demands", "wrist");
        typed.put("setup", "Hands and knees on the blue mat.");
        typed.put("cue", "Breathe out and float the knees.");
        typed.put("watchFor", "breath held");
        MockHttpServletRequestBuilder form = rendered("/moves/own", "/moves/own");
        typed.forEach((field, value) -> set(form, field, value));
        return form.with(request -> {
            new ArrayList<>(request.getParameterMap().keySet())
                    .stream().filter(field -> field.startsWith("joints")).forEach(request::removeParameter);
            return request;
        });
    }
}
