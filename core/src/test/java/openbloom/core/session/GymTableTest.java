package openbloom.core.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.verdict.GymWomen;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a coach may give at which stage: swaps of gym staples of the catalogue page and shares of the practice values (no source). */
class GymTableTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final GymTable TABLE = GymTable.of(CATALOGUE);

    private static GymTable.GymCell cell(String movement, int column) {
        return TABLE.rows().stream()
                .filter(row -> row.movement().equals(movement))
                .findFirst()
                .orElseThrow()
                .cells()
                .get(column);
    }

    /** Columns: 0 to 2 trimesters, 3 to 5 after a birth. */
    @ParameterizedTest
    @CsvSource({
        "Burpee, 0, step-back-raised",
        "Burpee, 1, step-over",
        "Burpee, 2, step-over|brisk-walk",
        "Jumping and double-unders, 2, step-over|brisk-walk",
        "Running, 2, brisk-walk",
        "Running, 3, brisk-walk",
        "Pull-up, 1, ring-row|inclined-row",
        "Rope climb, 1, rope-by-the-side|inclined-row",
        "Clean, 1, dumbbell-clean|front-squat|goblet-squat",
        "Snatch, 2, press-single|press-seated-light|dumbbell-snatch",
        "Push-up, 2, pushup-kneeling|pushup-chair|pushup-counter",
        "Curl-up and sit-up, 1, press-out-standing|press-out-seated",
        "Squat, 0, front-squat|heavy-squat"
    })
    void givesTheVersionOfTheStage(String movement, int column, String versions) {
        assertThat(List.of(versions.split("\\|")))
                .contains(cell(movement, column).version().orElseThrow().id());
    }

    /** 100, 80 and 60 % in the trimesters; 40, 60 and 80 % after a birth. */
    @Test
    void saysHowHeavyAndHowHard() {
        assertThat(TABLE.columns()).extracting(GymTable.GymColumn::share).containsExactly(100, 80, 60, 40, 60, 80);
        assertThat(TABLE.columns()).extracting(GymTable.GymColumn::reserve).containsExactly(3, 3, 3, 4, 3, 2);
        assertThat(TABLE.effort())
                .isEqualTo(
                        "For everybody: whole sentences between sets, the breath never held, effort 13 to 14 of 20.");
    }

    /** A page for every coach tells rules, never the days and weeks of the women behind it; each rule once. */
    @Test
    void tellsEachRuleOnceAndNothingOfTheWomenBehindIt() {
        assertThat(TABLE.notes())
                .doesNotHaveDuplicates()
                .hasSizeBetween(10, 15)
                .noneMatch(note -> note.matches(".*(\\b20\\d\\d\\b|so far: | of 12 weeks).*"))
                .contains(
                        "Barbell paths that pass the bump from 20 weeks, or once the bar has to curve: dumbbells at the"
                                + " side, or another exercise.");
        assertThat(cell("Clean", 1).note()).contains(TABLE.notes().get(1));
    }

    /** Whatever is given passes for that woman, what was passed over does not, and why is said. */
    @Test
    void givesTheHardestThatPassesAndSaysWhyNotAHarderOne() {
        for (int column = 0; column < TABLE.columns().size(); column++) {
            Judgement judgement =
                    Judgement.of(CATALOGUE, GymWomen.all().get(column).client(), GymWomen.day());
            for (GymTable.GymRow row : TABLE.rows()) {
                GymTable.GymCell cell = row.cells().get(column);
                assertThat(cell.version()).as(row.movement() + " " + column).isPresent();
                assertThat(judgement.of(cell.version().orElseThrow()).passes()).isTrue();
                if (cell.harder().isPresent()) {
                    String harder = cell.reason().replaceFirst("^not ", "").split(": ")[0];
                    assertThat(CATALOGUE.moves())
                            .filteredOn(move -> move.teaching().shortName().equals(harder))
                            .singleElement()
                            .satisfies(move ->
                                    assertThat(judgement.of(move).passes()).isFalse());
                }
            }
        }
    }
}
