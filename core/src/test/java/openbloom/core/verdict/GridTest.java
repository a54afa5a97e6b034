package openbloom.core.verdict;

import static openbloom.core.verdict.Compared.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No fact without effect, no empty cell without a reason. */
class GridTest {
    private static final Grid GRID = Grid.of(CATALOGUE);

    @Test
    void noCellIsUnconsidered() {
        assertThat(GRID.cells().size() + GRID.noLimit().size())
                .isEqualTo(GRID.facts().size() * GRID.demands().size());
        List<String> unsaid = GRID.noLimit().stream()
                .filter(line -> line.why().isEmpty())
                .map(line -> line.fact() + " × " + line.demand().orElse("all"))
                .toList();
        assertThat(unsaid).isEmpty();
    }

    @Test
    void noFactIsWithoutEffect() {
        Set<String> acting = GRID.cells().stream().map(Grid.Cell::fact).collect(Collectors.toSet());
        assertThat(GRID.facts())
                .filteredOn(fact -> !acting.contains(fact.id()))
                .extracting(Grid.Fact::id)
                .containsExactly("SYMPTOM.LOW_DAY");
    }

    /** Read from outside: what a clinician of the condition and a teacher of the move would say. */
    @ParameterizedTest
    @CsvSource({
        "CONDITION.HERNIA, IMPACT_2, NOT_YET",
        "CONDITION.VERTEBRAL_FRACTURE, ROUNDED, SWAP",
        "CONDITION.EPILEPSY, HANGING, SWAP",
        "CONDITION.OSTEOPOROSIS, BALANCE, ADJUST",
        "SURGERY.HYSTERECTOMY.10D, HEAVY, NOT_YET",
        "WOUND.OPEN_BELLY, ON_FRONT, NOT_YET",
        "SYMPTOM.PELVIC_PAIN, FLOOR_GENTLE, NOT_YET",
        "SYMPTOM.WRIST_PAIN, WRIST, ADJUST",
        "SYMPTOM.BELLY_PUSHES_OUT, CURL, SWAP",
        "LIMIT.NO_FRONT_SUPPORT, FRONT_SUPPORT, NOT_YET",
        "TRIMESTER.THIRD, ON_BACK, SWAP",
        "BIRTH.VAGINAL.1W, HEAD_LOW, SWAP",
        "GAP.DOMES, LOAD_3, NOT_YET",
        "FALLS.FELL, THROWN, SWAP",
        "SIGN.CHEST_PAIN, SEATED, STOP"
    })
    void saysWhatSomebodyOfTheTradeWouldSay(String fact, String demand, VerdictKind verdict) {
        assertThat(GRID.at(fact, demand)).hasValueSatisfying(cell -> {
            assertThat(cell.verdict()).isEqualTo(verdict);
            assertThat(cell.codes())
                    .isNotEmpty()
                    .allMatch(code -> RuleBook.find(code).isPresent());
        });
    }

    /** Whole rows or columns are never waved through: each empty cell has its own line. */
    @Test
    void everyReasonSpeaksOfOneFactAndOneDemand() {
        assertThat(GRID.noLimit())
                .allSatisfy(line -> assertThat(line.demand()).isPresent())
                .allSatisfy(line -> assertThat(line.why()).startsWith("no limit: "));
    }
}
