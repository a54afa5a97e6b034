package openbloom.app.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import openbloom.app.PageTest;
import org.jsoup.Jsoup;
import org.jsoup.select.Elements;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;

/** A password is checked against what is kept, and changing it ends every other session. */
class PasswordsTest extends PageTest {
    private static final String FIRST = "the-first-password";
    private String email;

    @BeforeEach
    void makeAStudio() {
        email = key() + "@words.example";
        accounts.createStudio("Words", "Europe/London", new NewAccount("Wilma Words-Long", email, FIRST));
    }

    private MockHttpSession signedIn(String password) throws Exception {
        MockHttpSession session = (MockHttpSession) mvc.perform(post("/sign-in")
                        .param("email", email)
                        .param("password", password)
                        .with(csrf()))
                .andReturn()
                .getRequest()
                .getSession();
        return session;
    }

    private MockHttpServletResponse open(MockHttpSession session) throws Exception {
        return mvc.perform(get("/studio").session(session)).andReturn().getResponse();
    }

    private MockHttpServletResponse change(MockHttpSession session, String current, String next) throws Exception {
        return mvc.perform(post("/studio/password")
                        .session(session)
                        .param("current", current)
                        .param("next", next)
                        .with(csrf()))
                .andReturn()
                .getResponse();
    }

    @Test
    void aChangeEndsEveryOtherSessionAndTheOldOneCannotChangeItAgain() throws Exception {
        MockHttpSession here = signedIn(FIRST);
        MockHttpSession elsewhere = signedIn(FIRST);
        assertThat(open(elsewhere).getStatus()).isEqualTo(200);
        assertThat(change(here, FIRST, "the-second-password").getRedirectedUrl())
                .isEqualTo("/studio?changed");
        assertThat(open(here).getStatus()).as("this session goes on").isEqualTo(200);
        assertThat(change(elsewhere, FIRST, "a-thief's-password").getRedirectedUrl())
                .isEqualTo("/sign-in?ended");
        assertThat(change(here, FIRST, "the-third-password").getContentAsString())
                .contains("This is not your present password");
        assertThat(open(signedIn("the-second-password")).getStatus()).isEqualTo(200);
        assertThat(open(signedIn(FIRST)).getStatus()).isEqualTo(302);
    }

    /** bcrypt reads 72 bytes: 37 letters of two bytes are too many, 36 fit. */
    @ParameterizedTest
    @CsvSource({
        "11-letters!, at least 12",
        "'                ', at least 12",
        "Wilma Words-Long, neither the email nor the name",
        "the-first-password, This is the password you have"
    })
    void refusesWhatIsShortBlankOrKnown(String next, String why) throws Exception {
        assertThat(change(signedIn(FIRST), FIRST, next).getContentAsString()).contains(why);
    }

    @Test
    void countsBytesAndNotLetters() throws Exception {
        MockHttpSession session = signedIn(FIRST);
        assertThat(change(session, FIRST, "é".repeat(37)).getContentAsString()).contains("72 bytes");
        assertThat(change(session, FIRST, email).getContentAsString()).contains("neither the email");
        assertThat(change(session, "x".repeat(100), "fine-and-long-enough").getContentAsString())
                .contains("This is not your present password");
        assertThat(change(session, FIRST, "é".repeat(36)).getRedirectedUrl()).isEqualTo("/studio?changed");
    }

    /** Twelve wrong tries of one account from one place are one line, with how often and the last time. */
    @Test
    void refusedSignInsAreGathered() throws Exception {
        for (int i = 0; i < 12; i++) {
            signedIn("not-the-password-" + i);
        }
        SignedIn owner = (SignedIn) accounts.loadUserByUsername(email);
        Elements lines = Jsoup.parse(as(owner, get("/studio")).getContentAsString())
                .select("h2:containsOwn(Refused sign-ins) + table tbody tr");
        assertThat(lines.eachText()).singleElement().asString().contains("12", email);
        assertThat(as(stranger(), get("/studio")).getContentAsString()).doesNotContain(email);
    }
}
