package openbloom.app.checks.pelvicfloor;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

class FloorPagesTest extends PageTest {
    @Autowired
    private JdbcTemplate jdbc;

    private Woman woman;

    @BeforeEach
    void askHer() throws Exception {
        woman = askedWoman("Flo");
    }

    @Test
    void practisesWhatTheCheckShowedAndStepsBackOnFading() throws Exception {
        assertThat(page(at("/floor"))).contains("Not checked yet", "Find it and let it go");
        send(check("FULL"));
        assertThat(page(at("/floor"))).contains("6 s × 4", "33 lifts", "hold 6 seconds while breathing");
        send(practice("4", "7").param("faded", "yes"));
        assertThat(page(at("/floor"))).contains("5 s × 4", "One back: it faded", "4 of 4 holds, 7 of 7 flicks");
        assertThat(body(practice("many", "7"))).contains("Give a whole number from 0 to 60");
    }

    @Test
    void releaseMovesOnByLettingGoAndNeverAsksForALift() throws Exception {
        send(check("ABSENT"));
        assertThat(page(at("/floor"))).contains("Release first", "No squeezing", "0 of 2 days so far");
        String guided = page(at("/floor/practice"));
        assertThat(guided)
                .contains("felt full letting-go")
                .doesNotContain("data-kind=\"LIFT\"")
                .doesNotContain("FLICK");
        assertThat(body(set(practice("0", "0"), "track", "RELEASE").param("letGoOfTen", "eleven")))
                .contains("Give a whole number from 0 to 10", "value=\"eleven\"", "data-key=\"1\" checked");
        send(set(practice("0", "0"), "track", "RELEASE").param("letGoOfTen", "8"));
        assertThat(page(at("/floor"))).contains("1 of 2 days so far", "let go 8 of 10");
    }

    @Test
    void keepsAFileAndGivesItBack() throws Exception {
        StringBuilder file = new StringBuilder("time_s;value\n");
        for (int i = 0; i < 600; i++) {
            file.append(i / 20.0)
                    .append(';')
                    .append(i > 200 && i < 400 ? 20 : 5)
                    .append('\n');
        }
        String kept = send(upload(file.toString())).getRedirectedUrl();
        assertThat(page(kept)).contains("1 of 4 holds were found", "parted by semicolons", "600 samples");
        assertThat(page(kept + ".csv")).startsWith("time_s,value\r\n0.025,5.000");
        assertThat(page(kept + ".json")).contains("\"restLevel\":5.0", "\"inwardLiftSeen\":\"UNKNOWN\"");
        assertThat(page(at("/bench"))).contains("sensor.csv");
        assertThat(body(upload("time_s,value\n0,1\n0.1,x\n"))).contains("Line 3: “x” is no number");
        assertThat(body(upload(""))).contains("The file is empty");
        assertThat(body(get(kept).param("edge", "50").param("dip", "95"))).contains("problem-dip", "20", "80");
        send(post(kept + "/lift").param("seen", "NO").param("before", "UNKNOWN"));
        assertThat(body(post(kept + "/lift").param("seen", "YES").param("before", "UNKNOWN")))
                .contains("Somebody else has answered", "It pushed down");
        assertThat(page(kept + ".json")).contains("\"inwardLiftSeen\":\"NO\"");
        assertThat(send(get(kept + "9999")).getStatus()).isEqualTo(404);
    }

    /** Two good days move her on when somebody saw them; from home they hold back or lower, and never move on. */
    @ParameterizedTest
    @CsvSource({
        "false, false, '6 s × 5, let go 6 s after each'",
        "true, false, '6 s × 4, let go 6 s after each'",
        "true, true, '4 s × 4, let go 4 s after each'",
    })
    void onlyWhatSomebodySawMovesHerOn(boolean fromHome, boolean heavy, String holds) throws Exception {
        send(check("FULL"));
        for (int days = 1; days >= 0; days--) {
            send(practice("4", "7"));
            jdbc.update(
                    "update practice set practised_on = ?, from_home = ?, heavy = ? where woman_id = ? and practised_on = ?",
                    TODAY.plusDays(7 + days),
                    fromHome,
                    heavy,
                    woman.id(),
                    TODAY);
        }
        assertThat(page(at("/floor"))).contains(holds);
    }

    @Test
    void recordingsStandLatestFirst() throws Exception {
        String wave = "time_s;value\n"
                + IntStream.range(0, 300)
                        .mapToObj(i -> i / 20.0 + ";" + (i > 100 && i < 200 ? 20 : 5) + "\n")
                        .collect(Collectors.joining());
        String later = send(upload(wave)).getRedirectedUrl();
        String earlier = send(upload(wave)).getRedirectedUrl();
        jdbc.update(
                "update recording set recorded_on = ? where id = ?",
                TODAY.minusDays(3),
                Long.valueOf(earlier.replaceAll(".*/", "")));
        String bench = page(at("/bench"));
        assertThat(bench).containsSubsequence(later, earlier);
    }

    private AbstractMockHttpServletRequestBuilder<?> upload(String file) {
        return multipart(at("/bench/file"))
                .file(new MockMultipartFile("file", "sensor.csv", "text/csv", file.getBytes(StandardCharsets.UTF_8)))
                .param("unit", "cmH2O")
                .param("protocol", "SHORT")
                .param("formKey", key());
    }

    private MockHttpServletRequestBuilder check(String lettingGo) {
        return post(at("/checks/pelvic-floor"))
                .param("formKey", key())
                .param("felt", "YES")
                .param("holdSeconds", "6")
                .param("holdRepetitions", "4")
                .param("flicks", "7")
                .param("letsGo", lettingGo)
                .param("known", "FELT")
                .param("pain", "NO");
    }

    private MockHttpServletRequestBuilder practice(String holdsDone, String flicksDone) {
        return post(at("/floor/practice"))
                .param("track", "ENDURANCE")
                .param("formKey", key())
                .param("holdSeconds", "6")
                .param("holds", "4")
                .param("flicks", "7")
                .param("holdsDone", holdsDone)
                .param("flicksDone", flicksDone)
                .param("letGoFully", "yes");
    }

    private String at(String page) {
        return "/people/" + woman.id() + page;
    }
}
