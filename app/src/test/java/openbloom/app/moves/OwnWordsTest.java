package openbloom.app.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** An instructor's and a studio's own words of shipped moves, each test in a studio of its own. */
class OwnWordsTest extends PageTest {
    private static final String PAGE = "/moves/bridge/words";

    private static final List<String> BREATHS = List.of(
            "breath-lying",
            "breath-side",
            "breath-propped",
            "breath-seated",
            "breath-cross-legged",
            "breath-kneeling",
            "breath-rocked-back",
            "breath-hands-knees",
            "breath-standing");

    private SignedIn owner;
    private SignedIn instructor;

    @BeforeEach
    void openAStudio() {
        String email = "owner-" + UUID.randomUUID() + "@words.example";
        accounts.createStudio("Words", "Europe/London", new NewAccount("Owner", email, "long-enough-1"));
        owner = (SignedIn) accounts.loadUserByUsername(email);
        String second = "second-" + UUID.randomUUID() + "@words.example";
        accounts.addInstructor(owner.studioId(), new NewAccount("Second", second, "long-enough-1"));
        instructor = (SignedIn) accounts.loadUserByUsername(second);
        ines = owner;
    }

    private String said(SignedIn who) throws Exception {
        ines = who;
        return Jsoup.parse(page("/moves/bridge")).select("p.cue").text();
    }

    private int keep(SignedIn who, String page, String field, String words) throws Exception {
        ines = who;
        return send(set(rendered(page, "/words"), field, words)).getStatus();
    }

    /** Her own before the studio's, the studio's before the shipped, and nobody else's. */
    @Test
    void saysTheInstructorsBeforeTheStudiosBeforeTheShipped() throws Exception {
        assertThat(said(owner)).startsWith("Breathe out and connect, then press the feet down");
        assertThat(keep(owner, PAGE + "?whole=yes", "cues[PLAIN]", "Press, and rise."))
                .isEqualTo(302);
        assertThat(said(owner)).isEqualTo("Press, and rise.");
        assertThat(said(instructor)).isEqualTo("Press, and rise.");
        assertThat(keep(instructor, PAGE, "cues[PLAIN]", "Feet heavy, hips light."))
                .isEqualTo(302);
        assertThat(said(instructor)).isEqualTo("Feet heavy, hips light.");
        assertThat(said(owner)).isEqualTo("Press, and rise.");
        assertThat(said((SignedIn) accounts.loadUserByUsername("ines@boathouse.example")))
                .startsWith("Breathe out and connect");
    }

    /** Name and feel as well, on the page of the move and in a session; the shipped words come back whole. */
    @Test
    void reachesHerSessionAndGoesBack() throws Exception {
        Woman woman = askedWoman("Said");
        assertThat(keep(owner, PAGE, "name", "Hips up")).isEqualTo(302);
        assertThat(Jsoup.parse(page("/moves/bridge")).select("h1").text()).isEqualTo("Hips up");
        assertThat(page("/people/" + woman.id() + "/exercise-check")).contains("Hips up");
        assertThat(keep(owner, PAGE, "feel", "only the seat")).isEqualTo(302);
        assertThat(page("/moves/bridge")).contains("only the seat").contains("Hips up");
        assertThat(page(PAGE)).contains("Owner").contains("only the seat");
        assertThat(send(rendered(PAGE, "/words/shipped")).getStatus()).isEqualTo(302);
        assertThat(Jsoup.parse(page("/moves/bridge")).select("h1").text()).isEqualTo("Bridge");
        assertThat(Jsoup.parse(page(PAGE)).select("form[action$=/again]")).hasSize(3);
        assertThat(send(rendered(PAGE, "/words/again")).getStatus()).isEqualTo(302);
    }

    @Test
    void refusesWhatCannotBeSaidAndKeepsWhatWasTyped() throws Exception {
        String long5000 = "x".repeat(5000);
        String tooLong = body(set(rendered(PAGE, "/words"), "cues[PLAIN]", long5000));
        assertThat(Jsoup.parse(tooLong).select("#problem-cues-PLAIN").text())
                .contains("300")
                .contains("5000");
        assertThat(tooLong).contains(long5000);
        String taken = body(set(rendered(PAGE, "/words"), "name", "CLAM"));
        assertThat(Jsoup.parse(taken).select("#problem-name").text())
                .isEqualTo("Another exercise is called “CLAM”. Choose another name.");
        assertThat(said(owner)).startsWith("Breathe out and connect");
    }

    @Test
    void showsMarkupAsWrittenAndTakesAnyScript() throws Exception {
        assertThat(keep(owner, PAGE, "cues[PLAIN]", "<b>Press</b> & rise")).isEqualTo(302);
        assertThat(said(owner)).isEqualTo("<b>Press</b> & rise");
        assertThat(keep(owner, PAGE, "cues[PLAIN]", "اضغطي القدمين وارفعي الحوض"))
                .isEqualTo(302);
        assertThat(said(owner)).isEqualTo("اضغطي القدمين وارفعي الحوض");
        assertThat(Jsoup.parse(page(PAGE)).select("#cues-PLAIN").attr("dir")).isEqualTo("auto");
    }

    @Test
    void isForTheOwnerWhereItIsForAllAndOverwritesNothing() throws Exception {
        ines = instructor;
        String refused = body(set(rendered(PAGE + "?whole=yes", "/words"), "name", "Mine for all"));
        assertThat(Jsoup.parse(refused).select("#problem-whole").text()).contains("kept by its owner");
        ines = owner;
        var stale = set(rendered(PAGE, "/words"), "name", "First");
        assertThat(keep(owner, PAGE, "name", "Second")).isEqualTo(302);
        assertThat(Jsoup.parse(body(stale)).select("#problem-whole").text()).contains("changed these words meanwhile");
        assertThat(Jsoup.parse(page("/moves/bridge")).select("h1").text()).isEqualTo("Second");
    }

    @Test
    void isNotForMovesOfTheStudioOrThatDoNotExist() throws Exception {
        assertThat(as(owner, get("/moves/no-such-move/words")).getStatus()).isEqualTo(404);
    }

    /** A session is taught in the words it was made with, even if they are taken back meanwhile. */
    @Test
    void teachesInTheWordsTheSessionWasMadeWith() throws Exception {
        Woman woman = askedWoman("Taught");
        for (String breath : BREATHS) {
            assertThat(keep(owner, "/moves/" + breath + "/words", "cues[PLAIN]", "Ribs wide, then easy."))
                    .isEqualTo(302);
        }
        String program = "/people/" + woman.id() + "/program";
        assertThat(send(rendered(program, "/program")).getStatus()).isEqualTo(302);
        String session =
                Objects.requireNonNull(send(rendered(program, "/sessions")).getRedirectedUrl());
        assertThat(page(session + "/teach")).contains("Ribs wide, then easy.");
        for (String breath : BREATHS) {
            assertThat(send(rendered("/moves/" + breath + "/words", "/words/shipped"))
                            .getStatus())
                    .isEqualTo(302);
        }
        assertThat(page("/moves/" + BREATHS.get(0))).doesNotContain("Ribs wide, then easy.");
        assertThat(page(session + "/teach")).contains("Ribs wide, then easy.");
    }
}
