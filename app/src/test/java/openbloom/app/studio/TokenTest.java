package openbloom.app.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.system.RenderedForm;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A program signs in with a token in somebody's name: with what it may, until it ends, is taken back, or she leaves. */
class TokenTest extends PageTest {
    private static final String DATING = "{\"onDate\":\"2025-04-09\",\"lastPeriod\":\"2025-01-01\"}";

    @Autowired
    private JdbcClient store;

    private SignedIn owner;

    @BeforeEach
    void openAStudio() {
        String email = "orla-" + key() + "@token.example";
        accounts.createStudio("Slipway", "Europe/London", new NewAccount("Orla", email, "a-lantern-by-the-quay"));
        owner = (SignedIn) accounts.loadUserByUsername(email);
    }

    /** As the page renders its form; the token as it is shown, once. */
    private String made(String scope) throws Exception {
        String page = as(owner, get("/studio/tokens")).getContentAsString();
        RenderedForm form = RenderedForm.to("/studio/tokens", page, "/studio/tokens")
                .with("tokenName", "Waiting list")
                .with("scope", scope);
        MockHttpServletRequestBuilder sent = post(form.action());
        form.fields().forEach((name, values) -> sent.param(name, values.toArray(String[]::new)));
        var result = mvc.perform(sent.with(user(owner)).with(csrf())).andReturn();
        String shown = mvc.perform(
                        get("/studio/tokens").flashAttrs(result.getFlashMap()).with(user(owner)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return Jsoup.parse(shown).getElementById("made").text();
    }

    private MockHttpServletResponse call(String token, MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request.header("Authorization", "Bearer " + token))
                .andReturn()
                .getResponse();
    }

    private int looksUp(String token) throws Exception {
        return call(token, get("/api/v1/vocabulary")).getStatus();
    }

    private MockHttpServletResponse calculates(String token) throws Exception {
        return call(
                token, post("/api/v1/dating").contentType("application/json").content(DATING));
    }

    @Test
    void mayWhatItWasMadeFor() throws Exception {
        String reads = made("READ");
        assertThat(looksUp(reads)).isEqualTo(200);
        assertThat(calculates(reads).getStatus()).isEqualTo(403);
        assertThat(calculates(reads).getContentAsString()).contains("made for looking up alone");
        MockHttpServletResponse calculated = calculates(made("CALCULATE"));
        assertThat(calculated.getStatus()).as(calculated.getContentAsString()).isEqualTo(200);
        assertThat(mvc.perform(get("/people").header("Authorization", "Bearer " + reads))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .as("a page")
                .endsWith("/sign-in");
        assertThat(store.sql("select count(*) from api_token where digest = ? or name = ?")
                        .params(reads, reads)
                        .query(Integer.class)
                        .single())
                .as("only a digest is kept")
                .isZero();
        assertThat(as(owner, get("/studio/tokens")).getContentAsString())
                .contains("Waiting list", "look up and calculate", "last used 1 Jul 2027")
                .doesNotContain(reads);
    }

    @Test
    void endsByItselfWhenTakenBackAndWhenSheLeaves() throws Exception {
        String first = made("READ");
        String page = as(owner, get("/studio/tokens")).getContentAsString();
        RenderedForm form = RenderedForm.to("/take-back", page, "/studio/tokens");
        as(stranger(), post(form.action()));
        assertThat(looksUp(first)).as("a stranger takes nothing back").isEqualTo(200);
        as(owner, post(form.action()));
        assertThat(looksUp(first)).isEqualTo(401);
        String second = made("READ");
        store.sql("update api_token set ends_on = ends_on - interval '85' day where account_id = ?")
                .param(owner.accountId())
                .update();
        assertThat(looksUp(second)).as("after twelve weeks").isEqualTo(401);
        String third = made("READ");
        store.sql("update account set left_at = current_timestamp where id = ?")
                .param(owner.accountId())
                .update();
        assertThat(looksUp(third)).as("she has left").isEqualTo(401);
        assertThat(looksUp("bloom_guessed")).isEqualTo(401);
    }

    @Test
    void refusesWhatIsNotGivenWhole() throws Exception {
        assertThat(as(
                                owner,
                                post("/studio/tokens")
                                        .param("tokenName", " ")
                                        .param("scope", "ALL")
                                        .param("weeks", "53"))
                        .getContentAsString())
                .contains("problem-tokenName", "problem-scope", "Give a whole number from 1 to 52", "value=\"53\"");
    }

    /** How the installation does is its owners' to see, by a token alone. */
    @Test
    void showsFiguresOfTheInstallationToAnOwnersTokenAlone() throws Exception {
        String token = made("EVERYTHING");
        MockHttpServletResponse shown = call(token, get("/actuator/prometheus"));
        assertThat(shown.getStatus()).isEqualTo(200);
        assertThat(shown.getContentAsString())
                .contains("http_server_requests_seconds_count", "hikaricp_connections_active")
                .doesNotContain("Orla", "@token.example");
        assertThat(call(token, get("/actuator/metrics/http.server.requests")).getStatus())
                .isEqualTo(200);
        for (String address : List.of("/actuator/prometheus", "/actuator/metrics")) {
            assertThat(mvc.perform(get(address)).andReturn().getResponse().getStatus())
                    .as("nobody at " + address)
                    .isEqualTo(401);
            assertThat(call("bloom_guessed", get(address)).getStatus()).isEqualTo(401);
            assertThat(call(made("CALCULATE"), get(address)).getStatus())
                    .as("a token for less at " + address)
                    .isEqualTo(403);
            store.sql("update account set role = 'INSTRUCTOR' where id = ?")
                    .param(owner.accountId())
                    .update();
            assertThat(call(token, get(address)).getStatus())
                    .as("an instructor at " + address)
                    .isEqualTo(403);
            store.sql("update account set role = 'OWNER' where id = ?")
                    .param(owner.accountId())
                    .update();
        }
        assertThat(call(token, get("/actuator/env")).getStatus()).isIn(302, 404);
    }
}
