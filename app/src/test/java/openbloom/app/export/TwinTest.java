package openbloom.app.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipInputStream;
import openbloom.app.PageTest;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.RenderedForm;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Two records of one woman become one; until it is confirmed both are as they were, and taken back they still are. */
class TwinTest extends PageTest {
    private SignedIn owner;
    private long first;
    private long second;

    /** A studio of its own with Rhona's record of two years, and one begun today under the same name: joined from the page of that. */
    @BeforeEach
    void meetTwins() throws Exception {
        String email = "una-" + key() + "@twin.example";
        accounts.createStudio("Quay", "Europe/London", new NewAccount("Una", email, "far-away-studio-1"));
        owner = (SignedIn) accounts.loadUserByUsername(email);
        long rhona = people.page(ines, "rhona", 0).women().get(0).id();
        byte[] file =
                as(ines, get("/people/" + rhona + "/share/everything.zip")).getContentAsByteArray();
        as(owner, multipart("/people/take-in").file(new MockMultipartFile("file", "r.zip", null, file)));
        first = people.page(owner, "rhona", 0).women().get(0).id();
        as(owner, intake("Rhona Vale"));
        second = people.page(owner, "rhona", 0).women().stream()
                .mapToLong(woman -> woman.id())
                .filter(id -> id != first)
                .findFirst()
                .orElseThrow();
        as(
                owner,
                post("/people/" + second + "/safe")
                        .param("formKey", key())
                        .param("noSign", "yes")
                        .param("symptoms", "HEAVINESS"));
    }

    private JsonNode tables(long woman) throws Exception {
        MockHttpServletResponse answer = as(owner, get("/people/" + woman + "/share/everything.zip"));
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.getContentAsByteArray()))) {
            zip.getNextEntry();
            return JsonMapper.shared().readTree(zip.readAllBytes()).path("tables");
        }
    }

    private int status(long woman) throws Exception {
        return as(owner, get("/people/" + woman + "/journey")).getStatus();
    }

    /** What one column of a table says, row by row. */
    private static List<String> column(JsonNode tables, String table, String column) {
        List<String> said = new ArrayList<>();
        tables.path(table).forEach(row -> said.add(row.path(column).toString()));
        return said;
    }

    private MockHttpServletResponse sent(String address, String action, String twin) throws Exception {
        RenderedForm form = RenderedForm.to(action, as(owner, get(address)).getContentAsString(), address);
        if (!twin.isEmpty()) {
            form.with("twin", twin);
        }
        var request = post(form.action());
        form.fields().forEach((name, values) -> request.param(name, values.toArray(String[]::new)));
        return as(owner, request);
    }

    private long joined() throws Exception {
        String page = "/people/" + second + "/twin";
        Document choice = Jsoup.parse(as(owner, get(page)).getContentAsString());
        assertThat(choice.select("input[name=twin]").eachAttr("value")).containsExactly(String.valueOf(first));
        assertThat(sent(page, "/twin", "").getStatus()).as("nobody chosen").isEqualTo(422);
        String there = sent(page, "/twin", String.valueOf(first)).getRedirectedUrl();
        return Long.parseLong(there.replaceAll("\\D", ""));
    }

    @Test
    void haveTheRowsOfBothInTheOrderTheyWereKept() throws Exception {
        JsonNode before = tables(first);
        JsonNode begunToday = tables(second);
        long joined = joined();
        JsonNode both = tables(joined);
        List<String> days = new ArrayList<>(column(before, "safety_answer", "asked_on"));
        days.addAll(column(begunToday, "safety_answer", "asked_on"));
        assertThat(column(both, "safety_answer", "asked_on")).isEqualTo(days).hasSizeGreaterThan(2);
        assertThat(column(both, "safety_answer", "symptoms")).last().asString().contains("HEAVINESS");
        for (String table : List.of("session", "gap_check", "gap_reading", "response", "program", "life_event")) {
            assertThat(both.path(table).size())
                    .as(table)
                    .isEqualTo(before.path(table).size());
        }
        assertThat(column(both, "woman", "birth_year"))
                .as("the intake of the one whose page it was")
                .isEqualTo(column(begunToday, "woman", "birth_year"));
        assertThat(tables(first).path("session")).as("as it was").isEqualTo(before.path("session"));
        assertThat(tables(second).path("safety_answer")).isEqualTo(begunToday.path("safety_answer"));
        assertThat(as(owner, get("/people/" + joined + "/checks")).getStatus()).isEqualTo(200);
    }

    @Test
    void confirmedOneStaysAndTakenBackTwo() throws Exception {
        JsonNode before = tables(first).path("gap_check");
        long tried = joined();
        sent("/people/" + second + "/twin", "/twin/take-back", "");
        assertThat(List.of(status(first), status(second), status(tried))).containsExactly(200, 200, 404);
        assertThat(tables(first).path("gap_check")).isEqualTo(before);

        long joined = joined();
        assertThat(sent("/people/" + joined + "/twin", "/twin/confirm", "").getRedirectedUrl())
                .isEqualTo("/people/" + joined + "/journey");
        assertThat(List.of(status(first), status(second), status(joined))).containsExactly(404, 404, 200);
        assertThat(tables(joined).path("gap_check").size()).isEqualTo(before.size());
        assertThat(people.page(owner, "rhona", 0).women()).hasSize(1);
        assertThat(Jsoup.parse(as(owner, get("/people/" + joined + "/twin")).getContentAsString())
                        .select("form[action$=confirm]"))
                .as("nothing waits any more")
                .isEmpty();
    }

    @Test
    void isTheOwnersAloneAndNothingForAStranger() throws Exception {
        SignedIn mara = (SignedIn) accounts.loadUserByUsername("mara@boathouse.example");
        long rhona = people.page(ines, "rhona", 0).women().get(0).id();
        assertThat(as(mara, get("/people/" + rhona + "/twin")).getStatus()).isEqualTo(403);
        isNothingForAStranger("/people/" + rhona + "/twin");
        assertThat(as(owner, post("/people/" + first + "/twin").param("twin", String.valueOf(rhona)))
                        .getStatus())
                .as("a woman of another studio")
                .isEqualTo(422);
    }
}
