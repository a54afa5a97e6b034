package openbloom.app.people;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import openbloom.app.PageTest;
import openbloom.app.moves.Judgements;
import openbloom.core.Days;
import openbloom.core.record.Client;
import openbloom.core.screening.SymptomReport;
import openbloom.core.session.Place;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Ends of pregnancies. */
class LifeEventsTest extends PageTest {

    @Autowired
    private Judgements judgements;

    @Autowired
    private JdbcTemplate jdbc;

    @Test
    void movesHerToAfterBirthAndKeepsWhatWasKnownOfThePregnancy() throws Exception {
        Woman before = newWoman("Berta Born");
        String her = "/people/" + before.id();
        assertThat(body(birth(her, TODAY.plusDays(1)))).contains("This day lies ahead");
        assertThat(body(birth(her, TODAY.minusYears(1)))).contains("The pregnancy had not begun on");
        assertThat(body(set(birth(her, TODAY.minusDays(3)), "tear", "FOURTH").param("x", "")))
                .contains("A caesarean has no third- or fourth-degree tear");
        assertThat(body(set(birth(her, TODAY.minusDays(3)), "version", "0")))
                .contains("Somebody else changed her record");
        assertThat(send(birth(her, TODAY.minusDays(3))).getStatus()).isEqualTo(302);

        Woman after = people.find(ines, before.id()).orElseThrow();
        assertThat(after.situation()).isEqualTo(LifeSituation.AFTER_BIRTH);
        assertThat(after.about().births()).isEqualTo(1);
        assertThat(page(her + "/journey"))
                .contains("Birth recorded")
                .contains("pregnancy due")
                .contains("caesarean");
        assertThat(kind(after, "support-wall")).isEqualTo(VerdictKind.NOT_YET);
        assertThat(body(set(birth(her, TODAY.minusDays(2)), "version", "2")))
                .as("a second birth of the same pregnancy")
                .contains("she is not pregnant");
        assertThat(body(post(her + "/close-pregnancy")
                        .param("formKey", key())
                        .param("version", "2")
                        .param("endedOn", TODAY.toString())))
                .contains("she is not pregnant");
        assertThat(people.find(ines, before.id()).orElseThrow().about().births())
                .isEqualTo(1);
        assertThat(page(her + "/edit")).contains("Earlier values", "Situation");
        isNothingForAStranger(her + "/birth");
    }

    @Test
    void closesAPregnancyGentlyAndHoldsLoadBackUntilAClinicianHasSaidYes() throws Exception {
        Woman before = newWoman("Cora Closed");
        String her = "/people/" + before.id();
        assertThat(page(her + "/close-pregnancy"))
                .contains("Nothing is planned from it")
                .doesNotContain("ongratulat");
        MockHttpServletRequestBuilder close =
                post(her + "/close-pregnancy").param("formKey", key()).param("version", "1");
        assertThat(body(set(close, "endedOn", ""))).contains("Choose a day.");
        close = post(her + "/close-pregnancy")
                .param("formKey", key())
                .param("version", "1")
                .param("endedOn", TODAY.minusDays(2).toString());
        assertThat(send(close).getStatus()).isEqualTo(302);

        Woman after = people.find(ines, before.id()).orElseThrow();
        assertThat(after.situation()).isEqualTo(LifeSituation.NEITHER);
        assertThat(page(her + "/journey")).contains("Pregnancy closed").contains("pregnancy due");
        assertThat(kind(after, "connect-standing")).isNotEqualTo(VerdictKind.NOT_YET);
        assertThat(kind(after, "squat")).isEqualTo(VerdictKind.NOT_YET);
    }

    /** Ladders, ceilings, checks and due dates of the pregnancy end with it. */
    @Test
    void beginsAnewAfterABirth() throws Exception {
        Woman woman = askedWoman("Newly");
        String her = "/people/" + woman.id();
        send(post(her + "/checks/gap")
                .param("formKey", key())
                .param("width-LIFT-NAVEL-0", "4")
                .param("depth-LIFT-NAVEL-0", "SURFACE")
                .param("firmness-LIFT-NAVEL-0", "2")
                .param("domed-LIFT-NAVEL-0", "YES"));
        send(post(her + "/checks/pelvic-floor")
                .param("formKey", key())
                .param("felt", "YES")
                .param("holdSeconds", "10")
                .param("holdRepetitions", "10")
                .param("letsGo", "FULL")
                .param("known", "FELT"));
        send(post(her + "/checks/load")
                .param("formKey", key())
                .param("flat-LIMB_LOAD", "4")
                .param("ended-LIMB_LOAD", "DOMED"));
        assertThat(page(her + "/checks")).contains("domes in limb load");
        jdbc.update("update sheet set checked_on = dateadd(day, -20, checked_on) where woman_id = ?", woman.id());
        jdbc.update("update gap_check set checked_on = dateadd(day, -6, checked_on) where woman_id = ?", woman.id());
        jdbc.update("update safety_answer set asked_on = dateadd(day, -6, asked_on) where woman_id = ?", woman.id());
        assertThat(send(birth(her, TODAY.minusDays(3))).getStatus()).isEqualTo(302);

        String checks = page(her + "/checks");
        assertThat(checks).doesNotContain("domes in limb load").contains("gap check due");
        String firstHeadLift = Days.words(TODAY.minusDays(3).plusWeeks(6));
        assertThat(checks).as("no head lift before six weeks after a caesarean").contains(firstHeadLift);
        Woman after = people.find(ines, woman.id()).orElseThrow();
        assertThat(kind(after, "pf-hold-two")).isNotEqualTo(VerdictKind.GO);
        Client client = judgements.of(after, TODAY, Place.STUDIO).facts().client();
        assertThat(client.standing().rungs()).isEmpty();
        assertThat(client.safety().symptoms())
                .as("no symptom six days ago, in pregnancy, says nothing of the days since the birth")
                .isInstanceOf(SymptomReport.NotAsked.class);
    }

    private VerdictKind kind(Woman woman, String move) {
        var judgement = judgements.of(woman, TODAY, Place.STUDIO);
        return judgement.of(judgement.catalogue().get(move)).kind();
    }

    private static MockHttpServletRequestBuilder birth(String her, LocalDate on) {
        return post(her + "/birth")
                .param("formKey", key())
                .param("version", "1")
                .param("birthDate", on.toString())
                .param("birthKind", "CAESAREAN")
                .param("tear", "NONE")
                .param("woundClosed", "NO");
    }
}
