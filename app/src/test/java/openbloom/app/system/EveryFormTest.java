package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Every form of every page that links lead to is sent as its page renders it. It may be kept, lead on, or be refused with what
 * is wrong beside its field; it may never be one that the server cannot read.
 */
class EveryFormTest extends PageTest {
    /** What ends the visit, or is no page. */
    private static final Set<String> LEFT_OUT = Set.of("/sign-out", "/studio/team/N/leave");

    private static String kind(String address) {
        return address.replaceAll("\\?.*", "")
                .replaceAll("/\\d+", "/N")
                .replaceAll("(/moves/)(?!own|figures|compare)[a-z0-9-]+", "$1move");
    }

    /** Where the page that follows shows by itself what was made: a session, a sheet, a paper, a way in, another sign-in. */
    private static final Set<String> SHOWS_IT = Set.of(
            "/people/N/sessions/N",
            "/teachings/N",
            "/teachings/N/edit",
            "/people/N/sessions/N/edit",
            "/people/N/share/given/N.pdf");

    @Autowired
    private JdbcClient store;

    @LocalServerPort
    private int port;

    private StudioHttp studio;

    @BeforeEach
    void signInOverTheWire() throws Exception {
        studio = StudioHttp.signedIn(port, "ines@boathouse.example", "tarnmouth-demo");
    }

    /** The pages, one of each kind, with the forms on each. */
    private TreeMap<String, List<RenderedForm>> crawled(String... first) throws Exception {
        Deque<String> left = new ArrayDeque<>(List.of(first));
        Set<String> seen = new HashSet<>();
        left.forEach(address -> seen.add(kind(address)));
        TreeMap<String, List<RenderedForm>> pages = new TreeMap<>();
        while (!left.isEmpty()) {
            StudioHttp.Page page = studio.open(left.poll());
            if (!page.isPage()) {
                assertThat(page.answer().statusCode()).as(page.address()).isIn(200, 404, 409);
                continue;
            }
            pages.putIfAbsent(kind(page.address()), page.forms());
            page.links().stream()
                    .filter(href -> !href.matches("/api/.*|.*\\.(csv|json|yaml|svg)(\\?.*)?") && seen.add(kind(href)))
                    .forEach(left::add);
        }
        return pages;
    }

    /** A woman of her own, asked today, with a plan and a session: what the pages offer her is sent. */
    private String herPages() throws Exception {
        Woman woman = askedWoman("Forms");
        String her = "/people/" + woman.id();
        assertThat(studio.send(studio.open(her + "/program").form("/program")).statusCode())
                .isEqualTo(302);
        assertThat(studio.send(studio.open(her + "/program").form("/sessions")).statusCode())
                .isEqualTo(302);
        return her;
    }

    /** The kind of the page a kept form leads to, if it does not say what happened; empty if it does. */
    private String silent(HttpResponse<String> answer) throws Exception {
        String to = answer.headers().firstValue("Location").orElse("");
        if (to.isEmpty() || SHOWS_IT.contains(kind(to))) {
            return "";
        }
        StudioHttp.Page next = studio.open(to);
        boolean says = Jsoup.parse(next.answer().body()).select("main [role=status]").stream()
                .anyMatch(line -> !line.text().isBlank());
        return says ? "" : kind(to);
    }

    @Test
    void everyFormIsSentAsItsPageRendersIt() throws Exception {
        String her = herPages();
        TreeMap<String, List<RenderedForm>> pages = crawled(
                "/",
                her + "/journey",
                her + "/checks/gap",
                her + "/checks/pelvic-floor",
                her + "/checks/breath",
                her + "/checks/connect",
                her + "/checks/load",
                her + "/checks/sides",
                her + "/checks/effort",
                her + "/checks/opening",
                her + "/safe",
                her + "/held",
                her + "/session");
        Set<String> sent = new TreeSet<>();
        Set<String> keys = new HashSet<>();
        List<String> broken = new ArrayList<>();
        int refused = 0;
        int found = 0;
        for (var page : pages.entrySet()) {
            for (RenderedForm form : page.getValue()) {
                found++;
                if (LEFT_OUT.contains(form.action())
                        || !sent.add(kind(form.action()) + form.fields().keySet())) {
                    continue;
                }
                keys.addAll(form.fields().getOrDefault("formKey", List.of()));
                HttpResponse<String> answer = studio.send(form);
                refused += answer.statusCode() == 422 ? 1 : 0;
                if (!Set.of(200, 204, 302, 303, 422).contains(answer.statusCode())) {
                    broken.add(answer.statusCode() + " from " + form.action() + " on " + page.getKey() + " with "
                            + form.fields().keySet());
                }
                String silent = silent(answer);
                if (!silent.isEmpty()) {
                    broken.add("nothing said on " + silent + " after " + form.action() + " on " + page.getKey());
                }
                if (answer.body().contains("opened in a way that cannot be kept")) {
                    broken.add("no usable key in " + form.action() + " on " + page.getKey());
                }
                if (answer.statusCode() == 422) {
                    assertThat(answer.body())
                            .as("refused without a word: " + form.action() + " on " + page.getKey())
                            .containsAnyOf("problem", "Not kept");
                }
            }
        }
        System.out.println("Forms found " + found + " on " + pages.size() + " kinds of page, sent " + sent.size()
                + " kinds, refused " + refused);
        assertThat(broken).isEmpty();
        assertThat(store.sql("select distinct path from kept_form where answer_status < 400 and not worked"
                                + " and path not like '/classes/%/today' and form_key in (:keys)")
                        .param("keys", keys)
                        .query(String.class)
                        .list())
                .as("kept, but not in one transaction with its form; a class that tells nothing keeps nothing")
                .isEmpty();
        assertThat(pages.keySet())
                .as("the crawl reaches what an instructor uses")
                .contains(
                        "/people/N/program",
                        "/people/N/response",
                        "/people/N/review",
                        "/people/N/edit",
                        "/people/N/wanted",
                        "/people/N/safe",
                        "/people/N/sessions/N",
                        "/people/N/sessions/N/edit",
                        "/moves/own",
                        "/studio",
                        "/people/N/checks/gap",
                        "/people/N/checks/pelvic-floor");
        assertThat(sent).hasSizeGreaterThan(40);
    }
}
