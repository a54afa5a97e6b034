package openbloom.core.screening;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import openbloom.core.dating.GestationalAge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Lists from memory of Mottola et al. 2018 and of the ACOG and CDC warning signs. */
class ScreeningTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @ParameterizedTest
    @CsvSource({
        "PLACENTA_PRAEVIA, 27w6d, RELATIVE", "PLACENTA_PRAEVIA, 28w0d, ABSOLUTE", "TWINS, 27w6d, NONE",
        "TWINS, 28w0d, RELATIVE", "TRIPLETS_OR_MORE, 8w0d, ABSOLUTE", "RUPTURED_MEMBRANES, 30w0d, ABSOLUTE",
        "RECURRENT_LOSS, 10w0d, RELATIVE", "GESTATIONAL_HYPERTENSION, 30w0d, RELATIVE", "ANAEMIA, 30w0d, NONE",
        "ANAEMIA_SYMPTOMATIC, 30w0d, RELATIVE", "EATING_DISORDER, 30w0d, RELATIVE", "OSTEOPOROSIS, 30w0d, NONE",
        "HIGH_BLOOD_PRESSURE_CONTROLLED, 30w0d, NONE", "HIGH_BLOOD_PRESSURE_UNCONTROLLED, 30w0d, ABSOLUTE"
    })
    void bearsOnExerciseByTheWeek(Condition condition, String age, String expected) {
        assertThat(Contraindication.of(condition, Optional.of(GestationalAge.parse(age)))
                        .map(Enum::name)
                        .orElse("NONE"))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "PLACENTA_PRAEVIA, NONE",
        "TWINS, NONE",
        "RECURRENT_LOSS, NONE",
        "PRE_ECLAMPSIA, RELATIVE",
        "HIGH_BLOOD_PRESSURE_UNCONTROLLED, RELATIVE",
        "UNEXPLAINED_BLEEDING, ABSOLUTE",
        "THYROID_UNCONTROLLED, ABSOLUTE",
        "SERIOUS_HEART_LUNG_OR_SYSTEMIC, ABSOLUTE",
        "MILD_HEART_OR_LUNG, RELATIVE",
        "EATING_DISORDER, RELATIVE"
    })
    void keepsOnlyWhatAlsoBearsOutsidePregnancy(Condition condition, String expected) {
        assertThat(Contraindication.of(condition, Optional.empty())
                        .map(Enum::name)
                        .orElse("NONE"))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @EnumSource(WarningSign.class)
    void everySignIsAskedInSomeSeasonAndSaysWhatToDo(WarningSign sign) {
        boolean asked = WarningSign.askedOf(true).contains(sign)
                || WarningSign.askedOf(false).contains(sign);
        assertThat(asked).isEqualTo(sign != WarningSign.PRESSURE_ABOVE_LIMIT && sign != WarningSign.NOT_SAID_WHICH);
        assertThat(sign.urgency().whatToDo()).startsWith("Stop");
        assertThat(sign.whatToDo()).endsWith(".");
        assertThat(sign.wordsToHer()).doesNotContain(" her ", "herself", "she ");
    }

    /** Whoever tells thoughts of harm is not left alone: no rest position, no telephone call for tomorrow. */
    @Test
    void thoughtsOfHarmHaveWordsOfTheirOwn() {
        assertThat(WarningSign.THOUGHTS_OF_HARM.whatToDo())
                .startsWith("Stay with her")
                .contains("call")
                .doesNotContain("rest in");
        assertThat(WarningSign.askedOf(true))
                .contains(WarningSign.FEWER_MOVEMENTS, WarningSign.FEVER, WarningSign.FAINTING)
                .doesNotContain(WarningSign.WOUND_INFECTED);
    }

    @Test
    void theMostUrgentAdviceComesFirst() {
        assertThat(Urgency.EMERGENCY).isLessThan(Urgency.NOW);
        assertThat(WarningSign.CHEST_PAIN.urgency()).isEqualTo(Urgency.EMERGENCY);
    }

    @ParameterizedTest
    @CsvSource({"0, true", "14, true", "15, false"})
    void symptomsCountForFourteenDays(int daysAgo, boolean counts) {
        SymptomReport report = SymptomReport.none(DAY.minusDays(daysAgo));
        assertThat(report.excludes(Set.of(Symptom.HEAVINESS), DAY)).isEqualTo(counts);
    }

    @Test
    void notAskedExcludesNothingAndHasNothing() {
        SymptomReport notAsked = new SymptomReport.NotAsked();
        assertThat(notAsked.excludes(Set.of(), DAY)).isFalse();
        assertThat(notAsked.has(Symptom.HEAVINESS)).isFalse();
        assertThat(notAsked.askedOn()).isEmpty();
        SymptomReport asked = new SymptomReport.Asked(DAY, Set.of(Symptom.HEAVINESS));
        assertThat(asked.excludes(Set.of(Symptom.HEAVINESS), DAY)).isFalse();
        assertThat(asked.excludes(Set.of(Symptom.BACK_PAIN), DAY)).isTrue();
    }
}
