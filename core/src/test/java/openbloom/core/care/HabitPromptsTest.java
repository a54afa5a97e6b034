package openbloom.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.core.dating.Dating;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.record.Client;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.verdict.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Moments tied to her day: one or two an hour at most, never while passing urine (P-PF-5, common practice, no source). */
class HabitPromptsTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    private static Facts facts(Symptom... told) {
        return new Facts(
                Client.of(0, 1, 31)
                        .pregnant(Dating.stated(DAY.plusWeeks(15)))
                        .symptoms(new SymptomReport.Asked(DAY, Set.of(told)))
                        .build(),
                DAY);
    }

    private static Stream<Set<DailyActivity>> everyKindOfDay() {
        List<DailyActivity> all = List.of(DailyActivity.values());
        return IntStream.range(1, 1 << all.size()).mapToObj(bits -> {
            Set<DailyActivity> told = EnumSet.noneOf(DailyActivity.class);
            IntStream.range(0, all.size()).filter(at -> (bits >> at & 1) == 1).forEach(at -> told.add(all.get(at)));
            return told;
        });
    }

    @Test
    void neverAskForMoreThanTwoAnHourWhateverHerDaysAreMadeOf() {
        for (boolean letsGo : List.of(true, false)) {
            everyKindOfDay().forEach(told -> {
                List<HabitPrompt> fitted = HabitPrompts.fitted(facts(), letsGo, told);
                assertThat(fitted).hasSizeBetween(1, 3).doesNotHaveDuplicates();
                assertThat(fitted.stream().mapToInt(HabitPrompt::timesAnHour).sum())
                        .as(told.toString())
                        .isLessThanOrEqualTo(2);
                assertThat(fitted)
                        .allMatch(prompt -> prompt.tiedTo().isEmpty()
                                || told.contains(prompt.tiedTo().get()));
            });
        }
    }

    @Test
    void liftNothingWhereLettingGoComesFirstOrALiftHurts() {
        everyKindOfDay().forEach(told -> {
            assertThat(HabitPrompts.fitted(facts(), true, told)).noneMatch(HabitPrompt::isLift);
            assertThat(HabitPrompts.fitted(facts(Symptom.PAIN_WITH_LIFTS), false, told))
                    .noneMatch(HabitPrompt::isLift);
        });
    }

    @ParameterizedTest
    @CsvSource({
        "FEEDING_A_BABY, false, FEEDING_LIFTS",
        "FEEDING_A_BABY, true, FEEDING_RELEASE",
        "DESK_WORK, false, RISE_FROM_THE_DESK",
        "LIFTING_AT_WORK, false, LOAD_CLOSE",
        "WAITING, true, WAITING_SOFT",
        "STAIRS, false, WHOLE_FOOT"
    })
    void beginWithWhatHerDaysAreMadeOf(DailyActivity told, boolean letsGo, HabitPrompt first) {
        assertThat(HabitPrompts.fitted(facts(), letsGo, Set.of(told)).get(0)).isEqualTo(first);
    }

    @Test
    void areAsForAnyDayWhereNobodyAsked() {
        assertThat(HabitPrompts.fitted(facts(Symptom.LEAK_WITH_EFFORT), false, Set.of()))
                .isEqualTo(HabitPrompts.of(facts(Symptom.LEAK_WITH_EFFORT), false))
                .startsWith(HabitPrompt.BEFORE_A_COUGH);
    }

    @ParameterizedTest
    @EnumSource(Track.class)
    void ofAFloorFitTheTrackAndTheWoman(Track track) {
        List<HabitPrompt> withABaby = HabitPrompts.ofTheFloor(track, true);
        List<HabitPrompt> without = HabitPrompts.ofTheFloor(track, false);
        assertThat(withABaby).anyMatch(prompt -> prompt.words().contains("baby"));
        assertThat(without).noneMatch(prompt -> prompt.words().contains("baby"));
        assertThat(without.stream().anyMatch(HabitPrompt::isLift)).isEqualTo(track != Track.RELEASE);
    }

    @Test
    void areNeverTiedToTheToilet() {
        assertThat(Arrays.stream(HabitPrompt.values()).map(HabitPrompt::words))
                .noneMatch(words -> words.contains("toilet") || words.contains("urin"));
        assertThat(HabitPrompts.LIMIT).contains("never while passing urine");
    }
}
