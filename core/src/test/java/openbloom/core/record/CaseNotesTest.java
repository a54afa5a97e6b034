package openbloom.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.screening.Condition;
import org.junit.jupiter.api.Test;

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

    private static Client after(Client.Builder told, int daysSinceClosed) {
        Client her = told.build();
        IntakeFacts intake =
                new IntakeFacts(her.background(), her.situation(), her.medical(), her.approach(), her.equipment());
        return new CaseNotes(
                        DAY,
                        intake,
                        her.safety(),
                        her.checks(),
                        List.of(),
                        List.of(),
                        LadderStatus.DecidedRung.NOTHING,
                        Optional.of(DAY.minusDays(daysSinceClosed)))
                .client();
    }
}
