package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import openbloom.app.PageTest;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockHttpServletResponse;

/** What was saved is said once, on the page it leads to and on no other. */
class SavedTest extends PageTest {
    @Test
    void theNextPageSaysItOnce() throws Exception {
        String share = "/people/" + newWoman("Said").id() + "/share";
        MockHttpServletResponse kept = send(post(share + "/language").param("language", "GERMAN"));
        assertThat(kept.getRedirectedUrl()).isEqualTo(share);
        Cookie line = kept.getCookie("saved");
        assertThat(line.getPath()).isEqualTo(share);
        assertThat(line.isHttpOnly()).isTrue();
        assertThat(line.getMaxAge()).isBetween(1, 600);

        MockHttpServletResponse next = send(get(share).cookie(line));
        assertThat(said(next)).isEqualTo("Her language is saved.");
        assertThat(next.getCookie("saved").getPath())
                .as("taken away where it was put")
                .isEqualTo(share);
        assertThat(next.getCookie("saved").getMaxAge()).isZero();
        assertThat(said(send(get(share)))).isEmpty();
    }

    /** A refused form says so itself, and only what this application says is ever shown. */
    @ParameterizedTest
    @ValueSource(strings = {"nothingOfTheKind", "%3Cb%3E", "../typed.long", ""})
    void showsNothingOfWhatSomebodyElsePutThere(String line) throws Exception {
        MockHttpServletResponse page =
                send(get("/people/" + newWoman("Put").id() + "/share").cookie(new Cookie("saved", line)));
        assertThat(page.getStatus()).isEqualTo(200);
        assertThat(said(page)).isEmpty();
    }

    private static String said(MockHttpServletResponse page) throws Exception {
        return Jsoup.parse(page.getContentAsString()).select("main > .said").text();
    }
}
