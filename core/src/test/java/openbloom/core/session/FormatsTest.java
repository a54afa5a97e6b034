package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.Problem;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.KnownWomen;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * What each format asks, by docs/sessions.md (common practice, no source): how many exercises, which, how often, and how the clock runs.
 */
class FormatsTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Judgement WELL =
            Judgement.of(CATALOGUE, KnownWomen.well().build(), TODAY);

    private static final Set<ExerciseGroup> FLOOR = Set.of(
            ExerciseGroup.PELVIC_FLOOR_ENDURANCE, ExerciseGroup.PELVIC_FLOOR_QUICK, ExerciseGroup.PELVIC_FLOOR_AREAS);

    private static Session composed(int minutes, Format format) {
        return Composer.compose(WELL, SessionRequest.of(minutes).in(format));
    }

    private static Session composed(int minutes, Format.FormatKind kind) {
        return composed(minutes, Format.of(kind));
    }

    private static List<SessionItem> work(Session session) {
        return session.items().stream().filter(item -> item.part() == Part.WORK).toList();
    }

    private static Set<String> ids(List<SessionItem> items) {
        return items.stream().map(item -> item.move().id()).collect(Collectors.toSet());
    }

    @ParameterizedTest
    @CsvSource({"5", "7", "10"})
    void fiveMinutesAreTwoToSixLightExercisesAndAFirstBreath(int minutes) {
        Session session = composed(minutes, Format.FormatKind.FIVE_MINUTES);
        assertThat(ids(work(session))).hasSizeBetween(2, 6);
        assertThat(session.items()).allMatch(item -> item.move().load() <= 2);
        assertThat(session.items()).noneMatch(item -> item.part() == Part.RELEASE);
        assertThat(session.seconds()).isBetween(minutes * 57, minutes * 63);
    }

    /** Each exercise as often as asked, in the same order each time round. */
    @ParameterizedTest
    @CsvSource({"2", "3", "4"})
    void roundsGoThroughUpToSixExercisesAgain(int rounds) {
        Session session = composed(30, new Format(Format.FormatKind.ROUNDS, rounds, 50, 10));
        assertThat(ids(work(session))).hasSizeBetween(2, 6);
        List<List<String>> ways = new ArrayList<>();
        for (int round = 1; round <= rounds; round++) {
            int now = round;
            ways.add(work(session).stream()
                    .filter(item -> item.round() == now)
                    .map(item -> item.move().id() + item.side())
                    .toList());
        }
        assertThat(ways).hasSize(rounds).allMatch(way -> way.equals(ways.get(0)));
        assertThat(session.format().passes()).isEqualTo(rounds);
    }

    @ParameterizedTest
    @CsvSource({"50, 10, 1", "40, 20, 2", "30, 15, 3"})
    void intervalsRunByTheClock(int seconds, int rest, int rounds) {
        Session session = composed(20, new Format(Format.FormatKind.INTERVALS, rounds, seconds, rest));
        assertThat(work(session)).isNotEmpty().allSatisfy(item -> {
            assertThat(item.workSeconds()).isEqualTo(seconds);
            assertThat(item.setUpSeconds()).isEqualTo(rest);
            assertThat(item.move().strand().isPelvicFloorLift()).isFalse();
            assertThat(item.round()).isEqualTo(rounds == 1 ? 0 : item.round());
        });
        assertThat(ids(work(session))).hasSizeBetween(2, 20);
        if (rounds > 1) {
            assertThat(work(session).stream().map(SessionItem::round))
                    .contains(1, rounds)
                    .doesNotContain(0, rounds + 1);
        }
    }

    @Test
    void oneSideThenTheOtherIsTheSameOnBoth() {
        Session session = composed(30, Format.FormatKind.ONE_SIDE_THEN_THE_OTHER);
        List<SessionItem> work = work(session);
        List<String> first = work.stream()
                .filter(item -> item.round() == 1)
                .map(item -> item.move().id())
                .toList();
        List<String> second = work.stream()
                .filter(item -> item.round() == 2)
                .map(item -> item.move().id())
                .toList();
        assertThat(first).hasSizeGreaterThan(1).isEqualTo(second);
        assertThat(work).allMatch(item -> item.move().sides() == Sides.EACH);
        Side side = work.get(0).side();
        assertThat(work.subList(0, first.size())).allMatch(item -> item.side() == side);
        assertThat(work.subList(first.size(), work.size())).allMatch(item -> item.side() == side.other());
        assertThat(session.format().passes()).isEqualTo(2);
    }

    @Test
    void hipsAndBackIsEasyMovementOnly() {
        Session session = composed(20, Format.FormatKind.MOBILITY);
        assertThat(work(session)).isNotEmpty().allMatch(item -> item.move().strand() == ExerciseGroup.MOBILITY);
        assertThat(ids(session.items())).hasSizeBetween(6, 9);
    }

    @Test
    void breathAndFloorHasNothingElse() {
        Session session = composed(20, Format.FormatKind.BREATH_AND_FLOOR);
        assertThat(session.items()).isNotEmpty().allMatch(item -> {
            ExerciseGroup group = item.move().strand();
            return FLOOR.contains(group) || group == ExerciseGroup.BREATH || group == ExerciseGroup.RELEASE;
        });
        assertThat(session.seconds()).isLessThanOrEqualTo(20 * 63);
    }

    /** Her usual exercises in her order, once each, without a clock; what does not pass is told as left out. */
    @Test
    void aGymCardIsHerUsualExercises() {
        Wishes usual = new Wishes(
                List.of(),
                Map.of(),
                Set.of(),
                Set.of(),
                Set.of(),
                List.of("squat", "bridge", "squat", "no-such"),
                PlannedDay.NONE);
        Session card = Composer.compose(
                WELL,
                SessionRequest.of(30).in(Format.of(Format.FormatKind.GYM_CARD)).wanting(usual));
        assertThat(card.items().stream().map(SessionItem::moveId)).containsExactly("squat", "bridge");
        assertThat(card.items()).allMatch(item -> item.seconds() == 0 && item.part() == Part.WORK);
        assertThat(card.note()).isEqualTo("A card for the gym: today’s version of each exercise, without a clock.");
        Session empty = composed(30, Format.FormatKind.GYM_CARD);
        assertThat(empty.items()).isEmpty();
        assertThat(empty.note()).isEqualTo("No usual exercise of hers passes today.");
    }

    @ParameterizedTest
    @EnumSource(
            value = Format.FormatKind.class,
            names = {"SETS", "ROUNDS", "INTERVALS"})
    void anHourArrivesAndLetsGo(Format.FormatKind kind) {
        Session session = composed(30, kind);
        assertThat(session.items().get(0).part()).isEqualTo(Part.OPENING);
        assertThat(session.items().get(session.items().size() - 1).part()).isEqualTo(Part.RELEASE);
        assertThat(ids(work(session)).size()).isLessThanOrEqualTo(kind == Format.FormatKind.SETS ? 15 : 20);
    }

    @ParameterizedTest
    @CsvSource({
        "1, 10, 5, ''",
        "6, 300, 120, ''",
        "0, 50, 10, format.rounds",
        "7, 50, 10, format.rounds",
        "2, 9, 10, format.workSeconds",
        "2, 301, 10, format.workSeconds",
        "2, 50, 4, format.restSeconds",
        "2, 50, 121, format.restSeconds"
    })
    void rangesOfAFormat(int rounds, int work, int rest, String field) {
        List<Problem> problems = SessionRequest.of(30)
                .in(new Format(Format.FormatKind.ROUNDS, rounds, work, rest))
                .problems();
        assertThat(problems.stream().map(Problem::field).collect(Collectors.joining(",")))
                .isEqualTo(field);
    }

    @ParameterizedTest
    @CsvSource({
        "4, SETS, 120",
        "5, SETS, 0",
        "120, SETS, 0",
        "121, SETS, 120",
        "10, FIVE_MINUTES, 0",
        "11, FIVE_MINUTES, 10"
    })
    void minutesOfARequest(int minutes, Format.FormatKind kind, int most) {
        List<Problem> problems = SessionRequest.of(minutes).in(Format.of(kind)).problems();
        if (most == 0) {
            assertThat(problems).isEmpty();
        } else {
            assertThat(problems).containsExactly(Problem.of("minutes", "session.minutes", 5, most, minutes));
        }
    }

    @Test
    void theUsualFormatGoesByTheMinutes() {
        assertThat(Format.usual(10).kind()).isEqualTo(Format.FormatKind.FIVE_MINUTES);
        assertThat(Format.usual(11).kind()).isEqualTo(Format.FormatKind.SETS);
        assertThat(Format.of(Format.FormatKind.ROUNDS)).isEqualTo(new Format(Format.FormatKind.ROUNDS, 2, 50, 10));
        assertThat(Format.FormatKind.values())
                .allSatisfy(kind -> assertThat(kind.words()).isNotBlank());
        assertThat(HardLine.values()).allSatisfy(line -> {
            assertThat(line.sentence()).endsWith(".").isEqualToIgnoringCase(line.words() + ".");
            assertThat(line.sentence().charAt(0))
                    .isEqualTo(Character.toUpperCase(line.words().charAt(0)));
        });
        assertThat(List.of(HardLine.mostNew(false, 45), HardLine.mostNew(true, 20), HardLine.mostNew(true, 21)))
                .isEqualTo(List.of(3, 5, 8));
    }

    /** Catalogue of hours, version 2: two to five exercises in five minutes, six in ten. */
    @ParameterizedTest
    @CsvSource({"5, 5", "8, 5", "9, 5", "10, 6"})
    void fiveMinutesHoldFiveExercises(int minutes, int most) {
        assertThat(new FiveMinutes().mostExercises(minutes)).isEqualTo(most);
        assertThat(new FiveMinutes().fewestExercises()).isEqualTo(2);
    }

    private static Outline outline(String... moves) {
        List<Outline.OutlineLine> lines = new ArrayList<>();
        for (String id : moves) {
            Move move = CATALOGUE.find(id).orElseThrow();
            lines.add(Edited.entry(WELL, move, Edited.partOf(move)));
        }
        return new Outline(lines, Format.of(Format.FormatKind.SETS));
    }

    private static List<String> moves(Outline outline) {
        return outline.entries().stream().map(line -> line.move().id()).toList();
    }

    /** Every change makes another outline; places beyond the ends are the ends. */
    @Test
    void anOutlineIsChangedLineByLine() {
        Outline first = outline("squat", "bridge", "march-lying");
        assertThat(moves(first.moved(0, 2))).containsExactly("bridge", "march-lying", "squat");
        assertThat(moves(first.moved(2, 0))).containsExactly("march-lying", "squat", "bridge");
        assertThat(moves(first.moved(1, 99))).containsExactly("squat", "march-lying", "bridge");
        assertThat(moves(first.moved(1, -5))).containsExactly("bridge", "squat", "march-lying");
        assertThat(moves(first.without(1))).containsExactly("squat", "march-lying");
        assertThat(first.noted(1, "slowly").entries().get(1).note()).isEqualTo("slowly");
        assertThat(first.because(2, "she asked").entries().get(2).because()).isEqualTo("she asked");
        assertThat(first.dosed(0, first.entries().get(0).dose().withSets(3))
                        .entries()
                        .get(0)
                        .dose()
                        .sets())
                .isEqualTo(3);
        assertThat(moves(first)).as("the one before is as it was").containsExactly("squat", "bridge", "march-lying");
        Outline composed = Outline.of(composed(30, Format.FormatKind.SETS));
        Outline.OutlineLine more = outline("squat").entries().get(0);
        int at = composed.with(more).entries().indexOf(more);
        assertThat(composed.with(more).entries().get(at).part()).isEqualTo(Part.WORK);
        assertThat(composed.with(more)
                        .entries()
                        .subList(at + 1, composed.entries().size() + 1))
                .as("at the end of its part")
                .allMatch(line -> line.part() == Part.RELEASE);
    }

    @Test
    void partsAndPlacesHaveWords() {
        assertThat(Part.values()).allSatisfy(part -> assertThat(part.words()).isNotBlank());
        assertThat(Place.values()).allSatisfy(place -> assertThat(place.words()).isNotBlank());
        assertThat(Side.LEFT.other()).isEqualTo(Side.RIGHT);
        assertThat(Side.RIGHT.other()).isEqualTo(Side.LEFT);
    }
}
