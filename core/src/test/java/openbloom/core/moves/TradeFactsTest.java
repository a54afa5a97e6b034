package openbloom.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import openbloom.core.breath.CueFamily;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What the trade does: common practice, no source (keys P-… of the practice values). Written before it ran. A line: move,
 * what is asked of it, the value.
 */
class TradeFactsTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // P-BRE-1: 8–10 breaths
                "breath-lying|dose REBUILD|10 breaths",
                "breath-lying|dose HEAL|8 breaths",
                "breath-seated|dose PREGNANT|10 breaths",
                // P-PF-2, P-PF-3, P-PF-4
                "flick-ten-twice|dose STRENGTHEN|2 × 10 repetitions",
                "flick-ten|breath|COUNT",
                "pf-hold-two|tone|TRAIN",
                "areas-round|says|right, left, back, middle, front",
                "pf-hold-breath|says|let go",
                // P-DOSE-5: 3 s holds, 6–8
                "bridge|dose REBUILD|2 × 6 × 3 s",
                "bridge-squeeze|dose STRENGTHEN|2 × 8 × 3 s",
                "support-kneel-to-full|dose REBUILD|2 × 6 × 3 s",
                // P-DOSE-6: 2–5 cm, 5 s × 5
                "knee-hover|says|2–5 cm",
                "knee-hover|dose REBUILD|5 × 5 s",
                // P-DOSE-7
                "press-out-kneeling|says|1–5 kg",
                "press-out-kneeling|position|TALL_KNEEL",
                // P-DOSE-8: per side, both sides
                "wide-clam|sides|EACH",
                "wide-clam|says|forearm and knees",
                // P-DOSE-9: 10 s holds; also slow lifts
                "opposite-hold-10|dose REBUILD|2 × 10 s each side",
                "opposite-hold-10|says|four to five slow lifts",
                "opposite-pulse|says|two to three centimetres",
                // P-DOSE-10
                "support-kneeling|dose REBUILD|2 × 20 s",
                "support-full-35|dose STRENGTHEN|2 × 35 s",
                // P-DOSE-11
                "heel-tap|sides|ALTERNATE",
                "empty-pause|says|five to ten seconds",
                // P-DOSE-12: 1–2 minutes
                "supported-butterfly|dose HEAL|90 s",
                "wide-child|dose PREGNANT|90 s",
                "side-knees-in|dose PREGNANT|60 s",
                // P-SURF-1: wall, counter, chair, knees, full
                "support-wall|rung|1",
                "support-counter|rung|2",
                "support-chair|rung|3",
                "support-kneeling|rung|5",
                "support-full-10|rung|7",
                // P-LOAD-1
                "pull-up|swaps|inclined-row",
                "press-two|harder|strict-press",
                // P-CS-1: 2–3 minutes
                "scar-circles|dose REBUILD|120 s",
                "scar-across|says|across",
                "scar-lift-roll|says|roll",
                // P-OST-1
                "knee-sway|says|both sides of the pelvis stay down",
                "knee-sway|rotation|SMALL",
                "half-drop|rotation|END",
                // the corrected moves, by what moves
                "areas-one-sided|says|free side sinks",
                "areas-one-sided|says|lift it level",
                "figure-eights|says|hips and ribs stay",
                "figure-eights|says|only the arms",
                "areas-foot-drag|says|turned in",
                "areas-foot-drag|says|heel leading",
                "areas-foot-drag|position|SEATED_FLOOR",
                "areas-one-sided-squat|says|both feet loaded",
                "bridge-single|says|the other leg long and still",
                "side-support-knees|says|hold, or lift and lower",
                "knees-to-chest|says|block or pillow under the low pelvis",
                "shin-box-hinge|says|three to five slow breaths",
                "side-chest-opener|says|upper ribs of that side",
                // what was missing
                "block-lift-tap|needs|BLOCK",
                "calf-raise-one|feature|SINGLE_LEG",
                "heel-to-toe|feature|BALANCE",
                "kettlebell-swing|feature|HEAVY",
                "back-extension|position|PRONE",
                "thruster|feature|SQUAT",
                "ring-row|says|belly in",
                "rope-from-lying|flexion|CURL",
                "kneel-to-stand|sides|ALTERNATE",
                "circles-against|feature|OVERHEAD",
                "wrapped-draw-in|feature|WRAPPED",
                "arch-and-round|feature|ARCHED",
                "inverted-v|feature|HEAD_LOW",
                "light-brace|feature|BRACED",
                "light-brace|says|five breaths"
            })
    void isDoneAsTheTradeDoesIt(String id, String asked, String expected) {
        Move move = CATALOGUE.get(id);
        String[] words = asked.split(" ");
        String found = switch (words[0]) {
            case "dose" -> move.doseAt(DoseStage.valueOf(words[1])).words();
            case "says" ->
                String.join(" ", move.teaching().setup()).toLowerCase(Locale.ROOT) + " "
                        + move.name().toLowerCase(Locale.ROOT);
            case "breath" -> move.breath().name();
            case "tone" -> move.tone().name();
            case "position" -> move.position().name();
            case "sides" -> move.sides().name();
            case "rung" -> Integer.toString(move.rung());
            case "rotation" -> move.demands().rotation().name();
            case "flexion" -> move.demands().flexion().name();
            case "swaps" -> move.links().swaps().toString();
            case "harder" -> move.links().harder().toString();
            case "needs" -> move.kit().stream().map(Kit::needs).toList().toString();
            default -> move.demands().features().toString();
        };
        if (List.of("says", "swaps", "harder", "needs", "feature").contains(words[0])) {
            assertThat(found).contains(expected);
        } else {
            assertThat(found).isEqualTo(expected);
        }
    }

    /** No move without figure, short name, all seven cues, where it is felt and what an eye sees. */
    @Test
    void teachesEveryMoveWhole() {
        assertThat(CATALOGUE.size()).isGreaterThanOrEqualTo(210);
        assertThat(CATALOGUE.moves()).allSatisfy(move -> {
            Teaching teaching = move.teaching();
            assertThat(teaching.cues().keySet()).as(move.id()).containsAll(CueFamily.FOUND);
            assertThat(teaching.shortName())
                    .as(move.id())
                    .isNotBlank()
                    .hasSizeLessThanOrEqualTo(Teaching.LONGEST_SHORT_NAME)
                    .doesNotContain("…");
            assertThat(teaching.signs().feel()).as(move.id()).isNotBlank();
            assertThat(teaching.signs().look()).as(move.id()).isNotBlank();
            assertThat(teaching.signs().hands()).as(move.id()).isNotBlank();
            assertThat(teaching.figure()).as(move.id()).isNotBlank();
        });
        assertThat(CATALOGUE.moves())
                .extracting(move -> move.teaching().shortName())
                .doesNotHaveDuplicates();
    }
}
