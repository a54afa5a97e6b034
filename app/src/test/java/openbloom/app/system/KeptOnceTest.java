package openbloom.app.system;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A form is kept once: again unchanged it leads to the same place, with other content it is refused and both are shown. */
class KeptOnceTest extends PageTest {
    @Autowired
    private JdbcTemplate jdbc;

    private Woman woman;

    /** A form: its address after the woman's, the table it is kept in, its fields, and one field with another content. */
    record Form(String path, String table, Map<String, String> fields, String changed, String other) {
        @Override
        public String toString() {
            return path;
        }
    }

    @Autowired
    private IdempotencyInterceptor interceptor;

    @BeforeEach
    void askHer() throws Exception {
        woman = askedWoman("Onceonly");
    }

    static Stream<Form> forms() {
        String day = TODAY.plusDays(3).toString();
        return Stream.of(
                new Form(
                        "/safe",
                        "safety_answer",
                        Map.of("noSign", "yes", "symptoms", "BACK_PAIN"),
                        "symptoms",
                        "HEAVINESS"),
                new Form(
                        "/checks/gap",
                        "gap_check",
                        Map.of(
                                "width-LIFT-NAVEL-0",
                                "2",
                                "depth-LIFT-NAVEL-0",
                                "SURFACE",
                                "firmness-LIFT-NAVEL-0",
                                "2"),
                        "width-LIFT-NAVEL-0",
                        "4"),
                new Form("/checks/breath", "sheet", Map.of("zone-BELLY", "FULL"), "zone-BELLY", "NONE"),
                new Form("/visits", "visit", Map.of("on", day, "at", "10:00"), "at", "11:00"),
                new Form("/sessions", "session", Map.of("minutes", "20", "place", "STUDIO"), "minutes", "30"),
                new Form(
                        "/floor/practice",
                        "practice",
                        Map.of(
                                "track",
                                "RELEASE",
                                "holdSeconds",
                                "0",
                                "holds",
                                "0",
                                "flicks",
                                "0",
                                "holdsDone",
                                "0",
                                "flicksDone",
                                "0",
                                "letGoOfTen",
                                "8"),
                        "letGoOfTen",
                        "2"),
                new Form(
                        "/bench/simulated",
                        "recording",
                        Map.of("profile", "TYPICAL", "protocol", "SHORT", "seed", "7", "seconds", "20"),
                        "seed",
                        "8"),
                new Form(
                        "/birth",
                        "life_event",
                        Map.of("version", "1", "birthDate", TODAY.toString(), "birthKind", "VAGINAL"),
                        "birthKind",
                        "CAESAREAN"));
    }

    @ParameterizedTest
    @MethodSource("forms")
    void isKeptOnceAndNeverTakenForAnother(Form form) throws Exception {
        String key = key();
        String address = "/people/" + woman.id() + form.path();
        int before = rows(form);
        String first = send(filled(form, address, key)).getRedirectedUrl();
        assertThat(first).as("kept").isNotNull();
        assertThat(rows(form)).isEqualTo(before + 1);
        assertThat(jdbc.queryForObject("select worked from kept_form where form_key = ?", Boolean.class, key))
                .as("kept with what it asks for")
                .isTrue();

        assertThat(send(filled(form, address, key)).getRedirectedUrl())
                .as("sent again")
                .isEqualTo(first);
        assertThat(body(set(filled(form, address, key), form.changed(), form.other())))
                .as("the same key, other content")
                .contains("What came now was not kept", form.fields().get(form.changed()), form.other());
        assertThat(rows(form)).as("nothing kept twice, nothing replaced").isEqualTo(before + 1);
    }

    /** As it lies there when its process is killed after it was kept and before it answered. */
    @Test
    void sentAgainAfterItsAnswerWasLostItIsThereOnce() throws Exception {
        String key = key();
        Form form = forms().findFirst().orElseThrow();
        MockHttpServletRequestBuilder sent = filled(form, "/people/" + woman.id() + form.path(), key);
        send(sent);
        int kept = rows(form);
        jdbc.update("update kept_form set answer_status = null, answer_location = null where form_key = ?", key);
        MockHttpServletRequest first = new MockHttpServletRequest();
        first.setAttribute(IdempotencyInterceptor.class.getName(), key);
        MockHttpServletResponse failed = new MockHttpServletResponse();
        failed.setStatus(503);
        interceptor.afterCompletion(first, failed, this, null);
        MockHttpServletResponse again = send(sent);
        assertThat(again.getStatus()).isEqualTo(422);
        assertThat(again.getContentAsString())
                .contains("This was saved", "Open her record")
                .doesNotContain("not kept");
        assertThat(rows(form)).isEqualTo(kept);

        String refused = key();
        jdbc.update(
                "insert into kept_form (form_key, path, sent, sent_by, claimed_at) select ?, path, sent, sent_by, claimed_at"
                        + " from kept_form where form_key = ?",
                refused,
                key);
        assertThat(send(filled(form, "/people/" + woman.id() + form.path(), refused))
                        .getStatus())
                .as("one that kept nothing before its process was killed")
                .isEqualTo(302);
        assertThat(jdbc.queryForObject(
                        "select worked and answer_status = 302 from kept_form where form_key = ?",
                        Boolean.class,
                        refused))
                .as("read anew under its key: its answer is known from now on")
                .isTrue();
        assertThat(rows(form)).isEqualTo(kept + 1);
    }

    private int rows(Form form) {
        return jdbc.queryForObject(
                "select count(*) from " + form.table() + " where woman_id = ?", Integer.class, woman.id());
    }

    private static MockHttpServletRequestBuilder filled(Form form, String address, String key) {
        MockHttpServletRequestBuilder filled = post(address).param("formKey", key);
        form.fields().forEach(filled::param);
        return filled;
    }

    @Test
    void aKeyOfAnotherWomanOrStudioKeepsNothingAndShowsNothing() throws Exception {
        String key = key();
        send(keyed("Keyed " + key, key));
        Woman other = askedWoman("Other");
        assertThat(body(post("/people/" + other.id() + "/visits")
                        .param("formKey", key)
                        .param("on", TODAY.toString())
                        .param("at", "10:00")))
                .contains("was not kept");
        MockHttpServletResponse strange = as(stranger(), keyed("Stranger " + key, key));
        assertThat(strange.getStatus()).isEqualTo(422);
        assertThat(strange.getContentAsString()).contains("was not kept").doesNotContain("Keyed");
        assertThat(people.page(stranger(), "stranger " + key, 0).women()).isEmpty();
    }

    private MockHttpServletRequestBuilder keyed(String name, String key) {
        return set(intake(name), "formKey", key);
    }

    @Test
    void twoFilesOfOneNameAndLengthAreTwo() throws Exception {
        String key = key();
        String bench = "/people/" + woman.id() + "/bench/file";
        String levels =
                IntStream.range(0, 300).mapToObj(i -> i / 10.0 + ",10\n").collect(Collectors.joining());
        String first = send(recording(bench, key, "time_s,value\n" + levels)).getRedirectedUrl();
        assertThat(first).as("kept").isNotNull();
        assertThat(send(recording(bench, key, "time_s,value\n" + levels)).getRedirectedUrl())
                .as("the same file again")
                .isEqualTo(first);
        assertThat(body(recording(bench, key, "time_s,value\n" + levels.replace(",10", ",90"))))
                .contains("What came now was not kept");
    }

    private static AbstractMockHttpServletRequestBuilder<?> recording(String address, String key, String text) {
        return multipart(address)
                .file(new MockMultipartFile("file", "sensor.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)))
                .param("unit", "cmH2O")
                .param("protocol", "SHORT")
                .param("formKey", key);
    }

    @Test
    void aRefusedFormMayBeCorrectedUnderItsKey() throws Exception {
        String key = key();
        String visits = "/people/" + woman.id() + "/visits";
        assertThat(body(post(visits)
                        .param("formKey", key)
                        .param("on", "1900-01-01")
                        .param("at", "10:00")))
                .contains("A visit lies between");
        String day = TODAY.plusDays(1).toString();
        assertThat(send(post(visits).param("formKey", key).param("on", day).param("at", "10:00"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(body(post(visits).param("formKey", key()).param("on", day).param("at", "10:00")))
                .as("two visits in one minute")
                .contains("She is expected at that time already");
    }

    @Test
    void twelveAtOnceKeepOne() throws Exception {
        String key = key();
        ExecutorService twelve = Executors.newFixedThreadPool(12);
        try {
            Callable<Integer> one = () -> send(keyed("Twelve " + key, key)).getStatus();
            List<Future<Integer>> answers = twelve.invokeAll(java.util.Collections.nCopies(12, one));
            for (Future<Integer> answer : answers) {
                assertThat(answer.get()).isEqualTo(302);
            }
        } finally {
            twelve.shutdownNow();
        }
        assertThat(people.page(ines, "twelve " + key, 0).women()).hasSize(1);
    }
}
