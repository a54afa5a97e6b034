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

    private static final List<String> CONTAINED = List.of(
            "says", "swaps", "harder", "easier", "needs", "feature", "breathes", "hands", "mistakes", "cue", "details");

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
                "empty-pause|says|five to ten counts",
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
                "half-drop|rotation|SMALL",
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
                "light-brace|says|five breaths",
                // third list: put right
                "leg-long-elbows|says|one foot presses down",
                "leg-long-elbows|load|1",
                "tail-tuck-kneel|says|both knees wide, hands forward on the floor or on a chair",
                "tail-tuck-kneel|tone|NEUTRAL",
                "hip-front-stretch|position|HALF_KNEEL",
                "hip-front-stretch|sides|EACH",
                "half-drop|says|knees together over the hips",
                "half-drop|says|half-way to one side and no further",
                "half-drop|swaps|knee-sway",
                "long-sit-press|says|hands empty at the chest",
                "long-sit-press|says|heels, sitting bones and crown lengthen",
                "long-sit-press|needs|[]",
                "long-sit-press|harder by|a light weight in the hands",
                "step-spiral|says|on the chest, at shoulder height or overhead",
                "step-spiral|harder by|arms overhead",
                "empty-pause-lying|position|HOOKLYING",
                "empty-pause-lying|says|five to ten counts",
                "empty-pause-lying|harder by|up to ten times",
                "empty-pause|dose RETURN|10 × 8 s",
                "rope-from-lying|swaps|rope-by-the-side",
                "rope-by-the-side|flexion|NONE",
                "rope-by-the-side|position|SIDE_LYING",
                "breath-cross-legged|says|hips level with the knees",
                "breath-kneeling|says|cushion between buttocks and heels",
                "breath-soft-ball|needs|BALL",
                "breath-side|breathes|passive",
                "breath-rocked-back|breathes|air into the back",
                "barbell-snatch|swaps|[dumbbell-snatch, front-squat, goblet-squat",
                "barbell-clean|swaps|[dumbbell-clean, front-squat, goblet-squat",
                "front-squat|needs|RACK",
                "strict-press|needs|RACK",
                "burpee|swaps|[step-back-raised, step-over",
                "bicycle|swaps|[figure-eights, press-out-standing",
                // third list: to add
                "hover-knee-elbow|says|knee to the elbow of the same side, then drive its heel back",
                "side-leg-back-pulse|says|a little behind the line of the body",
                "side-leg-back-pulse|breath|COUNT",
                "hand-knee-one-side|says|arm and leg of the other side long",
                "scar-breath|says|closed scar",
                "shin-box-leg-by-leg|says|then let the other leg follow",
                "shin-box-change-free|says|without the hands",
                "rib-circles-seated|says|sit cross-legged",
                "desk-sit-tall|position|SEATED_CHAIR",
                "queue-heels|position|STANDING",
                "feeding-shoulders-down|says|as high as the baby needs",
                "heavy-hinge|dose STRENGTHEN|3 × 5 repetitions",
                "heavy-squat|dose RETURN|3 × 8 repetitions",
                "heavy-row|feature|HEAVY",
                "long-out-breath|says|nothing is pushed",
                "birth-lean|breathes|no count and no pushing",
                "birth-upright|position|STANDING",
                "birth-side|position|SIDE_LYING",
                "spring-push|needs|SPRING",
                "spring-pull|needs|SPRING",
                "spring-row|needs|SPRING",
                "spring-footwork|needs|SPRING",
                // what to change when it goes wrong, and the levers
                "bridge|mistakes|felt in the low back: half the height, ribs down",
                "bridge|easier by|half the height",
                "clam|mistakes|pelvis rolls back: half as far",
                "heel-slide|easier by|half the distance",
                "flick-ten|mistakes|they run together",
                "pf-hold-breath|mistakes|bearing down",
                "curl-up|mistakes|midline domes",
                // hands where they are free
                "goblet-squat|hands|hers round the weight",
                "press-single|hands|one of hers round the weight",
                "opposite-arm-leg|hands|the one that stays under its shoulder",
                "hand-to-knee|hands|one of hers against the knee",
                "pf-hold-breath|hands|yours stay away",
                "connect-lying|hands|2.5 cm in and 2.5 cm down",
                // the middle begins by her family, and the rest of the cue stays
                "heel-slide|cue HIP_BONES|gather the front hip bones, then let one heel glide away",
                "squat|cue LIFT_FIRST|lift the pelvic floor lightly, then rise",
                "support-chair|cue DRAW_IN|draw the lower belly in lightly, then push the chair away",
                "supported-butterfly|cue LIFT_FIRST|on the out-breath do nothing at all",
                "knee-sway|cue DRAW_IN|let both knees sway a little",
                "areas-round|cue LET_GO|do nothing on the out-breath",
                // details of setting up, wherever they fit
                "heel-slide|details|lay it back long",
                "heel-slide|details|stop where neither end pulls",
                "kneel-one-arm|details|doubled mat",
                "kneel-one-arm|details|toes under, hands back to the feet, roll up",
                "clam|details|without sitting up",
                "side-support-knees|details|straight under its shoulder",
                "support-full-10|details|straight under its shoulder",
                "long-sit-press|details|raise the seat",
                "breath-lying|details|band crossed loosely",
                "squat|details|[]"
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
            case "details" -> SetUpDetails.of(move).toString();
            case "load" -> Integer.toString(move.load());
            case "breathes" -> move.teaching().signs().breath();
            case "hands" -> move.teaching().signs().hands().toLowerCase(Locale.ROOT);
            case "mistakes" ->
                move.teaching().signs().mistakes().stream()
                        .map(Teaching.Mistake::words)
                        .toList()
                        .toString();
            case "easier" -> move.teaching().levers().easier().toString();
            case "cue" -> move.teaching().cueFor(CueFamily.valueOf(words[1])).toLowerCase(Locale.ROOT);
            case "tone" -> move.tone().name();
            case "position" -> move.position().name();
            case "sides" -> move.sides().name();
            case "rung" -> Integer.toString(move.rung());
            case "rotation" -> move.demands().rotation().name();
            case "flexion" -> move.demands().flexion().name();
            case "swaps" -> move.links().swaps().toString();
            case "harder" ->
                (words.length > 1
                                ? move.teaching().levers().harder()
                                : move.links().harder())
                        .toString();
            case "needs" -> move.kit().stream().map(Kit::needs).toList().toString();
            default -> move.demands().features().toString();
        };
        if (CONTAINED.contains(words[0])) {
            assertThat(found).contains(expected);
        } else {
            assertThat(found).isEqualTo(expected);
        }
    }

    /** No move without figure, short name, cue, breath, where it is felt, what an eye sees, hands, two mistakes and levers. */
    @Test
    void teachesEveryMoveWhole() {
        assertThat(CATALOGUE.size()).isGreaterThanOrEqualTo(240);
        assertThat(CATALOGUE.moves()).allSatisfy(move -> {
            Teaching teaching = move.teaching();
            assertThat(teaching.cues()).as(move.id()).containsKey(CueFamily.PLAIN);
            assertThat(teaching.shortName())
                    .as(move.id())
                    .isNotBlank()
                    .hasSizeLessThanOrEqualTo(Teaching.LONGEST_SHORT_NAME)
                    .doesNotContain("…");
            Teaching.Signs signs = teaching.signs();
            assertThat(List.of(signs.feel(), signs.look(), signs.breath(), teaching.figure()))
                    .as(move.id())
                    .noneMatch(String::isBlank);
            assertThat(signs.hands()).as(move.id()).contains("; yours");
            assertThat(signs.mistakes())
                    .as(move.id())
                    .hasSize(2)
                    .noneMatch(mistake -> mistake.change().isBlank());
            assertThat(teaching.levers().easier()).as(move.id()).isNotEmpty();
            assertThat(teaching.levers().harder()).as(move.id()).isNotEmpty();
        });
        assertThat(CATALOGUE.moves())
                .extracting(move -> move.teaching().shortName())
                .doesNotHaveDuplicates();
    }

    /** Where the middle works there are seven ways to begin it, and no two moves of a ladder are told the same unless one is the
     * other in another position. */
    @Test
    void speaksForItself() {
        assertThat(CATALOGUE.moves())
                .filteredOn(move -> move.teaching().cues().size() > 1)
                .hasSizeGreaterThan(120)
                .allSatisfy(move -> assertThat(move.teaching().cues().keySet())
                        .as(move.id())
                        .containsAll(CueFamily.FOUND));
        assertThat(CATALOGUE.moves().stream()
                        .map(move -> move.teaching().cueFor(CueFamily.PLAIN))
                        .distinct()
                        .count())
                .isGreaterThanOrEqualTo(CATALOGUE.size() - 6);
    }
}
