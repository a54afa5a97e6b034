package openbloom.app.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A new installation: an empty database, the owner's account, an empty studio that says what to do next. */
@DirtiesContext
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:first-visit;WRITE_DELAY=0")
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstVisitTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcTemplate jdbc;

    @Test
    @Order(1)
    void leadsFromSigningInToMakingTheStudio() throws Exception {
        assertThat(send(get("/sign-in")).getRedirectedUrl()).isEqualTo("/first");
        assertThat(send(get("/first")).getContentAsString()).contains("Create studio");
    }

    @Test
    @Order(2)
    void tellsWhatIsWrongAndMakesNothing() throws Exception {
        MockHttpServletResponse answer = send(first("", "Atlantis/Deep", "Ana", "no-address", "short"));
        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentAsString())
                .contains("Give a name of 1 to 120 characters.")
                .contains("“Atlantis/Deep” is no time zone.")
                .contains("Give an address such as")
                .contains("A password has at least 12 characters and at most 72 bytes")
                .contains("value=\"Ana\"");
        assertThat(accounts.isEmpty()).isTrue();
    }

    @Test
    @Order(3)
    void makesTheStudioOnceAndNeverAgain() throws Exception {
        ExecutorService twelve = Executors.newFixedThreadPool(12);
        List<Future<String>> answers = twelve.invokeAll(Collections.nCopies(
                12,
                () -> send(first("Quay", "Europe/Berlin", "Ana", "Ana@Quay.example", "long-enough-1"))
                        .getRedirectedUrl()));
        twelve.shutdown();
        List<String> led = new ArrayList<>();
        for (Future<String> answer : answers) {
            led.add(answer.get());
        }
        assertThat(led)
                .as("twelve at once")
                .containsOnlyOnce("/sign-in?made")
                .containsOnly("/sign-in?made", "/sign-in");
        assertThat(jdbc.queryForObject("select count(*) from studio", Integer.class))
                .isEqualTo(1);
        assertThat(jdbc.queryForObject("select count(*) from account", Integer.class))
                .isEqualTo(1);
        assertThat(send(first("Other", "Europe/Berlin", "Eve", "eve@quay.example", "long-enough-1"))
                        .getRedirectedUrl())
                .isEqualTo("/sign-in");
        assertThat(send(get("/first")).getRedirectedUrl()).isEqualTo("/sign-in");
        SignedIn ana = (SignedIn) accounts.loadUserByUsername("ana@quay.example");
        assertThat(ana.account().owner()).isTrue();
        assertThat(ana.studio().zone().getId()).isEqualTo("Europe/Berlin");
    }

    @Test
    @Order(4)
    void signsInWithTheRightPasswordOnly() throws Exception {
        assertThat(signIn("long-enough-2").getRedirectedUrl()).isEqualTo("/sign-in?error");
        assertThat(signIn("long-enough-1").getRedirectedUrl()).isEqualTo("/");
    }

    @Test
    @Order(5)
    void showsAnEmptyStudioWithWhatToDoNext() throws Exception {
        SignedIn ana = (SignedIn) accounts.loadUserByUsername("ana@quay.example");
        assertThat(send(get("/").with(user(ana))).getContentAsString())
                .contains("Nobody is expected today")
                .contains("add a woman")
                .doesNotContain("tarnmouth");
        assertThat(send(get("/people").with(user(ana))).getContentAsString()).contains("Add the first woman to begin");
        assertThat(send(get("/sign-in")).getContentAsString()).doesNotContain("Demonstration");
    }

    @Test
    @Order(6)
    void letsTheOwnerChangeItsPasswordAndTheApproachItsWomenBeginWith() throws Exception {
        SignedIn ana = (SignedIn) accounts.loadUserByUsername("ana@quay.example");
        send(post("/studio/approach")
                .param("version", "1")
                .param("preset", "SPORT_AND_GYM")
                .with(user(ana)));
        assertThat(accounts.presetOf(ana.studioId()).orElseThrow().name()).isEqualTo("SPORT_AND_GYM");
        send(post("/studio/approach")
                .param("version", "2")
                .param("preset", "PURPLE")
                .with(user(ana)));
        assertThat(send(post("/studio/approach")
                                .param("version", "1")
                                .param("preset", "GENTLE_COORDINATION")
                                .with(user(ana)))
                        .getContentAsString())
                .as("another window chose meanwhile: refused, and both are shown")
                .contains("Somebody else chose", "is still chosen here");
        assertThat(accounts.presetOf(ana.studioId()).orElseThrow().name()).isEqualTo("SPORT_AND_GYM");
        assertThat(send(post("/studio/password")
                                .param("current", "long-enough-1")
                                .param("next", "even-longer-2")
                                .with(user(ana)))
                        .getRedirectedUrl())
                .isEqualTo("/studio?changed");
        assertThat(signIn("even-longer-2").getRedirectedUrl()).isEqualTo("/");
    }

    private MockHttpServletResponse signIn(String password) throws Exception {
        return send(post("/sign-in").param("email", "ana@quay.example").param("password", password));
    }

    private static MockHttpServletRequestBuilder first(
            String studio, String zone, String name, String email, String password) {
        return post("/first")
                .param("studio", studio)
                .param("zone", zone)
                .param("name", name)
                .param("email", email)
                .param("password", password);
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request.with(csrf())).andReturn().getResponse();
    }
}
