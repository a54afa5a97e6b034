package openbloom.app.people;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import openbloom.app.PageTest;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.DatingBasis;
import openbloom.core.moves.Equipment;
import openbloom.core.record.Approach;
import openbloom.core.record.IntakeFacts;
import openbloom.core.record.Medical;
import openbloom.core.record.Surgery;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Every way of telling where she is, kept in the real database and read back. */
class IntakeTest extends PageTest {

    @ParameterizedTest
    @CsvSource({
        // basis, field, days ago, extra field, extra value, days from that day to the due date
        "LAST_PERIOD, lastPeriod, 100, cycleLengthDays, 28, 280",
                "LAST_PERIOD, lastPeriod, 100, cycleLengthDays, 35, 287",
        "LAST_PERIOD, lastPeriod, 100, cycleLengthDays, '', 280", "CONCEPTION, conception, 90, goals, x, 266",
        "TRANSFER, transfer, 60, embryoAgeDays, 5, 261", "TRANSFER, transfer, 60, embryoAgeDays, 3, 263"
    })
    void datesByWhateverIsKnown(DatingBasis basis, String field, int ago, String extra, String value, int toDue) {
        LocalDate given = TODAY.minusDays(ago);
        Woman kept = kept(set(set(set(intake("Dated"), "basis", basis.name()), field, given.toString()), extra, value));
        assertThat(kept.dating().orElseThrow().dueDate()).isEqualTo(given.plusDays(toDue));
        assertThat(kept.dating().orElseThrow().basis()).isEqualTo(basis);
    }

    @Test
    void takesADueDateAsTold() {
        LocalDate due = TODAY.plusDays(99);
        Woman kept = kept(set(intake("Told"), "basis", "STATED").param("dueDate", due.toString()));
        assertThat(kept.dating().orElseThrow().dueDate()).isEqualTo(due);
        assertThat(kept.dating().orElseThrow().basis()).isEqualTo(DatingBasis.STATED);
    }

    @ParameterizedTest
    @CsvSource({"8, 0, false", "7, 3, false", "7, 1, true", "8, 6, true"})
    void letsAScanReplaceTheDateOnlyBeyondItsThreshold(int weeks, int days, boolean redated) {
        LocalDate period = TODAY.minusWeeks(20);
        Woman kept = kept(set(intake("Scanned"), "lastPeriod", period.toString())
                .param("scanDate", period.plusWeeks(8).toString())
                .param("scanWeeks", Integer.toString(weeks))
                .param("scanDays", Integer.toString(days)));
        assertThat(kept.dating().orElseThrow().redated()).isEqualTo(redated);
    }

    @Test
    void keepsABirthWithEverythingAroundIt() {
        MockHttpServletRequestBuilder form = set(
                        set(set(intake("Born"), "noCondition", ""), "situation", "AFTER_BIRTH"), "births", "2")
                .param("birthDate", TODAY.minusDays(30).toString())
                .param("birthKind", "ASSISTED")
                .param("tear", "SECOND")
                .param("woundClosed", "NO")
                .param("conditions", "OSTEOPOROSIS", "BREASTFEEDING")
                .param("equipment", "BAND", "CHAIR")
                .param("clearedOn", TODAY.minusDays(2).toString())
                .param("clearedBy", "midwife")
                .param("limits", "NO_IMPACT")
                .param("limitWords", "nothing over 5 kg\nwalk daily");
        Woman kept = kept(form);
        assertThat(kept.dating()).isEmpty();
        assertThat(kept.birth()).hasValueSatisfying(birth -> {
            assertThat(birth.date()).isEqualTo(TODAY.minusDays(30));
            assertThat(birth.kind()).isEqualTo(BirthKind.ASSISTED);
            assertThat(birth.tear()).isEqualTo(Tear.SECOND);
            assertThat(birth.woundClosed()).isEqualTo(YesNoUnknown.NO);
        });
        assertThat(kept.conditionSet()).containsExactlyInAnyOrder(Condition.OSTEOPOROSIS, Condition.BREASTFEEDING);
        assertThat(kept.equipmentSet()).containsExactlyInAnyOrder(Equipment.BAND, Equipment.CHAIR);
        assertThat(kept.clearance().orElseThrow().limits())
                .containsExactly("NO_IMPACT", "nothing over 5 kg", "walk daily");
    }

    @Test
    void fillsTheFormAgainWithWhatIsKept() throws Exception {
        Woman kept = kept(set(intake("Again"), "goals", "<b>run</b> & \"jump\""));
        String page = page("/people/" + kept.id() + "/edit");
        assertThat(page)
                .contains("&lt;b&gt;run&lt;/b&gt; &amp; &quot;jump&quot;")
                .doesNotContain("<b>run</b>");
        assertThat(page).contains("value=\"" + TODAY.minusWeeks(20) + "\"").contains("value=\"1994\"");
        IntakeForm form = IntakeForm.of(kept);
        assertThat(form.who().situation()).isEqualTo("PREGNANT");
        assertThat(form.dated().lastPeriod()).isEqualTo(TODAY.minusWeeks(20).toString());
        assertThat(form.kept().version()).isEqualTo("1");
    }

    @Test
    void forgetsThePregnancyWhenTheSituationIsCorrected() throws Exception {
        Woman kept = kept(intake("Corrected"));
        assertThat(send(set(intake("/people/" + kept.id(), "Corrected"), "situation", "NEITHER")
                                .param("version", "1"))
                        .getStatus())
                .isEqualTo(302);
        Woman after = people.find(ines, kept.id()).orElseThrow();
        assertThat(after.dating()).isEmpty();
        assertThat(after.birth()).isEmpty();
        assertThat(after.version()).isEqualTo(2);
    }

    @Test
    void asksOfEveryFormThatItCanBeKeptOnce() throws Exception {
        assertThat(body(set(intake("Keyless"), "formKey", "")))
                .contains("This form was opened in a way that cannot be kept");
        assertThat(body(post("/people").param("formKey", key())))
                .contains("Fill this in.")
                .contains("Choose one.");
    }

    /** Nothing ticked is not "none": nobody asked until she says so, or a condition is told. */
    @ParameterizedTest
    @CsvSource({"yes, '', true, 0", "'', '', false, 0", "'', EPILEPSY, true, 1"})
    void notAskedIsNotNone(String none, String condition, boolean asked, int known) {
        MockHttpServletRequestBuilder form = set(intake("Asked"), "noCondition", none);
        Medical medical = kept(condition.isEmpty() ? form : form.param("conditions", condition))
                .intake(Approach.USUAL, TODAY)
                .medical();
        assertThat(medical.conditions().isGiven()).isEqualTo(asked);
        assertThat(medical.known().all()).hasSize(known);
    }

    @Test
    void keepsTrainingSinceWhenAndWhatAClearanceIsFor() throws Exception {
        LocalDate found = TODAY.minusDays(40);
        Woman kept = kept(set(intake("Trained"), "noCondition", "")
                .param("training", "SPORT")
                .param("conditions", "ANAEMIA_SYMPTOMATIC", "EPILEPSY")
                .param("since[ANAEMIA_SYMPTOMATIC]", found.toString())
                .param("since[EPILEPSY]", "")
                .param("clearedOn", TODAY.toString())
                .param("clearedBy", "midwife")
                .param("clearedFor", "ANAEMIA_SYMPTOMATIC"));
        IntakeFacts told = kept.intake(Approach.USUAL, TODAY);
        assertThat(told.background().training()).hasValue(Training.SPORT);
        assertThat(told.medical().known().since(Condition.ANAEMIA_SYMPTOMATIC)).hasValue(found);
        assertThat(told.medical().known().since(Condition.EPILEPSY)).isEmpty();
        assertThat(told.medical().clearance().orElseThrow().answers()).containsExactly(Condition.ANAEMIA_SYMPTOMATIC);
        assertThat(page("/people/" + kept.id() + "/edit")).contains("value=\"" + found + "\"");
        assertThat(body(intake("Both").param("conditions", "EPILEPSY"))).contains("“None of these” and a condition");
        assertThat(body(intake("Future").param("clearedFor", "EPILEPSY")))
                .contains("A clearance for epilepsy needs that condition to be ticked.");
        assertThat(body(set(intake("Since"), "noCondition", "")
                        .param("conditions", "ANAEMIA_SYMPTOMATIC")
                        .param("since[ANAEMIA_SYMPTOMATIC]", TODAY.plusDays(1).toString())))
                .contains("This day lies ahead");
    }

    private Woman kept(MockHttpServletRequestBuilder form) {
        try {
            String address = send(form).getRedirectedUrl();
            assertThat(address).as("kept").isNotNull();
            return people.find(ines, Long.parseLong(address.replaceAll("\\D", "")))
                    .orElseThrow();
        } catch (Exception unexpected) {
            throw new AssertionError(unexpected);
        }
    }

    /** An operation as the page asks for it, and what the rules make of it; in the API the same answer. */
    @Test
    void keepsAnOperationWithItsKindAndDay() throws Exception {
        String day = TODAY.minusDays(9).toString();
        MockHttpServletRequestBuilder form = rendered("/people/new", "/people");
        set(set(set(set(form, "name", "Operated " + key()), "birthYear", "1979"), "births", "2"), "babies", "1");
        set(set(set(form, "situation", "NEITHER"), "conditions", "EARLIER_SURGERY"), "surgeryKind", "HYSTERECTOMY");
        set(form, "since[EARLIER_SURGERY]", day);
        Woman kept = kept(form);
        assertThat(kept.medical().operations())
                .containsExactly(Surgery.on(TODAY.minusDays(9), SurgeryKind.HYSTERECTOMY));
        send(set(
                set(rendered("/people/" + kept.id() + "/safe", "/people/" + kept.id() + "/safe"), "noSign", "yes"),
                "noSymptom",
                "yes"));
        assertThat(page("/moves/deadlift?woman=" + kept.id()))
                .contains("needs time since the operation; so far: 9 days of 2 weeks");
        String again = page("/people/" + kept.id() + "/edit");
        assertThat(again).containsPattern("value=\"HYSTERECTOMY\"[^>]*selected").contains("value=\"" + day + "\"");
    }

    /** Thirteen weeks are no birth (practice: from 20 weeks on), however it is told: nothing changes, and the way is named. */
    @Test
    void refusesABirthAtThirteenWeeks() throws Exception {
        Woman kept =
                kept(set(intake("Early"), "lastPeriod", TODAY.minusWeeks(13).toString()));
        String her = "/people/" + kept.id();
        MockHttpServletRequestBuilder form = rendered(her + "/edit", her);
        set(set(set(form, "birthKind", "VAGINAL"), "tear", "NONE"), "births", "1");
        assertThat(body(set(set(form, "situation", "AFTER_BIRTH"), "birthDate", TODAY.toString())))
                .contains("id=\"problem-birthDate\"");
        assertThat(people.find(ines, kept.id()).orElseThrow().dating()).isPresent();
    }
}
