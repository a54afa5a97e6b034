package openbloom.core.gap;

import static openbloom.core.gap.SchoolAnswer.SchoolVerdict.NO_READING;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.List;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Limits from memory of Boissonnault & Blaschak 1988, Rath 1996, Beer 2009, Sperstad 2016, Dufour 2019, EHS 2021. */
class SchoolTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @ParameterizedTest
    @CsvSource({"4, WITHIN", "5, WIDER", "0, WITHIN", "8, WIDER"})
    void twoFingersIsWiderFromTwoAndAHalfOnTheSmallLift(int halves, SchoolAnswer.SchoolVerdict expected) {
        GapReading navel = reading(Site.NAVEL, GapState.LIFT, Width.ofHalfFingers(halves));
        GapReading above = reading(Site.ABOVE, GapState.LIFT, Width.ofHalfFingers(2));
        GapReading below = reading(Site.BELOW, GapState.LIFT, Width.ofHalfFingers(2));
        assertThat(School.TWO_FINGERS.read(check(above, navel, below), 30).verdict())
                .isEqualTo(expected);
        assertThat(School.TWO_FINGERS.read(check(navel, below), 30).verdict())
                .as("one site left out: only one that is too wide answers")
                .isEqualTo(
                        expected == SchoolAnswer.SchoolVerdict.WIDER
                                ? expected
                                : SchoolAnswer.SchoolVerdict.NO_READING);
    }

    /** More than three fingers is never functionally recovered, however firm (working value, common practice). */
    @ParameterizedTest
    @CsvSource({"6, WITHIN", "7, WIDER"})
    void functionalCountsWidthToo(int halves, SchoolAnswer.SchoolVerdict expected) {
        GapCheck check = check(
                reading(Site.NAVEL, GapState.LIFT, Width.ofHalfFingers(halves)),
                reading(Site.NAVEL, GapState.CONNECTED, Width.ofHalfFingers(halves)));
        assertThat(School.FUNCTIONAL.read(check, 30).verdict()).isEqualTo(expected);
    }

    @Test
    void twoFingersGoesByTheWidestSiteAndNamesIt() {
        GapCheck check = check(
                reading(Site.ABOVE, GapState.LIFT, Width.ofHalfFingers(6)),
                reading(Site.NAVEL, GapState.LIFT, Width.ofHalfFingers(3)),
                reading(Site.NAVEL, GapState.REST, Width.ofHalfFingers(9)));
        SchoolAnswer answer = School.TWO_FINGERS.read(check, 30);
        assertThat(answer.site()).contains(Site.ABOVE);
        assertThat(answer.detail()).isEqualTo("wider than 2 fingers: 3 fingers above the navel on the small lift");
    }

    @ParameterizedTest
    @CsvSource({
        "NAVEL, 0, 27, 30, WITHIN", "NAVEL, 0, 28, 30, WIDER", "ABOVE, 45, 10, 44, WITHIN", "ABOVE, 45, 11, 45, WIDER",
        "ABOVE, 45, 11, 46, WITHIN", "ABOVE, 45, 15, 46, WITHIN", "ABOVE, 45, 16, 46, WIDER",
                "BELOW, 45, 9, 45, WITHIN",
        "BELOW, 45, 10, 45, WIDER", "BELOW, 45, 14, 46, WITHIN", "ABOVE, 55, 11, 30, WIDER",
                "ABOVE, 56, 11, 30, NO_READING"
    })
    void millimetreNormsGoBySiteAgeAndTenMillimetresOfTolerance(
            Site site, int offset, int mm, int age, SchoolAnswer.SchoolVerdict expected) {
        GapReading reading = new GapReading(
                site, offset, GapState.REST, new Width.Millimetres(mm), Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO);
        assertThat(School.RATH_1996.read(check(reading), age).verdict()).isEqualTo(expected);
    }

    @Test
    void aFingerReadingIsNeverReadInMillimetresNorTheOtherWayRound() {
        GapCheck fingers = check(reading(Site.NAVEL, GapState.REST, Width.ofHalfFingers(4)));
        GapCheck calipers = check(reading(Site.NAVEL, GapState.LIFT, new Width.Millimetres(40)));
        assertThat(School.RATH_1996.read(fingers, 30).verdict()).isEqualTo(NO_READING);
        assertThat(School.TWO_FINGERS.read(calipers, 30).verdict()).isEqualTo(NO_READING);
    }

    @ParameterizedTest
    @CsvSource({
        "FIRST_KNUCKLE, SPRINGS, NO, WITHIN",
        "FIRST_KNUCKLE, SOFT, NO, WIDER",
        "SECOND_KNUCKLE, FIRM, NO, WIDER",
        "SURFACE, FIRM, YES, WIDER"
    })
    void functionalGoesByDepthFloorAndDomingWhenConnected(
            Depth depth, Firmness firmness, YesNoUnknown domed, SchoolAnswer.SchoolVerdict expected) {
        GapReading reading =
                new GapReading(Site.NAVEL, 0, GapState.CONNECTED, Width.ofHalfFingers(6), depth, firmness, domed);
        assertThat(School.FUNCTIONAL.read(check(reading), 30).verdict()).isEqualTo(expected);
    }

    @Test
    void connectingIsToldAsWidthDepthAndFloorAtTheWidestSite() {
        GapCheck check = check(
                new GapReading(
                        Site.NAVEL,
                        0,
                        GapState.LIFT,
                        Width.ofHalfFingers(6),
                        Depth.SECOND_KNUCKLE,
                        Firmness.SOFT,
                        YesNoUnknown.NO),
                new GapReading(
                        Site.NAVEL,
                        0,
                        GapState.CONNECTED,
                        Width.ofHalfFingers(5),
                        Depth.FIRST_KNUCKLE,
                        Firmness.SPRINGS,
                        YesNoUnknown.NO));
        ConnectedGain gain = ConnectedGain.of(check).orElseThrow();
        assertThat(gain.words()).isEqualTo("½ finger narrower, 1 knuckle less deep, floor 1 firmer");
        assertThat(gain.helps()).isTrue();
        assertThat(ConnectedGain.of(check(reading(Site.NAVEL, GapState.LIFT, Width.ofHalfFingers(6)))))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"2, 15", "3, 23", "4, 31", "5, 39", "6, 47", "8, 62", "9, 70", "10, 78", "0, 0", "1, 8"})
    void derivesMillimetresFromTheExaminersOwnFingers(int halves, int mm) {
        FingerWidths own = new FingerWidths(List.of(15, 31, 47, 62));
        assertThat(own.mmOf(new Width.Fingers(halves))).isEqualTo(mm);
    }

    @ParameterizedTest
    @CsvSource({
        "3, WITHIN, ''",
        "4, WIDER, mild",
        "5, WIDER, mild",
        "6, WIDER, moderate",
        "7, WIDER, moderate",
        "8, WIDER, severe"
    })
    void sperstadBeginsAtTwoFingersAndGrades(int halves, SchoolAnswer.SchoolVerdict expected, String grade) {
        SchoolAnswer answer =
                School.SPERSTAD_2016.read(check(reading(Site.NAVEL, GapState.LIFT, Width.ofHalfFingers(halves))), 30);
        assertThat(answer.verdict()).isEqualTo(expected);
        assertThat(answer.grade().orElse("")).isEqualTo(grade);
    }

    @ParameterizedTest
    @CsvSource({
        "20, WITHIN, ''",
        "21, WIDER, over 2 to 3 cm",
        "30, WIDER, over 2 to 3 cm",
        "31, WIDER, over 3 to 5 cm",
        "50, WIDER, over 3 to 5 cm",
        "51, WIDER, over 5 cm"
    })
    void herniaSurgeonsGradeTheWidestSiteAtRest(int mm, SchoolAnswer.SchoolVerdict expected, String grade) {
        SchoolAnswer answer = School.EHS_2021.read(
                check(
                        reading(Site.NAVEL, GapState.REST, new Width.Millimetres(mm)),
                        reading(Site.BELOW, GapState.REST, new Width.Millimetres(5))),
                30);
        assertThat(answer.verdict()).isEqualTo(expected);
        assertThat(answer.grade().orElse("")).isEqualTo(grade);
        assertThat(answer.site()).contains(Site.NAVEL);
    }

    @ParameterizedTest
    @CsvSource({
        "XIPHOID, 150, 15, WITHIN", "XIPHOID, 150, 16, WIDER", "ABOVE, 30, 22, WITHIN", "ABOVE, 30, 23, WIDER",
        "ABOVE, 40, 23, WIDER", "ABOVE, 41, 23, NO_READING", "BELOW, 20, 16, WITHIN", "BELOW, 30, 17, WIDER",
        "BELOW, 31, 17, NO_READING", "NAVEL, 0, 50, NO_READING"
    })
    void beerComparesOnlyNearItsOwnSites(Site site, int offset, int mm, SchoolAnswer.SchoolVerdict expected) {
        GapReading reading = new GapReading(
                site, offset, GapState.REST, new Width.Millimetres(mm), Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO);
        assertThat(School.BEER_2009.read(check(reading), 30).verdict()).isEqualTo(expected);
    }

    @Test
    void refusesWidthsNobodyHas() {
        assertThatIllegalArgumentException().isThrownBy(() -> Width.ofHalfFingers(21));
        assertThatIllegalArgumentException().isThrownBy(() -> new FingerWidths(List.of(15, 31, 47)));
        assertThatIllegalArgumentException().isThrownBy(() -> new FingerWidths(List.of(15, 31, 32, 62)));
    }

    private static GapCheck check(GapReading... readings) {
        return new GapCheck(DAY, List.of(readings));
    }

    @Test
    void holdsAtEverySiteOnlyWhenEverySiteWasReadConnected() {
        GapReading lift = reading(Site.NAVEL, GapState.LIFT, Width.ofHalfFingers(6));
        GapReading liftAbove = reading(Site.ABOVE, GapState.LIFT, Width.ofHalfFingers(6));
        GapReading connected = reading(Site.NAVEL, GapState.CONNECTED, Width.ofHalfFingers(5));
        GapReading connectedAbove = reading(Site.ABOVE, GapState.CONNECTED, Width.ofHalfFingers(5));
        assertThat(School.FUNCTIONAL.read(check(lift, liftAbove, connected), 30).verdict())
                .isEqualTo(SchoolAnswer.SchoolVerdict.NO_READING);
        assertThat(School.FUNCTIONAL
                        .read(check(lift, liftAbove, connected, connectedAbove), 30)
                        .verdict())
                .isEqualTo(SchoolAnswer.SchoolVerdict.WITHIN);
    }

    /** Every school reads a check at its own sites; the millimetre norms draw their limit there and nowhere else. */
    @ParameterizedTest
    @CsvSource({
        "TWO_FINGERS, ABOVE-45, LIFT, FINGERS, 2", "TWO_FINGERS, ABOVE-45, REST, FINGERS, -1",
        "TWO_FINGERS, NAVEL-0, LIFT, CALIPERS, -1", "FOUR_FINGERS, NAVEL-0, LIFT, FINGERS, 4",
        "RATH_1996, NAVEL-0, REST, CALIPERS, 27", "RATH_1996, ABOVE-55, REST, ULTRASOUND, 10",
        "RATH_1996, ABOVE-56, REST, CALIPERS, -1", "RATH_1996, NAVEL-0, LIFT, CALIPERS, -1",
        "FUNCTIONAL, NAVEL-0, CONNECTED, FINGERS, -1"
    })
    void namesTheWidthItAllows(School school, String spot, GapState state, Method method, int limit) {
        assertThat(school.limitAt(Spot.parse(spot), state, method, 30).orElse(-1))
                .isEqualTo(limit);
        assertThat(school.spots()).isNotEmpty().isSorted();
    }

    private static GapReading reading(Site site, GapState state, Width width) {
        return new GapReading(site, site.usualOffsetMm(), state, width, Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO);
    }
}
