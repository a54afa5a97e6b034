package openbloom.app.checks;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A warning sign is never lost, and yesterday's answer is not today's. */
class StopTest extends PageTest {
    @Autowired
    private SafetyService pains;

    private static final Pattern SEEN = Pattern.compile("name=\"seen\" value=\"(\\d+)\"");

    @Autowired
    private JdbcTemplate jdbc;

    private Woman woman;
    private String her;

    @BeforeEach
    void askHer() throws Exception {
        woman = askedWoman("Stopped");
        her = "/people/" + woman.id();
    }

    private String seen() throws Exception {
        Matcher seen = SEEN.matcher(page(her + "/safe?again=yes"));
        assertThat(seen.find()).isTrue();
        return seen.group(1);
    }

    private MockHttpServletRequestBuilder none(String seen) {
        return post(her + "/safe")
                .param("formKey", key())
                .param("noSign", "yes")
                .param("noSymptom", "yes")
                .param("seen", seen);
    }

    private void tell(String sign) throws Exception {
        assertThat(send(post(her + "/safe").param("formKey", key()).param("signs", sign))
                        .getRedirectedUrl())
                .isEqualTo(her + "/safe");
    }

    @ParameterizedTest
    @CsvSource({
        "LOW_MOOD, THOUGHTS_OF_HARM, thoughts of harming",
        "VERY_TIRED, OVERWHELMING_TIREDNESS, so tired that rest"
    })
    void aLowDayLeadsToItsOwnWarningSign(String symptom, String sign, String words) throws Exception {
        Document page = Jsoup.parse(page(her + "/safe"));
        Element asked = page.selectFirst("label:has(input[value=" + symptom + "]) + .leads-to");
        assertThat(asked.text()).contains(words);
        assertThat(page.getElementById(asked.selectFirst("label").attr("for")).val())
                .isEqualTo(sign);
        assertThat(page.select("input[value=LOW_DAY]")).as("not asked any more").isEmpty();
    }

    @Test
    void anOlderTabSendingNoneIsRefusedAndShowsTheSign() throws Exception {
        String openedBefore = seen();
        tell("CHEST_PAIN");
        assertThat(body(none(openedBefore))).contains("has been told since this page was opened", "chest pain");
        assertThat(page(her + "/exercise-check?only=STOP")).contains("Lying breath, even all round");
    }

    @Test
    void isLiftedOnlyByWhoSaidSoAndWhy() throws Exception {
        tell("CHEST_PAIN");
        tell("FLUID_LEAKING");
        assertThat(page(her + "/safe")).as("both stand").contains("chest pain", "fluid leaking");
        assertThat(body(none(seen()))).contains("Say who said that she may go on", "Say what was found");
        assertThat(body(none(seen()).param("liftedBy", "Dr Holm").param("liftReason", " ")))
                .contains("Say what was found");
        assertThat(send(none(seen())
                                .param("liftedBy", "Dr Holm, midwife")
                                .param("liftReason", "seen in the unit, all well"))
                        .getRedirectedUrl())
                .as("the next step of the visit")
                .isEqualTo(her + "/checks/gap");
        assertThat(page(her + "/journey")).contains("Stop lifted: Dr Holm, midwife, seen in the unit, all well");
        assertThat(send(get(her + "/checks/gap")).getStatus()).isEqualTo(200);
    }

    /** The sign was told yesterday: today it still stops her, and its reason tells yesterday. */
    @Test
    void standsTheNextDayAndTellsTheDayItWasTold() throws Exception {
        tell("CHEST_PAIN");
        LocalDate yesterday = TODAY.minusDays(1);
        jdbc.update("update safety_answer set asked_on = ? where woman_id = ?", yesterday, woman.id());
        assertThat(page(her + "/exercise-check?only=STOP"))
                .contains("reported " + openbloom.core.Days.words(yesterday));
        assertThat(body(none("0"))).contains("has been told since this page was opened");
        assertThat(page("/")).contains(woman.name());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/checks/gap", "/checks/breath", "/floor/practice", "/sessions/{s}/teach"})
    void yesterdaysAnswerIsNotTodays(String page) throws Exception {
        String composed = send(post(her + "/sessions").param("formKey", key()).param("minutes", "10"))
                .getRedirectedUrl();
        String address = her + page.replace("{s}", composed.substring(composed.lastIndexOf('/') + 1));
        assertThat(send(get(address)).getStatus()).isEqualTo(200);
        jdbc.update("update safety_answer set asked_on = dateadd(day, -1, asked_on) where woman_id = ?", woman.id());
        assertThat(send(get(address)).getRedirectedUrl()).startsWith(her + "/safe?then=");
        isNothingForAStranger(address);
    }

    @Test
    void whatWasTypedIsKeptWhenNobodyAskedFirst() throws Exception {
        jdbc.update("delete from safety_answer where woman_id = ?", woman.id());
        assertThat(body(post(her + "/checks/gap")
                        .param("formKey", key())
                        .param("width-LIFT-NAVEL-0", "2.5")
                        .param("depth-LIFT-NAVEL-0", "SURFACE")
                        .param("firmness-LIFT-NAVEL-0", "2")))
                .contains("She was not asked today", "value=\"2.5\"");
        assertThat(page(her + "/checks")).contains("not checked yet");
    }

    @Test
    void aSignInAWordThisVersionDoesNotKnowStillStopsHer() throws Exception {
        tell("CHEST_PAIN");
        jdbc.update(
                "update safety_answer set warning_signs = '{\"version\":1,\"values\":[\"PURPLE_SPOTS\"]}' where woman_id = ? and warning_signs <> ''",
                woman.id());
        assertThat(page(her + "/safe")).contains("PURPLE_SPOTS", "a word this version does not know");
        assertThat(send(get(her + "/exercise-check")).getStatus())
                .as("nothing is judged from it")
                .isEqualTo(422);
        assertThat(page("/")).contains("Cannot be read", woman.name());
        assertThat(send(none(seen()).param("liftedBy", "Dr Holm").param("liftReason", "asked again"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(send(get(her + "/exercise-check")).getStatus()).isEqualTo(200);
    }

    /** 141 over 85 with a limit of 140/90: the upper value alone is above (limit as typed; 140/90 is common practice). */
    @ParameterizedTest
    @CsvSource({
        "140, 90, 140, 90, false",
        "141, 85, 140, 90, true",
        "138, 91, 140, 90, true",
        "151, 90, 160, 100, false"
    })
    void aPressureAboveTheLimitStopsHer(String upper, String lower, String limit, String under, boolean stops)
            throws Exception {
        String her = "/people/" + withPressure().id();
        String next = send(safe(her)
                        .param("systolic", upper)
                        .param("diastolic", lower)
                        .param("limitSystolic", limit)
                        .param("limitDiastolic", under))
                .getRedirectedUrl();
        assertThat(next).isEqualTo(her + (stops ? "/safe" : "/checks/gap"));
        if (stops) {
            assertThat(page(next)).contains("a blood pressure above the limit");
        }
    }

    @Test
    void aPressureIsMeasuredOrSaidNotToBe() throws Exception {
        String her = "/people/" + withPressure().id();
        assertThat(body(safe(her))).contains("Measure it first");
        assertThat(body(safe(her).param("systolic", "130"))).contains("Give both values");
        assertThat(body(safe(her).param("systolic", "90").param("diastolic", "120")))
                .contains("The lower value lies at least 10 mmHg below the upper, but it was 90/120");
        assertThat(send(safe(her).param("notMeasured", "yes")).getStatus()).isEqualTo(302);
    }

    private openbloom.app.people.Woman withPressure() throws Exception {
        String name = "Pressure " + key();
        send(set(intake(name), "noCondition", "").param("conditions", "HIGH_BLOOD_PRESSURE_CONTROLLED"));
        return people.page(ines, name, 0).women().get(0);
    }

    private static org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder safe(String her) {
        return post(her + "/safe")
                .param("formKey", key())
                .param("noSign", "yes")
                .param("noSymptom", "yes");
    }

    @Test
    void numbersToCallStandOnEveryPageWithASign() throws Exception {
        String her = "/people/" + withPressure().id();
        assertThat(send(post("/studio/numbers").param("emergencyNumber", "call me"))
                        .getStatus())
                .isEqualTo(422);
        assertThat(page(her + "/safe")).contains("01632 960123");
        send(post(her + "/safe")
                .param("formKey", key())
                .param("signs", "THOUGHTS_OF_HARM")
                .param("notMeasured", "yes"));
        assertThat(page(her + "/safe"))
                .contains("01632 960123", "Stay with her; do not leave her alone")
                .doesNotContain("let her rest in the position");
    }

    /** Pain is asked by place and kept with the answer; what is no number from 0 to 10 is refused and stays typed. */
    @Test
    void asksForPainBeforeTheVisit() throws Exception {
        Woman woman = askedWoman("Pain");
        String her = "/people/" + woman.id() + "/safe";
        var form = post(her)
                .param("formKey", key())
                .param("noSign", "yes")
                .param("noSymptom", "yes")
                .param("pain.floor", "")
                .param("pain.scar", "2")
                .param("pain.elsewhere", "")
                .param("pain.morning", "4");
        assertThat(body(set(form, "pain.scar", "11"))).contains("Give a whole number from 0 to 10", "value=\"11\"");
        send(set(form, "pain.scar", "2"));
        assertThat(pains.painsOf(woman))
                .extracting(PainTold::place, PainTold::amount)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple(PainTold.SheetPainSite.SCAR, 2),
                        org.assertj.core.groups.Tuple.tuple(PainTold.SheetPainSite.MORNING, 4));
    }
}
