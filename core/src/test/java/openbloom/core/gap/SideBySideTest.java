package openbloom.core.gap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** One check, every school. */
class SideBySideTest {
    private static final FingerWidths OWN = new FingerWidths(List.of(15, 31, 47, 62));

    @Test
    void leavesMillimetreSchoolsSilentWhileNobodyMeasuredMillimetres() {
        List<SchoolAnswer> answers = SideBySide.of(fingers(GapState.REST, 6), Optional.empty(), 33);
        assertThat(answers).extracting(SchoolAnswer::school).containsExactly(School.values());
        assertThat(answers)
                .filteredOn(answer -> answer.school() == School.RATH_1996 || answer.school() == School.EHS_2021)
                .extracting(SchoolAnswer::verdict)
                .containsOnly(SchoolAnswer.SchoolVerdict.NO_READING);
    }

    @ParameterizedTest
    @CsvSource({"3, WITHIN", "4, WIDER", "6, WIDER"})
    void derivesThemFromTheExaminersOwnFingersAndSaysSo(int halves, SchoolAnswer.SchoolVerdict expected) {
        SchoolAnswer rath = answer(School.RATH_1996, fingers(GapState.REST, halves), Optional.of(OWN));
        assertThat(rath.verdict()).isEqualTo(expected);
        assertThat(rath.detail()).endsWith("mm derived from fingers");
    }

    @Test
    void neverDerivesForASchoolThatReadsFingersItself() {
        SchoolAnswer two = answer(School.TWO_FINGERS, fingers(GapState.LIFT, 5), Optional.of(OWN));
        assertThat(two.verdict()).isEqualTo(SchoolAnswer.SchoolVerdict.WIDER);
        assertThat(two.detail()).doesNotContain("derived");
        assertThat(answer(School.TWO_FINGERS, fingers(GapState.REST, 5), Optional.of(OWN))
                        .verdict())
                .isEqualTo(SchoolAnswer.SchoolVerdict.NO_READING);
    }

    @Test
    void takesMeasuredMillimetresAsTheyAre() {
        GapReading calipers = new GapReading(
                Site.NAVEL, 0, GapState.REST, new Width.Millimetres(28), Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO);
        SchoolAnswer rath =
                answer(School.RATH_1996, new GapCheck(LocalDate.EPOCH, List.of(calipers)), Optional.of(OWN));
        assertThat(rath.detail()).isEqualTo("wider than 27 mm: 28 mm at the navel at rest");
    }

    @Test
    void writesAndReadsFingerBreadths() {
        assertThat(OWN).hasToString("15,31,47,62");
        assertThat(FingerWidths.parse("15,31,47,62")).isEqualTo(OWN);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "15,31,47", "15,31,47,x", "15,16,47,62", "15,31,80,95", "62,47,31,15"})
    void refusesBreadthsNobodyHas(String text) {
        assertThatThrownBy(() -> FingerWidths.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }

    private static SchoolAnswer answer(School school, GapCheck check, Optional<FingerWidths> fingers) {
        return SideBySide.of(check, fingers, 33).stream()
                .filter(answer -> answer.school() == school)
                .findFirst()
                .orElseThrow();
    }

    private static GapCheck fingers(GapState state, int halves) {
        GapReading reading = new GapReading(
                Site.NAVEL, 0, state, Width.ofHalfFingers(halves), Depth.FIRST_KNUCKLE, Firmness.SOFT, YesNoUnknown.NO);
        return new GapCheck(LocalDate.EPOCH, List.of(reading));
    }
}
