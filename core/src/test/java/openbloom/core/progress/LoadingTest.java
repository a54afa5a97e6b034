package openbloom.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import openbloom.core.moves.DoseStage;
import openbloom.core.progress.Loading.Went;
import openbloom.core.record.Noted;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Loads as an instructor reckons them in her head; common practice, no source. */
class LoadingTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @ParameterizedTest
    @CsvSource({
        "12, RIGHT, 3, 12, 60", "12, TOO_EASY, 3, 13, 65", "12, AGAINST, 3, 9.5, 48", "12, RIGHT, 14, 9.5, 48",
        "12, TOO_EASY, 20, 9.5, 48", "2, TOO_EASY, 1, 2.5, 13", "0.5, AGAINST, 1, 0.5, 3", "12.5, RIGHT, 13, 12.5, 63"
    })
    void goesFromWhatSheUsedLast(BigDecimal last, Went went, int daysAgo, BigDecimal proposed, int share) {
        Loading loading = Loading.of(
                        DAY,
                        DoseStage.STRENGTHEN,
                        0,
                        Optional.of(new Loading.Used(DAY.minusDays(daysAgo), last, went)),
                        Optional.of(new BigDecimal("20")))
                .orElseThrow();
        assertThat(loading.kilograms()).isEqualByComparingTo(proposed);
        assertThat(loading.shareOfBefore()).contains(share);
        assertThat(loading.words())
                .startsWith("last " + last + " kg on ")
                .contains(", " + share + " % of before, ", loading.why());
    }

    @ParameterizedTest
    @CsvSource({
        "PREGNANT, 1, 20",
        "PREGNANT, 2, 16",
        "PREGNANT, 3, 12",
        "REBUILD, 0, 8",
        "STRENGTHEN, 0, 12",
        "RETURN, 0, 16",
        "OTHER, 0, 16"
    })
    void beginsWithAShareOfWhatSheUsedBefore(DoseStage stage, int trimester, BigDecimal proposed) {
        assertThat(Loading.of(DAY, stage, trimester, Optional.empty(), Optional.of(new BigDecimal("20"))))
                .hasValueSatisfying(loading -> assertThat(loading.kilograms()).isEqualByComparingTo(proposed));
    }

    @Test
    void saysNothingWhereNothingIsKnownAndNothingWhileSheHeals() {
        assertThat(Loading.of(DAY, DoseStage.RETURN, 0, Optional.empty(), Optional.empty()))
                .isEmpty();
        assertThat(Loading.of(
                        DAY,
                        DoseStage.HEAL,
                        0,
                        Optional.of(new Loading.Used(DAY.minusDays(2), BigDecimal.TEN, Went.TOO_EASY)),
                        Optional.of(BigDecimal.TEN)))
                .isEmpty();
    }

    /** Everything told of the move counts together; what speaks against it counts first. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "DONE, RIGHT",
        "DONE TOO_EASY, TOO_EASY",
        "TOO_EASY DOMED, AGAINST",
        "TOO_HARD, AGAINST",
        "PARTLY, AGAINST",
        "LEAKED, AGAINST"
    })
    void wentAsItWasTold(String told, Loading.Went went) {
        assertThat(Loading.Went.of(
                        Arrays.stream(told.split(" ")).map(Noted::valueOf).toList()))
                .isEqualTo(went);
    }
}
