package openbloom.core.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.session.CandidateScore;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Weights of the score: common practice, no source. One set counts 4 quarters of a point, two 6, three 7. */
class CommonExerciseTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Move SQUAT = CATALOGUE.get("box-squat");
    private static final Move GOBLET = CATALOGUE.get("goblet-squat");
    private static final Dose EIGHT = new Dose(2, 8, 0, 0, 30, false);

    private static Pick pick(Move move, Dose dose, int worth, Adjustment... changes) {
        return new Pick(
                move,
                changes.length == 0 ? VerdictKind.GO : VerdictKind.ADJUST,
                Set.of(changes),
                Optional.empty(),
                dose,
                2,
                false,
                new CandidateScore(worth, 0, 0, 0, 0, 0, 0, 0));
    }

    private static CommonExercise of(int women, Pick... picks) {
        Map<Integer, Pick> itself = new LinkedHashMap<>();
        for (int i = 0; i < picks.length; i++) {
            itself.put(i, picks[i]);
        }
        return new CommonExercise(SQUAT, itself, women);
    }

    private static Map<Integer, Map<Move, Pick>> fitting(int women, Map<Integer, Pick> theirs) {
        Map<Integer, Map<Move, Pick>> fitting = new HashMap<>();
        for (int i = 0; i < women; i++) {
            Pick pick = theirs.get(i);
            fitting.put(i, pick == null ? Map.of() : Map.of(pick.move(), pick));
        }
        return fitting;
    }

    @Test
    void theSmallestDoseOfTheCommonestWayIsCalledOutAndNobodyDoesMoreThanHers() {
        Dose six = EIGHT.withRepetitions(6);
        Dose four = EIGHT.withRepetitions(4);
        CommonExercise common = of(
                4,
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, six, 10),
                pick(SQUAT, four, 10, Adjustment.FEET_APART),
                pick(SQUAT, EIGHT.withRestSeconds(60), 10, Adjustment.LONGER_RESTS));
        assertThat(common.called().dose().repetitions()).isEqualTo(6);
        assertThat(common.of(0, 2).orElseThrow().dose()).isEqualTo(six);
        assertThat(common.of(2, 3).orElseThrow().dose()).isEqualTo(four.withSets(3));
        assertThat(common.of(3, 2).orElseThrow().dose()).isEqualTo(six.withRestSeconds(60));
        assertThat(common.of(0, 1).orElseThrow().dose().sets()).isEqualTo(1);
    }

    /** 10 + 20 + 30 points in two sets are 360 quarters; a second way costs 4 points, each who rests 15. */
    @Test
    void isWorthWhatItIsWorthToEachLessWaysAndRests() {
        assertThat(of(3, pick(SQUAT, EIGHT, 10), pick(SQUAT, EIGHT, 20), pick(SQUAT, EIGHT, 30))
                        .quarters(2))
                .isEqualTo(360);
        assertThat(of(3, pick(SQUAT, EIGHT, 10), pick(SQUAT, EIGHT, 20), pick(SQUAT, EIGHT, 30, Adjustment.FEET_APART))
                        .quarters(2))
                .isEqualTo(360 - 16);
        assertThat(of(4, pick(SQUAT, EIGHT, 10), pick(SQUAT, EIGHT, 20), pick(SQUAT, EIGHT, 30))
                        .quarters(1))
                .isEqualTo(240 - 60);
    }

    /** Four ways: the one that is only watched and the one as written become one, whatever order they come in. */
    @Test
    void waysThatDifferLeastBecomeOne() {
        CommonExercise common = of(
                5,
                pick(SQUAT, EIGHT, 10, Adjustment.FEET_APART),
                pick(SQUAT, EIGHT, 10, Adjustment.SMALLER_RANGE),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10, Adjustment.WATCH_MIDLINE));
        assertThat(common.ways()).isEqualTo(3);
        assertThat(common.versions(2))
                .extracting(ClassVersion::adjustments, ClassVersion::members)
                .containsExactly(
                        tuple(Set.of(Adjustment.FEET_APART), List.of(0)),
                        tuple(Set.of(Adjustment.SMALLER_RANGE), List.of(1)),
                        tuple(Set.of(Adjustment.WATCH_MIDLINE), List.of(2, 3, 4)));
    }

    /** One who tries one set takes no set from four who can do more; who only attends is never told to work. */
    @Test
    void nobodyIsHeldBackByAnother() {
        CommonExercise tried = of(
                6,
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10, Adjustment.TRY_ONE_SET),
                pick(SQUAT, EIGHT, 10, Adjustment.FEET_APART),
                pick(SQUAT, EIGHT, 10, Adjustment.SMALLER_RANGE));
        assertThat(tried.of(0, 3).orElseThrow().dose().sets()).isEqualTo(3);
        assertThat(tried.of(2, 3).orElseThrow().dose().sets()).isEqualTo(1);
        CommonExercise attended = of(
                4,
                pick(SQUAT, EIGHT, 10, Adjustment.ATTENTION_ONLY),
                pick(SQUAT, EIGHT, 10, Adjustment.FEET_APART),
                pick(SQUAT, EIGHT, 10, Adjustment.SMALLER_RANGE),
                pick(SQUAT, EIGHT, 10, Adjustment.WATCH_MIDLINE));
        assertThat(attended.of(0, 1).orElseThrow().adjustments()).containsExactly(Adjustment.ATTENTION_ONLY);
    }

    /** A set of eight is 48 s: 24 to 55 s of another are about as long; more is cut. */
    @ParameterizedTest
    @CsvSource({"4, true, 4", "3, false, 0", "8, true, 8", "20, true, 8"})
    void whoRestsDoesAnotherThatIsAboutAsLong(int repetitions, boolean does, int done) {
        CommonExercise common = of(3, pick(SQUAT, EIGHT, 10), pick(SQUAT, EIGHT, 10));
        Pick other = pick(GOBLET, EIGHT.withRepetitions(repetitions), 10);
        common.letOthersDo(List.of(GOBLET), fitting(3, Map.of(2, other)));
        assertThat(common.rests(2)).isEqualTo(!does);
        assertThat(common.resting()).isEqualTo(does ? 0 : 1);
        assertThat(common.of(2, 2).map(pick -> pick.dose().repetitions()).orElse(0))
                .isEqualTo(done);
        assertThat(common.versions(2).get(1).how()).isEqualTo(does ? TakesPart.ANOTHER : TakesPart.RESTS);
    }

    @Test
    void whatMostOfThemCanDoComesFirstAndFourthWaysAreNone() {
        Move bridge = CATALOGUE.get("bridge-segmental");
        Map<Integer, Map<Move, Pick>> fitting = new HashMap<>();
        for (int i = 0; i < 10; i++) {
            fitting.put(i, new HashMap<>());
        }
        fitting.get(6).put(GOBLET, pick(GOBLET, EIGHT, 90));
        fitting.get(7).put(bridge, pick(bridge, new Dose(2, 1, 40, 0, 30, false), 5));
        fitting.get(8).put(bridge, pick(bridge, new Dose(2, 1, 40, 0, 30, false), 5));
        CommonExercise common = of(
                10,
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10, Adjustment.FEET_APART));
        common.letOthersDo(List.of(GOBLET, bridge), fitting);
        assertThat(common.of(7, 1).map(Pick::move)).contains(bridge);
        assertThat(common.of(8, 1).map(Pick::move)).contains(bridge);
        assertThat(common.rests(6)).as("a fourth way").isTrue();
        assertThat(common.rests(9)).isTrue();
        assertThat(common.ways()).isEqualTo(3);
    }

    /** Of five at least three do it itself; who gains most goes further, and only for more than it costs. */
    @Test
    void thoseForWhomItIsWorthMoreGoFurtherUpTheLadder() {
        Map<Integer, Pick> further = Map.of(
                0, pick(GOBLET, EIGHT, 60),
                1, pick(GOBLET, EIGHT, 40),
                2, pick(GOBLET, EIGHT, 50),
                3, pick(GOBLET, EIGHT, 14));
        CommonExercise common = of(
                5,
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10));
        common.letSomeGoFurther(List.of(GOBLET), fitting(5, further));
        assertThat(common.versions(1))
                .extracting(ClassVersion::how, ClassVersion::members)
                .containsExactly(
                        tuple(TakesPart.AS_WRITTEN, List.of(1, 3, 4)), tuple(TakesPart.ANOTHER, List.of(0, 2)));
        // 3 × 10 + 60 + 50 points; a second way costs 4, each who does another 4.
        assertThat(common.quarters(1)).isEqualTo(4 * (30 + 110 - 4 - 8));

        CommonExercise little = of(2, pick(SQUAT, EIGHT, 10), pick(SQUAT, EIGHT, 10));
        little.letSomeGoFurther(List.of(GOBLET), fitting(2, Map.of(0, pick(GOBLET, EIGHT, 90))));
        assertThat(little.ways()).as("of two both do it").isEqualTo(1);
        CommonExercise same = of(
                5,
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10),
                pick(SQUAT, EIGHT, 10));
        same.letSomeGoFurther(List.of(GOBLET), fitting(5, Map.of(0, pick(GOBLET, EIGHT, 18))));
        assertThat(same.ways()).as("8 points more cost 8").isEqualTo(1);
        same.letSomeGoFurther(List.of(GOBLET), fitting(5, Map.of(0, pick(GOBLET, EIGHT, 19))));
        assertThat(same.ways()).isEqualTo(2);
    }

    @Test
    void whereSomebodyWouldDoTheSameInBothTheyAreOne() {
        CommonExercise box = of(2, pick(SQUAT, EIGHT, 10));
        box.letOthersDo(List.of(GOBLET), fitting(2, Map.of(1, pick(GOBLET, EIGHT, 10))));
        CommonExercise goblet =
                new CommonExercise(GOBLET, Map.of(0, pick(GOBLET, EIGHT, 10), 1, pick(GOBLET, EIGHT, 10)), 2);
        CommonExercise alone = new CommonExercise(GOBLET, Map.of(0, pick(GOBLET, EIGHT, 10)), 2);
        assertThat(box.isOneWith(goblet)).isTrue();
        assertThat(goblet.isOneWith(box)).isTrue();
        assertThat(of(2, pick(SQUAT, EIGHT, 10)).isOneWith(alone)).isFalse();
    }

    /** Twice a goblet squat in place of another: the second time something else, where anything else fits her; else she repeats it. */
    @Test
    void nobodyDoesAnExerciseTwiceWhereSomethingElseStandsIn() {
        Move hinge = CATALOGUE.get("hinge");
        Move box = CATALOGUE.get("box-squat");
        List<ClassMember> members = List.of(
                ClassComposerTest.member("A", ClassComposerTest.base(30).build(), 30),
                ClassComposerTest.member("B", ClassComposerTest.base(31).build(), 30),
                ClassComposerTest.member("C", ClassComposerTest.base(32).build(), 30));
        Map<Integer, Pick> goblet = Map.of(2, pick(GOBLET, EIGHT, 10));
        List<CommonExercise> twice = List.of(
                CommonExercise.decided(
                        SQUAT, Map.of(0, pick(SQUAT, EIGHT, 10), 1, pick(SQUAT, EIGHT, 10)), goblet, EIGHT, 3),
                CommonExercise.decided(
                        hinge, Map.of(0, pick(hinge, EIGHT, 10), 1, pick(hinge, EIGHT, 10)), goblet, EIGHT, 3));
        ClassFitting fits = new ClassFitting(
                members,
                List.of(Map.of(), Map.of(), Map.of(GOBLET, pick(GOBLET, EIGHT, 10), box, pick(box, EIGHT, 5))));
        assertThat(OnceEach.of(fits, twice, 3))
                .extracting(one -> one.another(2).orElseThrow().move())
                .containsExactly(GOBLET, box);
        ClassFitting alone =
                new ClassFitting(members, List.of(Map.of(), Map.of(), Map.of(GOBLET, pick(GOBLET, EIGHT, 10))));
        assertThat(OnceEach.of(alone, twice, 3))
                .extracting(one -> one.another(2).orElseThrow().move())
                .containsExactly(GOBLET, GOBLET);
    }
}
