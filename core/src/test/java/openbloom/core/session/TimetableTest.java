package openbloom.core.session;

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
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Position;
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
    private static final SideCheck.Weaker RIGHT = SideCheck.Weaker.RIGHT;
    private static final Format SETS = Format.of(Format.FormatKind.SETS);
    private static final Judgement JUDGEMENT = Judgement.of(CATALOGUE, woman(), TODAY);

    @Test
    void addsUpSetUpWorkAndChanges() {
        Timetable timetable = laid(pick("breath-lying"));
        assertThat(timetable.items()).singleElement().satisfies(item -> {
            assertThat(item.workSeconds()).isEqualTo(60);
            assertThat(item.setUpSeconds()).isEqualTo(25);
        });
        Timetable two = laid(pick("breath-lying"), pick("breath-standing"));
        assertThat(two.transitions()).isEqualTo(1);
        assertThat(two.seconds()).isEqualTo(10 + 60 + 30 + 60);
        assertThat(two.endsLying()).isFalse();
    }

    @Test
    void givesBothSidesTheSameAndEachItsOwnSetUp() {
        Timetable timetable = Timetable.of(work(pick("clam")), SETS, ALIKE);
        assertThat(timetable.items()).extracting(SessionItem::side).containsExactly(Side.LEFT, Side.RIGHT);
        assertThat(timetable.items()).extracting(SessionItem::workSeconds).containsExactly(116, 116);
        assertThat(timetable.items().get(1).setUpSeconds())
                .as("15 s over, 15 s up")
                .isEqualTo(30);
        Timetable standing = Timetable.of(work(pick("split-squat")), SETS, ALIKE);
        assertThat(standing.items().get(1).setUpSeconds()).isEqualTo(5);
        assertThat(timetable.items().get(0).doseWords()).isEqualTo("2 × 8 repetitions");
    }

    /** The weaker side goes first, over to the other lying on the side takes 15 s, else 5 s: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"LEFT, LEFT, RIGHT", "RIGHT, RIGHT, LEFT", "EVEN, LEFT, RIGHT", "UNKNOWN, LEFT, RIGHT"})
    void putsTheWeakerSideFirst(SideCheck.Weaker weaker, Side first, Side second) {
        Timetable timetable = Timetable.of(work(pick("clam")), SETS, weaker);
        assertThat(timetable.items()).extracting(SessionItem::side).containsExactly(first, second);
    }

    /** Side to side 2 × 8 each side are 32 repetitions of a breath of 6 s, 192 s, with one rest of 20 s: worked out by hand. */
    @Test
    void countsAlternatingMovesForBothSidesInOneItem() {
        Timetable timetable = Timetable.of(work(pick("march-lying")), SETS, ALIKE);
        assertThat(timetable.items()).singleElement().satisfies(item -> {
            assertThat(item.side()).isEqualTo(Side.ALTERNATING);
            assertThat(item.workSeconds()).isEqualTo(212);
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

    /** Over to the other side lying on the side, half kneeling or on one hand 15 s, else 5 s: common practice, no source. */
    @Test
    void goesThroughRoundsAndSidesAsTheFormatSays() {
        Timetable.TimetableParts parts = work(pick("squat"), pick("split-squat"));
        Timetable rounds = Timetable.of(parts, Format.of(Format.FormatKind.ROUNDS), ALIKE);
        assertThat(rounds.items()).extracting(SessionItem::round).containsExactly(1, 1, 1, 2, 2, 2);
        Timetable sides = Timetable.of(
                work(pick("split-squat"), pick("clam")), Format.of(Format.FormatKind.ONE_SIDE_THEN_THE_OTHER), RIGHT);
        assertThat(sides.items())
                .extracting(SessionItem::side)
                .containsExactly(Side.RIGHT, Side.RIGHT, Side.LEFT, Side.LEFT);
        Timetable clock = Timetable.of(parts, Format.of(Format.FormatKind.INTERVALS), ALIKE);
        assertThat(clock.items()).allMatch(item -> item.workSeconds() == 50);
        assertThat(clock.seconds()).isEqualTo(3 * 60 - 10 + 10);
    }

    private static Timetable laid(Pick... opening) {
        return Timetable.of(new Timetable.TimetableParts(List.of(opening), List.of(), List.of()), SETS, ALIKE);
    }

    private static Timetable.TimetableParts work(Pick... work) {
        return new Timetable.TimetableParts(List.of(), List.of(work), List.of());
    }

    private static Pick pick(String id) {
        return Pick.of(JUDGEMENT.of(CATALOGUE.get(id)), JUDGEMENT).orElseThrow();
    }

    private static Client woman() {
        Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        Arrays.stream(ExerciseGroup.values()).forEach(strand -> rungs.put(strand, 6));
        return Client.of(1, 1, 38)
                .symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .rungs(rungs)
                .equipment(Set.of(Equipment.values()))
                .build();
    }
}
