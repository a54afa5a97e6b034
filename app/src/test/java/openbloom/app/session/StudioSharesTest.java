package openbloom.app.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.RenderedForm;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** How a studio of its own divides its sessions; the demonstration's stays as it is. */
class StudioSharesTest extends PageTest {
    private static final List<String> USUAL = List.of("60", "45", "25", "40", "20", "10");

    @Autowired
    private Sessions sessions;

    private SignedIn owner;

    @BeforeEach
    void aStudioOfItsOwn() {
        String name = key();
        accounts.createStudio(name, "Europe/London", new NewAccount("Una", name + "@quay.example", "a-quiet-quay-1"));
        owner = (SignedIn) accounts.loadUserByUsername(name + "@quay.example");
    }

    private List<String> shown(SignedIn who) throws Exception {
        return Jsoup.parse(as(who, get("/studio/shares")).getContentAsString())
                .select("input[name=percent]")
                .eachAttr("value");
    }

    /** The form as the page renders it, with other shares in it. */
    private MockHttpServletRequestBuilder with(String... percent) throws Exception {
        RenderedForm form = RenderedForm.to(
                "/studio/shares", as(owner, get("/studio/shares")).getContentAsString(), "/studio/shares");
        assertThat(form.fields().get("percent")).hasSize(6);
        return post(form.action())
                .param("edition", form.fields().get("edition").get(0))
                .param("percent", percent);
    }

    @Test
    void dividesEverySessionOfTheStudioAndNoOther() throws Exception {
        assertThat(shown(owner)).isEqualTo(USUAL);
        assertThat(as(owner, with("50", "30", "40", "20", "30", "15")).getRedirectedUrl())
                .isEqualTo("/studio/shares?saved");
        assertThat(shown(owner)).containsExactly("50", "30", "40", "20", "30", "15");
        assertThat(shown(ines)).isEqualTo(USUAL);
        as(owner, intake("Share"));
        Woman woman = people.page(owner, "Share", 0).women().get(0);
        String her = "/people/" + woman.id();
        as(
                owner,
                post(her + "/safe")
                        .param("formKey", key())
                        .param("noSign", "yes")
                        .param("noSymptom", "yes"));
        as(
                owner,
                post(her + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "45")
                        .param("place", "STUDIO"));
        assertThat(sessions.of(woman.id()).get(0).plan().divided())
                .extracting(SessionDocument.PartTold::percent)
                .as("two goals are what her record suggests")
                .containsSubsequence(30, 40);
    }

    @Test
    void refusesWhatMakesNoHourBesideTheFieldAndKeepsWhatWasTyped() throws Exception {
        var page =
                Jsoup.parse(as(owner, with("5", "60", "60", "", "twenty", "10")).getContentAsString());
        assertThat(page.select("[id^=problem-percent]").eachAttr("id"))
                .containsExactly(
                        "problem-percent[0]", "problem-percent[1]", "problem-percent[3]", "problem-percent[4]");
        assertThat(page.select("input[name=percent]").eachAttr("value"))
                .containsExactly("5", "60", "60", "", "twenty", "10");
        assertThat(shown(owner)).isEqualTo(USUAL);
    }

    @Test
    void onlyTheOwnerSetsIt() throws Exception {
        String email = key() + "@quay.example";
        accounts.addInstructor(owner.studioId(), new NewAccount("Wil", email, "a-quiet-quay-2"));
        SignedIn instructor = (SignedIn) accounts.loadUserByUsername(email);
        assertThat(as(instructor, with("50", "30", "40", "20", "30", "15")).getStatus())
                .isEqualTo(403);
        assertThat(Jsoup.parse(as(instructor, get("/studio/shares")).getContentAsString())
                        .select("input[name=percent]:not([readonly])"))
                .isEmpty();
        assertThat(shown(owner)).isEqualTo(USUAL);
    }

    /** The second of two who change it at once is told, and nothing of hers is taken over. */
    @Test
    void aStalePageIsToldSo() throws Exception {
        MockHttpServletRequestBuilder stale = with("50", "30", "40", "20", "30", "15");
        as(owner, with("55", "45", "25", "40", "20", "10"));
        assertThat(as(owner, stale).getStatus()).isEqualTo(422);
        assertThat(shown(owner)).containsExactly("55", "45", "25", "40", "20", "10");
    }
}
