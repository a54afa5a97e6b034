package openbloom.core.program;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.dating.Dating;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.program.RunningPath.Run;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.GateKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Times and tests after E-RUN; the table of weeks is common practice, no source. Expected before it ran. */
class RunningPathTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    private static Client.Builder woman(int weeks, BirthKind kind, Tear tear) {
        return Client.of(1, 1, 33)
                .gaveBirth(new Birth(DAY.minusWeeks(weeks), kind, tear, YesNoUnknown.YES))
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .symptoms(SymptomReport.none(DAY))
                .cleared(Clearance.of(DAY.minusWeeks(2), "family doctor", List.of()))
                .connect(new ConnectCheck(
                        Map.of(), Map.of(ConnectPosition.LYING, true, ConnectPosition.SITTING, true), Set.of()))
                .rungs(Map.of(ExerciseGroup.LIMB_LOAD, 8, ExerciseGroup.IMPACT, 3))
                .pelvicFloor(new PelvicFloorCheck(
                        10, 10, 10, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO))
                .gap(GapCheck.alike(
                        DAY,
                        new Width.Fingers(2),
                        Optional.of(Depth.SURFACE),
                        Optional.of(Firmness.FIRM),
                        YesNoUnknown.NO))
                .impactTests(new ImpactTests(Optional.of(DAY), EnumSet.allOf(ImpactTests.Test.class)));
    }

    private static RunningPath path(Client.Builder woman, Run... runs) {
        return RunningPath.of(Judgement.of(CATALOGUE, woman.build(), DAY), List.of(runs));
    }

    private static Run run(int daysAgo, int week, int pain) {
        return new Run(DAY.minusDays(daysAgo), Optional.of(week), pain, false);
    }

    private static Run leaked(int daysAgo, int week) {
        return new Run(DAY.minusDays(daysAgo), Optional.of(week), 0, true);
    }

    private static Run none(int daysAgo) {
        return new Run(DAY.minusDays(daysAgo), Optional.empty(), 0, false);
    }

    @Test
    void opensAtTwelveWeeksWithEveryTestAndNothingTold() {
        assertThat(path(woman(12, BirthKind.VAGINAL, Tear.NONE)).ready())
                .as(path(woman(12, BirthKind.VAGINAL, Tear.NONE)).toString())
                .isTrue();
        assertThat(path(woman(11, BirthKind.VAGINAL, Tear.NONE)).ready()).isFalse();
        assertThat(path(woman(15, BirthKind.CAESAREAN, Tear.NONE)).ready()).isFalse();
        assertThat(path(woman(15, BirthKind.VAGINAL, Tear.THIRD)).ready()).isFalse();
        assertThat(path(woman(14, BirthKind.VAGINAL, Tear.NONE)
                                .symptoms(new SymptomReport.Asked(DAY, Set.of(Symptom.LEAK_WITH_EFFORT))))
                        .ready())
                .isFalse();
        assertThat(path(woman(14, BirthKind.VAGINAL, Tear.NONE).symptoms(new SymptomReport.NotAsked()))
                        .ready())
                .as("not asked is not none")
                .isFalse();
        EnumSet<ImpactTests.Test> allButOne = EnumSet.complementOf(EnumSet.of(ImpactTests.Test.HOP_10));
        RunningPath missing =
                path(woman(14, BirthKind.VAGINAL, Tear.NONE).impactTests(new ImpactTests(Optional.of(DAY), allButOne)));
        assertThat(missing.ready()).isFalse();
        assertThat(missing.missing()).extracting(gate -> gate.kind()).contains(GateKind.IMPACT_TESTS);
        assertThat(missing.weeks()).isEmpty();
    }

    @Test
    void givesNineWeeksOfThreeDaysThatAreNotNextToEachOther() {
        List<RunningPath.RunningWeek> weeks =
                path(woman(14, BirthKind.VAGINAL, Tear.NONE)).weeks();
        assertThat(weeks)
                .extracting(week -> week.bouts() + " × " + week.runMinutes() + " / " + week.walkMinutes())
                .containsExactly(
                        "8 × 1.0 / 2.0",
                        "6 × 2.0 / 2.0",
                        "5 × 3.0 / 2.0",
                        "4 × 5.0 / 1.5",
                        "3 × 8.0 / 1.0",
                        "2 × 12.0 / 1.0",
                        "1 × 20.0 / 0.0",
                        "1 × 25.0 / 0.0",
                        "1 × 30.0 / 0.0");
        List<LocalDate> days = new ArrayList<>();
        weeks.forEach(week -> days.addAll(week.days()));
        assertThat(days).isSorted();
        for (int i = 1; i < days.size(); i++) {
            assertThat(ChronoUnit.DAYS.between(days.get(i - 1), days.get(i))).isGreaterThan(1);
        }
    }

    @Test
    void movesOnAfterThreeGoodRunsAndRepeatsARowThatHurt() {
        Client.Builder woman = woman(20, BirthKind.VAGINAL, Tear.NONE);
        assertThat(path(woman, run(9, 1, 0), run(7, 1, 2), run(5, 1, 0))
                        .weeks()
                        .get(0)
                        .week())
                .isEqualTo(2);
        assertThat(path(woman, run(9, 1, 0), run(7, 1, 3), run(5, 1, 0))
                        .weeks()
                        .get(0)
                        .week())
                .isEqualTo(1);
    }

    @Test
    void waitsForTwoAnswersAWeekApartAfterALeakAndThenGoesOneRowBack() {
        Client.Builder woman = woman(30, BirthKind.VAGINAL, Tear.NONE);
        assertThat(path(woman, leaked(10, 3)).ready()).isFalse();
        assertThat(path(woman, leaked(10, 3), none(8)).ready()).isFalse();
        assertThat(path(woman, leaked(10, 3), none(8), none(2)).ready()).isFalse();
        RunningPath again = path(woman, leaked(10, 3), none(8), none(1));
        assertThat(again.ready()).isTrue();
        assertThat(again.weeks().get(0).week()).isEqualTo(2);
    }

    @Test
    void refersAfterTwiceInFourWeeks() {
        Client.Builder woman = woman(30, BirthKind.VAGINAL, Tear.NONE);
        assertThat(path(woman, leaked(40, 2), leaked(12, 2), none(9), none(1)).refer())
                .isTrue();
        assertThat(path(woman, leaked(41, 2), leaked(12, 2), none(9), none(1)).refer())
                .isFalse();
    }

    /** A return is for after a birth: while she is pregnant there is none, however well she is and whatever she passed. */
    @Test
    void isNoPathWhilePregnant() {
        Client.Builder pregnant = Client.of(0, 1, 30)
                .pregnant(Dating.stated(DAY.plusWeeks(20)))
                .symptoms(new SymptomReport.Asked(DAY, Set.of()));
        assertThat(path(pregnant).ready()).isFalse();
        for (int weeks : new int[] {8, 20, 27, 30}) {
            Client.Builder able = woman(90, BirthKind.VAGINAL, Tear.NONE)
                    .pregnant(Dating.stated(DAY.plusDays(280 - 7L * weeks)))
                    .cleared(Clearance.of(DAY, "midwife", List.of()));
            RunningPath path = path(able);
            assertThat(path.ready()).as(weeks + " weeks").isFalse();
            assertThat(path.weeks()).isEmpty();
            assertThat(path.why()).as(weeks + " weeks").isNotEmpty();
        }
    }

    /** What stops or swaps impact says why; nothing is missing that could be made up for. */
    @ParameterizedTest
    @EnumSource(
            value = Symptom.class,
            names = {"HEAVINESS", "LEAK_WITH_EFFORT", "PELVIC_GIRDLE_PAIN", "BACK_PAIN", "LIGHT_HEADED"})
    void saysWhatSpeaksAgainstIt(Symptom told) {
        RunningPath path =
                path(woman(30, BirthKind.VAGINAL, Tear.NONE).symptoms(new SymptomReport.Asked(DAY, Set.of(told))));
        assertThat(path.ready()).isFalse();
        assertThat(path.why().size() + path.missing().size()).isPositive();
        assertThat(path.weeks()).isEmpty();
    }

    @Test
    void aWarningSignClosesIt() {
        RunningPath path =
                path(woman(30, BirthKind.VAGINAL, Tear.NONE).warningSigns(DAY, Set.of(WarningSign.VAGINAL_BLEEDING)));
        assertThat(path.ready()).isFalse();
        assertThat(path.why()).isNotEmpty();
    }

    /** Rungs are the ladder's, not the path's: she that never jumped may begin the table when all else holds. */
    @Test
    void asksNoRungOfTheLadder() {
        assertThat(path(woman(30, BirthKind.VAGINAL, Tear.NONE)
                                .rungs(Map.of(ExerciseGroup.LIMB_LOAD, 8, ExerciseGroup.IMPACT, 1)))
                        .missing())
                .noneMatch(gate -> gate.kind() == GateKind.RUNG_BELOW || gate.kind() == GateKind.START_LEVEL);
    }
}
