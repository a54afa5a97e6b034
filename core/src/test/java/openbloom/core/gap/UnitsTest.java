package openbloom.core.gap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Halves, steps and units worked out by hand: a finger of 16 mm where nobody measured one (common practice), the measurement error
 * 2.77 times the spread within one woman (Bland and Altman, from memory), half a step taken off first.
 */
class UnitsTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @ParameterizedTest
    @CsvSource({"0, 0, 0", "1, ½, 8", "2, 1, 16", "5, 2½, 40", "20, 10, 160"})
    void halvesOfAFinger(int halves, String count, double mm) {
        Width.Fingers width = new Width.Fingers(halves);
        assertThat(width.count()).isEqualTo(count);
        assertThat(width.roughMm()).isEqualTo(mm);
        assertThat(new Width.Millimetres(37).roughMm()).isEqualTo(37);
    }

    /** A change is said to the nearest half finger or whole millimetre, without its sign. */
    @ParameterizedTest
    @CsvSource({
        "FINGERS, 1.3, 1½ fingers",
        "FINGERS, -1.2, 1 finger",
        "FINGERS, 0.74, ½ finger",
        "CALIPERS, 4.6, 5 mm",
        "ULTRASOUND, -4.4, 4 mm"
    })
    void changesAreSaidToTheNearestStep(Method method, double amount, String words) {
        assertThat(method.words(amount)).isEqualTo(words);
    }

    /** Twelve pairs half a finger apart each: spread √(12 × 0.25 / 24) = 0.354, error 0.98 fingers; over four sites it is the same. */
    @ParameterizedTest
    @CsvSource({"1, 0.98", "4, 0.98"})
    void theErrorComesFromThePairs(int sites, double error) {
        Repeatability.Sums pairs = new Repeatability.Sums(12, 3);
        RepeatabilityInUse inUse = RepeatabilityInUse.ofMeans(Method.FINGERS, sites, pairs, Repeatability.Sums.NONE);
        assertThat(inUse.coefficient()).isCloseTo(error, within(0.005));
        assertThat(inUse.words())
                .startsWith(
                        "± 0.98 fingers (2.77 times a spread of 0.35 fingers, from 12 sites this examiner read twice");
    }

    /** Nobody differed: an error is never less than a step, half a finger, or of four sites an eighth. */
    @ParameterizedTest
    @CsvSource({"1, 0.5, 0.25", "4, 0.125, 0.0625"})
    void anErrorIsAtLeastAStep(int sites, double error, double half) {
        Repeatability.Sums alike = new Repeatability.Sums(40, 0);
        RepeatabilityInUse inUse = RepeatabilityInUse.ofMeans(Method.FINGERS, sites, alike, Repeatability.Sums.NONE);
        assertThat(inUse.coefficient()).isEqualTo(error);
        assertThat(inUse.halfAStep()).isEqualTo(half);
        assertThat(inUse.isReal(error + half)).as("exactly at its edge").isFalse();
        assertThat(inUse.isReal(-(error + half))).isFalse();
        assertThat(inUse.isReal(error + half + 0.01)).isTrue();
    }

    /** One finger until there are pairs, of four sites half of one. */
    @ParameterizedTest
    @CsvSource({"1, 1", "4, 0.5"})
    void withoutPairsItIsAFinger(int sites, double error) {
        assertThat(RepeatabilityInUse.ofMeans(Method.FINGERS, sites, Repeatability.Sums.NONE, Repeatability.Sums.NONE)
                        .coefficient())
                .isEqualTo(error);
        assertThat(new Repeatability.Sums(2, 3).plus(new Repeatability.Sums(5, 7)))
                .isEqualTo(new Repeatability.Sums(7, 10));
    }

    @Test
    void aSeriesIsCutBeforeAndFromADay() {
        List<Trend.TrendPoint> points = List.of(
                new Trend.TrendPoint(DAY.minusDays(10), 3),
                new Trend.TrendPoint(DAY.minusDays(5), 2.5),
                new Trend.TrendPoint(DAY, 2));
        Series series = new Series(Method.FINGERS, new Measured.Examiner(1, "Ines"), points);
        assertThat(series.before(DAY.minusDays(5)).readings()).containsExactly(points.get(0));
        assertThat(series.from(DAY.minusDays(5)).readings()).containsExactly(points.get(1), points.get(2));
        assertThat(series.latestOr(DAY.plusDays(1))).isEqualTo(DAY);
        assertThat(series.before(DAY.minusYears(1)).latestOr(DAY.plusDays(1))).isEqualTo(DAY.plusDays(1));
        Trend trend = Trend.of(points);
        assertThat(trend.isRealChange(1)).as("one finger, not more").isFalse();
        assertThat(trend.isRealChange(0.99)).isTrue();
    }

    @Test
    void aReadingIsWholeWithDepthAndFirmness() {
        GapReading whole = new GapReading(
                Site.NAVEL,
                0,
                GapState.LIFT,
                new Width.Fingers(5),
                Depth.FIRST_KNUCKLE,
                Firmness.SPRINGS,
                YesNoUnknown.NO);
        GapReading noFirmness = new GapReading(
                whole.spot(), whole.state(), whole.width(), whole.depth(), Optional.empty(), YesNoUnknown.NO, true);
        GapReading widthAlone = new GapReading(
                whole.spot(), whole.state(), whole.width(), Optional.empty(), Optional.empty(), YesNoUnknown.NO, true);
        assertThat(List.of(whole.isWhole(), noFirmness.isWhole(), widthAlone.isWhole()))
                .isEqualTo(List.of(true, false, false));
        assertThat(List.of(whole.depthWords(), widthAlone.depthWords(), whole.floorWords(), widthAlone.floorWords()))
                .isEqualTo(List.of("1st knuckle", "depth not read", "floor springs back", "floor not read"));
        GapReading domed = widthAlone.domedAs(YesNoUnknown.YES);
        assertThat(domed.domed()).isEqualTo(YesNoUnknown.YES);
        assertThat(domed.sore()).isTrue();
        assertThat(domed.words()).isEqualTo("2½ fingers at the navel");
    }

    @Test
    void gradesCountAndSaySo() {
        assertThat(Arrays.stream(Depth.values()).map(Depth::grade)).containsExactly(0, 1, 2, 3);
        assertThat(Depth.DEEPER.stepsTo(Depth.FIRST_KNUCKLE)).isEqualTo(2);
        assertThat(Arrays.stream(Firmness.values()).map(Firmness::words))
                .containsExactly("nothing there", "soft", "springs back", "firm");
        assertThat(Arrays.stream(Depth.values()).map(Depth::words))
                .containsExactly("surface", "1st knuckle", "2nd knuckle", "deeper");
        assertThat(Arrays.stream(GapState.values()).map(GapState::words))
                .containsExactly("rest", "small head lift", "connected, then small lift");
        assertThat(Method.FINGERS.unit()).isEqualTo("fingers");
        assertThat(Method.values())
                .allSatisfy(method -> assertThat(method.words()).isNotBlank());
        assertThat(School.values())
                .allSatisfy(school -> assertThat(school.words()).isNotBlank());
        assertThat(GapChange.Significance.values())
                .allSatisfy(worth -> assertThat(worth.words()).isNotBlank());
        assertThat(Method.FINGERS.meanWords(-1)).isEqualTo("1 finger");
        assertThat(Method.CALIPERS.meanWords(4.5)).isEqualTo("4.5 mm");
    }

    /** Breadths of 15, 31, 47 and 62 mm: half a finger is half way to the next, beyond four a quarter of 62 is added. */
    @ParameterizedTest
    @CsvSource({"1, 8", "2, 15", "3, 23", "8, 62", "9, 70", "10, 78", "12, 93"})
    void fingersAsMillimetres(int halves, int mm) {
        assertThat(new FingerWidths(List.of(15, 31, 47, 62)).mmOf(new Width.Fingers(halves)))
                .isEqualTo(mm);
    }

    /** Two millimetres a week less: the line goes on so, before its first reading and after its last. */
    @ParameterizedTest
    @CsvSource({"-7, 42", "0, 40", "14, 36", "28, 32"})
    void aLineGoesOnByTheWeek(int days, double mm) {
        Trend trend = Trend.of(List.of(
                new Trend.TrendPoint(DAY, 40),
                new Trend.TrendPoint(DAY.plusDays(7), 38),
                new Trend.TrendPoint(DAY.plusDays(14), 36)));
        assertThat(trend.slopePerWeek()).isCloseTo(-2, within(1e-9));
        assertThat(trend.at(DAY.plusDays(days))).isCloseTo(mm, within(1e-9));
    }
}
