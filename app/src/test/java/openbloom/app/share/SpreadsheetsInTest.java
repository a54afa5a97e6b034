package openbloom.app.share;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.app.system.CsvText;
import openbloom.app.system.RenderedForm;
import openbloom.core.record.Noted;
import openbloom.core.record.Occasion;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Sessions and responses of a spreadsheet: as the page sends them, looked at, kept once, each wrong line told by its number. */
class SpreadsheetsInTest extends PageTest {
    private static final String SESSIONS =
            "planned_on,taught_on,occasion,minutes,exercise,side,sets,repetitions,hold_s,breaths,rest_s";

    @Autowired
    private Sessions sessions;

    private static String at(Woman woman) {
        return "/people/" + woman.id() + "/share/spreadsheets";
    }

    private String looked(Woman woman, String file) throws Exception {
        return send(set(rendered(at(woman), "/look"), "written", file)).getContentAsString();
    }

    /** Sent with the button of the page that shows what would be done. */
    private void keep(Woman woman, String file) throws Exception {
        String shown = looked(woman, file);
        Optional<RenderedForm> form = RenderedForm.all(shown, at(woman)).stream()
                .filter(one -> one.isPost() && one.action().endsWith("/spreadsheets"))
                .findFirst();
        if (form.isPresent()) {
            MockHttpServletRequestBuilder request = post(form.get().action());
            form.get().fields().forEach((name, values) -> request.param(name, values.toArray(String[]::new)));
            MockHttpServletResponse answer = send(request);
            assertThat(answer.getStatus()).isEqualTo(302);
        }
    }

    private static List<List<String>> lines(String file, String... without) throws Exception {
        try (CSVParser read = CsvText.open(file)) {
            return read.getRecords().stream()
                    .map(CSVRecord::toMap)
                    .map(line -> {
                        List.of(without).forEach(line::remove);
                        return List.copyOf(line.entrySet().stream()
                                .map(Map.Entry::toString)
                                .toList());
                    })
                    .toList();
        }
    }

    @Test
    void whatGoesOutComesInElsewhereAndASecondTimeAddsNothing() throws Exception {
        Woman rhona = people.page(ines, "rhona", 0).women().get(0);
        String planned = page("/people/" + rhona.id() + "/share/sessions.csv");
        String noted = page("/people/" + rhona.id() + "/share/responses.csv");
        Woman other = askedWoman("Olwen of the spreadsheet");
        keep(other, planned);
        keep(other, noted);
        String there = page("/people/" + other.id() + "/share/sessions.csv");
        assertThat(lines(there, "session", "verdict"))
                .as(
                        "every line but its number and the verdict, which is this woman's; what was done in a class is hers alone here")
                .containsExactlyInAnyOrderElementsOf(
                        lines(planned.replace(",class,", ",studio,"), "session", "verdict"));
        assertThat(lines(page("/people/" + other.id() + "/share/responses.csv"), "session"))
                .containsExactlyInAnyOrderElementsOf(lines(noted.replace(",class,", ",studio,"), "session"))
                .isNotEmpty();
        assertThat(looked(other, planned))
                .contains("New sessions: <strong>0</strong>")
                .doesNotContain("Keep them");
        keep(other, planned);
        keep(other, noted);
        assertThat(page("/people/" + other.id() + "/share/sessions.csv")).isEqualTo(there);
        assertThat(looked(rhona, planned))
                .as("into the record it came from")
                .contains("New sessions: <strong>0</strong>");
        isNothingForAStranger(at(rhona));
    }

    @Test
    void aSessionOnPaperCountsOnItsDayAndItsResponsesWithIt() throws Exception {
        Woman woman = askedWoman("Paper");
        keep(
                woman,
                SESSIONS + "\n2027-05-03,2027-05-03,,25,Bridge,,2,8,,,30\n"
                        + "2027-05-03,2027-05-03,,25,Side-lying leg lift,left,1,10,,,\n"
                        + "2027-05-03,2027-05-03,,25,Side-lying leg lift,right,1,10,,,\n"
                        + "2027-05-10,,home,,Bridge,,1,10,,,\n");
        Map<Occasion, Sessions.ComposedFor> kept = sessions.of(woman.id()).stream()
                .collect(Collectors.toMap(one -> one.stored().occasion(), Function.identity()));
        Sessions.ComposedFor taught = kept.get(Occasion.STUDIO);
        assertThat(taught.stored().plannedOn()).hasToString("2027-05-03");
        assertThat(taught.stored().taughtOn()).hasToString("2027-05-03");
        assertThat(taught.stored().minutes()).isEqualTo(25);
        assertThat(taught.plan().items().get(0).amount().sets()).isEqualTo(2);
        assertThat(kept.get(Occasion.HOME).stored().taughtOn()).isNull();
        keep(
                woman,
                "on,exercise,noted,where,pain_0_to_10,note\n2027-05-03,Bridge,hurt,back,4,\"first set only, then well\"");
        List<StoredResponse> responses = sessions.responsesIn(taught.stored().id());
        assertThat(responses).singleElement().satisfies(one -> {
            assertThat(one.told()).isEqualTo(Noted.HURT);
            assertThat(one.place()).isEqualTo("BACK");
            assertThat(one.how().pain()).isEqualTo(4);
            assertThat(one.how().note()).isEqualTo("first set only, then well");
            assertThat(one.on()).hasToString("2027-05-03");
        });
    }

    /** As it is written out today, and as it was until version 0.24. */
    @ParameterizedTest
    @ValueSource(strings = {"just right", "Just right", "right"})
    void whatWasJustRightIsRead(String noted) throws Exception {
        Woman woman = askedWoman("Just right");
        keep(woman, SESSIONS + "\n2027-05-03,2027-05-03,,25,Bridge,,2,8,,,30");
        keep(woman, "on,exercise,noted,where,pain_0_to_10,note\n2027-05-03,Bridge," + noted + ",,,");
        assertThat(sessions.of(woman.id()).stream()
                        .flatMap(one -> sessions.responsesIn(one.stored().id()).stream()))
                .extracting(StoredResponse::told)
                .containsExactly(Noted.RIGHT);
    }

    /** One line after the header, and what is said of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-05-03,,,,Bridge,,11,8,,,|sets: Give a whole number from 1 to 10",
                "2027-05-03,,,,Bridge,,1,61,,,|repetitions: Give a whole number from 1 to 60",
                "2027-05-03,,,,Bridge,,1,8,601,,|hold_s: Give a whole number from 0 to 600",
                "2027-05-03,,,,Bridge,,1,8,5,2,|held for seconds or for breaths, not both",
                "2027-05-03,,,,Bridge,,1,8,,,301|rest_s: Give a whole number from 0 to 300",
                "2027-05-03,2027-05-02,,,Bridge,,1,8,,,|cannot have been taught before the",
                "2099-05-03,,,,Bridge,,1,8,,,|planned_on:",
                "3.5.27,,,,Bridge,,1,8,,,|planned_on:",
                ",,,,Bridge,,1,8,,,|planned_on:",
                "2027-05-03,,,,Brigde,,1,8,,,|No exercise here is called “Brigde”",
                "2027-05-03,,,,Side-lying leg lift,left,1,8,,,|Side-lying leg lift stands here for one side alone",
                "2027-05-03,,sea,,Bridge,,1,8,,,|occasion:",
                "2027-05-03,,,241,Bridge,,1,8,,,|minutes: Give a whole number from 1 to 240",
            })
    void aWrongLineIsToldAndNothingOfItKept(String line, String said) throws Exception {
        Woman woman = askedWoman("Wrong line");
        String shown = looked(woman, SESSIONS + "\n" + line);
        assertThat(shown).contains(said, "New sessions: <strong>0</strong>", "<td>2</td>");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-05-04,Bridge,done,,,|No session of 4 May 2027 holds “Bridge”",
                "2027-05-03,Bridge,superb,,,|“superb” is none of: done, partly done",
                "2027-05-03,Bridge,hurt,moon,,|“moon” is not a place that goes with “hurt”",
                "2027-05-03,Bridge,done,,3,|A number for pain goes with “hurt”, not with “done”",
                "2027-05-03,Bridge,hurt,back,11,|pain_0_to_10: Give a whole number from 0 to 10",
                "2027-05-03,Bridge,note,,,|note:",
            })
    void aWrongResponseIsTold(String line, String said) throws Exception {
        Woman woman = askedWoman("Wrong response");
        keep(woman, SESSIONS + "\n2027-05-03,2027-05-03,,25,Bridge,,2,8,,,30");
        assertThat(looked(woman, "on,exercise,noted,where,pain_0_to_10,note\n" + line))
                .contains(said, "New things noted: <strong>0</strong>");
    }

    @Test
    void anythingElseIsRefusedInWords() throws Exception {
        Woman woman = askedWoman("No file");
        assertThat(body(set(rendered(at(woman), "/look"), "written", " ")))
                .contains("Choose a file, or paste its lines.");
        assertThat(looked(woman, "a,b\n1,2")).contains("These columns are missing: planned_on, exercise.");
        assertThat(looked(woman, "a,a\n1,2")).contains("cannot be read as CSV");
        assertThat(looked(woman, SESSIONS + "\n\"open")).contains("cannot be read as CSV");
    }
}
