package openbloom.app.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Teaching goes on after the last line of which somebody said how it ended. */
class RunnerPagesTest {
    private static RunnerPages.RunnerPart line(String noted) {
        return new RunnerPages.RunnerPart(0, "", "", 0, noted, false, "", "", false, "");
    }

    @ParameterizedTest
    @CsvSource({
        "'', '', '', 0",
        "DONE:a, '', '', 1",
        "PARTLY:a, '', '', 1",
        "SKIPPED:a, '', '', 1",
        "BREATH_HELD:a, HURT:b, DOMED:c, 0",
        "DONE:a RIGHT:b, BREATH_HELD:c DONE:d, '', 2",
        "'', SKIPPED:a, '', 2",
        "DONE:a, DONE:b, DONE:c, 2",
    })
    void startsWhereItStopped(String first, String second, String third, int line) {
        List<List<RunnerPages.RunnerPart>> parts = Stream.of(first, second, third)
                .map(noted -> List.of(RunnerPages.RunnerPart.RESTS, line(noted)))
                .toList();
        assertThat(new RunnerPages.Runner(SessionDocument.UNREADABLE, List.of(), parts, "", "", "").start())
                .isEqualTo(line);
    }
}
