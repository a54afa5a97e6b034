package openbloom.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.record.Client;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Facts;
import org.junit.jupiter.api.Test;

/** Windows of the cards at their borders: P-CS-1 and P-CS-2, common practice, no source. */
class CareCardsTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final CareCards CARDS = CareCards.shipped();

    private static List<String> offered(Client.Builder woman) {
        return CARDS.offered(new Facts(woman.build(), DAY)).stream()
                .map(CareCard::id)
                .toList();
    }

    private static Client.Builder born(int daysAgo, BirthKind kind, YesNoUnknown woundClosed) {
        return Client.of(1, 1, 31).gaveBirth(new Birth(DAY.minusDays(daysAgo), kind, Tear.NONE, woundClosed));
    }

    @Test
    void offersTheBinderInTheFirstSixWeeksOnly() {
        assertThat(offered(born(41, BirthKind.VAGINAL, YesNoUnknown.YES))).contains("binder");
        assertThat(offered(born(42, BirthKind.VAGINAL, YesNoUnknown.YES))).doesNotContain("binder");
        assertThat(offered(Client.of(0, 1, 31).pregnant(Dating.stated(DAY.plusWeeks(10)))))
                .containsExactly(
                        "getting-up", "rolling-over", "coughing", "toilet", "carrying", "sleeping", "pelvic-girdle");
    }

    @Test
    void offersSiliconeOnlyOnAClosedCaesareanWoundFromSixWeeks() {
        assertThat(offered(born(42, BirthKind.CAESAREAN, YesNoUnknown.YES))).contains("silicone", "belly-massage");
        assertThat(offered(born(41, BirthKind.CAESAREAN, YesNoUnknown.YES)))
                .doesNotContain("silicone", "belly-massage");
        assertThat(offered(born(60, BirthKind.CAESAREAN, YesNoUnknown.UNKNOWN)))
                .doesNotContain("silicone", "belly-massage");
        assertThat(offered(born(60, BirthKind.VAGINAL, YesNoUnknown.YES))).doesNotContain("silicone");
    }

    @Test
    void offersTheFirstWeeksAfterACaesareanAndRunningInTheirWeeks() {
        assertThat(offered(born(41, BirthKind.CAESAREAN, YesNoUnknown.NO))).contains("caesarean");
        assertThat(offered(born(42, BirthKind.CAESAREAN, YesNoUnknown.NO))).doesNotContain("caesarean");
        assertThat(offered(born(10, BirthKind.VAGINAL, YesNoUnknown.NO))).doesNotContain("caesarean", "running");
        assertThat(offered(born(83, BirthKind.VAGINAL, YesNoUnknown.YES))).doesNotContain("running");
        assertThat(offered(born(84, BirthKind.VAGINAL, YesNoUnknown.YES))).contains("running");
    }

    @Test
    void offersNothingWhileAWarningSignStands() {
        assertThat(offered(born(10, BirthKind.VAGINAL, YesNoUnknown.YES)
                        .warningSigns(DAY, Set.of(WarningSign.HEAVY_BLEEDING))))
                .isEmpty();
    }

    @Test
    void saysForEveryCardWhenToStop() {
        assertThat(CARDS.all()).hasSize(14).allSatisfy(card -> {
            assertThat(card.lines()).hasSizeBetween(2, 4);
            assertThat(card.stop()).isNotBlank();
        });
    }
}
