package openbloom.core.pelvicfloor;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What she reads and takes home says the same numbers as the prescription it comes from. */
class PracticeWordsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6,4,7|FULL|Build holds and flicks: 6 s × 4, let go 6 s, 7 flicks; 3 times a day, gently",
                "2,3,2|FULL|Build holds and flicks: 2 s × 3, let go 4 s, 3 short holds of 2 s, 2 flicks; 3 times a day",
                "3,4,0|FULL|Build holds and flicks: 3 s × 4, let go 4 s, 4 short holds of 2 s; 3 times a day",
                "12,10,10|FULL|Use it upright and in tasks: 10 s × 10, let go 10 s, 10 flicks; once a day",
                "6,4,7|PARTIAL|Find it and let it go: 6 s × 4, let go 12 s, 5 flicks, 3 area rounds; 3 times a day",
                "0,0,0|UNKNOWN|Find it and let it go: 3 area rounds; 3 times a day",
                "6,4,7|ABSENT|Release first: positions of 1–2 minutes, 2–3 times a day; no holds, flicks or squeeze"
            })
    void saysTheDoseInOneLine(String shown, LettingGo lettingGo, String words) {
        assertThat(practice(shown, lettingGo).words()).startsWith(words);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6,4,7|FULL|3 times a day|4 times: lift on the out-breath, hold 6 seconds while breathing, let go 6 seconds.",
                "6,4,7|FULL|Then 7 quick lifts|Stop and tell your instructor",
                "2,3,2|FULL|3 short lifts of 2 seconds.|Then 2 quick lifts",
                "12,10,10|FULL|Once a day|hold 10 seconds",
                "6,4,7|PARTIAL|3 rounds of a light lift|let go 12 seconds.",
                "6,4,7|ABSENT|No squeezing and no quick lifts|one resting position for one to two minutes"
            })
    void saysItAgainForHer(String shown, LettingGo lettingGo, String one, String other) {
        String home = String.join("\n", Pacer.homeText(practice(shown, lettingGo)));
        assertThat(home).contains(one, other);
    }

    /** Whatever the check showed: release speaks of no lift, and nothing is told that is not asked. */
    @Property(tries = 1_000, seed = "20261125")
    void promisesNothingThatIsNotPrescribed(
            @ForAll @IntRange(max = 15) int seconds,
            @ForAll @IntRange(max = 15) int repetitions,
            @ForAll @IntRange(max = 15) int flicks,
            @ForAll LettingGo lettingGo,
            @ForAll Allowance allowance) {
        PelvicFloorCheck check = new PelvicFloorCheck(
                seconds, repetitions, flicks, lettingGo, Tone.UNKNOWN, YesNoUnknown.UNKNOWN, YesNoUnknown.UNKNOWN);
        Prescription given = Prescriber.of(check, Effort.GENTLE, allowance);
        String home = String.join("\n", Pacer.homeText(given));
        assertThat(home.contains("quick lifts, letting go"))
                .isEqualTo(given.flicks().repetitions() > 0);
        assertThat(home.contains("short lifts")).isEqualTo(given.shortHolds().repetitions() > 0);
        String held = given.holds().seconds() == 1 ? "1 second" : given.holds().seconds() + " seconds";
        assertThat(home.contains("hold " + held + " while"))
                .isEqualTo(given.holds().repetitions() > 0);
        assertThat(home.contains("rounds of a light lift")).isEqualTo(given.areaRounds() > 0);
        assertThat(home).contains("if it hurts, feels heavy, or leaks more");
    }

    @Test
    void earlyPracticeIsShortAndSaysWhy() {
        PelvicFloorCheck strong =
                new PelvicFloorCheck(10, 10, 10, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.YES);
        Prescription early = Prescriber.of(strong, Effort.STRONG, Allowance.EARLY);
        assertThat(early.words()).contains("3 s × 5, let go 6 s", "5 flicks", "gently");
        assertThat(early.reasons())
                .extracting(Prescription.Why::words)
                .anyMatch(why -> why.contains("Not cleared yet"))
                .anyMatch(why -> why.contains("twice the hold because it fades"))
                .anyMatch(why -> why.contains("she is not cleared yet"));
    }

    private static Prescription practice(String shown, LettingGo lettingGo) {
        String[] numbers = shown.split(",");
        return Prescriber.of(
                new PelvicFloorCheck(
                        Integer.parseInt(numbers[0]),
                        Integer.parseInt(numbers[1]),
                        Integer.parseInt(numbers[2]),
                        lettingGo,
                        lettingGo == LettingGo.UNKNOWN ? Tone.UNKNOWN : Tone.TYPICAL,
                        YesNoUnknown.NO,
                        YesNoUnknown.NO),
                Effort.GENTLE,
                Allowance.FULL);
    }
}
