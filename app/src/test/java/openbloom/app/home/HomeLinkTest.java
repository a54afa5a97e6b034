package openbloom.app.home;

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
import openbloom.app.system.Secrets;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A link is all there is between her page and anybody: made once, kept as a digest, ended for good. */
class HomeLinkTest extends PageTest {
    private static final String HOUSE = "198.51.100.7";

    @Autowired
    private JdbcTemplate tables;

    @Autowired
    private HomeLinks links;

    /** Makes a link as its page renders the form, and reads the address that is shown once. */
    private String made(Woman woman, String button) throws Exception {
        String share = "/people/" + woman.id() + "/share";
        MockHttpServletRequestBuilder form = set(rendered(share, share + "/links"), "purpose", button);
        MvcResult answer = mvc.perform(form.with(user(ines)).with(csrf())).andReturn();
        assertThat(answer.getResponse().getRedirectedUrl()).isEqualTo(share);
        return String.valueOf(answer.getFlashMap().get("made")).replaceFirst("^https?://[^/]+", "");
    }

    private MockHttpServletResponse open(String address, String from) throws Exception {
        return mvc.perform(get(address).with(request -> {
                    request.setRemoteAddr(from);
                    return request;
                }))
                .andReturn()
                .getResponse();
    }

    @Test
    void opensHerPageWithoutAnAccountAndNamesHerByHerFirstNameAlone() throws Exception {
        Woman woman = askedWoman("Olwen Tarrant");
        String address = made(woman, "HOME");
        MockHttpServletResponse page = open(address, HOUSE);
        assertThat(page.getStatus()).isEqualTo(200);
        assertThat(page.getContentAsString()).contains("Olwen").doesNotContain("Tarrant");
        assertThat(Jsoup.parse(page.getContentAsString()).title()).isEqualTo("Today");
        assertThat(page.getHeader("Cache-Control")).contains("no-store");
        assertThat(page.getHeader("Referrer-Policy")).isEqualTo("no-referrer");
        assertThat(page.getHeader("X-Robots-Tag")).contains("noindex");
        assertThat(page.getHeader("Content-Security-Policy")).contains("script-src 'self'");
        assertThat(page.getCookies()).isEmpty();
    }

    @Test
    void keepsTheDigestOfATokenAndNothingElseOfIt() throws Exception {
        Woman woman = askedWoman("Digest");
        String token = made(woman, "HOME").replace("/home/", "");
        assertThat(token).hasSize(22);
        List<String> kept = tables.queryForList(
                "select digest from home_link where woman_id = " + woman.id() + " order by id desc", String.class);
        assertThat(kept.get(0)).hasSize(64).isEqualTo(Secrets.digest(token));
        assertThat(tables.queryForList("select * from home_link where woman_id = " + woman.id())
                        .toString())
                .doesNotContain(token);
    }

    /** Never made, ended, taken back: one page, one status, whatever it was. */
    @Test
    void answersEveryLinkThatDoesNotOpenAlike() throws Exception {
        Woman woman = askedWoman("Ended");
        String takenBack = made(woman, "HOME");
        String ended = made(woman, "HOME");
        String stillOpen = made(woman, "HOME");
        List<Long> ids = tables.queryForList(
                "select id from home_link where woman_id = " + woman.id() + " order by id", Long.class);
        assertThat(ids).hasSize(3);
        send(post("/people/" + woman.id() + "/share/links/" + ids.get(0) + "/take-back"));
        tables.update("update home_link set ends_on = ? where id = ?", TODAY.minusDays(1), ids.get(1));
        tables.update("update home_link set ends_on = ? where id = ?", TODAY, ids.get(2));
        String madeUp = open("/home/AAAAAAAAAAAAAAAAAAAAAA", HOUSE).getContentAsString();
        assertThat(madeUp).contains("This page is closed", "Diese Seite ist geschlossen");
        for (String closed : List.of(takenBack, ended)) {
            MockHttpServletResponse page = open(closed, HOUSE);
            assertThat(page.getStatus()).isEqualTo(404);
            assertThat(page.getContentAsString()).isEqualTo(madeUp);
        }
        assertThat(open(stillOpen, HOUSE).getStatus()).isEqualTo(200);
    }

    /** Twenty wrong ones within a minute: then an address waits, with a right link, too. Another address does not. */
    @Test
    void makesGuessingHopelessAndRecordsIt() throws Exception {
        Woman woman = askedWoman("Guessed");
        String right = made(woman, "HOME");
        String from = "203.0.113." + (UUID.randomUUID().hashCode() & 0xff);
        for (int guess = 1; guess < 20; guess++) {
            open("/home/BBBBBBBBBBBBBBBBBBBB" + String.format("%02d", guess), from);
        }
        assertThat(open(right, from).getStatus()).isEqualTo(200);
        open("/home/BBBBBBBBBBBBBBBBBBBB20", from);
        MockHttpServletResponse waits = open(right, from);
        assertThat(waits.getStatus()).isEqualTo(404);
        assertThat(waits.getContentAsString()).contains("This page is closed");
        assertThat(open(right, HOUSE).getStatus()).isEqualTo(200);
        assertThat(tables.queryForObject("select count(*) from refused_sign_in where address = ?", Integer.class, from))
                .isEqualTo(1);
    }

    /** A record nobody can read is shown to nobody by name, and no log has an address that opens. */
    @Test
    void aRecordThatCannotBeReadIsAPlainPage() throws Exception {
        Woman woman = askedWoman("Broken Surname");
        String address = made(woman, "HOME");
        tables.update(
                "update woman set conditions = ? where id = ?", "{\"version\":1,\"values\":[\"NO_SUCH\"]}", woman.id());
        MockHttpServletResponse page = open(address, HOUSE);
        assertThat(page.getStatus()).isEqualTo(422);
        assertThat(page.getContentAsString())
                .contains("Please do not practise today", "Bitte übe heute nicht")
                .doesNotContain("Surname");
        tables.update("update woman set conditions = '' where id = ?", woman.id());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "share",
                "share/links/1/take-back",
                "share/language",
                "share/paper/STOPS",
                "from-home",
                "from-home/seen"
            })
    void isNothingForAnotherStudio(String page) throws Exception {
        Woman woman = askedWoman("Ours");
        isNothingForAStranger("/people/" + woman.id() + "/" + page);
    }

    @Test
    void aLinkOfAnotherWomanIsNotTakenBack() throws Exception {
        Woman one = askedWoman("One");
        Woman other = askedWoman("Other");
        String address = made(one, "HOME");
        long id = links.of(one.id()).get(0).id();
        send(post("/people/" + other.id() + "/share/links/" + id + "/take-back"));
        assertThat(open(address, HOUSE).getStatus()).isEqualTo(200);
    }

    /** Half past midnight in the studio, when it is still evening at Greenwich. */
    @Test
    void greetsByTheStudiosClock() throws Exception {
        Woman woman = askedWoman("Ilse");
        assertThat(open(made(woman, "HOME"), HOUSE).getContentAsString())
                .contains("Good morning, Ilse")
                .doesNotContain("Good evening");
    }

    @Test
    void speaksHerLanguageAndSaysWhatNobodyHasConfirmed() throws Exception {
        tables.update("delete from language_check");
        Woman woman = askedWoman("Sprache");
        String share = "/people/" + woman.id() + "/share";
        send(set(rendered(share, share + "/language"), "language", "GERMAN"));
        assertThat(open(made(woman, "HOME"), HOUSE).getContentAsString())
                .contains("lang=\"de\"", "Bevor du anfängst: Hast du heute etwas davon?", "Nichts davon")
                .doesNotContain("Before you start");
        String studio = "/studio/languages/GERMAN";
        assertThat(body(set(rendered(studio, studio), "by", " "))).contains("Fill this in.");
        assertThat(page(share)).contains("confirmed its safety words yet");
        send(set(rendered(studio, studio), "by", "Frauke Lund, midwife"));
        assertThat(page(studio)).contains("Confirmed by", "Frauke Lund, midwife", "Atemnot", "trouble breathing");
        assertThat(page(share)).doesNotContain("confirmed its safety words yet");
        assertThat(as(stranger(), get(studio)).getContentAsString()).doesNotContain("Frauke Lund");
        assertThat(body(post(share + "/language").param("language", "LATIN"))).contains("Choose one of the languages.");
    }
}
