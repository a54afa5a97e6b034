package openbloom.app.share;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.screening.Condition;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A letter is drafted, changed, sent and kept; an answer lifts and sets what it says, once, and nothing of another studio. */
class LettersTest extends PageTest {
    @Autowired
    private JdbcClient store;

    private Woman anaemic() throws Exception {
        String name = "Lettered " + key();
        send(set(intake(name), "noCondition", "").param("conditions", "ANAEMIA_SYMPTOMATIC"));
        Woman woman = people.page(ines, name, 0).women().get(0);
        send(post("/people/" + woman.id() + "/safe")
                .param("formKey", key())
                .param("noSign", "yes")
                .param("noSymptom", "yes"));
        return woman;
    }

    private static String letters(Woman woman) {
        return "/people/" + woman.id() + "/letters";
    }

    private MockHttpServletRequestBuilder answer(Woman woman) throws Exception {
        return set(
                set(rendered(letters(woman), "/letters/answer"), "answeredOn", TODAY.toString()),
                "saidBy",
                "Dr Hale, GP");
    }

    private Woman now(Woman woman) {
        return people.find(ines, woman.id()).orElseThrow();
    }

    private String pdf(byte[] paper) throws Exception {
        try (PDDocument document = Loader.loadPDF(paper)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void aLetterIsChangedMadeAndKeptAsItWasSent() throws Exception {
        Woman woman = anaemic();
        String address = "/people/" + woman.id() + "/share/paper/LETTER_ASKING";
        Document draft = Jsoup.parse(page(address));
        assertThat(draft.select("textarea[name=lines-0]").text())
                .contains("May she exercise with me", "May she train with load, given anaemia with symptoms");
        MockHttpServletRequestBuilder form = set(rendered(address, address), "under", "To: Dr Hale\n" + woman.name());
        MockHttpServletResponse made = send(set(form, "lines-1", "She is well known to you."));
        String text = pdf(made.getContentAsByteArray());
        assertThat(text)
                .contains(
                        "To: Dr Hale",
                        woman.name(),
                        "What I ask you",
                        "She is well known to you.",
                        "please mark and send back")
                .doesNotContain("She has not given birth before");
        Document page = Jsoup.parse(page(letters(woman)));
        String given = page.select("a[href*=given]").attr("href");
        assertThat(pdf(send(get(given)).getContentAsByteArray())).isEqualTo(text);
        assertThat(Jsoup.parse(page("/people/" + woman.id() + "/share"))
                        .select(".paper-kinds a")
                        .eachText())
                .as("what she is given herself is no letter")
                .noneMatch(words -> words.startsWith("Letter"));
        isNothingForAStranger(address);
    }

    @Test
    void anAnswerLiftsWhatItSaysAndSetsItsLimits() throws Exception {
        Woman woman = anaemic();
        assertThat(Jsoup.parse(page(letters(woman))).text())
                .contains("Waits for her clinician", "anaemia with symptoms");
        MockHttpServletRequestBuilder form = answer(woman).param("limits", "NO_IMPACT");
        form = set(set(form, "exercise", "YES"), "condition-ANAEMIA_SYMPTOMATIC", "YES");
        assertThat(send(set(form, "limitWords", "stop when she is breathless")).getRedirectedUrl())
                .isEqualTo(letters(woman));
        assertThat(now(woman).clearance()).hasValueSatisfying(given -> {
            assertThat(given.date()).isEqualTo(TODAY);
            assertThat(given.by()).isEqualTo("Dr Hale, GP");
            assertThat(given.answers()).containsExactly(Condition.ANAEMIA_SYMPTOMATIC);
            assertThat(given.limits()).containsExactly("NO_IMPACT", "stop when she is breathless");
        });
        Document page = Jsoup.parse(page(letters(woman)));
        assertThat(page.select("dd").eachText())
                .contains(
                        "Exercise: yes",
                        "anaemia with symptoms: yes",
                        "Limits: no impact; “stop when she is breathless”");
        assertThat(page.select("input[name=limits][checked]").eachAttr("value")).containsExactly("NO_IMPACT");

        form = set(answer(woman), "condition-ANAEMIA_SYMPTOMATIC", "NOT_YET");
        send(form);
        assertThat(now(woman).clearance().orElseThrow().answers())
                .as("withdrawn")
                .isEmpty();
        assertThat(now(woman).limits()).as("what it did not speak of").contains("NO_IMPACT");

        send(set(answer(woman), "exercise", "NOT_YET"));
        assertThat(now(woman).limits()).contains(ClinicalRestriction.BREATH_ONLY.name());
        assertThat(store.sql("select count(*) from clinician_answer where woman_id = ?")
                        .param(woman.id())
                        .query(Integer.class)
                        .single())
                .isEqualTo(3);
        isNothingForAStranger(letters(woman));
        isNothingForAStranger(letters(woman) + "/answer");
    }

    @Test
    void whatIsMissingOrOvertakenIsSaidBesideItsFieldAndKeepsNothing() throws Exception {
        Woman woman = anaemic();
        for (List<String> wrong : List.of(
                List.of("answeredOn", TODAY.plusDays(1).toString(), "exercise", "YES", "This day lies ahead"),
                List.of("answeredOn", "", "exercise", "YES", "expected the day the answer was given"),
                List.of("saidBy", " ", "exercise", "YES", "Fill this in"),
                List.of("saidBy", "Dr Hale", "exercise", "NOT_SAID", "This says nothing yet"),
                List.of("exercise", "PERHAPS", "saidBy", "Dr Hale", "is not one of the choices"),
                List.of("condition-ANAEMIA_SYMPTOMATIC", "YES", "exercise", "NOT_SAID", "would open it"))) {
            String refused = body(set(set(answer(woman), wrong.get(0), wrong.get(1)), wrong.get(2), wrong.get(3)));
            assertThat(Jsoup.parse(refused).select(".problem").text())
                    .as(wrong.toString())
                    .contains(wrong.get(4));
            assertThat(Jsoup.parse(refused).select("#saidBy").val())
                    .as("what was typed")
                    .isEqualTo(
                            wrong.get(0).equals("saidBy")
                                    ? wrong.get(1)
                                    : "Dr Hale" + (wrong.get(2).equals("saidBy") ? "" : ", GP"));
        }
        assertThat(now(woman).clearance()).isEmpty();
        send(set(answer(woman), "exercise", "YES"));
        assertThat(body(set(
                        set(answer(woman), "exercise", "NOT_YET"),
                        "answeredOn",
                        TODAY.minusDays(3).toString())))
                .contains("A later word of a clinician is on file");
        assertThat(now(woman).clearance().orElseThrow().date()).isEqualTo(TODAY);
    }

    /** “Not yet” stays until somebody says yes, and two who write at once are told. */
    @Test
    void notYetIsLiftedByAYesAloneAndNothingIsOverwrittenUnseen() throws Exception {
        Woman woman = anaemic();
        send(set(answer(woman), "exercise", "NOT_YET"));
        assertThat(Jsoup.parse(page(letters(woman))).text()).contains("the last word was: breath only, by Dr Hale, GP");
        MockHttpServletRequestBuilder unticked = answer(woman);
        unticked.with(request -> {
            request.removeParameter("limits");
            return request;
        });
        assertThat(body(unticked)).contains("The last word was not yet");
        assertThat(body(set(answer(woman), "exercise", "YES"))).contains("contradict each other");

        MockHttpServletRequestBuilder late =
                set(answer(woman), "exercise", "NOT_YET").param("limits", "NO_IMPACT");
        send(set(answer(woman), "exercise", "NOT_YET").param("limits", "NO_SINGLE_LEG"));
        assertThat(body(late)).contains("Somebody else has changed her record");
        assertThat(now(woman).limits()).contains("NO_SINGLE_LEG").doesNotContain("NO_IMPACT");
    }

    @Test
    void aSignIsLiftedWhereSheIsAskedWithTheAnswerFilledIn() throws Exception {
        Woman woman = newWoman("Feverish");
        String safe = "/people/" + woman.id() + "/safe";
        send(post(safe).param("formKey", key()).param("signs", "FEVER"));
        Document stop = Jsoup.parse(page(safe));
        assertThat(stop.select("a[href$=LETTER_REPORTING]")).hasSize(1);
        assertThat(Jsoup.parse(page(letters(woman))).text()).contains("Reporting a warning sign fits today");
        MvcResult sent = mvc.perform(set(set(answer(woman), "sign", "YES"), "exercise", "YES")
                        .with(user(ines))
                        .with(csrf()))
                .andReturn();
        assertThat(sent.getResponse().getRedirectedUrl()).isEqualTo(safe + "?again=yes");
        Document asked = Jsoup.parse(mvc.perform(
                        get(safe + "?again=yes").flashAttrs(sent.getFlashMap()).with(user(ines)))
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(asked.select("[name=liftedBy]").val()).isEqualTo("Dr Hale, GP");
        assertThat(asked.select("[name=liftReason]").val()).contains("Her clinician’s answer of");
        assertThat(Jsoup.parse(page(safe)).select("h1").text())
                .as("it still stops her until she is asked")
                .isEqualTo("Stop");
    }

    @Test
    void theNumbersOfALetterStandWithTheirSourceOnAPageOfTheirOwn() throws Exception {
        Woman rhona = people.page(ines, "rhona", 0).women().get(0);
        String at = "/people/" + rhona.id() + "/letters/evidence/ASKING";
        assertThat(Jsoup.parse(page(at)).select("tbody tr").eachText())
                .as("each number, its source, and the sentence that leans on it")
                .anySatisfy(row -> assertThat(row)
                        .startsWith("2 s: a best hold has changed by more than Common practice among")
                        .contains("At the first check: best hold"));
        assertThat(page(at)).contains("A best hold has changed by more than 2 s (common practice, no source).");
        assertThat(page("/people/" + rhona.id() + "/letters")).contains(at);
        assertThat(as(ines, get(at.replace("ASKING", "SHOUTING"))).getStatus()).isEqualTo(404);
        isNothingForAStranger(at);
    }
}
