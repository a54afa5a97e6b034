package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.app.PageTest;
import openbloom.app.TestDay;
import openbloom.app.people.Woman;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/**
 * The limits of forms at their edge: the most is kept; one more is told beside its field, and what was typed stands there still.
 * Limits as the pages tell them.
 */
class FormEdgesTest extends PageTest {
    private Woman woman;
    private String her;

    @BeforeEach
    void meet() throws Exception {
        woman = askedWoman("Edge");
        her = "/people/" + woman.id();
    }

    /** A form of hers, and what is filled in beside the field that is tried. */
    private MockHttpServletRequestBuilder form(String name) throws Exception {
        return switch (name) {
            case "intake" -> intake("");
            case "class" ->
                post("/classes")
                        .param("formKey", key())
                        .param("version", "0")
                        .param("name", "Class " + key())
                        .param("weekday", "MONDAY")
                        .param("startsAt", "18:30")
                        .param("minutes", "30")
                        .param("firstOn", TestDay.TODAY.toString())
                        .param("kit", "CHAIR")
                        .param("members", String.valueOf(woman.id()));
            case "wanted" -> set(rendered(her + "/wanted", her + "/wanted"), "move", "Bridge");
            case "paper" -> rendered(her + "/share/paper/HOME_PROGRAM", her + "/share/paper/HOME_PROGRAM");
            case "plan" -> rendered(her + "/program", her + "/program");
            default -> throw new IllegalArgumentException(name);
        };
    }

    private void edge(String form, String field, String most, String more) throws Exception {
        MockHttpServletResponse kept = send(set(form(form), field, most));
        assertThat(kept.getStatus()).as(form + " " + field + " at its most").isIn(200, 302);
        MockHttpServletResponse refused = send(set(form(form), field, more));
        assertThat(refused.getStatus()).as(form + " " + field + ", one more").isEqualTo(422);
        Document page = Jsoup.parse(refused.getContentAsString());
        assertThat(page.select("#problem-" + field).text())
                .as(form + " " + field)
                .isNotBlank();
        assertThat(page.select("[name=" + field + "]").eachAttr("value")).contains(more);
    }

    @ParameterizedTest
    @CsvSource({
        "intake, name, 120",
        "class, name, 80",
        "wanted, note, 200",
        "paper, title, 200",
        "paper, heading-1, 160"
    })
    void lettersOf(String form, String field, int most) throws Exception {
        UnaryOperator<String> unlike = text -> key().substring(0, 8) + text.substring(8);
        edge(form, field, unlike.apply("x".repeat(most)), unlike.apply("y".repeat(most + 1)));
    }

    @ParameterizedTest
    @CsvSource({
        "class, minutes, 90, 91",
        "class, minutes, 20, 19",
        "plan, homeMinutes, 120, 121",
        "wanted, kilograms, 400, 401"
    })
    void numbersOf(String form, String field, String most, String more) throws Exception {
        edge(form, field, most, more);
    }

    @Test
    void aClassLeavesOutSixtyDaysAtMost() throws Exception {
        edge("class", "leftOut", days(60), days(61));
    }

    private static String days(int count) {
        return IntStream.range(0, count)
                .mapToObj(at -> TestDay.TODAY.plusDays(at).toString())
                .collect(Collectors.joining(", "));
    }

    /** Sets and repetitions of a line of her session. */
    @ParameterizedTest
    @CsvSource({"sets, 10, 11", "amount, 60, 61", "sets, 1, 0", "amount, 1, 0"})
    void doseOfALine(String field, String most, String more) throws Exception {
        String session = send(post(her + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "30")
                        .param("place", "STUDIO"))
                .getRedirectedUrl();
        Document editor = Jsoup.parse(page(session + "/edit"));
        int line = IntStream.range(0, 30)
                .filter(at -> editor.select("#line-" + at).text().contains("times"))
                .findFirst()
                .orElseThrow();
        for (String value : new String[] {most, more}) {
            MockHttpServletRequestBuilder dose = post(session + "/edit")
                    .param("formKey", key())
                    .param("version", value.equals(most) ? "0" : "1")
                    .param("act", "DOSE")
                    .param("item", String.valueOf(line))
                    .param("words", "as she wishes")
                    .param("sets", field.equals("sets") ? value : "2")
                    .param("amount", field.equals("amount") ? value : "8");
            MockHttpServletResponse answer = send(dose);
            if (value.equals(most)) {
                assertThat(answer.getStatus()).as(answer.getContentAsString()).isIn(200, 302);
            } else {
                assertThat(answer.getStatus()).isEqualTo(422);
                assertThat(Jsoup.parse(answer.getContentAsString())
                                .select("#problem-act")
                                .text())
                        .contains("whole number from 1 to");
            }
        }
    }
}
