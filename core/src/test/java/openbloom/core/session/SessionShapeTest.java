package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.program.Goals;
import openbloom.core.progress.StartingLevel;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.record.Training;
import openbloom.core.verdict.Judgement;

/** What an instructor recognises in an hour: begun low, for what it is for, filled (practice values of the studio's design page). */
@Tag("long")
class SessionShapeTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final int MANY_PASS = 60;
    private static final int A_FEW = 3;

    /** Time is counted in steps of ten seconds. */
    private static final int A_STEP = 10;

    private static final Set<ExerciseGroup> AT_REST =
            Set.of(ExerciseGroup.BREATH, ExerciseGroup.RELEASE, ExerciseGroup.CONNECT, ExerciseGroup.SCAR);

    private static Session compose(Judgement judgement, int minutes, List<Goal> goals, List<String> usual) {
        Map<ExerciseGroup, Integer> aims = Goals.worth(goals);
        return Composer.compose(
                judgement,
                SessionRequest.of(minutes, Place.STUDIO, minutes, History.NONE)
                        .in(Format.of(Format.FormatKind.SETS))
                        .wanting(new Wishes(goals, aims, aims.keySet(), Set.of(), Set.of(), usual, PlannedDay.NONE)));
    }

    private static boolean isOpen(Judgement judgement) {
        long passing = CATALOGUE.moves().stream()
                .filter(move -> !AT_REST.contains(move.strand()))
                .filter(move -> judgement.of(move).passes())
                .count();
        long resting = CATALOGUE.ladder(ExerciseGroup.RELEASE).stream()
                .filter(move -> judgement.of(move).passes())
                .count();
        return passing >= MANY_PASS && resting >= A_FEW && !Composer.isHealing(judgement);
    }

    @Property(seed = "20261130")
    void isFilledAndServesItsOneGoal(
            @ForAll Client woman, @ForAll Goal goal, @ForAll @IntRange(min = 15, max = 75) int minutes) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        Session session = compose(judgement, minutes, List.of(goal), List.of());
        if (!isOpen(judgement)) {
            return;
        }
        assertThat(session.seconds())
                .as(() -> goal + ", " + minutes + " min: " + session.note()
                        + session.items().stream().map(item -> item.move().id()).toList())
                .isGreaterThanOrEqualTo((int) (0.95 * 60 * minutes) - A_STEP);
        Prescription practice = judgement.facts().pelvicPractice(woman.checks().pelvicFloor());
        boolean forTheFloor = goal == Goal.STOP_LEAKING || goal == Goal.EASE_HEAVINESS;
        int level = StartingLevel.of(judgement, ExerciseGroup.PELVIC_FLOOR_ENDURANCE);
        boolean holds = CATALOGUE.ladder(ExerciseGroup.PELVIC_FLOOR_ENDURANCE).stream()
                .anyMatch(move -> move.rung() <= level && judgement.of(move).passes());
        if (forTheFloor && holds && practice.holds().repetitions() > 0) {
            assertThat(session.items())
                    .as(() -> goal + ", " + minutes + " min")
                    .anyMatch(item -> item.move().strand() == ExerciseGroup.PELVIC_FLOOR_ENDURANCE);
        }
        if (goal == Goal.STOP_LEAKING) {
            keepsTheSetWhole(session, practice, minutes);
        }
        int working = 0;
        int serving = 0;
        for (SessionItem item : session.items()) {
            boolean counts = item.part() == Part.WORK || goal.isServedBy(item.move());
            working += counts ? item.workSeconds() : 0;
            serving += goal.isServedBy(item.move()) ? item.workSeconds() : 0;
        }
        List<String> used =
                session.items().stream().map(item -> item.move().id()).toList();
        List<String> left = CATALOGUE.moves().stream()
                .filter(goal::isServedBy)
                .filter(move -> !used.contains(move.id()) && isHers(judgement, move))
                .map(Move::id)
                .toList();
        if (left.size() > 2) {
            assertThat(serving)
                    .as(() -> goal + ", " + minutes + " min, left " + left + ": "
                            + session.items().stream()
                                    .map(item -> item.move().id() + " " + item.workSeconds())
                                    .toList())
                    .isGreaterThanOrEqualTo((int) (0.4 * working) - A_STEP);
        }
    }

    /** Half in each of two positions or whole in one: together what is prescribed, and in one position below half an hour. */
    private static void keepsTheSetWhole(Session session, Prescription practice, int minutes) {
        for (ExerciseGroup kind : List.of(ExerciseGroup.PELVIC_FLOOR_ENDURANCE, ExerciseGroup.PELVIC_FLOOR_QUICK)) {
            List<SessionItem> lifts = session.items().stream()
                    .filter(item -> item.move().strand() == kind)
                    .toList();
            int prescribed = kind == ExerciseGroup.PELVIC_FLOOR_QUICK
                    ? practice.flicks().repetitions()
                    : practice.holds().repetitions();
            if (!lifts.isEmpty()) {
                assertThat(lifts.stream()
                                .mapToInt(item -> item.dose().repetitions())
                                .sum())
                        .as(kind + " in " + minutes + " min")
                        .isEqualTo(prescribed);
                assertThat(lifts.stream().map(item -> Family.of(item.move())))
                        .doesNotHaveDuplicates()
                        .hasSizeLessThanOrEqualTo(minutes < 30 || prescribed < 4 ? 1 : 2);
            }
        }
    }

    /** Passes, and at or below the level she works on. */
    private static boolean isHers(Judgement judgement, Move move) {
        boolean lifts = move.strand().isPelvicFloorLift() || move.strand() == ExerciseGroup.SCAR;
        return judgement.of(move).passes()
                && !lifts
                && !AT_REST.contains(move.strand())
                && !move.isImpact()
                && !StartingLevel.isTooMuchForAFirstDay(judgement.facts().client(), move)
                && (!move.isEarned() || move.rung() <= StartingLevel.of(judgement, move.strand()));
    }

    /** Nobody never trained begins on one leg, on a plank, with arms overhead or above the third level. */
    @Property(seed = "20261130")
    void beginsLow(@ForAll Client woman, @ForAll Goal goal, @ForAll @IntRange(min = 15, max = 75) int minutes) {
        Client untrained = woman.but()
                .trained(Training.NONE)
                .rungs(Map.of())
                .domingCeiling(Map.of())
                .build();
        Judgement judgement = Judgement.of(CATALOGUE, untrained, TODAY);
        Session session = compose(judgement, minutes, List.of(goal), List.of());
        for (SessionItem item : session.items()) {
            Move move = item.move();
            if (move.isEarned() && judgement.facts().achieved(move.strand()) == 0) {
                assertThat(move.rung()).as(move.id()).isLessThanOrEqualTo(3);
                assertThat(move.has(Demand.SINGLE_LEG) || move.has(Demand.OVERHEAD) || move.has(Demand.BALANCE))
                        .as(move.id())
                        .isFalse();
                assertThat(move.purpose() == Purpose.FRONT_SUPPORT && move.load() > 1)
                        .as(move.id())
                        .isFalse();
            }
        }
    }

    /** What she does anyway is in it as it is today. */
    @Property(seed = "20261130")
    void keepsWhatSheDoesAnyway(@ForAll Client woman, @ForAll @IntRange(min = 30, max = 75) int minutes) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        Session session = compose(judgement, minutes, List.of(Goal.LIFT), List.of("goblet-squat", "band-row"));
        for (String usual : List.of("goblet-squat", "band-row")) {
            boolean works = isOpen(judgement) && !judgement.facts().isFloorToLetGo();
            if (works && judgement.of(CATALOGUE.get(usual)).passes()) {
                assertThat(session.items())
                        .as(usual)
                        .anyMatch(item -> item.move().id().equals(usual));
            }
        }
    }
}
