package openbloom.core.session;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Why an exercise was chosen is told in the words an instructor would say it in. */
class CandidateScoreTest {
    @ParameterizedTest
    @CsvSource({
        "-3, new to her",
        "-2, adjusted",
        "-4, swapped",
        "-5, new to her and adjusted",
        "-7, new to her and swapped",
    })
    void saysWhatIsDifferentAndNothingElse(int changes, String words) {
        assertThat(new CandidateScore(30, 15, 0, 0, 0, 0, 0, changes).words())
                .isEqualTo("a goal of hers, due this week. Against it: " + words);
    }

    @Test
    void saysWhatSpeaksForItFirst() {
        assertThat(new CandidateScore(0, 0, -5, 12, 6, 0, -20, 0).words())
                .isEqualTo(
                        "the level she works on, a weaker side. Against it: done lately, others of its kind come first");
        assertThat(new CandidateScore(0, 0, 0, 6, 0, 1000, 0, 0).words()).isEqualTo("a level below, always included");
        assertThat(CandidateScore.NONE.words()).isEqualTo("rounds out the session");
    }
}
