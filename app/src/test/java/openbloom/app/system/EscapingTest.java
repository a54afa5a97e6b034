package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.TestDay;
import openbloom.app.people.Woman;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;

/** Whatever is typed is shown as it was typed and never read as markup: a name, what she wants, and a class, on every page that shows them. */
class EscapingTest extends PageTest {
    private static final String MARKUP = "<i id=\"planted\">&amp;\"'</i>";

    @Test
    void nothingTypedIsReadAsMarkup() throws Exception {
        String name = MARKUP + " " + key();
        send(set(intake(name), "goals", MARKUP));
        Woman woman = people.page(ines, name, 0).women().get(0);
        String her = "/people/" + woman.id();
        send(set(rendered(her + "/safe", her + "/safe"), "noSign", "yes").param("noSymptom", "yes"));
        send(set(set(rendered(her + "/journey", her + "/visits"), "on", TestDay.TODAY.toString()), "at", "23:50"));
        send(rendered(her + "/program", her + "/program"));
        String session = send(post(her + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "20")
                        .param("place", "STUDIO"))
                .getRedirectedUrl();
        String teaching = send(post("/classes")
                        .param("formKey", key())
                        .param("version", "0")
                        .param("name", name)
                        .param("room", MARKUP)
                        .param("weekday", TestDay.TODAY.getDayOfWeek().name())
                        .param("startsAt", "23:55")
                        .param("minutes", "30")
                        .param("firstOn", TestDay.TODAY.toString())
                        .param("kit", "CHAIR")
                        .param("members", String.valueOf(woman.id())))
                .getRedirectedUrl();
        List<String> pages = List.of(
                her + "/edit",
                her + "/journey",
                her + "/safe",
                her + "/checks",
                her + "/checks/gap",
                her + "/program",
                her + "/exercise-check",
                her + "/review",
                her + "/response",
                her + "/share",
                her + "/wanted",
                her + "/flows",
                her + "/can",
                her + "/approach",
                session,
                session + "/edit",
                session + "/teach",
                session + "/sheet",
                teaching,
                "/classes",
                "/moves?woman=" + woman.id(),
                "/people?q=" + name.substring(name.lastIndexOf(' ') + 1));
        for (String address : pages) {
            MockHttpServletResponse shown = send(get(address));
            assertThat(shown.getStatus()).as(address).isIn(200, 302);
            String page = shown.getContentAsString();
            assertThat(Jsoup.parse(page).select("#planted")).as(address).isEmpty();
            if (shown.getStatus() == 200 && page.contains(key(name))) {
                assertThat(Jsoup.parse(page).html()).as(address).contains("planted");
            }
        }
        assertThat(Jsoup.parse(page(her + "/journey")).text()).contains(name);
        assertThat(Jsoup.parse(page(her + "/edit")).select("[name=goals]").text())
                .contains("planted");
        send(set(rendered(her + "/safe?again=1", her + "/safe"), "signs", "VAGINAL_BLEEDING")
                .param("noSymptom", "yes"));
        Document today = Jsoup.parse(page("/"));
        assertThat(today.select("#planted")).isEmpty();
        assertThat(today.select(".panel-stop").text()).contains(name);
    }

    private static String key(String name) {
        return name.substring(name.lastIndexOf(' ') + 1);
    }
}
