package openbloom.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands in her record besides what she was asked. */
class CaseNotesTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    /** Six weeks by the usual check after a birth; that one thing is known never means that the others were asked. */
    @Test
    void waitsSixWeeksAfterAClosedPregnancyAndStillDoesNotKnowWhatNobodyAsked() {
        Client asked = after(Client.of(1, 1, 33).conditions(DAY, Set.of(Condition.ANAEMIA)), 41);
        assertThat(asked.medical().known().all())
                .containsExactlyInAnyOrder(Condition.ANAEMIA, Condition.OTHER_SIGNIFICANT);
        assertThat(asked.medical().known().since(Condition.OTHER_SIGNIFICANT)).contains(DAY.minusDays(41));
        Client notAsked = after(Client.of(1, 1, 33), 41);
        assertThat(notAsked.has(Condition.OTHER_SIGNIFICANT)).isTrue();
        assertThat(notAsked.medical().conditions().isGiven()).isFalse();
        assertThat(after(Client.of(1, 1, 33), 42).has(Condition.OTHER_SIGNIFICANT))
                .isFalse();
    }

    /** What she tells from home counts from its day until she is asked again; it takes nothing away. */
    @ParameterizedTest
    @CsvSource({
        "HEAVY, , 3, HEAVINESS, true",
        "HEAVY, , 0, HEAVINESS, true",
        "HEAVY, , -1, HEAVINESS, false",
        "LEAKED, , 2, LEAK_WITH_EFFORT, true",
        "HURT, PELVIS, 2, PELVIC_GIRDLE_PAIN, true",
        "HURT, KNEE, 2, PELVIC_GIRDLE_PAIN, false"
    })
    void whatIsToldFromHomeCountsUntilSheIsAskedAgain(
            Noted noted, PainSite place, int daysAfterAsked, Symptom counts, boolean isThere) {
        LocalDate asked = DAY.minusDays(5);
        Client her = Client.of(1, 1, 33)
                .symptoms(new SymptomReport.Asked(asked, Set.of(Symptom.BACK_PAIN)))
                .build();
        HomeReport report = new HomeReport(asked.plusDays(daysAfterAsked), noted, Optional.ofNullable(place));
        CaseNotes notes = new CaseNotes(
                DAY,
                new IntakeFacts(her.background(), her.situation(), her.medical(), her.approach(), her.equipment()),
                new SafetyNotes(her.safety(), List.of(report)),
                her.checks(),
                List.of(),
                List.of(),
                LadderStatus.DecidedRung.NOTHING,
                Optional.empty());
        Client told = notes.client();
        assertThat(told.has(counts)).isEqualTo(isThere);
        assertThat(told.has(Symptom.BACK_PAIN)).isTrue();
        assertThat(told.safety().symptoms().askedOn()).contains(asked);
        assertThat(notes.painElsewhere().isEmpty()).isEqualTo(place != PainSite.KNEE);
    }

    private static Client after(Client.Builder told, int daysSinceClosed) {
        Client her = told.build();
        IntakeFacts intake =
                new IntakeFacts(her.background(), her.situation(), her.medical(), her.approach(), her.equipment());
        return new CaseNotes(
                        DAY,
                        intake,
                        SafetyNotes.asked(her.safety()),
                        her.checks(),
                        List.of(),
                        List.of(),
                        LadderStatus.DecidedRung.NOTHING,
                        Optional.of(DAY.minusDays(daysSinceClosed)))
                .client();
    }
}
