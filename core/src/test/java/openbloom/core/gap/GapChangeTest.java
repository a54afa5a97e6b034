package openbloom.core.gap;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GapChangeTest {
    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);
    private static final Spot NAVEL = Spot.usual(Site.NAVEL);
    private static final Measured.Examiner INES = new Measured.Examiner(1, "Ines");
    private static final Measured.Examiner MARA = new Measured.Examiner(2, "Mara");
    private static final RepeatabilityInUse ONE_FINGER =
            RepeatabilityInUse.of(Method.FINGERS, Repeatability.Sums.NONE, Repeatability.Sums.NONE);

    @ParameterizedTest
    @CsvSource({
        // half fingers before and after; working value of one finger
        "6, 6, WITHIN_REPEATABILITY, same width",
        "6, 5, WITHIN_REPEATABILITY, ½ finger narrower",
        "6, 4, WITHIN_REPEATABILITY, 1 finger narrower",
        "6, 3, REAL_CHANGE, 1½ fingers narrower",
        "3, 6, REAL_CHANGE, 1½ fingers wider"
    })
    void marksEveryChangeWithWhatItIsWorth(int before, int after, GapChange.Significance worth, String words) {
        GapChange change = change(fingers(INES, 0, before), fingers(INES, 7, after), ONE_FINGER);
        assertThat(change.worth()).isEqualTo(worth);
        assertThat(change.words()).isEqualTo(words);
        assertThat(change.sum()).contains("working value of one finger", "this examiner: 0", "the studio: 0");
    }

    @Test
    void neverComparesTwoExaminersOrTwoMethods() {
        assertThat(change(fingers(INES, 0, 8), fingers(MARA, 7, 2), ONE_FINGER))
                .extracting(GapChange::worth, GapChange::sum)
                .containsExactly(
                        GapChange.Significance.NOT_COMPARABLE,
                        "read by Ines then and by Mara now: fingers and hands differ");
        assertThat(change(fingers(INES, 0, 8), mm(INES, 7, 20), ONE_FINGER))
                .extracting(GapChange::worth, GapChange::sum)
                .containsExactly(
                        GapChange.Significance.NOT_COMPARABLE,
                        "read with fingers then and with calipers now: two methods are never joined");
        assertThat(GapChange.between(fingers(INES, 0, 8), fingers(INES, 7, 8), NAVEL, GapState.REST, ONE_FINGER))
                .isEmpty();
    }

    /** Common practice, no source: ten pairs of her own, else ten of the studio, else one finger. */
    @Test
    void usesHerOwnPairsThenTheStudiosThenOneFinger() {
        Repeatability.Sums nine = Repeatability.Sums.of(Collections.nCopies(9, new Repeatability.ReadingPair(2, 3)));
        Repeatability.Sums ten = Repeatability.Sums.of(Collections.nCopies(10, new Repeatability.ReadingPair(2, 3)));
        double coefficient = Repeatability.of(ten).coefficient();
        assertThat(RepeatabilityInUse.of(Method.FINGERS, ten, ten).coefficient())
                .isEqualTo(coefficient);
        assertThat(RepeatabilityInUse.of(Method.FINGERS, ten, ten).basis())
                .contains("10 sites this examiner read twice");
        assertThat(RepeatabilityInUse.of(Method.FINGERS, nine, ten).basis())
                .contains("10 sites read twice in the studio", "this examiner: 9 of 10");
        assertThat(RepeatabilityInUse.of(Method.FINGERS, nine, nine).coefficient())
                .isEqualTo(1);
        assertThat(RepeatabilityInUse.of(Method.CALIPERS, nine, nine).coefficient())
                .isEqualTo(16);
        Repeatability.Sums alike = Repeatability.Sums.of(Collections.nCopies(10, new Repeatability.ReadingPair(2, 2)));
        assertThat(RepeatabilityInUse.of(Method.FINGERS, alike, alike).coefficient())
                .isEqualTo(0.5);
    }

    @Test
    void joinsOnlyOneExaminerAndMethodTheLatestLast() {
        List<Measured> checks = List.of(
                fingers(INES, 0, 6), mm(INES, 3, 40), fingers(MARA, 5, 5), fingers(INES, 14, 5), fingers(INES, 7, 6));
        List<Series> series = Series.at(NAVEL, GapState.LIFT, checks);
        assertThat(series).extracting(Series::method).containsExactly(Method.CALIPERS, Method.FINGERS, Method.FINGERS);
        Series shown = series.get(2);
        assertThat(shown.by()).isEqualTo(INES);
        assertThat(shown.readings()).extracting(Trend.TrendPoint::amount).containsExactly(3.0, 3.0, 2.5);
        assertThat(shown.from(DAY.plusDays(7)).readings()).hasSize(2);
        assertThat(Series.at(NAVEL, GapState.REST, checks)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // weeks of weekly readings, half fingers lost over each eight weeks, aim in fingers, stalled
        "8, 0, 2, true",
        "7, 0, 2, false",
        "8, 0, 3, false",
        "8, 4, 2, false",
        "16, 0, 2, true"
    })
    void saysWhenAGapHasStalledForEightWeeks(int weeks, int halvesLost, double aim, boolean stalled) {
        List<Measured> checks = new ArrayList<>();
        for (int week = 0; week <= weeks; week++) {
            checks.add(fingers(INES, 7 * week, 10 - week * halvesLost / 8 - (halvesLost == 0 ? 4 : 0)));
        }
        Series series = Series.at(NAVEL, GapState.LIFT, checks).get(0);
        Outlook outlook = Outlook.of(series, new Outlook.GapTarget.TargetReach(aim, "two fingers"), ONE_FINGER);
        assertThat(outlook.stalled()).isEqualTo(stalled);
        assertThat(outlook.sentences().get(1).contains("connect check")).isEqualTo(stalled);
    }

    @Test
    void scoresNothingWhilePregnantAndForecastsNothing() {
        List<Measured> checks = new ArrayList<>();
        for (int week = 0; week < 12; week++) {
            checks.add(fingers(INES, 7 * week, 14 - week));
        }
        Series series = Series.at(NAVEL, GapState.LIFT, checks).get(0);
        Outlook pregnant = Outlook.of(series, new Outlook.GapTarget.Support(), ONE_FINGER);
        assertThat(pregnant.forecast()).isEmpty();
        assertThat(pregnant.stalled()).isFalse();
        assertThat(String.join(" ", pregnant.sentences()))
                .contains("not scored")
                .doesNotContain("comes to", "real change", "two fingers");
        Outlook after = Outlook.of(series, new Outlook.GapTarget.TargetReach(0.5, "half a finger"), ONE_FINGER);
        assertThat(after.forecast()).isPresent();
        assertThat(after.sentences().get(0))
                .startsWith("Slope −0.50 fingers a week (90 % interval −0.50 to −0.50), 12");
    }

    private static GapChange change(Measured before, Measured after, RepeatabilityInUse repeatability) {
        return GapChange.between(before, after, NAVEL, GapState.LIFT, repeatability)
                .orElseThrow();
    }

    private static Measured fingers(Measured.Examiner by, int day, int halves) {
        return measured(by, Method.FINGERS, day, Width.ofHalfFingers(halves));
    }

    private static Measured mm(Measured.Examiner by, int day, int mm) {
        return measured(by, Method.CALIPERS, day, new Width.Millimetres(mm));
    }

    private static Measured measured(Measured.Examiner by, Method method, int day, Width width) {
        GapReading reading = new GapReading(
                NAVEL.site(), NAVEL.offsetMm(), GapState.LIFT, width, Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO);
        return new Measured(new GapCheck(DAY.plusDays(day), List.of(reading)), method, by);
    }
}
