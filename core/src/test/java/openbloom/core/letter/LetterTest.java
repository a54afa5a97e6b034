package openbloom.core.letter;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Example;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.evidence.Published;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Answer;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.ClinicianAnswer;
import openbloom.core.record.ClinicianAnswer.Said;
import openbloom.core.record.Conditions;
import openbloom.core.record.Goal;
import openbloom.core.review.GoalOutcome;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.ClinicianQuestion;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Women;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Letters read as a GP would: the question first, what was found with day, method and examiner, whether a change is real, no word that
 * says what she has. Sentences written before anything ran; that a check may differ by one finger or 2 s is common practice, no source.
 */
class LetterTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final LocalDate BORN = TODAY.minusWeeks(9);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Measured.Examiner INES = new Measured.Examiner(1, "Ines");

    private static Client.Builder dora() {
        return Client.of(2, 1, 34)
                .gaveBirth(new Birth(BORN, BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.YES))
                .conditions(TODAY.minusWeeks(4), Set.of())
                .warningSigns(TODAY, Set.of())
                .symptoms(new SymptomReport.Asked(TODAY, Set.of(Symptom.HEAVINESS), Set.of()));
    }

    private static Measured gap(LocalDate on, int halfFingers, Measured.Examiner by) {
        GapReading reading = new GapReading(
                Site.NAVEL,
                0,
                GapState.LIFT,
                Width.ofHalfFingers(halfFingers),
                Depth.SURFACE,
                Firmness.FIRM,
                YesNoUnknown.YES);
        return new Measured(new GapCheck(on, List.of(reading)), Method.FINGERS, by);
    }

    private static DatedCheck floor(LocalDate on, int hold, int flicks) {
        return new DatedCheck(
                on,
                new PelvicFloorCheck(
                        hold, 3, flicks, LettingGo.PARTIAL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO),
                Set.of());
    }

    private static LetterFacts facts(
            Client.Builder woman,
            Optional<Measured> first,
            Optional<Measured> now,
            Optional<DatedCheck> floorThen,
            Optional<DatedCheck> floorNow) {
        Judgement judgement = Judgement.of(CATALOGUE, woman.build(), TODAY);
        return new LetterFacts(
                "Ines, The Boathouse",
                "Dora Quill",
                Optional.of(1992),
                judgement,
                new LetterFacts.GapFound(
                        first, now, new RepeatabilityInUse(Method.FINGERS, 1, 1, "a working value of one finger")),
                new LetterFacts.FloorFound(floorThen, floorNow),
                new LetterFacts.Done(
                        TODAY.minusWeeks(4),
                        6,
                        180,
                        List.of(),
                        List.of(new GoalOutcome(Goal.EASE_HEAVINESS, GoalOutcome.State.ON_THE_WAY, "level 2 of 4"))));
    }

    private static LetterFacts facts(Client.Builder woman) {
        return facts(
                woman,
                Optional.of(gap(TODAY.minusWeeks(4), 6, INES)),
                Optional.of(gap(TODAY, 3, INES)),
                Optional.of(floor(TODAY.minusWeeks(4), 3, 5)),
                Optional.of(floor(TODAY, 6, 7)));
    }

    private static List<String> lines(Letter letter, String heading) {
        return letter.parts().stream()
                .filter(part -> part.heading().startsWith(heading))
                .flatMap(part -> part.sentences().stream())
                .map(LetterSentence::dated)
                .toList();
    }

    private static String all(Letter letter) {
        return letter.parts().stream()
                .flatMap(part -> part.sentences().stream())
                .map(LetterSentence::dated)
                .collect(Collectors.joining("\n"));
    }

    @Test
    void asksFirstAndTellsWhatWasFoundByWhomAndWhetherItIsReal() {
        Letter letter = Letter.draft(LetterKind.ASKING, facts(dora()));
        assertThat(letter.subject()).isEqualTo("Asking for clearance: Dora Quill");
        assertThat(letter.about()).isEqualTo("Dora Quill, born 1992, 9 weeks after a caesarean (22 Sep 2026)");
        assertThat(letter.parts().get(0).heading()).isEqualTo("What I ask you");
        assertThat(letter.parts().get(0).framed()).isTrue();
        assertThat(lines(letter, "What I ask"))
                .containsExactly(
                        "May she exercise with me, and is anything to be left out? She is 9 weeks after a caesarean"
                                + " (22 Sep 2026), and I have no word of a clinician about it.");
        assertThat(lines(letter, "Who she is"))
                .containsExactly(
                        "She has given birth twice.",
                        "Asked, she reported no illness. (27 Oct 2026)",
                        "She came for: " + Goal.EASE_HEAVINESS.words() + ".");
        assertThat(lines(letter, "What was found"))
                .containsExactly(
                        "Midline gap on a small head lift, read by Ines with fingers: 1½ fingers at the navel (depth surface,"
                                + " base firm, it domed). (24 Nov 2026)",
                        "Since the first check: at the navel 1½ fingers narrower, more than measuring twice would explain."
                                + " (27 Oct 2026)",
                        "Pelvic floor: best hold 6 s, 3 holds of that length, 7 quick lifts, lets go in part, felt typical, no pain."
                                + " (24 Nov 2026)",
                        "At the first check: best hold 3 s, a real difference; quick lifts 5, within what checking twice differs"
                                + " by. (27 Oct 2026)",
                        "She reports: heaviness or pressure in the pelvic floor. (24 Nov 2026)");
        assertThat(lines(letter, "What was done"))
                .containsExactly("6 sessions, 180 minutes in all, since 27 Oct 2026.");
        assertThat(lines(letter, "Where the numbers come from"))
                .contains(
                        "Two readings of one gap differ by up to ± 1 fingers (a working value of one finger).",
                        "A best hold has changed by more than 2 s (common practice, no source).")
                .anyMatch(line -> line.startsWith("Check after birth, from 6 weeks (ACOG"));
    }

    @Test
    void aChangeThatIsNoneIsCalledNone() {
        LetterFacts little = facts(
                dora(),
                Optional.of(gap(TODAY.minusWeeks(4), 5, INES)),
                Optional.of(gap(TODAY, 3, INES)),
                Optional.empty(),
                Optional.empty());
        assertThat(all(Letter.draft(LetterKind.ASKING, little)))
                .contains("at the navel 1 finger narrower, not more than measuring twice would differ by")
                .contains("The pelvic floor was not checked yet.");
        LetterFacts others = facts(
                dora(),
                Optional.of(gap(TODAY.minusWeeks(4), 6, new Measured.Examiner(2, "Mara"))),
                Optional.of(gap(TODAY, 3, INES)),
                Optional.empty(),
                Optional.empty());
        assertThat(all(Letter.draft(LetterKind.ASKING, others)))
                .contains("at the navel not comparable: read by Mara then and by Ines now");
        LetterFacts once =
                facts(dora(), Optional.empty(), Optional.of(gap(TODAY, 3, INES)), Optional.empty(), Optional.empty());
        assertThat(all(Letter.draft(LetterKind.ASKING, once)))
                .contains("It was read once, so nothing can be said of a change.")
                .doesNotContain("Two readings of one gap");
    }

    @Test
    void inPregnancyAWidthIsNeitherBetterNorWorse() {
        Client.Builder pregnant = dora().pregnant(Dating.stated(TODAY.plusWeeks(12)));
        assertThat(all(Letter.draft(LetterKind.ANSWERING, facts(pregnant))))
                .contains("Midline gap on a small head lift")
                .doesNotContain("Since the first check", "read once", "Two readings of one gap");
    }

    /** Levels of a ladder mean nothing outside a studio. */
    @Test
    void whatIsHandedOverIsNotToldInLevels() {
        assertThat(lines(Letter.draft(LetterKind.HANDING_OVER, facts(dora())), "What I hand over"))
                .contains("Not reached yet: " + Goal.EASE_HEAVINESS.words() + ".");
    }

    @Test
    void whatNobodyAskedIsNotNone() {
        Client.Builder unasked =
                Client.of(0, 1, 30).gaveBirth(new Birth(BORN, BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES));
        String letter = all(Letter.draft(
                LetterKind.ASKING,
                facts(unasked, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty())));
        assertThat(letter)
                .contains(
                        "Nobody has asked her about illnesses yet.",
                        "Nobody has asked her about symptoms yet.",
                        "The gap in the midline was not read yet.",
                        "The pelvic floor was not checked yet.")
                .doesNotContain("no illness", "no symptom");
    }

    @Test
    void aWarningSignIsReportedWithItsDayAndItsRule() {
        Client.Builder sign = dora().warningSigns(TODAY, Set.of(WarningSign.FEVER));
        assertThat(lines(Letter.draft(LetterKind.REPORTING, facts(sign)), "What I report"))
                .containsExactly(
                        "She reported a fever of 38 °C or more. We stopped at once. The rule here: “"
                                + WarningSign.FEVER.whatToDo() + "” (24 Nov 2026)",
                        "She does no exercise with me until you have said so. When may she begin again, and is anything to be left"
                                + " out?");
    }

    /** Words that would say what she has, or a grade felt inside. */
    @Example
    void neverDiagnosesAndAlwaysPutsTheQuestionFirst() {
        for (Client woman : Women.some(40, 20_261_201)) {
            Arrays.stream(LetterKind.values()).forEach(kind -> looksAsItShould(kind, woman));
        }
    }

    private static void looksAsItShould(LetterKind kind, Client woman) {
        Letter letter = Letter.draft(
                kind, facts(woman.but(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()));
        assertThat(letter.parts().get(0).framed()).isTrue();
        assertThat(letter.parts().get(0).sentences()).isNotEmpty();
        assertThat(all(letter))
                .doesNotContainIgnoringCase("diastasis", "diagnos", "grade", "oxford", "dysfunction", "null", "NOT_");
        letter.parts()
                .forEach(part -> part.sentences()
                        .forEach(one -> assertThat(one.leansOn()).allMatch(number -> number.source() != null)));
    }

    @ParameterizedTest
    @CsvSource({"ASKING, true", "REPORTING, true", "HANDING_OVER, false", "ANSWERING, false"})
    void onlyWhatAsksBringsASlipToSendBack(LetterKind kind, boolean slip) {
        assertThat(lines(Letter.draft(kind, facts(dora())), "Your answer").isEmpty())
                .isEqualTo(!slip);
    }

    // --- what waits for a clinician

    private static List<String> asked(Client.Builder woman) {
        return ClinicianQuestion.of(Judgement.of(CATALOGUE, woman.build(), TODAY), "here").stream()
                .map(question -> question.getClass().getSimpleName())
                .toList();
    }

    private static Client.Builder cleared(Client.Builder woman, LocalDate on, Set<Condition> answers) {
        return woman.cleared(new Clearance(on, "Dr Hale", List.of(), answers));
    }

    private static Client.Builder anaemic() {
        return dora().conditions(Answer.given(
                TODAY,
                new Conditions(
                        Set.of(Condition.ANAEMIA_SYMPTOMATIC),
                        Map.of(Condition.ANAEMIA_SYMPTOMATIC, TODAY.minusWeeks(3)))));
    }

    @Test
    void asksForWhatWaitsAndForNothingElse() {
        assertThat(asked(dora())).containsExactly("OfExercise");
        assertThat(asked(anaemic())).containsExactly("OfExercise", "OfCondition");
        assertThat(asked(cleared(anaemic(), TODAY.minusDays(1), Set.of(Condition.ANAEMIA_SYMPTOMATIC))))
                .isEmpty();
        assertThat(asked(cleared(anaemic(), TODAY.minusWeeks(4), Set.of(Condition.ANAEMIA_SYMPTOMATIC))))
                .as("given before the condition was there")
                .containsExactly("OfCondition");
        assertThat(asked(cleared(dora(), BORN.minusDays(1), Set.of())))
                .as("given before the birth")
                .containsExactly("OfExercise");
        Client.Builder absolute = dora().pregnant(Dating.stated(TODAY.plusWeeks(12)))
                .conditions(Answer.given(
                        TODAY,
                        new Conditions(
                                Set.of(Condition.PRE_ECLAMPSIA),
                                Map.of(Condition.PRE_ECLAMPSIA, TODAY.minusWeeks(1)))));
        assertThat(asked(absolute)).containsExactly("OfExercise", "OfCondition");
        assertThat(asked(cleared(absolute, TODAY, Set.of(Condition.PRE_ECLAMPSIA))))
                .as("answered: it still stops her, and is not asked again")
                .isEmpty();
        assertThat(asked(dora().cleared(
                                Clearance.of(TODAY, "Dr Hale", List.of(ClinicalRestriction.BREATH_ONLY.name())))))
                .as("not yet is no answer for good")
                .containsExactly("OfExercise");
        assertThat(asked(dora().warningSigns(TODAY, Set.of(WarningSign.FEVER))))
                .containsExactly("OfSign", "OfExercise");
        assertThat(asked(cleared(dora(), TODAY, Set.of())
                        .symptoms(
                                new SymptomReport.Asked(TODAY.plusDays(1), Set.of(Symptom.PAIN_WITH_LIFTS), Set.of()))))
                .containsExactly("OfPelvicFloor");
        assertThat(asked(dora().cleared(Clearance.of(TODAY, "Dr Hale", List.of("nothing that pulls at the scar")))))
                .containsExactly("OfWords");
        assertThat(ClinicianQuestion.of(Judgement.of(CATALOGUE, dora().build(), TODAY), "here")
                        .get(0)
                        .leansOn())
                .containsExactly(Published.FULL_CHECK_AFTER_BIRTH);
    }

    // --- what came back

    private static final Condition ANAEMIA = Condition.ANAEMIA_SYMPTOMATIC;

    @Test
    void anAnswerLiftsAndSetsExactlyWhatItSays() {
        String impact = ClinicalRestriction.NO_IMPACT.name();
        String breath = ClinicalRestriction.BREATH_ONLY.name();
        ClinicianAnswer yes =
                new ClinicianAnswer(TODAY, "Dr Hale", Said.YES, Set.of(ANAEMIA), Set.of(), List.of(impact));
        assertThat(yes.clearance(Set.of(Condition.HERNIA)))
                .isEqualTo(new Clearance(TODAY, "Dr Hale", List.of(impact), Set.of(ANAEMIA, Condition.HERNIA)));
        ClinicianAnswer notYet =
                new ClinicianAnswer(TODAY, "Dr Hale", Said.NOT_YET, Set.of(), Set.of(Condition.HERNIA), List.of());
        assertThat(notYet.clearance(Set.of(Condition.HERNIA, ANAEMIA)))
                .as("not yet to exercise leaves breath; not yet to one condition withdraws that one")
                .isEqualTo(new Clearance(TODAY, "Dr Hale", List.of(breath), Set.of(ANAEMIA)));
        ClinicianAnswer silent = new ClinicianAnswer(TODAY, "Dr Hale", Said.NOT_SAID, Set.of(), Set.of(), List.of());
        assertThat(silent.isEmpty()).isTrue();
        assertThat(yes.isEmpty()).isFalse();
        Optional<Clearance> breathOnly = Optional.of(Clearance.of(TODAY.minusDays(9), "Dr Hale", List.of(breath)));
        assertThat(silent.liftsWithoutAWord(breathOnly))
                .as("breath only unticked without a yes")
                .isTrue();
        assertThat(yes.liftsWithoutAWord(breathOnly)).isFalse();
        assertThat(yes.contradictsItself()).isFalse();
        assertThat(new ClinicianAnswer(TODAY, "Dr Hale", Said.YES, Set.of(), Set.of(), List.of(impact, breath))
                        .contradictsItself())
                .isTrue();
        assertThat(new ClinicianAnswer(TODAY, "Dr Hale", Said.NOT_SAID, Set.of(), Set.of(), List.of(breath, impact))
                        .keepsTheLimitsOf(Optional.of(Clearance.of(TODAY, "Dr Hale", List.of(impact, breath)))))
                .as("in whatever order")
                .isTrue();
        assertThat(notYet.isOvertakenBy(Optional.of(Clearance.of(TODAY.plusDays(1), "Dr Hale", List.of()))))
                .isTrue();
        assertThat(notYet.isOvertakenBy(Optional.of(Clearance.of(TODAY, "Dr Hale", List.of()))))
                .isFalse();
    }
}
