package openbloom.core.verdict;

import static openbloom.core.verdict.Compared.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.ConnectFault;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** No fact without effect, no empty cell without a reason. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class GridTest {
    /** Made anew for each run of this class, so that a break in how it is made is seen. */
    private final Grid grid = Grid.of(CATALOGUE);

    /** Every fact a woman may have has its row, and no other: the lists of the vocabulary, and what is dated or measured. */
    @Test
    void hasARowForEveryFact() {
        List<String> expected = new ArrayList<>();
        addAll(expected, "CONDITION.", Condition.values(), "");
        addAll(expected, "SYMPTOM.", Symptom.asked().toArray(Symptom[]::new), "");
        addAll(expected, "LEAK.", LeakWhen.values(), "");
        addAll(expected, "SIGN.", WarningSign.values(), "");
        addAll(expected, "STILL.", BreathZone.values(), "");
        addAll(expected, "CONNECT.", ConnectFault.values(), "");
        addAll(expected, "TRAINING.", Training.values(), "");
        List.of(".1W", ".5W", ".10W", ".20W").forEach(ago -> addAll(expected, "BIRTH.", BirthKind.values(), ago));
        List.of(".10D", ".5W", ".9W").forEach(ago -> addAll(expected, "SURGERY.", SurgeryKind.values(), ago));
        Stream.of(ClinicalRestriction.values())
                .filter(limit -> limit != ClinicalRestriction.WORDS_UNDERSTOOD)
                .forEach(limit -> expected.add("LIMIT." + limit));
        expected.addAll(
                List.of("TEAR.THIRD.3W", "TEAR.THIRD.10W", "TEAR.FOURTH.3W", "TEAR.FOURTH.10W", "TEAR.UNKNOWN.3W"));
        expected.addAll(List.of("WOUND.OPEN_BELLY", "WOUND.NOT_RECORDED", "WOUND.OPEN_FLOOR"));
        expected.addAll(List.of("TRIMESTER.FIRST", "TRIMESTER.SECOND", "TRIMESTER.THIRD"));
        expected.addAll(List.of("GAP.NOT_READ", "GAP.WIDE_FIRM", "GAP.DEEP_SOFT", "GAP.DOMES", "GAP.STALE"));
        expected.addAll(List.of("FLOOR.TIGHT", "FLOOR.WEAK", "FLOOR.NONE_FELT", "FLOOR.UNCOORDINATED"));
        expected.addAll(List.of("FLOOR.PAIN", "FLOOR.NOT_CHECKED"));
        expected.addAll(List.of("LETTING_GO.ABSENT", "LETTING_GO.PARTIAL", "LETTING_GO.UNKNOWN"));
        expected.addAll(List.of("BREATH.UPPER_CHEST", "BREATH.BELLY_ONLY", "BREATH.UNEVEN"));
        expected.addAll(List.of("BREATH.BEARING_DOWN", "BREATH.HELD", "RAISE.HARD"));
        expected.addAll(List.of("AGE.16", "AGE.65", "AGE.75", "FALLS.UNSTEADY", "FALLS.FELL"));
        expected.addAll(List.of("ASKED.SIGNS", "ASKED.SYMPTOMS", "ASKED.CONDITIONS"));
        assertThat(GridRow.all()).extracting(GridRow::id).containsExactlyInAnyOrderElementsOf(expected);
        assertThat(GridRow.all())
                .as("a fact makes another woman")
                .allSatisfy(row -> assertThat(row.women())
                        .isNotEmpty()
                        .noneMatch(pair -> pair.with().equals(pair.without())));
        assertThat(grid.facts()).allSatisfy(fact -> assertThat(fact.words()).isNotBlank());
    }

    private static void addAll(List<String> ids, String prefix, Enum<?>[] of, String suffix) {
        Stream.of(of).forEach(one -> ids.add(prefix + one.name() + suffix));
    }

    @Test
    void noCellIsUnconsidered() {
        assertThat(grid.cells().size() + grid.noLimit().size())
                .isEqualTo(grid.facts().size() * grid.demands().size());
        List<String> unsaid = grid.noLimit().stream()
                .filter(line -> line.why().isEmpty())
                .map(line -> line.fact() + " × " + line.demand().orElse("all"))
                .toList();
        assertThat(unsaid).isEmpty();
    }

    @Test
    void noFactIsWithoutEffect() {
        Set<String> acting = grid.cells().stream().map(Grid.Cell::fact).collect(Collectors.toSet());
        assertThat(grid.facts())
                .filteredOn(fact -> !acting.contains(fact.id()))
                .extracting(Grid.Fact::id)
                .containsExactly("SYMPTOM.LOW_MOOD", "SYMPTOM.VERY_TIRED");
    }

    /** Read from outside: what a clinician of the condition and a teacher of the move would say. */
    private static final List<String> SAID = List.of(
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
            "SIGN.CHEST_PAIN, SEATED, STOP");

    /** Where nothing follows, and why: parts that do not meet, and pairs somebody thought about. */
    private static final List<String> NOTHING_FOLLOWS = List.of(
            "SYMPTOM.WRIST_PAIN, IMPACT_2, concerns",
            "SYMPTOM.WRIST_PAIN, CURL, concerns",
            "FLOOR.TIGHT, WRIST, concerns");

    /** Made within the test, so that a break in how it is made is seen. */
    @Test
    void saysWhatSomebodyOfTheTradeWouldSay() {
        Grid made = Grid.of(CATALOGUE);
        assertThat(SAID).allSatisfy(line -> {
            String[] said = line.split(", ");
            assertThat(made.at(said[0], said[1])).as(line).hasValueSatisfying(cell -> {
                assertThat(cell.verdict()).isEqualTo(VerdictKind.valueOf(said[2]));
                assertThat(cell.codes())
                        .isNotEmpty()
                        .allMatch(code -> RuleBook.find(code).isPresent());
                assertThat(cell.adjustments().isEmpty())
                        .as("changes stand where something is changed")
                        .isEqualTo(cell.verdict() != VerdictKind.ADJUST);
            });
        });
        assertThat(NOTHING_FOLLOWS).allSatisfy(line -> {
            String[] said = line.split(", ");
            assertThat(made.at(said[0], said[1])).as(line).isEmpty();
            assertThat(made.whyNot(said[0], said[1])).as(line).contains(said[2]);
        });
        assertThat(made.whyNot("SIGN.CHEST_PAIN", "SEATED")).isEmpty();
        assertThat(made.cells().size() + made.noLimit().size())
                .isEqualTo(made.facts().size() * made.demands().size());
        assertThat(made.noLimit())
                .allSatisfy(
                        line -> assertThat(line.why()).startsWith("no limit: ").hasSizeGreaterThan(12));
        assertThat(made.demands())
                .extracting(Grid.GridCellKey::id)
                .contains("LOAD_1", "LOAD_5", "PRESSURE_1", "PRESSURE_5", "IMPACT_1")
                .doesNotContain("LOAD_0", "LOAD_6", "PRESSURE_6", "IMPACT_0")
                .doesNotHaveDuplicates();
    }

    /** Only what a fact changes is its own: a chest pain stops everything by one rule, and by nothing an unasked woman has. */
    @Test
    void aCellTellsTheRulesOfItsFactAlone() {
        Grid made = Grid.of(CATALOGUE);
        assertThat(made.at("SIGN.CHEST_PAIN", "SEATED"))
                .hasValueSatisfying(cell -> assertThat(cell.codes()).containsExactly("STOP-SIGN-CHEST-PAIN"));
        assertThat(made.at("SYMPTOM.WRIST_PAIN", "WRIST"))
                .hasValueSatisfying(cell -> assertThat(cell.codes()).allMatch(code -> code.contains("WRIST")));
    }

    /** Whole rows or columns are never waved through: each empty cell has its own line. */
    @Test
    void everyReasonSpeaksOfOneFactAndOneDemand() {
        assertThat(grid.noLimit())
                .allSatisfy(line -> assertThat(line.demand()).isPresent())
                .allSatisfy(line -> assertThat(line.why()).startsWith("no limit: "));
    }
}
