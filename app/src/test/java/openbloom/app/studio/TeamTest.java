package openbloom.app.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import openbloom.app.PageTest;
import openbloom.app.system.RenderedForm;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Who works in a studio: comes by a link of her own, has a role, leaves. In a studio of its own each time. */
class TeamTest extends PageTest {
    private static final String PASSWORD = "a-lantern-by-the-quay";
    private static final List<String> FOR_ALL = List.of(
            "/studio/password",
            "/studio/keys",
            "/studio/tour",
            "/studio/tokens",
            "/studio/tokens/1/take-back",
            "/studio/sign-ins",
            "/studio/second-factor",
            "/studio/second-factor/recovery-codes",
            "/studio/second-factor/off");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping addresses;

    @Autowired
    private JdbcClient store;

    private SignedIn owner;
    private String suffix;

    @BeforeEach
    void openAStudio() {
        suffix = "-" + key().substring(0, 8) + "@team.example";
        accounts.createStudio("Slipway", "Europe/London", new NewAccount("Orla", "orla" + suffix, PASSWORD));
        owner = signedIn("orla");
    }

    private SignedIn signedIn(String who) {
        return (SignedIn) accounts.loadUserByUsername(who + suffix);
    }

    private String team() throws Exception {
        return as(owner, get("/studio/team")).getContentAsString();
    }

    /** The form of the owner's page that leads to an address, sent as it stands there but for what is typed. */
    private MockHttpServletResponse press(String action, String... typed) throws Exception {
        RenderedForm form = RenderedForm.to(action, team(), "/studio/team");
        for (int i = 0; i < typed.length; i += 2) {
            form.with(typed[i], typed[i + 1]);
        }
        var sent = post(form.action());
        form.fields().forEach((name, values) -> sent.param(name, values.toArray(String[]::new)));
        return as(owner, sent);
    }

    /** The link as the page shows it, once: its path. */
    private String link(String path, String... typed) throws Exception {
        RenderedForm form = RenderedForm.to(path, team(), "/studio/team");
        for (int i = 0; i < typed.length; i += 2) {
            form.with(typed[i], typed[i + 1]);
        }
        var sent = post(form.action());
        form.fields().forEach((name, values) -> sent.param(name, values.toArray(String[]::new)));
        var result = mvc.perform(sent.with(user(owner)).with(csrf())).andReturn();
        String shown = mvc.perform(
                        get("/studio/team").flashAttrs(result.getFlashMap()).with(user(owner)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String made = Jsoup.parse(shown).getElementById("made").text();
        assertThat(team()).as("shown once").doesNotContain(made);
        return made.substring(made.indexOf("/join/"));
    }

    private String invited(String name, Role role) throws Exception {
        return link("/invitations", "name", name, "email", name.toLowerCase() + suffix, "role", role.name());
    }

    private MockHttpServletResponse join(String link, String password) throws Exception {
        return mvc.perform(post(link).param("password", password).with(csrf()))
                .andReturn()
                .getResponse();
    }

    private SignedIn joined(String name, Role role) throws Exception {
        assertThat(join(invited(name, role), PASSWORD).getRedirectedUrl()).isEqualTo("/sign-in?joined");
        return signedIn(name.toLowerCase());
    }

    private int status(String link) throws Exception {
        return status(get(link));
    }

    @Test
    void letsSomebodyInByALinkOnWhichSheSetsHerPassword() throws Exception {
        assertThat(press("/invitations", "name", " ", "email", "nobody", "role", "READER")
                        .getContentAsString())
                .contains("Give a name of 1 to 120 characters", "Give an address such as", "value=\"nobody\"");
        assertThat(press("/invitations", "name", "Ines", "email", "ines@boathouse.example")
                        .getContentAsString())
                .contains("ines@boathouse.example already has an account");
        String link = invited("Wil", Role.READER);
        assertThat(mvc.perform(get(link)).andReturn().getResponse().getContentAsString())
                .contains("Slipway", "Wil", "reader", "wil" + suffix);
        assertThat(store.sql("select count(*) from join_link where digest = ?")
                        .param(link.substring("/join/".length()))
                        .query(Integer.class)
                        .single())
                .as("only a digest is kept")
                .isZero();
        assertThat(join(link, "wil" + suffix).getContentAsString()).contains("neither the email nor the name");
        assertThat(join(link, "short").getStatus()).isEqualTo(422);
        assertThat(join(link, PASSWORD).getRedirectedUrl()).isEqualTo("/sign-in?joined");
        assertThat(signedIn("wil").account().role()).isEqualTo(Role.READER);
        assertThat(status(link)).as("used").isEqualTo(404);
        assertThat(join(link, "another-password-1").getStatus()).isEqualTo(404);
    }

    @Test
    void aLinkEndsIsTakenBackAndGivesWayToTheNext() throws Exception {
        String first = invited("Wil", Role.INSTRUCTOR);
        String second = invited("Wil", Role.OWNER);
        assertThat(status(first)).as("the next one counts").isEqualTo(404);
        store.sql("update join_link set ends_at = ends_at - interval '72' hour where studio_id = ?")
                .param(owner.studioId())
                .update();
        assertThat(status(second)).as("after 72 hours").isEqualTo(404);
        assertThat(team()).doesNotContain("Take it back");
        String third = invited("Wil", Role.INSTRUCTOR);
        assertThat(status(third)).isEqualTo(200);
        assertThat(press("/cancel").getRedirectedUrl()).isEqualTo("/studio/team?takenBack");
        assertThat(status(third)).isEqualTo(404);
        assertThat(status("/join/guessed")).isEqualTo(404);
    }

    @Test
    void anotherPasswordByLinkEndsHerOtherSignIns() throws Exception {
        SignedIn wil = joined("Wil", Role.INSTRUCTOR);
        String link = link("/" + wil.accountId() + "/reset");
        assertThat(as(wil, get("/people")).getStatus())
                .as("until she has used it")
                .isEqualTo(200);
        join(link, "a-second-lantern-2");
        assertThat(as(wil, get("/people")).getRedirectedUrl()).isEqualTo("/sign-in?ended");
        assertThat(signedIn("wil").account().role()).isEqualTo(Role.INSTRUCTOR);
    }

    /** Her open page does nothing any more; her work stays hers by name; she can be asked back. */
    @Test
    void whoLeavesIsOutAtOnceAndStaysByName() throws Exception {
        SignedIn wil = joined("Wil", Role.INSTRUCTOR);
        as(wil, intake("Nessa"));
        long nessa = people.page(owner, "Nessa", 0).women().get(0).id();
        as(
                wil,
                post("/people/" + nessa + "/safe")
                        .param("formKey", key())
                        .param("noSign", "yes")
                        .param("noSymptom", "yes"));
        assertThat(press("/" + wil.accountId() + "/leave").getRedirectedUrl()).isEqualTo("/studio/team?leave");
        assertThat(as(wil, intake("Nora")).getRedirectedUrl()).isEqualTo("/sign-in?ended");
        assertThat(people.page(owner, "Nora", 0).women()).isEmpty();
        assertThat(as(wil, get("/api/v1/reference")).getStatus()).isNotEqualTo(500);
        assertThat(as(owner, get("/people/" + nessa + "/journey")).getContentAsString())
                .contains("asked by Wil");
        assertThat(team()).containsOnlyOnce("wil" + suffix).containsSubsequence("Who left", "wil" + suffix);
        assertThat(as(owner, get("/studio")).getContentAsString()).doesNotContain("wil" + suffix);
        SignedIn back = joined("Wil", Role.READER);
        assertThat(back.accountId()).isEqualTo(wil.accountId());
        assertThat(back.account().role()).isEqualTo(Role.READER);
    }

    @Test
    void aStudioIsNeverWithoutAnOwner() throws Exception {
        String mine = "/" + owner.accountId();
        assertThat(press(mine + "/leave").getContentAsString()).contains("Orla is the only owner");
        assertThat(press(mine + "/role", "role", "READER").getContentAsString()).contains("Orla is the only owner");
        SignedIn wil = joined("Wil", Role.INSTRUCTOR);
        assertThat(press("/" + wil.accountId() + "/role", "role", "OWNER").getRedirectedUrl())
                .isEqualTo("/studio/team?role");
        assertThat(as(wil, get("/studio/team")).getStatus())
                .as("from her next page on")
                .isEqualTo(200);
        // Both let go of it at the same moment.
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            Callable<MockHttpServletResponse> orla =
                    () -> as(owner, post("/studio/team" + mine + "/role").param("role", "INSTRUCTOR"));
            Callable<MockHttpServletResponse> her = () ->
                    as(wil, post("/studio/team/" + wil.accountId() + "/role").param("role", "INSTRUCTOR"));
            List<Integer> answers = new ArrayList<>();
            for (Future<MockHttpServletResponse> one : both.invokeAll(List.of(orla, her))) {
                answers.add(one.get().getStatus());
            }
            assertThat(answers).containsExactlyInAnyOrder(302, 422);
        } finally {
            both.shutdownNow();
        }
        assertThat(Stream.of("orla", "wil")
                        .filter(who -> signedIn(who).account().owner()))
                .hasSize(1);
    }

    @Test
    void onlyTheOwnerOfThisStudioDecides() throws Exception {
        SignedIn wil = joined("Wil", Role.INSTRUCTOR);
        String hers = "/studio/team/" + wil.accountId();
        for (String action : List.of("/role", "/leave", "/reset")) {
            assertThat(as(wil, post(hers + action).param("role", "OWNER")).getStatus())
                    .as("an instructor, " + action)
                    .isEqualTo(403);
            assertThat(as(ines, post(hers + action).param("role", "OWNER")).getStatus())
                    .as("another owner, " + action)
                    .isEqualTo(404);
        }
        assertThat(as(wil, get("/studio/team")).getStatus()).isEqualTo(403);
        assertThat(as(ines, get("/studio/team")).getContentAsString()).doesNotContain("wil" + suffix);
        assertThat(signedIn("wil").account().role()).isEqualTo(Role.INSTRUCTOR);
    }

    /** Every address that can be sent to, sent to by a reader; and what she opens is what an instructor sees. */
    @Test
    void aReaderSeesEverythingAndChangesNothing() throws Exception {
        SignedIn reader = joined("Rea", Role.READER);
        as(owner, intake("Nessa"));
        long nessa = people.page(owner, "Nessa", 0).women().get(0).id();
        int sent = 0;
        for (var address : addresses.getHandlerMethods().keySet()) {
            for (String pattern : address.getPatternValues()) {
                String path = pattern.replaceAll("\\{womanId[^/]*}", String.valueOf(nessa))
                        .replaceAll("\\{[^/]*}", "1");
                boolean hers = Stream.of(
                                "/api", "/home", "/calendar", "/operator", "/join", "/sign-in", "/first", "/error")
                        .anyMatch(path::startsWith);
                if (hers || FOR_ALL.contains(path) || path.endsWith("/look")) {
                    continue;
                }
                for (RequestMethod method : address.getMethodsCondition().getMethods()) {
                    if (method != RequestMethod.GET) {
                        assertThat(as(reader, request(HttpMethod.valueOf(method.name()), path))
                                        .getStatus())
                                .as(method + " " + path)
                                .isEqualTo(403);
                        sent++;
                    }
                }
            }
        }
        assertThat(sent).as("addresses sent to").isGreaterThan(60);
        for (String page : List.of("/", "/week", "/people", "/classes", "/moves", "/reasons", "/studio")) {
            assertThat(as(reader, get(page)).getContentAsString()).as(page).contains("data-reader=\"yes\"");
        }
        String journey = "/people/" + nessa + "/journey";
        assertThat(as(reader, get(journey)).getContentAsString()).contains("Nessa", "20 weeks");
        assertThat(as(owner, get(journey)).getContentAsString()).doesNotContain("data-reader");
        assertThat(as(reader, post("/studio/keys").param("keys", "on")).getRedirectedUrl())
                .isEqualTo("/studio?keys");
    }
}
