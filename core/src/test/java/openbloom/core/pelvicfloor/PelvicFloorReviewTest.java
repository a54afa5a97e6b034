package openbloom.core.pelvicfloor;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Looking again: after 14 days, after 12 weeks, with heaviness after 16 (from memory of NICE NG123 and NG210). */
class PelvicFloorReviewTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 3, 2);

    /** Weeks since the first check, heaviness, hold and flicks first and now, and what is said in the end. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "11|false|4/4|9/9|",
                "12|false|4/4|9/9|12 weeks since the first check: it has grown",
                "12|false|4/4|7/4|12 weeks since the first check: it has grown",
                "12|false|4/4|4/7|12 weeks since the first check: it has grown",
                "12|false|4/4|6/6|no change that is clear of noise. Refer her",
                "12|false|4/4|4/4|no change that is clear of noise. Refer her",
                "12|false|6/6|3/9|it has become less. Refer her",
                "15|true|4/4|4/4|",
                "16|true|4/4|4/4|16 weeks since the first check: no change",
                "40|true|4/4|8/4|16 weeks since the first check: it has grown"
            })
    void judgesAfterAWholeProgramme(int weeks, boolean heavy, String first, String now, String told) {
        LocalDate today = FIRST.plusWeeks(weeks);
        List<DatedCheck> checks = List.of(check(FIRST, first), check(today.minusDays(1), now));
        String said = String.join(" ", PelvicFloorReview.of(checks, heavy, today));
        if (told == null) {
            assertThat(said).doesNotContain("since the first check");
        } else {
            assertThat(said).contains(told);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4/4|6/4|Best hold 4 to 6 s since 2 Mar 2026: within what a day makes (working value 2 s).",
                "4/4|7/4|Best hold 4 to 7 s since 2 Mar 2026: a real change by our working value of 2 s.",
                "7/4|4/4|Best hold 7 to 4 s since 2 Mar 2026: a real change by our working value of 2 s.",
                "4/4|4/4|Best hold 4 s, as on 2 Mar 2026.",
                "4/4|4/9|In a row 4 to 9 flicks since 2 Mar 2026: a real change by our working value of 2 flicks.",
                "4/9|4/9|In a row 9 flicks, as on 2 Mar 2026."
            })
    void saysWhatAChangeIsWorth(String first, String now, String sentence) {
        List<DatedCheck> checks = List.of(check(FIRST, first), check(FIRST.plusWeeks(2), now));
        assertThat(PelvicFloorReview.of(checks, false, FIRST.plusWeeks(3))).contains(sentence);
    }

    @Test
    void isDueAfterFourteenDaysAndSaysSoWithoutACheck() {
        List<DatedCheck> one = List.of(check(FIRST, "4/4"));
        assertThat(PelvicFloorReview.of(one, false, FIRST.plusDays(13)))
                .containsExactly("Checked 2 Mar 2026; again on 16 Mar 2026.");
        assertThat(PelvicFloorReview.of(one, false, FIRST.plusDays(14)))
                .containsExactly("Checked 2 Mar 2026; again now, it is due.");
        assertThat(PelvicFloorReview.of(List.of(), true, FIRST))
                .containsExactly("Not checked yet: practice stays gentle until it is.");
    }

    /** Day and count of ten, {@code !} where it hurt: on how many days letting go was felt since. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "|0",
                "1:8|1",
                "1:7 2:7|0",
                "1:8 1:9|1",
                "1:8 2:10|2",
                "1:8 2:3 9:8|2",
                "1:8 2:9!|0",
                "1:8 2:9 2:10!|0",
                "1:8! 2:9 3:8|2",
                "1:8 2:?! 3:9|1",
                "1:? 2:?|0"
            })
    void countsDaysOfLettingGoSinceAnythingHurt(String written, int days) {
        List<Release.ReleasePractice> practices = new ArrayList<>();
        for (String one : written == null ? new String[0] : written.split(" ")) {
            String[] parts = one.replace("!", "").split(":");
            OptionalInt ofTen = parts[1].equals("?") ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(parts[1]));
            practices.add(
                    new Release.ReleasePractice(FIRST.plusDays(Integer.parseInt(parts[0])), ofTen, one.endsWith("!")));
        }
        assertThat(Release.days(practices)).isEqualTo(days);
        assertThat(Release.words(practices)).contains(days >= 2 ? "she may move on" : days + " of 2 days so far");
    }

    /** {@code 6/7}: 6 s and 7 flicks. */
    private static DatedCheck check(LocalDate on, String found) {
        String[] parts = found.split("/");
        return new DatedCheck(
                on,
                new PelvicFloorCheck(
                        Integer.parseInt(parts[0]),
                        4,
                        Integer.parseInt(parts[1]),
                        LettingGo.FULL,
                        Tone.TYPICAL,
                        YesNoUnknown.NO,
                        YesNoUnknown.NO),
                Set.of());
    }
}
