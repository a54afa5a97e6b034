package openbloom.app.checks.gap;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.core.gap.Method;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

class GapCheckPagesTest extends PageTest {
    private static final String HEADER =
            "date,examiner,method,site,offset_mm,state,width_fingers,width_mm,depth,firmness,domed,sore,reading";

    @Autowired
    private GapChecks checks;

    private Woman woman;

    @BeforeEach
    void askHer() throws Exception {
        woman = askedWoman("Gia");
    }

    @Test
    void otherSitesKeepWhatWasTypedAndTheNextCheckReadsThereAgain() throws Exception {
        String moved = sites("BEER_2009", "");
        assertThat(moved).contains("width-LIFT-XIPHOID-150", "width-LIFT-ABOVE-30", "value=\"3\"");
        assertThat(sites("OWN", "60")).contains("width-LIFT-ABOVE-60", "value=\"3\"");
        assertThat(body(at("/sites", "OWN", "900"))).contains("whole number from 0 to 300", "value=\"3\"");
        send(row(post(at("")), "LIFT", "ABOVE-60", "3").param("spots", "ABOVE-60"));
        assertThat(page(at(""))).contains("width-LIFT-ABOVE-60").doesNotContain("width-LIFT-NAVEL-0");
    }

    private String sites(String preset, String ownMm) throws Exception {
        return send(at("/sites", preset, ownMm)).getContentAsString();
    }

    private MockHttpServletRequestBuilder at(String page, String preset, String ownMm) {
        return row(post(at(page)), "LIFT", "NAVEL-0", "3")
                .param("preset", preset)
                .param("ownMm", ownMm)
                .param("ownSite", "ABOVE");
    }

    @Test
    void tenSecondReadingsMakeHerOwnRepeatability() throws Exception {
        int before = pairs();
        send(whole(post(at("")), "3", "CALIPERS"));
        long first = checks.of(woman.id()).get(0).id();
        String blind = page(at("/" + first + "/again"));
        assertThat(blind)
                .contains("Measure again, blind")
                .doesNotContain("31 mm")
                .doesNotContain("trend-chart");
        send(whole(post(at("/" + first + "/again")), "5", "CALIPERS"));
        assertThat(pairs()).isEqualTo(before + 3);
        assertThat(page("/people/" + woman.id() + "/checks")).contains("read twice, at most 2 mm apart");
        assertThat(checks.of(woman.id())).hasSize(1);
    }

    /** Ines's own pairs by calipers, as the page says them. */
    private int pairs() {
        Matcher own = Pattern.compile("this examiner: (\\d+)")
                .matcher(checks.repeatability(ines.studioId(), ines.accountId(), Method.CALIPERS)
                        .basis());
        assertThat(own.find()).isTrue();
        return Integer.parseInt(own.group(1));
    }

    @Test
    void aCorrectionReplacesTheReadingEverywhereAndALateOneIsToldOfTheOther() throws Exception {
        send(whole(post(at("")), "3", "FINGERS"));
        long first = checks.of(woman.id()).get(0).id();
        String address = at("/" + first + "/correct");
        assertThat(page(address)).contains("first version", "3 fingers at the navel");
        assertThat(send(whole(post(address), "2", "FINGERS").param("reason", "wrong row"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(checks.of(woman.id())).singleElement().satisfies(kept -> {
            assertThat(kept.id()).isNotEqualTo(first);
            assertThat(kept.root()).isEqualTo(first);
            assertThat(kept.check().readings().get(0).width().words()).isEqualTo("2 fingers");
        });
        assertThat(body(whole(post(address), "4", "FINGERS").param("reason", "late")))
                .contains("Somebody else corrected this check", "value=\"4\"", "2 fingers at the navel");
        String latest = at("/" + checks.of(woman.id()).get(0).id() + "/correct");
        String earlier = TODAY.minusDays(9).toString();
        send(whole(post(latest), "2", "FINGERS").param("reason", "wrong day").param("checkedOn", earlier));
        latest = at("/" + checks.of(woman.id()).get(0).id() + "/correct");
        assertThat(page(latest)).contains("value=\"" + earlier + "\"", "wrong day");
        assertThat(body(whole(post(latest), "4", "FINGERS").param("reason", "")))
                .contains("Fill this in");
        assertThat(body(whole(post(latest), "4", "FINGERS")
                        .param("reason", "x")
                        .param("checkedOn", TODAY.plusDays(3).toString())))
                .contains("lies ahead");
        send(post(latest)
                .param("formKey", key())
                .param("reason", "another woman")
                .param("then", "withdraw"));
        assertThat(checks.of(woman.id())).isEmpty();
        assertThat(checks.versionsOf(woman.id(), first)).hasSize(4);
    }

    /** In the demonstration one woman is read with fingers by one person and with calipers by another. */
    @Test
    void aStalledTrendSaysSoByItsOwnExaminersRepeatability() throws Exception {
        long jorun = people.page(ines, "jorun", 0).women().get(0).id();
        assertThat(page("/people/" + jorun + "/checks?at=LIFT-NAVEL-0"))
                .contains(
                        "No real change in the last eight weeks",
                        "Look at the connect check again",
                        " sites this examiner read twice")
                .doesNotContain("± 16 mm");
        assertThat(page("/people/" + jorun + "/checks?at=REST-NAVEL-0"))
                .contains("6 readings by another person or method", "are never joined");
        assertThat(page("/people/" + jorun + "/checks?at=nonsense")).contains("Trend, at the navel");
    }

    @Test
    void readingsGoOutAndComeInAndASecondTimeAddNothing() throws Exception {
        send(whole(post(at("")), "3", "FINGERS"));
        long first = checks.of(woman.id()).get(0).id();
        send(whole(post(at("/" + first + "/again")), "2.5", "FINGERS"));
        String file = page(at("/readings.csv"));
        assertThat(file)
                .startsWith(HEADER + "\r\n")
                .contains(",Ines,FINGERS,NAVEL,0,LIFT,3.0,,FIRST_KNUCKLE,2,NO,NO,1");
        Woman other = askedWoman("Gia");
        String into = "/people/" + other.id() + "/checks/gap/readings";
        String preview = send(post(into + "/look").param("written", file)).getContentAsString();
        assertThat(preview).contains("Save these 6 readings", "blind second reading");
        assertThat(checks.of(other.id())).isEmpty();
        send(post(into).param("written", file).param("formKey", key()));
        send(post(into).param("written", file).param("formKey", key()));
        assertThat(checks.of(other.id())).hasSize(1);
        assertThat(checks.secondReadingsOf(other.id())).hasSize(1);
        assertThat(page("/people/" + other.id() + "/checks/gap/readings.csv")).isEqualTo(file);
        assertThat(send(post(into + "/look").param("written", file.replace(",3.0,", ",4.0,")))
                        .getContentAsString())
                .contains("Kept already with another value (3 fingers)");
    }

    /** One line after the header, and what is said of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2026-01-05,Ines,FINGERS,NAVEL,0,LIFT,2.5,,SURFACE,2,NO,NO,1|Save this reading",
                "2026-01-05,,FINGERS,NAVEL,0,LIFT,2.5,,SURFACE,2,,,|Save this reading",
                "2026-01-05,mara@boathouse.example,CALIPERS,NAVEL,0,REST,,27,SURFACE,2,,,|Save this reading",
                "2026-01-05,Zoe,FINGERS,NAVEL,0,LIFT,2.5,,SURFACE,2,,,|No instructor called “Zoe”",
                "2999-01-05,,FINGERS,NAVEL,0,LIFT,2.5,,SURFACE,2,,,|Give a day such as",
                "2199-01-05,,FINGERS,NAVEL,0,LIFT,2.5,,SURFACE,2,,,|lies ahead",
                "soon,,FINGERS,NAVEL,0,LIFT,2.5,,SURFACE,2,,,|“soon” is none",
                "2026-01-05,,FINGERS,NAVEL,0,LIFT,2.3,,SURFACE,2,,,|“2.3” is none",
                "2026-01-05,,FINGERS,NAVEL,0,LIFT,,27,SURFACE,2,,,|go into width_fingers",
                "2026-01-05,,CALIPERS,NAVEL,0,REST,,27.5,SURFACE,2,,,|Whole millimetres",
                "2026-01-05,,FINGERS,ELBOW,0,LIFT,2,,SURFACE,2,,,|“ELBOW” is not one",
                "2026-01-05,,FINGERS,NAVEL,0,LIFT,2,,SURFACE,7,,,|whole number from 0 to 3",
                "2026-01-05,,FINGERS,NAVEL,0,LIFT,2,,SURFACE,2,,,2|needs the first reading",
                "\"open|cannot be read as CSV",
                "x|Give a day such as"
            })
    void saysWhatEachLineWouldDo(String line, String told) throws Exception {
        assertThat(look(HEADER + "\n" + line)).contains(told);
        assertThat(checks.of(woman.id())).isEmpty();
    }

    @Test
    void readsSemicolonsDecimalCommasAndAByteOrderMark() throws Exception {
        String file =
                "\uFEFF" + HEADER.replace(',', ';') + "\n2026-01-05;Ines;FINGERS;NAVEL;0;LIFT;2,5;;SURFACE;2;NO;NO;1";
        assertThat(look(file)).contains("Save this reading");
        assertThat(look("date,date\n1,2")).contains("cannot be read as CSV");
        assertThat(look("date,site\n1,2")).contains("These columns are missing: depth, firmness, method");
        String twice = "2026-01-05,,FINGERS,NAVEL,0,LIFT,2,,SURFACE,2,,,";
        assertThat(look(HEADER + "\n" + twice + "\n" + twice)).contains("stand in the file twice", ">3<");
        assertThat(Jsoup.parse(look(HEADER + "\n\n" + twice + "2\n\n" + twice + "2"))
                        .text())
                .contains("3 reading: A second reading", "5 site: This site");
    }

    @Test
    void takesAFileAndRefusesWhatIsNoText() throws Exception {
        String into = at("/readings/look");
        byte[] text = (HEADER + "\n2026-01-05,,FINGERS,NAVEL,0,LIFT,2,,SURFACE,2,,,").getBytes(StandardCharsets.UTF_8);
        assertThat(send(multipart(into).file(new MockMultipartFile("file", "a.csv", "text/csv", text)))
                        .getContentAsString())
                .contains("Save this reading");
        assertThat(body(multipart(into)
                        .file(new MockMultipartFile("file", "a.csv", "text/csv", new byte[] {(byte) 0xFF, 0}))))
                .contains("not UTF-8 text");
        assertThat(body(multipart(into).file(new MockMultipartFile("file", "a.csv", "text/csv", new byte[1_000_001]))))
                .contains("larger than 1 MB");
        assertThat(body(post(into))).contains("Choose a file, or paste its lines");
    }

    private String look(String file) throws Exception {
        return send(post(at("/readings/look")).param("written", file)).getContentAsString();
    }

    private static MockHttpServletRequestBuilder whole(
            MockHttpServletRequestBuilder form, String width, String method) {
        row(form, "LIFT", "ABOVE-45", width);
        row(form, "LIFT", "BELOW-45", width);
        return row(form, "LIFT", "NAVEL-0", width).param("method", method);
    }

    private static MockHttpServletRequestBuilder row(
            MockHttpServletRequestBuilder form, String state, String spot, String width) {
        String name = state + "-" + spot;
        set(form, "formKey", key());
        return form.param("width-" + name, width)
                .param("depth-" + name, "FIRST_KNUCKLE")
                .param("firmness-" + name, "2")
                .param("domed-" + name, "NO");
    }

    private String at(String page) {
        return "/people/" + woman.id() + "/checks/gap" + page;
    }
}
