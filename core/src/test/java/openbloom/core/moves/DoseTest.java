package openbloom.core.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A breath takes 6 s (P-BRE-1, common practice, no source). */
class DoseTest {
    @ParameterizedTest
    @CsvSource({
        // sets, repetitions, hold, breaths, rest, breath pattern, seconds
        "1, 1, 0, 10, 0, EVEN, 60", "1, 8, 0, 0, 0, OUT, 48", "2, 8, 0, 0, 20, OUT, 116", "1, 10, 0, 0, 0, COUNT, 40",
        "1, 1, 90, 0, 0, EVEN, 90", "1, 5, 5, 0, 0, OUT, 40", "2, 6, 3, 0, 20, OUT, 92", "2, 1, 0, 5, 20, EVEN, 80",
        "3, 1, 20, 0, 30, EVEN, 120"
    })
    void takesItsTime(int sets, int repetitions, int hold, int breaths, int rest, BreathPattern breath, int seconds) {
        assertThat(new Dose(sets, repetitions, hold, breaths, rest, false).seconds(breath))
                .isEqualTo(seconds);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1|8|0|0|false|8 repetitions",
                "1|1|0|0|false|1 repetition",
                "2|8|0|0|true|2 × 8 repetitions each side",
                "1|1|0|10|false|10 breaths",
                "2|1|0|4|false|2 × 4 breaths",
                "1|5|5|0|false|5 × 5 s",
                "1|1|90|0|true|90 s each side",
                "1|1|120|0|false|120 s",
                "1|1|180|0|false|3 min",
                "1|1|200|0|false|3 min 20 s",
                "1|1|300|0|false|5 min",
                "1|2|300|0|false|2 × 300 s",
                "3|8|3|0|false|3 × 8 × 3 s"
            })
    void isToldWithItsUnits(int sets, int repetitions, int hold, int breaths, boolean perSide, String words) {
        assertThat(new Dose(sets, repetitions, hold, breaths, 0, perSide).words())
                .isEqualTo(words);
    }

    @Test
    void isCutToTheLongestStillHoldWhateverItIsCountedIn() {
        assertThat(new Dose(2, 1, 20, 0, 30, false).heldAtMost(10).holdSeconds())
                .isEqualTo(10);
        Dose inBreaths = new Dose(2, 1, 0, 5, 20, false).heldAtMost(10);
        assertThat(inBreaths.holdSeconds()).isEqualTo(10);
        assertThat(inBreaths.breaths()).isZero();
        Dose shortHold = new Dose(1, 5, 5, 0, 0, false);
        assertThat(shortHold.heldAtMost(10)).isEqualTo(shortHold);
    }

    @Test
    void changesOnePartAndKeepsTheRest() {
        Dose dose = new Dose(2, 8, 0, 0, 20, true);
        assertThat(dose.withSets(3)).isEqualTo(new Dose(3, 8, 0, 0, 20, true));
        assertThat(dose.withRepetitions(4)).isEqualTo(new Dose(2, 4, 0, 0, 20, true));
        assertThat(dose.withRestSeconds(40)).isEqualTo(new Dose(2, 8, 0, 0, 40, true));
        assertThat(dose.withHoldSeconds(3)).isEqualTo(new Dose(2, 8, 3, 0, 20, true));
        assertThat(dose.withBreaths(2)).isEqualTo(new Dose(2, 8, 0, 2, 20, true));
        assertThat(dose.oneSide().perSide()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "0, 1, 0, 0, 0",
        "11, 1, 0, 0, 0",
        "1, 0, 0, 0, 0",
        "1, 61, 0, 0, 0",
        "1, 1, 601, 0, 0",
        "1, 1, 0, 61, 0",
        "1, 1, 0, 0, 301"
    })
    void refusesWhatNobodyDoes(int sets, int repetitions, int hold, int breaths, int rest) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Dose(sets, repetitions, hold, breaths, rest, false))
                .withMessageContaining("must be");
    }

    @Test
    void aSwapIsLookedForAmongVersionsThenBelowThenAcross() {
        Catalogue catalogue = new CatalogueLoader().shipped();
        Move slide = catalogue.get("heel-slide");
        assertThat(catalogue.nearest(slide)).extracting(Move::id).first().isEqualTo("seated-heel-slide");
        assertThat(catalogue.nearest(slide)).doesNotContain(slide).doesNotHaveDuplicates();
        Move curl = catalogue.get("curl-up");
        assertThat(catalogue.nearest(curl).stream()
                        .map(Move::id)
                        .limit(curl.links().swaps().size()))
                .containsExactlyElementsOf(curl.links().swaps());
        Move reach = catalogue.get("arm-leg-reach");
        assertThat(catalogue.nearest(reach).stream().filter(move -> move.strand() == reach.strand()))
                .allSatisfy(move -> assertThat(move.rung()).isLessThanOrEqualTo(reach.rung()));
    }
}
