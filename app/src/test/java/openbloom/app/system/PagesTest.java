package openbloom.app.system;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.UUID;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Pages under bad input, strangers and repeated or stale forms, against the real database. */
class PagesTest extends PageTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name||Fill this in.",
                "birthYear|nineteen|Give a whole number from",
                "birthYear|2024|Give a whole number from",
                "lastPeriod|2035-01-01|This day lies ahead: 1 Jan 2035.",
                "lastPeriod|2020-01-01|Check the day, or record the birth.",
                "lastPeriod|soon|Give a day such as 2026-11-24",
                "lastPeriod||Choose a day.",
                "cycleLengthDays|x|Give a whole number from 1 to 99",
                "cycleLengthDays|70|A cycle is 20 to 45 days; 70 is outside.",
                "scanDate|2001-01-01|lies before the pregnancy began",
                "births|-1|Give a whole number from 0 to 25",
                "clearedOn|2050-01-01|This day lies ahead",
                "conditions|PURPLE|“PURPLE” is not one of the choices.",
                "situation||Choose one."
            })
    void tellsWhatIsWrongWithAnIntakeBesideTheFieldAndKeepsWhatWasTyped(String field, String typed, String sentence)
            throws Exception {
        MockHttpServletRequestBuilder form = intake("Oda Brink").param("goals", "still to be here");
        MockHttpServletResponse answer =
                send(set(form.param("scanWeeks", "8").param("scanDays", "0"), field, typed == null ? "" : typed));
        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentAsString())
                .contains(sentence)
                .contains("id=\"problem-" + field + "\"")
                .contains("still to be here")
                .doesNotContain("Exception");
        assertThat(people.page(ines, "oda brink", 0).women()).isEmpty();
    }

    @Test
    void refusesADueDateSixtyWeeksAwayABirthInTheFutureAndATearThatCannotBe() throws Exception {
        String far = TODAY.plusWeeks(60).toString();
        assertThat(body(set(intake("A"), "basis", "STATED").param("dueDate", far)))
                .contains("is 60 weeks away");
        assertThat(body(born().param("birthDate", far))).contains("This day lies ahead");
        assertThat(body(born().param("birthDate", "2026-01-01")
                        .param("birthKind", "CAESAREAN")
                        .param("tear", "FOURTH")))
                .contains("A caesarean has no third- or fourth-degree tear.");
        assertThat(body(intake("A").param("clearedBy", "midwife"))).contains("Say when the clearance was given");
    }

    @Test
    void takesANameOfTwoMegabytesForWhatItIs() throws Exception {
        String long2 = "x".repeat(2_000_000);
        MockHttpServletResponse answer = send(intake(long2));
        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentAsString())
                .contains("At most 120 characters; this has 2000000.")
                .contains(long2);
    }

    @Test
    void keepsAFormThatIsSentTwiceOnce() throws Exception {
        String key = UUID.randomUUID().toString();
        String name = "Petra Twice " + key;
        for (int i = 0; i < 2; i++) {
            assertThat(send(set(intake(name), "formKey", key)).getStatus()).isEqualTo(302);
        }
        assertThat(people.page(ines, name, 0).women()).hasSize(1);
    }

    @Test
    void showsBothVersionsOfAStaleEditAndOverwritesNothing() throws Exception {
        Woman kept = newWoman("Stella Stale");
        String address = "/people/" + kept.id();
        assertThat(send(intake(address, "Stella Changed").param("version", "1")).getStatus())
                .isEqualTo(302);
        MockHttpServletResponse late = send(intake(address, "Stella Late").param("version", "1"));
        assertThat(late.getStatus()).isEqualTo(422);
        assertThat(late.getContentAsString())
                .contains("Somebody else changed this record")
                .contains("Stella Changed")
                .contains("Stella Late")
                .contains("name=\"version\" value=\"2\"");
        assertThat(people.find(ines, kept.id()).orElseThrow().name()).isEqualTo("Stella Changed");
        assertThat(send(intake(address, "Stella Late").param("version", "2")).getStatus())
                .isEqualTo(302);
        assertThat(page(address + "/edit"))
                .as("half past midnight of the studio's day, the later change first")
                .containsSubsequence("1 Jul 2027, 00:30", "Stella Changed", "1 Jul 2027, 00:30", "Stella Stale")
                .doesNotContain("30 Jun 2027");
    }

    @Test
    void findsByAnyPartOfANameAndTakesSignsOfTheDatabaseLiterally() {
        assertThat(people.page(ines, "VALE", 0).women()).extracting(Woman::name).containsExactly("Rhona Vale");
        assertThat(people.page(ines, "%", 0).women()).isEmpty();
        assertThat(people.page(ines, "_", 0).women()).isEmpty();
        assertThat(people.page(ines, "", 0).women()).hasSizeGreaterThanOrEqualTo(14);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "/journey",
                "/edit",
                "/safe",
                "/checks",
                "/checks/gap",
                "/exercise-check",
                "/session",
                "/sessions/1",
                "/sessions/1/teach",
                "/checks/breath",
                "/checks/pelvic-floor",
                "/checks/gap/readings",
                "/checks/gap/readings.csv",
                "/checks/gap/1/correct",
                "/floor",
                "/floor/practice",
                "/bench",
                "/bench/1",
                "/bench/1.csv",
                "/bench/1.json"
            })
    void hidesAWomanOfAnotherStudioBehindAPlain404(String page) throws Exception {
        String name = "stranger-" + UUID.randomUUID() + "@elsewhere.example";
        accounts.createStudio("Elsewhere", "Europe/London", new NewAccount("Stranger", name, "long-enough-1"));
        SignedIn stranger = (SignedIn) accounts.loadUserByUsername(name);
        long hers = people.page(ines, "rhona", 0).women().get(0).id();
        assertThat(status(get("/people/" + hers + page).with(user(stranger)))).isEqualTo(404);
        assertThat(status(post("/people/" + hers).with(user(stranger)).with(csrf())))
                .isEqualTo(404);
        assertThat(status(get("/people/999999999999999999999" + page).with(user(ines))))
                .isEqualTo(404);
        assertThat(status(get("/people/x" + page).with(user(ines)))).isEqualTo(404);
    }

    @Test
    void stopsEverythingAtAWarningSignAndSaysWhatToDo() throws Exception {
        send(intake("Wanda Warned"));
        String her = "/people/" + people.page(ines, "wanda", 0).women().get(0).id();
        assertThat(send(post(her + "/safe").param("formKey", key())).getContentAsString())
                .contains("Ask, then tick what she has");
        assertThat(send(post(her + "/safe")
                                .param("formKey", key())
                                .param("signs", "CHEST_PAIN")
                                .param("noSign", "yes"))
                        .getContentAsString())
                .contains("contradict each other");
        assertThat(send(post(her + "/safe").param("formKey", key()).param("signs", "CHEST_PAIN"))
                        .getRedirectedUrl())
                .isEqualTo(her + "/safe");
        assertThat(page(her + "/safe")).contains("Call the emergency number").contains("chest pain");
        assertThat(body(post(her + "/sessions").param("minutes", "20").param("formKey", key())))
                .contains("a warning sign stops her", her + "/safe");
        assertThat(mvc.perform(get(her + "/checks/gap").with(user(ines)))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .startsWith(her + "/safe");
        assertThat(page(her + "/journey")).contains("Stopped: chest pain");
        assertThat(page(her + "/exercise-check?only=STOP")).contains("Lying breath, even all round");
    }

    @Test
    void tellsWhatIsWrongWithAGapCheckAndASessionAndLosesNothing() throws Exception {
        send(intake("Gerda Gap"));
        String her = "/people/" + people.page(ines, "gerda", 0).women().get(0).id();
        send(post(her + "/safe").param("formKey", key()).param("noSign", "yes").param("noSymptom", "yes"));
        String slip = body(post(her + "/checks/gap")
                .param("formKey", key())
                .param("width-LIFT-NAVEL-0", "12.3")
                .param("width-LIFT-ABOVE-45", "two")
                .param("width-LIFT-BELOW-45", "2")
                .param("depth-LIFT-NAVEL-0", "SURFACE"));
        assertThat(slip)
                .contains("“12.3” is none")
                .contains("“two” is none")
                .contains("width alone misleads")
                .contains("value=\"12.3\"")
                .contains("value=\"two\"");
        assertThat(body(post(her + "/checks/gap").param("formKey", key()))).contains("Read at least one site");
        for (String minutes : List.of("0", "500", "x", "")) {
            assertThat(body(post(her + "/sessions").param("minutes", minutes).param("formKey", key())))
                    .contains("from 5 to 120");
        }
        assertThat(status(post(her + "/sessions/1/responses")
                        .param("item", "0")
                        .param("told", "DONE")
                        .with(user(ines))
                        .with(csrf())))
                .isIn(404, 422);
        assertThat(page(her + "/checks")).contains("No gap check yet");
    }

    @Test
    void keepsSessionCookieHeadersAndFormsTight() throws Exception {
        MockHttpServletResponse signIn =
                mvc.perform(get("/sign-in")).andReturn().getResponse();
        assertThat(signIn.getHeader("Content-Security-Policy"))
                .contains("default-src 'none'")
                .doesNotContain("unsafe");
        assertThat(status(post("/people").with(user(ines)))).isEqualTo(403);
        assertThat(mvc.perform(get("/people")).andReturn().getResponse().getRedirectedUrl())
                .endsWith("/sign-in");
        SignedIn mara = (SignedIn) accounts.loadUserByUsername("mara@boathouse.example");
        assertThat(status(post("/studio/team/invitations").with(user(mara)).with(csrf())))
                .isEqualTo(403);
        assertThat(accounts.ofStudio(ines.studioId()))
                .allSatisfy(
                        account -> assertThat(account.secret().passwordHash()).startsWith("{bcrypt}"));
    }

    @Test
    void keepsAnExaminersFingersAndShowsDerivedMillimetresFromThenOn() throws Exception {
        String email = "fingers-" + key() + "@hands.example";
        accounts.createStudio("Hands", "Europe/London", new NewAccount("Hanna", email, "long-enough-1"));
        ines = (SignedIn) accounts.loadUserByUsername(email);
        assertThat(body(post("/studio/fingers").param("fingers", "15", "x", "47", "62")))
                .contains("Give a whole number from 1 to 200")
                .contains("value=\"x\"");
        assertThat(body(post("/studio/fingers").param("fingers", "15", "16", "47", "62")))
                .contains("Each finger is 8 to 30 mm broad");
        assertThat(send(post("/studio/fingers").param("version", "1").param("fingers", "15", "31", "47", "62"))
                        .getRedirectedUrl())
                .isEqualTo("/studio?fingers");
        assertThat(page("/studio")).contains("value=\"31\"");
        assertThat(body(post("/studio/password").param("current", "wrong").param("next", "long-enough-1")))
                .as("an error in one form leaves the others as they were")
                .contains("value=\"31\"");
        assertThat(lookedAt(intake("Mia Measured"), "mia"))
                .contains("3 fingers · 47 mm", "not judged while pregnant")
                .doesNotContain("moderate");
        assertThat(lookedAt(set(intake("Nell Measured"), "situation", "NEITHER"), "nell"))
                .contains("3 fingers · 47 mm", "mm derived from fingers", "moderate");
    }

    /** What the gap sheet says while three fingers stand on it, for a woman just taken in. */
    private String lookedAt(MockHttpServletRequestBuilder intake, String name) throws Exception {
        send(intake);
        String her = "/people/" + people.page(ines, name, 0).women().get(0).id();
        send(post(her + "/safe").param("formKey", key()).param("noSign", "yes").param("noSymptom", "yes"));
        return send(post(her + "/checks/gap/look")
                        .param("width-LIFT-NAVEL-0", "3")
                        .param("width-REST-NAVEL-0", "3"))
                .getContentAsString();
    }

    @Test
    void changesAPasswordOrSaysWhyNot() throws Exception {
        assertThat(body(post("/studio/password").param("current", "wrong").param("next", "long-enough-1")))
                .contains("This is not your present password.");
    }
}
