package openbloom.core.program;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Strand;
import openbloom.core.record.Client;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SymptomReport;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** 10 s to set up, 20 s to change position, 15 s up by the side: common practice, no source. */
class TimetableTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final SideCheck.Weaker ALIKE = SideCheck.Weaker.EVEN;
    private static final Judgement JUDGEMENT = Judgement.of(CATALOGUE, woman(), TODAY);

    @Test
    void addsUpSetUpWorkAndChanges() {
        Timetable timetable = Timetable.of(List.of(pick("breath-lying")), List.of(), List.of(), ALIKE);
        assertThat(timetable.items()).singleElement().satisfies(item -> {
            assertThat(item.workSeconds()).isEqualTo(60);
            assertThat(item.setUpSeconds()).isEqualTo(25);
        });
        Timetable two =
                Timetable.of(List.of(pick("breath-lying"), pick("breath-standing")), List.of(), List.of(), ALIKE);
        assertThat(two.transitions()).isEqualTo(1);
        assertThat(two.seconds()).isEqualTo(10 + 60 + 30 + 60);
        assertThat(two.endsLying()).isFalse();
    }

    @Test
    void ordersTheWorkByPositionSoThatSheGoesDownAndUpOnce() {
        List<Pick> work = List.of(
                pick("squat"), pick("heel-slide"), pick("kneel-one-arm"), pick("bridge"), pick("press-out-standing"));
        Timetable timetable = Timetable.of(List.of(), work, List.of(), ALIKE);
        assertThat(timetable.items().stream()
                        .map(SessionItem::move)
                        .map(Move::position)
                        .distinct())
                .containsExactly(Position.HOOKLYING, Position.HANDS_AND_KNEES, Position.STANDING);
        assertThat(timetable.transitions()).isEqualTo(2);
    }

    @Test
    void givesBothSidesTheSameAndEachItsOwnSetUp() {
        Timetable timetable = Timetable.of(List.of(), List.of(pick("clam")), List.of(), ALIKE);
        assertThat(timetable.items()).extracting(SessionItem::side).containsExactly(Side.LEFT, Side.RIGHT);
        assertThat(timetable.items()).extracting(SessionItem::workSeconds).containsExactly(116, 116);
        assertThat(timetable.items().get(1).setUpSeconds()).isEqualTo(15);
        Timetable standing = Timetable.of(List.of(), List.of(pick("split-squat")), List.of(), ALIKE);
        assertThat(standing.items().get(1).setUpSeconds()).isEqualTo(5);
        assertThat(timetable.items().get(0).doseWords()).isEqualTo("2 × 8 repetitions");
    }

    /** The weaker side goes first, over to the other lying on the side takes 15 s, else 5 s: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"LEFT, LEFT, RIGHT", "RIGHT, RIGHT, LEFT", "EVEN, LEFT, RIGHT", "UNKNOWN, LEFT, RIGHT"})
    void putsTheWeakerSideFirst(SideCheck.Weaker weaker, Side first, Side second) {
        Timetable timetable = Timetable.of(List.of(), List.of(pick("clam")), List.of(), weaker);
        assertThat(timetable.items()).extracting(SessionItem::side).containsExactly(first, second);
    }

    @Test
    void countsAlternatingMovesForBothSidesInOneItem() {
        Timetable timetable = Timetable.of(List.of(), List.of(pick("march-lying")), List.of(), ALIKE);
        assertThat(timetable.items()).singleElement().satisfies(item -> {
            assertThat(item.side()).isEqualTo(Side.ALTERNATING);
            assertThat(item.workSeconds()).isEqualTo(232);
            assertThat(item.doseWords()).isEqualTo("2 × 8 repetitions each side");
        });
    }

    @ParameterizedTest
    @CsvSource({
        "SUPINE, HOOKLYING, false",
        "HOOKLYING, SIDE_LYING, true",
        "STANDING, STANDING, false",
        "WALL, STANDING, true"
    })
    void knowsAChangeOfPositionWhenSheHasToMove(Position from, Position to, boolean changes) {
        assertThat(from.isChangedBy(to)).isEqualTo(changes);
    }

    @Test
    void shrinksAndStretchesADraftWithinItsBounds() {
        Draft tooLong = new Draft(
                120,
                List.of(pick("breath-lying"), pick("connect-lying")),
                List.of(pick("side-rest"), pick("supported-butterfly")),
                ALIKE);
        assertThat(tooLong.free()).isNegative();
        tooLong.shrink();
        assertThat(tooLong.timetable().items()).hasSize(3);
        Draft tooShort = new Draft(400, List.of(pick("breath-lying")), List.of(pick("side-rest")), ALIKE);
        tooShort.stretch();
        assertThat(tooShort.timetable().items().get(0).dose().breaths()).isEqualTo(15);
        assertThat(tooShort.timetable().items().get(1).dose().holdSeconds()).isEqualTo(120);
        assertThat(tooShort.free()).isPositive();
    }

    @Test
    void addsOnlyWhatFits() {
        Draft draft = new Draft(300, List.of(pick("breath-lying")), List.of(pick("side-rest")), ALIKE);
        draft.addWorkIfItFits(pick("clam"));
        assertThat(draft.timetable().items()).hasSize(2);
        draft.addWorkIfItFits(pick("bridge"));
        assertThat(draft.free()).isNotNegative();
    }

    private static Pick pick(String id) {
        return Pick.of(JUDGEMENT.of(CATALOGUE.get(id)), JUDGEMENT).orElseThrow();
    }

    private static Client woman() {
        Map<Strand, Integer> rungs = new EnumMap<>(Strand.class);
        Arrays.stream(Strand.values()).forEach(strand -> rungs.put(strand, 6));
        return Client.of(1, 1, 38)
                .symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .rungs(rungs)
                .equipment(Set.of(Equipment.values()))
                .build();
    }
}
