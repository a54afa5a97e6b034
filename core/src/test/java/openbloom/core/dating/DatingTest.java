package openbloom.core.dating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked examples: values from memory of ACOG Committee Opinions 700 (2017) and 579 (2013). */
class DatingTest {
    @ParameterizedTest
    @CsvSource({
        "2025-01-01, 28, 2025-10-08",
        "2023-06-10, 28, 2024-03-16",
        "2025-03-03, 35, 2025-12-15",
        "2024-02-29, 28, 2024-12-05",
        "2025-01-01, 21, 2025-10-01"
    })
    void countsTwoHundredAndEightyDaysFromTheLastPeriodAndCorrectsForTheCycle(
            LocalDate period, int cycle, LocalDate due) {
        assertThat(dated(new Statement.LastPeriod(period, cycle), period.plusDays(50))
                        .dueDate())
                .isEqualTo(due);
    }

    @Test
    void countsFromConceptionAndTransferToTheSameDay() {
        LocalDate due = LocalDate.of(2025, 10, 3);
        LocalDate on = LocalDate.of(2025, 4, 1);
        assertThat(dated(new Statement.Conception(LocalDate.of(2025, 1, 10)), on)
                        .dueDate())
                .isEqualTo(due);
        assertThat(dated(new Statement.Transfer(LocalDate.of(2025, 1, 15), 5), on)
                        .dueDate())
                .isEqualTo(due);
        assertThat(dated(new Statement.Transfer(LocalDate.of(2025, 1, 13), 3), on)
                        .dueDate())
                .isEqualTo(due);
    }

    /** What has been given counts from its very day; a day that has not come yet is refused, however the weeks would come out. */
    @ParameterizedTest
    @CsvSource({"0, ", "1, dating.future", "14, dating.future"})
    void nothingIsCountedFromADayThatHasNotCome(int ahead, String refused) {
        LocalDate on = LocalDate.of(2025, 4, 1);
        Statement told = new Statement.Conception(on.plusDays(ahead));
        assertThat(Dating.from(told, Optional.empty(), on).problems())
                .extracting(Problem::key)
                .isEqualTo(refused == null ? List.of() : List.of(refused));
    }

    @ParameterizedTest
    @CsvSource({
        "2025-01-01, 0w0d, FIRST, WEEKS_0_13, PRETERM_RANGE",
        "2025-04-08, 13w6d, FIRST, WEEKS_0_13, PRETERM_RANGE",
        "2025-04-09, 14w0d, SECOND, WEEKS_14_17, PRETERM_RANGE",
        "2025-05-07, 18w0d, SECOND, WEEKS_18_21, PRETERM_RANGE",
        "2025-07-15, 27w6d, SECOND, WEEKS_26_29, PRETERM_RANGE",
        "2025-07-16, 28w0d, THIRD, WEEKS_26_29, PRETERM_RANGE",
        "2025-09-16, 36w6d, THIRD, WEEKS_34_37, PRETERM_RANGE",
        "2025-09-17, 37w0d, THIRD, WEEKS_34_37, EARLY_TERM",
        "2025-10-01, 39w0d, THIRD, WEEKS_38_ON, FULL_TERM",
        "2025-10-15, 41w0d, THIRD, WEEKS_38_ON, LATE_TERM",
        "2025-10-22, 42w0d, THIRD, WEEKS_38_ON, POST_TERM"
    })
    void turnsTrimesterBlockAndTermOnTheirDays(
            LocalDate on, String age, Trimester trimester, Block block, TermCategory term) {
        GestationalAge far = Dating.stated(LocalDate.of(2025, 10, 8)).ageOn(on).orElseThrow();
        assertThat(far).hasToString(age).isEqualTo(GestationalAge.parse(age));
        assertThat(Trimester.at(far)).isEqualTo(trimester);
        assertThat(Block.at(far)).isEqualTo(block);
        assertThat(TermCategory.at(far)).isEqualTo(term);
    }

    @Test
    void readsTheLeapDay() {
        Dating dating = dated(new Statement.LastPeriod(LocalDate.of(2023, 6, 10), 28), LocalDate.of(2024, 1, 1));
        assertThat(dating.ageOn(LocalDate.of(2024, 2, 29))).contains(GestationalAge.of(37, 5));
    }

    /** Against java.time walked day by day: weeks and days carry like a counter, the calendar does the rest. */
    @Property(tries = 300, seed = "20261124")
    void agreesWithACalendarWalkedDayByDay(@ForAll @IntRange(min = 0, max = 20_000) int start) {
        LocalDate first = LocalDate.of(1990, 1, 1).plusDays(start);
        Dating dating = dated(new Statement.LastPeriod(first, 28), first.plusDays(1));
        LocalDate day = first;
        for (int weeks = 0; weeks <= 44; weeks++) {
            for (int days = 0; days < 7; days++) {
                assertThat(dating.ageOn(day)).contains(GestationalAge.of(weeks, days));
                day = day.plusDays(1);
            }
            assertThat(dating.dayOfWeek(weeks + 1)).isEqualTo(day);
        }
        assertThat(dating.dueDate()).isEqualTo(first.plusWeeks(40));
        assertThat(dating.ageOn(first.minusDays(1))).isEmpty();
        assertThat(dating.ageOn(first.plusDays(316))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // day of scan by last period, days the scan differs by, re-dated
        "8w6d, 5, false",
        "8w6d, 6, true",
        "9w0d, 7, false",
        "9w0d, 8, true",
        "13w6d, 7, false",
        "13w6d, 8, true",
        "14w0d, 7, false",
        "15w6d, 8, true",
        "16w0d, 10, false",
        "16w0d, 11, true",
        "21w6d, 10, false",
        "22w0d, 14, false",
        "22w0d, 15, true",
        "27w6d, 14, false",
        "28w0d, 21, false",
        "28w0d, 22, true"
    })
    void redatesOnlyBeyondTheThresholdOfTheWeek(String far, int differs, boolean redated) {
        LocalDate period = LocalDate.of(2025, 1, 1);
        GestationalAge byPeriod = GestationalAge.parse(far);
        LocalDate scanned = period.plusDays(byPeriod.days());
        for (int sign : new int[] {-1, 1}) {
            Ultrasound scan = new Ultrasound(scanned, new GestationalAge(byPeriod.days() + sign * differs));
            Dating dating = Dating.from(new Statement.LastPeriod(period, 28), Optional.of(scan), scanned)
                    .value();
            assertThat(dating.redated()).isEqualTo(redated);
            assertThat(dating.basis()).isEqualTo(redated ? DatingBasis.ULTRASOUND : DatingBasis.LAST_PERIOD);
            assertThat(dating.dueDate()).isEqualTo(LocalDate.of(2025, 10, 8).minusDays(redated ? sign * differs : 0));
        }
    }

    @Test
    void neverRedatesAfterATransferOrADateThatWasOnlyTold() {
        Ultrasound scan = new Ultrasound(LocalDate.of(2025, 3, 5), GestationalAge.of(12, 0));
        LocalDate on = LocalDate.of(2025, 4, 1);
        for (Statement told : new Statement[] {
            new Statement.Transfer(LocalDate.of(2025, 1, 15), 5), new Statement.DueDate(LocalDate.of(2025, 10, 8))
        }) {
            Dating dating = Dating.from(told, Optional.of(scan), on).value();
            assertThat(dating.redated()).isFalse();
            assertThat(dating.scan()).isPresent();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "2025-10-01, 28, lastPeriod",
        "2024-01-01, 28, lastPeriod",
        "2025-02-01, 19, cycleLengthDays",
        "2025-02-01, 46, cycleLengthDays"
    })
    void refusesStatementsThatMakeNoSenseBesideTheirField(LocalDate period, int cycle, String field) {
        Outcome<Dating> outcome =
                Dating.from(new Statement.LastPeriod(period, cycle), Optional.empty(), LocalDate.of(2025, 4, 1));
        assertThat(outcome.problems()).extracting("field").containsExactly(field);
    }

    @Test
    void refusesADueDateSixtyWeeksAwayAndAScanBeforeThePeriod() {
        LocalDate on = LocalDate.of(2025, 4, 1);
        assertThat(Dating.from(new Statement.DueDate(on.plusWeeks(60)), Optional.empty(), on)
                        .problems())
                .extracting("field", "key")
                .containsExactly(org.assertj.core.groups.Tuple.tuple("dueDate", "dating.tooFarAhead"));
        Ultrasound early = new Ultrasound(LocalDate.of(2024, 12, 1), GestationalAge.of(8, 0));
        assertThat(Dating.from(new Statement.LastPeriod(LocalDate.of(2025, 1, 1), 28), Optional.of(early), on)
                        .problems())
                .extracting("field")
                .containsExactly("ultrasound.date");
    }

    @Test
    void saysWhatWasExpectedOfAnAge() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new GestationalAge(400))
                .withMessage("Gestational age must be 0 to 315 days, but was 400");
        assertThatIllegalArgumentException().isThrownBy(() -> GestationalAge.parse("30 weeks"));
        assertThatIllegalArgumentException().isThrownBy(() -> GestationalAge.of(20, 7));
    }

    private static Dating dated(Statement statement, LocalDate on) {
        return Dating.from(statement, Optional.empty(), on).value();
    }
}
