package openbloom.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainSite;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What a look back may claim. Two fingers: Boissonnault; one finger of 16 mm until something was read twice, half a step less:
 * common practice, no source. Expected words were written before anything ran.
 */
class ProgramReviewTest {
    private static final LocalDate THEN = LocalDate.of(2026, 10, 27);
    private static final LocalDate NOW = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Measured.Examiner INES = new Measured.Examiner(1, "Ines");
    private static final Measured.Examiner LOTTE = new Measured.Examiner(2, "Lotte");

    private static Client.Builder mother() {
        return Client.of(1, 1, 34)
                .gaveBirth(new Birth(NOW.minusWeeks(30), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES))
                .symptoms(SymptomReport.none(NOW));
    }

    private static GapCheck gap(LocalDate on, Width width, YesNoUnknown domed) {
        return GapCheck.alike(on, width, Optional.of(Depth.SURFACE), Optional.of(Firmness.FIRM), domed);
    }

    private static ReviewPeriod look(
            Client.Builder before, Client.Builder after, ReviewPeriod.GapSeen gap, Goal... aims) {
        return new ReviewPeriod(
                Judgement.of(CATALOGUE, before.build(), THEN),
                Judgement.of(CATALOGUE, after.build(), NOW),
                List.of(aims),
                gap,
                ReviewPeriod.SessionsDone.UNKNOWN,
                List.of(),
                true);
    }

    /** Four weeks asked and free reach a goal; heaviness told from home in one does not, nor weeks in which only that was told. */
    @ParameterizedTest
    @CsvSource({
        "1+8+15+22, , , REACHED",
        "1+8+15+22, 10, HEAVINESS, ON_THE_WAY",
        "1+8+15, , , ON_THE_WAY",
        "1+8+15, 23, HEAVINESS, ON_THE_WAY",
        "1+8+15, 23, LEAK_WITH_EFFORT, ON_THE_WAY"
    })
    void whatIsToldFromHomeSpeaksAgainstAGoalAndNeverForIt(
            String asked, @Nullable Integer daysAgo, @Nullable Symptom fromHome, GoalOutcome.State state) {
        List<ReviewPeriod.SymptomsAnswered> answers = new ArrayList<>();
        Arrays.stream(asked.split("\\+"))
                .forEach(ago -> answers.add(
                        new ReviewPeriod.SymptomsAnswered(NOW.minusDays(Long.parseLong(ago)), Set.of(), false)));
        if (daysAgo != null) {
            answers.add(new ReviewPeriod.SymptomsAnswered(NOW.minusDays(daysAgo), Set.of(fromHome), true));
        }
        Client.Builder free = mother().symptoms(SymptomReport.none(NOW.minusDays(1)));
        ReviewPeriod look = new ReviewPeriod(
                Judgement.of(CATALOGUE, free.build(), THEN),
                Judgement.of(CATALOGUE, free.build(), NOW),
                List.of(Goal.EASE_HEAVINESS),
                ReviewPeriod.GapSeen.NONE,
                ReviewPeriod.SessionsDone.UNKNOWN,
                answers,
                true);
        assertThat(ProgramReview.of(look).aims().get(0).state()).isEqualTo(state);
    }

    private static GoalOutcome aim(Goal aim, Client.Builder before, Client.Builder after) {
        return ProgramReview.of(look(before, after, ReviewPeriod.GapSeen.NONE, aim))
                .aims()
                .get(0);
    }

    private static GoalOutcome.State state(Goal aim, Client.Builder after) {
        return aim(aim, mother(), after).state();
    }

    private static Measured read(LocalDate on, Method method, Measured.Examiner by, double amount) {
        Width width =
                method.readsFingers() ? Width.ofHalfFingers((int) (2 * amount)) : new Width.Millimetres((int) amount);
        return new Measured(gap(on, width, YesNoUnknown.NO), method, by);
    }

    /** Navel only, so that one line is told and no mean. */
    private static List<Measure> gaps(Measured then, Measured now) {
        ReviewPeriod.GapSeen both = ReviewPeriod.GapSeen.working(Optional.of(then), Optional.of(now));
        return ProgramReview.of(look(mother(), mother(), both, Goal.KEEP_ACTIVE))
                .measures();
    }

    private static Measure.MeasureVerdict atTheNavel(Measured then, Measured now) {
        return gaps(then, now).stream()
                .filter(measure ->
                        measure.what().startsWith("Gap") && measure.what().contains("navel"))
                .filter(measure ->
                        !measure.what().contains("above") && !measure.what().contains("below"))
                .findFirst()
                .orElseThrow()
                .verdict();
    }

    /** Fingers in halves, or millimetres; of the last 14 days or older; what the midline did on the lift. */
    @ParameterizedTest
    @CsvSource({
        ", , NO, NOT_READ",
        "fingers, 0, NO, REACHED",
        "fingers, 14, NO, REACHED",
        "fingers, 15, NO, NOT_READ",
        "fingers, 0, UNKNOWN, NOT_READ",
        "fingers, 0, YES, NO_CHANGE_SINCE",
        "60 mm, 0, NO, NOT_READ",
        "five, 0, NO, NO_CHANGE_SINCE"
    })
    void aMidlineIsRecoveredOnlyWhenItWasReadSo(
            @Nullable String width, @Nullable Integer daysAgo, YesNoUnknown domed, GoalOutcome.State expected) {
        Client.Builder after = mother();
        if (width != null && daysAgo != null) {
            Width read = switch (width) {
                case "fingers" -> Width.ofHalfFingers(4);
                case "five" -> Width.ofHalfFingers(10);
                default -> new Width.Millimetres(60);
            };
            after.gap(gap(NOW.minusDays(daysAgo), read, domed));
        }
        assertThat(state(Goal.REBUILD_MIDLINE, after)).isEqualTo(expected);
    }

    @Test
    void aGapThatWasReadOnceAndThenNotIsNotRead() {
        Client.Builder before = mother().gap(gap(THEN, Width.ofHalfFingers(4), YesNoUnknown.NO));
        GoalOutcome told = aim(Goal.REBUILD_MIDLINE, before, mother());
        assertThat(told.state()).isEqualTo(GoalOutcome.State.NOT_READ);
        ProgramReview review =
                ProgramReview.of(look(before, mother(), ReviewPeriod.GapSeen.NONE, Goal.REBUILD_MIDLINE));
        assertThat(review.proposals())
                .filteredOn(proposed -> proposed.kind() == Recommendation.RecommendationKind.CHECK)
                .hasSize(1);
        assertThat(review.proposals()).noneMatch(proposed -> proposed.what().contains("has been reached"));
    }

    @Test
    void aPregnancyThatEndedWithoutABirthIsNoBirth() {
        Client.Builder pregnant = Client.of(0, 1, 34).pregnant(Dating.stated(NOW.plusDays(10)));
        assertThat(aim(Goal.READY_FOR_BIRTH, pregnant, pregnant).state()).isEqualTo(GoalOutcome.State.ON_THE_WAY);
        assertThat(aim(Goal.READY_FOR_BIRTH, pregnant, Client.of(0, 1, 34)).state())
                .isEqualTo(GoalOutcome.State.CLOSED);
        Client.Builder born = Client.of(1, 1, 34)
                .gaveBirth(new Birth(NOW.minusDays(3), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES));
        assertThat(aim(Goal.READY_FOR_BIRTH, pregnant, born).state()).isEqualTo(GoalOutcome.State.REACHED);
        Client.Builder earlier = Client.of(1, 1, 34)
                .gaveBirth(new Birth(THEN.minusDays(1), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES));
        assertThat(aim(Goal.READY_FOR_BIRTH, pregnant, earlier).state()).isEqualTo(GoalOutcome.State.CLOSED);
    }

    @Test
    void whatNobodyAskedIsNeitherGoneNorThere() {
        Client.Builder silent = mother().symptoms(new SymptomReport.NotAsked());
        Client.Builder leaking = mother().symptoms(new SymptomReport.Asked(THEN, Set.of(Symptom.LEAK_WITH_EFFORT)));
        assertThat(aim(Goal.STOP_LEAKING, leaking, silent).state()).isEqualTo(GoalOutcome.State.NOT_READ);
        assertThat(aim(Goal.STOP_LEAKING, leaking, mother()).state()).isEqualTo(GoalOutcome.State.ON_THE_WAY);
        PelvicFloorCheck letsGo =
                new PelvicFloorCheck(8, 8, 8, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);
        PelvicFloorCheck notAsked =
                new PelvicFloorCheck(8, 8, 8, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.UNKNOWN, YesNoUnknown.NO);
        assertThat(state(Goal.LET_GO, mother().pelvicFloor(letsGo))).isEqualTo(GoalOutcome.State.REACHED);
        assertThat(state(Goal.LET_GO, mother().pelvicFloor(notAsked))).isEqualTo(GoalOutcome.State.ON_THE_WAY);
        assertThat(state(Goal.LET_GO, silent.pelvicFloor(letsGo))).isEqualTo(GoalOutcome.State.NOT_READ);
        assertThat(state(Goal.LET_GO, mother())).isEqualTo(GoalOutcome.State.NOT_READ);
        assertThat(state(Goal.SCAR_AT_EASE, mother().rungs(Map.of(ExerciseGroup.SCAR, 4))))
                .isEqualTo(GoalOutcome.State.REACHED);
        assertThat(state(Goal.SCAR_AT_EASE, silent.rungs(Map.of(ExerciseGroup.SCAR, 4))))
                .isEqualTo(GoalOutcome.State.NOT_READ);
        assertThat(state(Goal.KEEP_ACTIVE, mother())).isEqualTo(GoalOutcome.State.NOT_READ);
    }

    /** 48 hours, as for a rung. */
    @ParameterizedTest
    @CsvSource({
        "0, LIMB_LOAD, ON_THE_WAY",
        "1, LIMB_LOAD, ON_THE_WAY",
        "2, LIMB_LOAD, REACHED",
        "0, STRENGTH_PULL, REACHED"
    })
    void nothingIsReachedOnADayOnWhichItDomed(int daysAgo, ExerciseGroup domed, GoalOutcome.State expected) {
        LadderStatus standing = new LadderStatus(
                Map.of(),
                Map.of(),
                Map.of(),
                Map.of(),
                false,
                new LadderStatus.AgainstLoadCheck(List.of(), Map.of(domed, NOW.minusDays(daysAgo))));
        Client.Builder recovered =
                mother().gap(gap(NOW, Width.ofHalfFingers(4), YesNoUnknown.NO)).standing(standing);
        assertThat(state(Goal.REBUILD_MIDLINE, recovered)).isEqualTo(expected);
    }

    @Test
    void aDifferenceOfWidthsIsWorthWhatItsMethodAndExaminerSay() {
        LocalDate later = NOW.minusDays(1);
        assertThat(atTheNavel(read(THEN, Method.CALIPERS, INES, 30), read(later, Method.CALIPERS, INES, 21)))
                .as("9 mm, and 16 are needed")
                .isEqualTo(Measure.MeasureVerdict.WITHIN_REPEATABILITY);
        assertThat(atTheNavel(read(THEN, Method.CALIPERS, INES, 40), read(later, Method.CALIPERS, INES, 23)))
                .as("17 mm less half a step")
                .isEqualTo(Measure.MeasureVerdict.REAL_CHANGE);
        assertThat(atTheNavel(read(THEN, Method.CALIPERS, INES, 40), read(later, Method.ULTRASOUND, INES, 10)))
                .isEqualTo(Measure.MeasureVerdict.NOT_COMPARABLE);
        assertThat(atTheNavel(read(THEN, Method.FINGERS, INES, 4), read(later, Method.FINGERS, LOTTE, 1)))
                .isEqualTo(Measure.MeasureVerdict.NOT_COMPARABLE);
        assertThat(atTheNavel(read(THEN, Method.FINGERS, INES, 3), read(later, Method.FINGERS, INES, 2)))
                .isEqualTo(Measure.MeasureVerdict.WITHIN_REPEATABILITY);
        assertThat(atTheNavel(read(THEN, Method.FINGERS, INES, 3), read(later, Method.FINGERS, INES, 1.5)))
                .isEqualTo(Measure.MeasureVerdict.REAL_CHANGE);
    }

    /** Three sites, 9 mm each: not one of them is sure, their mean is (16 mm over the root of 3 is 9.24, less a sixth of a step). */
    @Test
    void theMeanOfTheSitesSeesMoreThanOneAndOnlyOfOnePersonAndMethod() {
        LocalDate later = NOW.minusDays(1);
        assertThat(gaps(read(THEN, Method.CALIPERS, INES, 30), read(later, Method.CALIPERS, INES, 20)))
                .extracting(Measure::verdict)
                .containsExactly(
                        Measure.MeasureVerdict.WITHIN_REPEATABILITY,
                        Measure.MeasureVerdict.WITHIN_REPEATABILITY,
                        Measure.MeasureVerdict.WITHIN_REPEATABILITY,
                        Measure.MeasureVerdict.REAL_CHANGE);
        assertThat(gaps(read(THEN, Method.CALIPERS, INES, 30), read(later, Method.ULTRASOUND, INES, 20)))
                .as("no mean over two methods")
                .hasSize(3);
    }

    /** What stands on top: the gap for her, what she came for, and the ladders; bars only for what was compared. */
    @Test
    void saysTheMostImportantInThreeSentences() {
        LocalDate later = NOW.minusDays(1);
        Client.Builder before = mother().rungs(Map.of(ExerciseGroup.BRIDGE, 2, ExerciseGroup.LIMB_LOAD, 3));
        Client.Builder after = mother().rungs(Map.of(ExerciseGroup.BRIDGE, 4, ExerciseGroup.LIMB_LOAD, 3))
                .domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 2));
        ReviewPeriod.GapSeen both = ReviewPeriod.GapSeen.working(
                Optional.of(read(THEN, Method.CALIPERS, INES, 30)),
                Optional.of(read(later, Method.CALIPERS, INES, 20)));
        ProgramReview review = ProgramReview.of(look(before, after, both, Goal.STOP_LEAKING));
        assertThat(review.sentences())
                .containsExactly(
                        "The gap, averaged over 3 sites, is 10 mm narrower: more than measuring twice would explain.",
                        "On the way: “stop leaking” (none reported at the last asking, but not yet for 4 weeks).",
                        "A level up: bridge. Waits until it stays flat: limb load.");
        assertThat(review.levels())
                .extracting(ProgramReview.LevelChange::before, ProgramReview.LevelChange::after)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(3, 3), org.assertj.core.groups.Tuple.tuple(2, 4));
        assertThat(review.measures().get(0).scale()).contains(new Measure.MeasureScale(30, 20, 16));
        ReviewPeriod.GapSeen others = ReviewPeriod.GapSeen.working(
                Optional.of(read(THEN, Method.FINGERS, INES, 4)), Optional.of(read(later, Method.FINGERS, LOTTE, 1)));
        ProgramReview unlike = ProgramReview.of(look(mother(), mother(), others, Goal.STOP_LEAKING));
        assertThat(unlike.sentences().get(0))
                .isEqualTo("The gap was not read the same way both times, so nothing can be said of it.");
        assertThat(unlike.measures().get(0).scale()).isEmpty();
    }

    @Test
    void aWiderGapIsNoProgress() {
        Client.Builder wide = mother().gap(gap(NOW, Width.ofHalfFingers(12), YesNoUnknown.NO));
        for (double now : new double[] {6, 1}) {
            ReviewPeriod.GapSeen both = ReviewPeriod.GapSeen.working(
                    Optional.of(read(THEN, Method.FINGERS, INES, 4)),
                    Optional.of(read(NOW, Method.FINGERS, INES, now)));
            GoalOutcome told = ProgramReview.of(look(wide, wide, both, Goal.REBUILD_MIDLINE))
                    .aims()
                    .get(0);
            assertThat(told.state())
                    .isEqualTo(now == 6 ? GoalOutcome.State.NO_CHANGE_SINCE : GoalOutcome.State.ON_THE_WAY);
        }
    }

    @Test
    void painThatHoldsIsReferredAndAWomanWithoutAPlanHasNone() {
        PainHold hold = new PainHold(
                3, NOW.minusDays(1), PainSite.BACK, ExerciseGroup.STRENGTH_LEGS, "barbell-clean", OptionalInt.of(8));
        Client.Builder held = mother().standing(LadderStatus.UNWRITTEN.withHolds(List.of(hold)));
        ReviewPeriod look = new ReviewPeriod(
                Judgement.of(CATALOGUE, mother().build(), NOW),
                Judgement.of(CATALOGUE, held.build(), NOW),
                List.of(Goal.KEEP_ACTIVE),
                ReviewPeriod.GapSeen.NONE,
                ReviewPeriod.SessionsDone.UNKNOWN,
                List.of(),
                false);
        List<Recommendation> proposals = new ArrayList<>(ProgramReview.of(look).proposals());
        assertThat(proposals)
                .filteredOn(proposed -> proposed.kind() == Recommendation.RecommendationKind.REFERRAL)
                .extracting(Recommendation::what, Recommendation::why)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(
                        "her clinician looks at the back",
                        "pain 8 of 10 at the back, 23 Nov 2026; it holds until it is answered"));
        assertThat(proposals)
                .filteredOn(proposed -> proposed.kind() == Recommendation.RecommendationKind.NEXT_BLOCK)
                .extracting(Recommendation::why)
                .containsExactly("she has no programme yet");
    }
}
