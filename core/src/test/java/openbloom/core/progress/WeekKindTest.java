package openbloom.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a week does to sets, doses and levels (program.md, Version 2, line 7: an easing week has ⌈0.6 × sets⌉, at least one). */
class WeekKindTest {
    @ParameterizedTest
    @CsvSource({
        "EASE, 1, 1",
        "EASE, 2, 2",
        "EASE, 3, 2",
        "EASE, 4, 3",
        "EASE, 5, 3",
        "BUILD, 4, 4",
        "LEARN, 3, 3",
        "KEEP, 2, 2"
    })
    void setsOf(WeekKind kind, int written, int sets) {
        assertThat(kind.sets(written)).isEqualTo(sets);
    }

    @ParameterizedTest
    @CsvSource({"LEARN, 1, 1", "LEARN, 2, 1", "LEARN, 3, 1", "BUILD, 1, 1", "BUILD, 3, 3", "EASE, 2, 2", "KEEP, 3, 3"})
    void stepOf(WeekKind kind, int asked, int step) {
        assertThat(kind.step(asked)).isEqualTo(step);
    }

    @ParameterizedTest
    @EnumSource
    void risesOnlyWhereItBuildsAndSaysWhatIsDifferent(WeekKind kind) {
        assertThat(kind.rises()).isEqualTo(kind == WeekKind.BUILD);
        assertThat(kind.words()).isNotBlank();
        assertThat(kind.sentence())
                .endsWith(".")
                .hasSizeGreaterThan(kind.words().length());
    }

    @Test
    void saysItInWords() {
        assertThat(WeekKind.LEARN.words()).isEqualTo("learn");
        assertThat(WeekKind.EASE.sentence())
                .startsWith("Ease and look: the same exercises with about six tenths of the sets");
        assertThat(Decision.values())
                .allSatisfy(decision -> assertThat(decision.words()).isNotBlank());
        assertThat(PerceivedEffort.values())
                .allSatisfy(felt -> assertThat(felt.words()).isNotBlank());
    }
}
