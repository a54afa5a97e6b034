package openbloom.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import openbloom.core.Problem;
import openbloom.core.breath.CueFamily;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CatalogueTest {
    private static final CatalogueLoader LOADER = new CatalogueLoader();
    private static final Catalogue SHIPPED = LOADER.shipped();

    private static final String GOOD = """
            moves:
              - id: studio-hover
                name: Studio hover
                strand: front-support
                rung: 4
                purpose: front-support
                position: hands-and-knees
                midline_load: 3
                pressure: 2
                dose: holds-5
                setup: ["Hands and knees on the blue mat."]
                cues: {plain: "Breathe out and float the knees."}
                watch_for: ["breath held"]
                easier: [support-chair]
                harder: [support-kneeling]
            """;

    @Test
    void shipsEveryStrandWithAtLeastOneHundredAndTwentyMoves() {
        Map<ExerciseGroup, Long> byStrand =
                SHIPPED.moves().stream().collect(Collectors.groupingBy(Move::strand, Collectors.counting()));
        assertThat(byStrand.keySet()).containsExactlyInAnyOrder(ExerciseGroup.values());
        assertThat(SHIPPED.size()).isGreaterThanOrEqualTo(120);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "burpee",
                "box-jump",
                "sit-up",
                "v-hold",
                "hollow-hold",
                "toes-to-bar",
                "pull-up",
                "barbell-snatch",
                "barbell-clean",
                "strict-press",
                "front-squat",
                "rope-climb",
                "double-under"
            })
    void knowsTheGymStaplesAndWhatToSwapThemFor(String id) {
        assertThat(SHIPPED.get(id).links().swaps()).isNotEmpty();
    }

    @Test
    void everyMoveCanBeTaughtAndDosedAtEveryStage() {
        assertThat(SHIPPED.moves()).allSatisfy(move -> {
            assertThat(move.teaching().setup()).hasSizeBetween(1, 3);
            assertThat(move.teaching().cueFor(CueFamily.PLAIN)).isNotBlank();
            assertThat(move.teaching().watchFor()).isNotEmpty();
            assertThat(Arrays.stream(DoseStage.values()).map(move::doseAt)).allSatisfy(dose -> {
                assertThat(dose.perSide()).isEqualTo(move.sides() != Sides.BOTH);
                assertThat(dose.seconds(move.breath())).isPositive();
            });
        });
    }

    @Test
    void takesAStudiosOwnMoveBesideTheShippedOnes() {
        Catalogue larger = LOADER.add(SHIPPED, GOOD).value();
        assertThat(larger.size()).isEqualTo(SHIPPED.size() + 1);
        assertThat(larger.get("studio-hover").doseAt(DoseStage.OTHER).words()).isEqualTo("5 × 5 s");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "rung: 4|rung: 0|studio-hover.rung|move.number",
                "rung: 4|rung: four|studio-hover.rung|yaml.kind",
                "strand: front-support|strand: front|studio-hover.strand|move.word",
                "easier: [support-chair]|easier: [no-such-move]|studio-hover.easier|move.unknown",
                "easier: [support-chair]|easier: [studio-hover]|studio-hover.easier|move.itself",
                "harder: [support-kneeling]|harder: [support-chair]|studio-hover.harder|move.harderIsLighter",
                "harder: [support-kneeling]|swaps: [nowhere]|studio-hover.swaps|move.unknown",
                "dose: holds-5|dose: {all: {reps: 5}, sides: 2}|studio-hover.dose|move.word",
                "dose: holds-5|dose: {heal: {reps: 5}}|studio-hover.dose|move.doseStage",
                "dose: holds-5|dose: {all: {reps: 900}}|studio-hover.dose.heal|move.doseRange",
                "dose: holds-5|dose: holds-5000|studio-hover.dose|move.scheme",
                "pressure: 2|sides: each|studio-hover.pressure|move.number",
                "midline_load: 3|sides: each|studio-hover.midline_load|move.number",
                "cues: {plain: \"Breathe out and float the knees.\"}|cues: {draw-in: \"Draw in.\"}|studio-hover.cues|move.cues",
                "watch_for: [\"breath held\"]|watch_for: []|studio-hover.watch_for|move.watchFor",
                "id: studio-hover|id: support-wall|support-wall.id|move.twice",
                "id: studio-hover|id: Studio Hover|Studio Hover.id|move.id",
                "name: Studio hover|nickname: Studio hover|studio-hover.nickname|yaml.unknown",
                "name: Studio hover|name: Studio hover\\n    name: again|file|yaml.broken"
            })
    void refusesAFaultyMoveAndNamesTheField(String good, String faulty, String field, String key) {
        assertThat(GOOD).contains(good);
        String yaml = GOOD.replace(good, faulty.replace("\\n", "\n"));
        assertThat(LOADER.add(SHIPPED, yaml).problems())
                .extracting(Problem::field, Problem::key)
                .contains(org.assertj.core.groups.Tuple.tuple(field, key));
    }

    @Test
    void refusesAOneSidedMoveWhoseDoseIsNotPerSide() {
        String yaml = GOOD.replace("pressure: 2", "pressure: 2\n    sides: each");
        assertThat(LOADER.add(SHIPPED, yaml).problems())
                .extracting(Problem::key)
                .contains("move.perSide");
    }

    @Test
    void refusesMovesThatLeadRoundInACircle() {
        String second = GOOD.substring(GOOD.indexOf("  - id"))
                .replace("studio-hover", "studio-hold")
                .replace("easier: [support-chair]", "easier: [studio-hover]");
        String yaml = GOOD.replace("easier: [support-chair]", "easier: [studio-hold]") + second;
        assertThat(LOADER.add(SHIPPED, yaml).problems())
                .extracting(Problem::key)
                .contains("move.cycle");
    }

    @Test
    void refusesEmptyHugeAndExplodingFiles() {
        assertThat(LOADER.add(SHIPPED, "").problems()).hasSize(1);
        assertThat(LOADER.add(SHIPPED, "moves: []").problems())
                .extracting(Problem::key)
                .containsExactly("yaml.empty");
        assertThat(LOADER.add(SHIPPED, "x".repeat(5_000_000)).problems())
                .extracting(Problem::key)
                .containsExactly("yaml.tooLong");
        StringBuilder bomb = new StringBuilder("defaults: {name: &a0 [x, x, x, x, x, x, x, x, x, x]}\nmoves:\n");
        for (int i = 1; i < 12; i++) {
            String before = "*a" + (i - 1);
            bomb.append("  - {id: &a")
                    .append(i)
                    .append(" [")
                    .append(String.join(", ", java.util.Collections.nCopies(10, before)))
                    .append("]}\n");
        }
        assertThat(LOADER.add(SHIPPED, bomb.toString()).problems()).isNotEmpty();
    }
}
