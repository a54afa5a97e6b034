package openbloom.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import openbloom.app.PageTest;
import openbloom.app.moves.Judgements;
import openbloom.core.program.Place;
import openbloom.core.verdict.Kind;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Ends of pregnancies. */
class LifeEventsTest extends PageTest {
    private static final LocalDate TODAY = LocalDate.now();

    @Autowired
    private Judgements judgements;

    @Test
    void movesHerToAfterBirthAndKeepsWhatWasKnownOfThePregnancy() throws Exception {
        send(intake("Berta Born"));
        Woman before = people.search(ines, "berta").get(0);
        String her = "/people/" + before.id();
        assertThat(body(birth(her, TODAY.plusDays(1)))).contains("This day lies ahead");
        assertThat(body(birth(her, TODAY.minusYears(1)))).contains("The pregnancy had not begun on");
        assertThat(body(set(birth(her, TODAY.minusDays(3)), "tear", "FOURTH").param("x", "")))
                .contains("A caesarean has no tear");
        assertThat(body(set(birth(her, TODAY.minusDays(3)), "version", "0")))
                .contains("Somebody else changed her record");
        assertThat(send(birth(her, TODAY.minusDays(3))).getStatus()).isEqualTo(302);

        Woman after = people.find(ines, before.id()).orElseThrow();
        assertThat(after.situation()).isEqualTo(Situation.AFTER_BIRTH);
        assertThat(after.births()).isEqualTo(1);
        assertThat(page(her + "/journey"))
                .contains("Birth recorded")
                .contains("pregnancy due")
                .contains("caesarean");
        assertThat(kind(after, "support-wall")).isEqualTo(Kind.NOT_YET);
    }

    @Test
    void closesAPregnancyGentlyAndHoldsLoadBackUntilAClinicianHasSaidYes() throws Exception {
        send(intake("Cora Closed"));
        Woman before = people.search(ines, "cora").get(0);
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
        assertThat(after.situation()).isEqualTo(Situation.NEITHER);
        assertThat(page(her + "/journey")).contains("Pregnancy closed").contains("pregnancy due");
        assertThat(kind(after, "connect-standing")).isNotEqualTo(Kind.NOT_YET);
        assertThat(kind(after, "squat")).isEqualTo(Kind.NOT_YET);
    }

    private Kind kind(Woman woman, String move) {
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
