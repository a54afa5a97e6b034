package openbloom.core.gap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Seven days to the next check, fourteen while a gate may rest on it: common practice, no source. */
class GapCheckTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @ParameterizedTest
    @CsvSource({"-1, false", "0, true", "14, true", "15, false"})
    void isFreshForFourteenDays(int age, boolean fresh) {
        assertThat(check(DAY.minusDays(age)).isFreshOn(DAY)).isEqualTo(fresh);
    }

    @Test
    void isDueAgainAfterSevenDays() {
        assertThat(check(DAY).nextDue()).isEqualTo(DAY.plusDays(7));
    }

    @ParameterizedTest
    @CsvSource({"NO;NO, NO", "NO;YES, YES", "YES;UNKNOWN, YES", "NO;UNKNOWN, UNKNOWN", "UNKNOWN;UNKNOWN, UNKNOWN"})
    void domesIfSeenAnywhereAndIsFlatOnlyIfLookedAtEverywhere(String seen, YesNoUnknown expected) {
        List<YesNoUnknown> told =
                Arrays.stream(seen.split(";")).map(YesNoUnknown::valueOf).toList();
        GapCheck check = new GapCheck(DAY, List.of(lift(Site.ABOVE, told.get(0)), lift(Site.NAVEL, told.get(1))));
        assertThat(check.domedOnLift()).isEqualTo(expected);
        assertThat(new GapCheck(DAY, List.of()).domedOnLift()).isEqualTo(YesNoUnknown.UNKNOWN);
    }

    @Test
    void findsItsReadingsBySiteAndState() {
        GapCheck check =
                new GapCheck(DAY, List.of(lift(Site.NAVEL, YesNoUnknown.NO), lift(Site.ABOVE, YesNoUnknown.NO)));
        assertThat(check.at(Spot.usual(Site.NAVEL), GapState.LIFT)).isPresent();
        assertThat(check.at(Spot.usual(Site.NAVEL), GapState.REST)).isEmpty();
        assertThat(check.readings()).extracting(GapReading::site).containsExactly(Site.ABOVE, Site.NAVEL);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"0|0 fingers", "1|½ finger", "2|1 finger", "3|1½ fingers", "4|2 fingers", "5|2½ fingers"})
    void tellsHalvesAsPeopleDo(int halves, String words) {
        assertThat(Width.ofHalfFingers(halves).words()).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "ABOVE-45, 45 mm above the navel, 45",
        "BELOW-25, 25 mm below the navel, -25",
        "NAVEL-0, at the navel, 0"
    })
    void readsTheSpotItWrites(String written, String words, int up) {
        Spot spot = Spot.parse(written);
        assertThat(spot).hasToString(written);
        assertThat(spot.words()).isEqualTo(words);
        assertThat(spot.upMm()).isEqualTo(up);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "ABOVE", "ABOVE-301", "BESIDE-4", "ABOVE--4", "above-45"})
    void refusesAnythingElseForASpot(String written) {
        assertThatIllegalArgumentException().isThrownBy(() -> Spot.parse(written));
    }

    @Test
    void keepsSeveralSpotsOfOneSiteApartFromTheBreastboneDown() {
        GapReading near = lift(Site.ABOVE, YesNoUnknown.NO);
        GapReading far = new GapReading(
                Site.ABOVE, 20, GapState.LIFT, Width.ofHalfFingers(4), Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO);
        GapCheck check = new GapCheck(DAY, List.of(far, near));
        assertThat(check.spots()).containsExactly(Spot.parse("ABOVE-45"), Spot.parse("ABOVE-20"));
        assertThat(check.at(Spot.parse("ABOVE-20"), GapState.LIFT)).contains(far);
        assertThat(check.widest(GapState.LIFT)).contains(far);
    }

    @Test
    void refusesASiteTooFarAway() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new GapReading(
                        Site.ABOVE,
                        301,
                        GapState.LIFT,
                        Width.ofHalfFingers(2),
                        Depth.SURFACE,
                        Firmness.FIRM,
                        YesNoUnknown.NO))
                .withMessage("Site must be 0 to 300 mm from the navel, but was 301");
        assertThatIllegalArgumentException().isThrownBy(() -> Firmness.of(4));
        assertThatIllegalArgumentException().isThrownBy(() -> new Width.Millimetres(201));
    }

    @ParameterizedTest
    @CsvSource({
        "SURFACE, SECOND_KNUCKLE, -2",
        "SECOND_KNUCKLE, SURFACE, 2",
        "DEEPER, FIRST_KNUCKLE, 2",
        "SURFACE, SURFACE, 0"
    })
    void countsKnuckleStepsTowardsTheSurface(Depth from, Depth to, int steps) {
        assertThat(from.stepsTo(to)).isEqualTo(steps);
    }

    private static GapCheck check(LocalDate on) {
        return new GapCheck(on, List.of(lift(Site.NAVEL, YesNoUnknown.NO)));
    }

    private static GapReading lift(Site site, YesNoUnknown domed) {
        return new GapReading(
                site, site.usualOffsetMm(), GapState.LIFT, Width.ofHalfFingers(3), Depth.SURFACE, Firmness.FIRM, domed);
    }

    /** Two recovered, flat readings 28 days apart settle a gap, from twelve weeks after a birth (common practice). */
    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({
        "28, 100, 4, NO, true",
        "27, 100, 4, NO, false",
        "28, 83, 4, NO, false",
        "28, 84, 4, NO, true",
        "28, 100, 5, NO, false",
        "28, 100, 4, YES, false",
        "28, 100, 4, UNKNOWN, false"
    })
    void settlesAfterTwoGoodReadings(int apart, int sinceBirth, int halves, YesNoUnknown domed, boolean settled) {
        GapCheck now = whole(DAY, 3, YesNoUnknown.NO);
        GapCheck before = whole(DAY.minusDays(apart), halves, domed);
        GapCheck latest = GapHistory.settled(
                now, List.of(now, before), School.TWO_FINGERS, 30, java.util.Optional.of(DAY.minusDays(sinceBirth)));
        assertThat(latest.settled()).isEqualTo(settled);
        assertThat(latest.isFreshOn(DAY.plusDays(84))).isEqualTo(settled);
        assertThat(latest.nextDue()).isEqualTo(DAY.plusDays(settled ? 84 : 7));
    }

    private static GapCheck whole(LocalDate on, int halves, YesNoUnknown domed) {
        return GapCheck.alike(
                on, Width.ofHalfFingers(halves), Optional.of(Depth.SURFACE), Optional.of(Firmness.FIRM), domed);
    }
}
