package openbloom.core.pelvicfloor;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Full letting-go on 8 of 10 on two days, and nothing hurts: common practice, no source. */
class ReleaseTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 11, 1);

    @ParameterizedTest
    @CsvSource({"0, ABSENT", "1, PARTIAL", "7, PARTIAL", "8, FULL", "10, FULL"})
    void tenGentleLiftsSayHowSheLetsGo(int letGo, LettingGo expected) {
        assertThat(LettingGo.ofTen(letGo)).isEqualTo(expected);
    }

    /** Checks and practices by day since the first; t tight, F full, f full but it hurt; practices as day:count. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0F|''|false",
                "0t|''|true",
                "0t 7F|''|true",
                "0t 7F 8F|''|false",
                "0t 7F 7F|''|true",
                "0t 7F|5:8|false",
                "0t 7F|5:7|true",
                "0t 7F|0:10|true",
                "0t 7F|7:9|true",
                "0t 7F 8f|''|true",
                "0t 7F 8F 14t|''|true",
                "0t 7F 8F 14t 20F|''|true"
            })
    void staysTightUntilTwoDaysShowFullLettingGo(String checks, String practices, boolean tight) {
        List<DatedCheck> dated =
                Arrays.stream(checks.split(" ")).map(ReleaseTest::check).toList();
        List<Release.ReleasePractice> practised = practices.isEmpty()
                ? List.of()
                : Arrays.stream(practices.split(" ")).map(ReleaseTest::practice).toList();
        assertThat(Release.settled(dated, practised).orElseThrow().isTight()).isEqualTo(tight);
    }

    private static DatedCheck check(String written) {
        char found = written.charAt(written.length() - 1);
        boolean isTight = found == 't';
        return new DatedCheck(
                FIRST.plusDays(Integer.parseInt(written.substring(0, written.length() - 1))),
                new PelvicFloorCheck(
                        6,
                        6,
                        6,
                        isTight ? LettingGo.ABSENT : LettingGo.FULL,
                        isTight ? Tone.TIGHT : Tone.TYPICAL,
                        YesNoUnknown.of(found == 'f'),
                        YesNoUnknown.NO),
                Set.of());
    }

    private static Release.ReleasePractice practice(String written) {
        String[] parts = written.split(":");
        return new Release.ReleasePractice(
                FIRST.plusDays(Integer.parseInt(parts[0])), OptionalInt.of(Integer.parseInt(parts[1])), false);
    }
}
