package openbloom.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Answer;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Conditions;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Contraindication;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Gate;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A woman on a day: what counts how long, and what follows from it. Every day is counted by hand. */
class FactsTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    private static Client.Builder woman() {
        return Client.of(1, 1, 33);
    }

    private static Client.Builder pregnant(int weeks) {
        return woman().pregnant(Dating.stated(DAY.minusWeeks(weeks).plusDays(280)));
    }

    private static Client.Builder born(BirthKind kind, Tear tear, YesNoUnknown closed, int daysAgo) {
        return woman().gaveBirth(new Birth(DAY.minusDays(daysAgo), kind, tear, closed));
    }

    private static GapCheck gap(int daysAgo, YesNoUnknown domed) {
        return GapCheck.alike(
                DAY.minusDays(daysAgo),
                Width.ofHalfFingers(3),
                Optional.of(Depth.SURFACE),
                Optional.of(Firmness.FIRM),
                domed);
    }

    private static Facts facts(Client.Builder woman) {
        return new Facts(woman.build(), DAY);
    }

    /**
     * A week after the last check, four in pregnancy and not from 28; after a birth not before 2 weeks, 6 after a caesarean
     * (common practice, no source). The last column is days from today; empty where none is due.
     */
    @ParameterizedTest(name = "{0} {1}, checked {2} days ago")
    @CsvSource({
        "pregnant, 140, , 0",
        "pregnant, 140, 10, 18",
        "pregnant, 140, 27, 1",
        "pregnant, 140, 60, 0",
        "pregnant, 175, 10, 18",
        "pregnant, 182, 10, ''",
        "pregnant, 196, , ''",
        "VAGINAL, 5, , 9",
        "VAGINAL, 14, , 0",
        "VAGINAL, 100, 3, 4",
        "VAGINAL, 100, 8, -1",
        "CAESAREAN, 30, , 12",
        "CAESAREAN, 43, , 0",
        "neither, 0, , 0",
        "neither, 0, 2, 5"
    })
    void saysWhenTheGapIsToBeLookedAtNext(String where, int days, Integer checkedDaysAgo, String dueIn) {
        Client.Builder woman = switch (where) {
            case "pregnant" ->
                woman().pregnant(Dating.stated(DAY.minusDays(days).plusDays(280)));
            case "neither" -> woman();
            default -> born(BirthKind.valueOf(where), Tear.NONE, YesNoUnknown.YES, days);
        };
        if (checkedDaysAgo != null) {
            woman.gap(gap(checkedDaysAgo, YesNoUnknown.NO));
        }
        Optional<LocalDate> expected =
                dueIn.isEmpty() ? Optional.empty() : Optional.of(DAY.plusDays(Integer.parseInt(dueIn)));
        assertThat(CheckSchedule.gapCheckDue(facts(woman))).isEqualTo(expected);
    }

    /** Doming seen stays; flat counts 28 days in pregnancy; a ceiling of 0 on curls is doming, a higher one is flat below it. */
    @ParameterizedTest(name = "pregnant {0}, lift {1} {2} days ago, ceiling {3}: {4}")
    @CsvSource({
        "false, NO, 90, , NO",
        "true, NO, 28, , NO",
        "true, NO, 29, , UNKNOWN",
        "true, YES, 90, , YES",
        "false, UNKNOWN, 3, , UNKNOWN",
        "false, UNKNOWN, 3, 0, YES",
        "false, UNKNOWN, 3, 1, NO",
        "false, NO, 3, 0, YES"
    })
    void knowsDomingAsLongAsItCounts(
            boolean isPregnant, YesNoUnknown lift, int daysAgo, Integer ceiling, YesNoUnknown expected) {
        Client.Builder woman = isPregnant ? pregnant(20) : woman();
        woman.gap(gap(daysAgo, lift));
        if (ceiling != null) {
            woman.domingCeiling(Map.of(ExerciseGroup.FLEXION, ceiling));
        }
        assertThat(facts(woman).domed()).isEqualTo(expected);
        assertThat(facts(woman).hasGapOrDoming()).isEqualTo(expected == YesNoUnknown.YES);
    }

    /** Pre-eclampsia bears on her twelve weeks after the birth; E-CONTRA (from memory): absolute while pregnant. */
    @Test
    void whatAPregnancyBroughtEndsWithIt() {
        Set<Condition> had = Set.of(Condition.PRE_ECLAMPSIA);
        assertThat(facts(pregnant(30).conditions(DAY, had)).bearing(Condition.PRE_ECLAMPSIA))
                .contains(Contraindication.ABSOLUTE);
        assertThat(facts(born(BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES, 83)
                                .conditions(DAY, had))
                        .bearing(Condition.PRE_ECLAMPSIA))
                .isPresent();
        assertThat(facts(born(BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES, 84)
                                .conditions(DAY, had))
                        .bearing(Condition.PRE_ECLAMPSIA))
                .isEmpty();
        assertThat(facts(pregnant(30).conditions(DAY, Set.of())).bearing(Condition.PRE_ECLAMPSIA))
                .isEmpty();
    }

    /** Only a clearance given for a condition answers it: not before it was there, and a year where nobody said since when. */
    @ParameterizedTest(name = "{0}, since {1}, cleared {2} days ago for it {3}: {4}")
    @CsvSource({
        "GESTATIONAL_HYPERTENSION, , 28, true, true",
        "GESTATIONAL_HYPERTENSION, , 28, false, false",
        "GESTATIONAL_HYPERTENSION, 10, 10, true, true",
        "GESTATIONAL_HYPERTENSION, 10, 10, false, false",
        "GESTATIONAL_HYPERTENSION, 10, 11, true, false",
        "EPILEPSY, , 100, true, true",
        "EPILEPSY, , 100, false, false"
    })
    void aClearanceAnswersWhatItCanHaveKnown(
            Condition condition, Integer sinceDaysAgo, int clearedDaysAgo, boolean forIt, boolean answers) {
        Map<Condition, LocalDate> since =
                sinceDaysAgo == null ? Map.of() : Map.of(condition, DAY.minusDays(sinceDaysAgo));
        Clearance given = new Clearance(
                DAY.minusDays(clearedDaysAgo), "midwife", List.of(), forIt ? Set.of(condition) : Set.of());
        Conditions known = new Conditions(Set.of(condition), since);
        Facts facts = facts(pregnant(24).conditions(Answer.given(DAY, known)).cleared(given));
        assertThat(facts.clearanceFor(condition).isPresent()).isEqualTo(answers);
        Gate gate = facts.gates().clearanceFor(condition);
        assertThat(gate.met()).isEqualTo(answers);
        assertThat(gate.detail())
                .contains(answers ? "by midwife" : forIt ? "cannot have known" : "does not say that it is for");
        assertThat(new Facts(pregnant(24).conditions(DAY, Set.of(condition)).build(), DAY)
                        .gates()
                        .clearanceFor(condition)
                        .detail())
                .isEqualTo("none on file that speaks of " + condition.words());
    }

    /** A wound nobody looked at is taken as closed after twelve weeks, unless there was a tear or a caesarean. */
    @ParameterizedTest(name = "{0} {1} {2} {3}")
    @CsvSource({
        "VAGINAL, NONE, YES, 10, true, 'closed, as reported at intake'",
        "VAGINAL, NONE, NO, 200, false, not closed yet",
        "VAGINAL, NONE, UNKNOWN, 83, false, not recorded",
        "VAGINAL, NONE, UNKNOWN, 84, true, 'taken as closed: no tear, no caesarean'",
        "VAGINAL, FIRST, UNKNOWN, 200, false, not recorded",
        "CAESAREAN, NONE, UNKNOWN, 200, false, not recorded"
    })
    void aWoundIsClosedWhenItWasSeenOrTimeAndBirthSaySo(
            BirthKind kind, Tear tear, YesNoUnknown closed, int days, boolean met, String words) {
        Gate wound = facts(born(kind, tear, closed, days)).gates().wound();
        assertThat(wound.met()).isEqualTo(met);
        assertThat(wound.detail()).isEqualTo(words);
    }

    /** Rung 2 flat on limb load, 5 on front support; a ceiling counts before what was once done. */
    @Test
    void flatOnALadderIsWhatWasSeenFlat() {
        assertThat(gates(Map.of(), Map.of(ExerciseGroup.LIMB_LOAD, 2))
                        .limbLoadFlat()
                        .met())
                .isTrue();
        assertThat(gates(Map.of(), Map.of(ExerciseGroup.LIMB_LOAD, 1))
                        .limbLoadFlat()
                        .met())
                .isFalse();
        assertThat(gates(Map.of(ExerciseGroup.LIMB_LOAD, 1), Map.of(ExerciseGroup.LIMB_LOAD, 6))
                        .limbLoadFlat()
                        .met())
                .isFalse();
        assertThat(gates(Map.of(), Map.of()).limbLoadFlat().detail()).isEqualTo("limb load not seen flat yet");
        assertThat(gates(Map.of(), Map.of(ExerciseGroup.LIMB_LOAD, 1))
                        .limbLoadFlat()
                        .detail())
                .isEqualTo("limb load flat up to level 1");
        assertThat(gates(Map.of(), Map.of(ExerciseGroup.FRONT_SUPPORT, 5))
                        .frontSupportFlat()
                        .met())
                .isTrue();
        assertThat(gates(Map.of(), Map.of(ExerciseGroup.FRONT_SUPPORT, 4))
                        .frontSupportFlat()
                        .met())
                .isFalse();
    }

    private static Gates gates(Map<ExerciseGroup, Integer> ceilings, Map<ExerciseGroup, Integer> rungs) {
        return facts(woman().rungs(rungs).domingCeiling(ceilings)).gates();
    }

    /** One above what is written; any rung where nothing is. The baseline of 8 × 8 s is rung 4, ten flicks rung 3. */
    @Test
    void reachesOneRungAboveWhatIsKnown() {
        assertThat(facts(woman()).reach(ExerciseGroup.BRIDGE)).isEqualTo(Integer.MAX_VALUE);
        Facts known = facts(woman().rungs(Map.of(ExerciseGroup.BRIDGE, 3)));
        assertThat(known.reach(ExerciseGroup.BRIDGE)).isEqualTo(4);
        assertThat(known.achieved(ExerciseGroup.BRIDGE)).isEqualTo(3);
        assertThat(byFloor(8, 8, 9).achieved(ExerciseGroup.PELVIC_FLOOR_ENDURANCE))
                .isEqualTo(4);
        assertThat(byFloor(8, 7, 9).achieved(ExerciseGroup.PELVIC_FLOOR_ENDURANCE))
                .isZero();
        assertThat(byFloor(7, 8, 9).achieved(ExerciseGroup.PELVIC_FLOOR_ENDURANCE))
                .isZero();
        assertThat(byFloor(8, 8, 9).achieved(ExerciseGroup.PELVIC_FLOOR_QUICK)).isZero();
        assertThat(byFloor(8, 8, 10).achieved(ExerciseGroup.PELVIC_FLOOR_QUICK)).isEqualTo(3);
    }

    private static Facts byFloor(int seconds, int repetitions, int flicks) {
        return facts(woman().pelvicFloor(new PelvicFloorCheck(
                seconds, repetitions, flicks, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO)));
    }

    /** A ladder seen flat is forgotten with the load check: 28 days in pregnancy. */
    @Test
    void flatIsForgottenWithTheLoadCheck() {
        for (int days : new int[] {28, 29}) {
            Facts facts = facts(pregnant(20).flat(DAY.minusDays(days), Map.of(ExerciseGroup.LIMB_LOAD, 3)));
            assertThat(facts.flatUpTo(ExerciseGroup.LIMB_LOAD))
                    .as(days + " days")
                    .isEqualTo(days == 28 ? 3 : 0);
        }
    }

    @Test
    void hasADoseStageForEveryTimeOfLife() {
        assertThat(facts(pregnant(20)).doseStage()).isEqualTo(DoseStage.PREGNANT);
        assertThat(facts(woman()).doseStage()).isEqualTo(DoseStage.OTHER);
        assertThat(facts(born(BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES, 5))
                        .doseStage())
                .isEqualTo(DoseStage.HEAL);
        assertThat(facts(born(BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES, 731))
                        .doseStage())
                .isEqualTo(DoseStage.OTHER);
    }

    /** Everything asked and nothing told; breastfeeding and a low day are nothing that speaks against more. */
    @Test
    void isFreeOnlyWhenEverythingWasAsked() {
        Client.Builder free = woman().symptoms(SymptomReport.none(DAY))
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of());
        assertThat(facts(free).isAskedAndFree()).isTrue();
        assertThat(facts(free.build().but().conditions(DAY, Set.of(Condition.BREASTFEEDING)))
                        .isAskedAndFree())
                .isTrue();
        assertThat(facts(free.build().but().conditions(DAY, Set.of(Condition.EPILEPSY)))
                        .isAskedAndFree())
                .isFalse();
        assertThat(facts(free.build().but().symptoms(new SymptomReport.Asked(DAY, Set.of(Symptom.VERY_TIRED))))
                        .isAskedAndFree())
                .isTrue();
        assertThat(facts(free.build().but().symptoms(new SymptomReport.Asked(DAY, Set.of(Symptom.BACK_PAIN))))
                        .isAskedAndFree())
                .isFalse();
        assertThat(facts(free.build().but().symptoms(SymptomReport.none(DAY.minusDays(20))))
                        .isAskedAndFree())
                .isFalse();
        assertThat(facts(woman().symptoms(SymptomReport.none(DAY)).conditions(DAY, Set.of()))
                        .isAskedAndFree())
                .isFalse();
        assertThat(facts(woman().symptoms(SymptomReport.none(DAY)).warningSigns(DAY, Set.of()))
                        .isAskedAndFree())
                .isFalse();
        assertThat(facts(free.build().but().warningSigns(DAY, Set.of(WarningSign.FEVER)))
                        .isAskedAndFree())
                .isFalse();
    }

    /** How often and how many she practises by her approach; usual is three times (E-NICE, from memory). */
    @Test
    void practisesAsOftenAsHerApproachSays() {
        PelvicFloorCheck building =
                new PelvicFloorCheck(6, 7, 7, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);
        assertThat(facts(woman()).pelvicPractice(building).setsPerDay()).isEqualTo(3);
        assertThat(by(ApproachChoice.FIVE_MINUTES_DAILY)
                        .pelvicPractice(building)
                        .setsPerDay())
                .isEqualTo(2);
        assertThat(by(ApproachChoice.ONCE_OR_TWICE_DAILY)
                        .pelvicPractice(building)
                        .setsPerDay())
                .isEqualTo(2);
        assertThat(by(ApproachChoice.ONCE_OR_TWICE_DAILY)
                        .pelvicPractice(building)
                        .holds()
                        .repetitions())
                .isEqualTo(5);
    }

    private static Facts by(ApproachChoice choice) {
        return facts(woman().approach(Approach.of(List.of(choice))));
    }

    /** Which changes fit which moves: nobody props the chest up in a bridge or lowers the arms while hanging. */
    @ParameterizedTest
    @CsvSource({
        "PROP_UP, heel-slide, true",
        "PROP_UP, bridge, false",
        "PROP_UP, curl-up, false",
        "PROP_UP, squat, false",
        "SHORT_BOUTS_ON_THE_BACK, heel-slide, true",
        "SHORT_BOUTS_ON_THE_BACK, squat, false",
        "ARMS_LOW, press-two, false",
        "BONE_BY_BONE, bridge, true",
        "BONE_BY_BONE, heel-slide, false",
        "IN_ONE_PIECE, heel-slide, false",
        "NO_PAUSE, breath-lying, true",
        "NO_PAUSE, bridge, false",
        "EMPTY_PAUSE, bridge, false",
        "TOES_STAY_DOWN, kneel-one-leg, true",
        "TOES_STAY_DOWN, bridge, false",
        "KNEES_CLOSER, heel-slide, true",
        "KNEES_CLOSER, march-standing, false",
        "HEAD_SUPPORTED, curl-up, true",
        "HEAD_SUPPORTED, bridge, false",
        "SOFT_AND_LOW, bridge, false",
        "SLOW_TO_RISE, heel-slide, true",
        "SLOW_TO_RISE, squat, false",
        "SYMMETRICAL, squat, true",
        "SYMMETRICAL, kneel-one-leg, false",
        "BOX_DEPTH, squat, true",
        "BOX_DEPTH, bridge, false",
        "SURFACE_UP_IF_IT_DOMES, bridge, false",
        "SURFACE_UP_IF_IT_DOMES, support-counter, true",
        "EASY_PACE, curl-up, false",
        "WATCH_MIDLINE, squat, true",
        "ARMS_LOW, half-kneel-turn, true",
        "ARMS_LOW, dumbbell-snatch, true",
        "ARMS_LOW, pull-up, false",
        "ARMS_LOW, toes-to-bar, false",
        "ARMS_LOW, barbell-snatch, false",
        "ARMS_LOW, squat, false",
        "LIGHT_AND_MOVING, press-two, true",
        "LIGHT_AND_MOVING, clean-press, false",
        "LIGHT_AND_MOVING, toes-to-bar, false",
        "LIGHT_AND_MOVING, squat, false",
        "FOREARMS_OR_FISTS, support-wall, true",
        "FOREARMS_OR_FISTS, front-squat, false",
        "FOREARMS_OR_FISTS, heel-slide, false",
        "SHORTER_HOLD, side-support-straight, true",
        "SHORTER_HOLD, pushup-kneeling, false",
        "FEET_APART, block-lift-tap, true",
        "FEET_APART, bridge, false",
        "TOES_STAY_DOWN, squat, false",
        "BONE_BY_BONE, squat, false",
        "SURFACE_UP_IF_IT_DOMES, support-full-10, true",
        "SURFACE_UP_IF_IT_DOMES, pushup-wall, true",
        "SURFACE_UP_IF_IT_DOMES, squat, false",
        "SUPPORT_WITHIN_REACH, squat, true",
        "SUPPORT_WITHIN_REACH, bridge, false",
        "SUPPORT_WITHIN_REACH, support-full-10, false",
        "ATTENTION_ONLY, squat, false",
        "PRESS_LIGHTLY, heel-slide, true",
        "PRESS_LIGHTLY, squat, false"
    })
    void changesFitOnlyMovesThatCanBeDoneSo(Adjustment change, String move, boolean fits) {
        assertThat(change.fits(CATALOGUE.get(move))).isEqualTo(fits);
        assertThat(change.words()).isNotBlank();
    }

    @Test
    void changesThatExcludeEachOtherSaySoBothWays() {
        assertThat(Adjustment.ARMS_LOW.contradicts(Adjustment.LIGHT_AND_MOVING)).isTrue();
        assertThat(Adjustment.LIGHT_AND_MOVING.contradicts(Adjustment.ARMS_LOW)).isTrue();
        assertThat(Adjustment.BONE_BY_BONE.contradicts(Adjustment.IN_ONE_PIECE)).isTrue();
        assertThat(Adjustment.ARMS_LOW.contradicts(Adjustment.ARMS_LOW)).isFalse();
        assertThat(Adjustment.ARMS_LOW.contradicts(Adjustment.FEET_APART)).isFalse();
        Map<Adjustment, Long> against = Arrays.stream(Adjustment.values())
                .collect(Collectors.toMap(
                        one -> one,
                        one -> Arrays.stream(Adjustment.values())
                                .filter(one::contradicts)
                                .count()));
        assertThat(against.values().stream().mapToLong(count -> count).sum()).isEqualTo(10);
    }
}
