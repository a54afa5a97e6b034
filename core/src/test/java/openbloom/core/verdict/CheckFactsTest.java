package openbloom.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.breath.CueFamily;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.Allowance;
import openbloom.core.pelvicfloor.Effort;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.LoadCheck;
import openbloom.core.record.LoadCheck.EndedBy;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the checks of the room are worth to the rules. */
class CheckFactsTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final PelvicFloorCheck FULL =
            new PelvicFloorCheck(10, 10, 10, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);

    @Test
    void aLoadCheckSetsCeilingsOnlyWhereSomethingEndedTheClimb() {
        LoadCheck check = new LoadCheck(Map.of(
                ExerciseGroup.LIMB_LOAD, new LoadCheck.LadderClimb(4, EndedBy.DOMED),
                ExerciseGroup.FRONT_SUPPORT, new LoadCheck.LadderClimb(3, EndedBy.BREATH_STOPPED),
                ExerciseGroup.SIDE_SUPPORT, new LoadCheck.LadderClimb(2, EndedBy.NOT_TRIED_FURTHER)));
        assertThat(check.ceilings()).isEqualTo(Map.of(ExerciseGroup.LIMB_LOAD, 4, ExerciseGroup.FRONT_SUPPORT, 3));
        assertThat(check.rungs())
                .isEqualTo(Map.of(
                        ExerciseGroup.LIMB_LOAD, 4, ExerciseGroup.FRONT_SUPPORT, 3, ExerciseGroup.SIDE_SUPPORT, 2));
        assertThatIllegalArgumentException().isThrownBy(() -> new LoadCheck.LadderClimb(-1, EndedBy.DOMED));
    }

    /** The connect check counts before the ladder does: not felt is not felt, however far she once came. */
    @ParameterizedTest
    @CsvSource({
        "3, '', true",
        "1, '', false",
        "3, LYING=no, false",
        "0, LYING=yes SITTING=yes, true",
        "0, LYING=yes SITTING=no, false"
    })
    void connectIsFeltInTwoPositionsByTheCheckOrElseByTheLadder(int rung, String positions, boolean met) {
        Map<ConnectPosition, Boolean> felt = new java.util.EnumMap<>(ConnectPosition.class);
        for (String one : positions.isEmpty() ? new String[0] : positions.split(" ")) {
            felt.put(ConnectPosition.valueOf(one.split("=")[0]), one.endsWith("yes"));
        }
        Client woman = Client.of(1, 1, 33)
                .rungs(Map.of(ExerciseGroup.CONNECT, rung))
                .connect(new ConnectCheck(Map.of(), felt, Set.of()))
                .build();
        assertThat(new Facts(woman, DAY).gates().connect().met()).isEqualTo(met);
    }

    @Test
    void theCueThatWorksIsUsedUnlessHerApproachNamesAnother() {
        ConnectCheck works = new ConnectCheck(Map.of(CueFamily.NARROW_WAIST, true), Map.of(), Set.of());
        Client.Builder woman = Client.of(0, 0, 33).connect(works);
        assertThat(cue(woman.build())).isEqualTo(CueFamily.NARROW_WAIST);
        assertThat(cue(woman.approach(Approach.of(List.of(ApproachChoice.CUE_WHOLE_HUG)))
                        .build()))
                .isEqualTo(CueFamily.WHOLE_HUG);
        assertThat(cue(Client.of(0, 0, 33).build())).isEqualTo(CueFamily.PLAIN);
    }

    private static CueFamily cue(Client woman) {
        Judgement judgement = Judgement.of(new CatalogueLoader().shipped(), woman, DAY);
        return judgement.cueFamily(judgement.catalogue().find("bridge").orElseThrow());
    }

    /** Days since birth, tear, cleared or not: what the pelvic floor may do. */
    @ParameterizedTest
    @CsvSource({
        "30, NONE, false, EARLY, 3",
        "30, NONE, true, FULL, 10",
        "30, THIRD, false, ONE_BREATH, 3",
        "30, FOURTH, true, FULL, 10",
        "400, SECOND, false, EARLY, 3",
        "800, THIRD, false, FULL, 10"
    })
    void lastsOnlyAsFarAsBirthTearAndClearanceAllow(
            int daysAgo, Tear tear, boolean cleared, Allowance allowance, int holdSeconds) {
        Client.Builder woman = Client.of(1, 1, 33)
                .gaveBirth(new Birth(DAY.minusDays(daysAgo), BirthKind.VAGINAL, tear, YesNoUnknown.YES));
        if (cleared) {
            woman.cleared(Clearance.of(DAY.minusDays(1), "midwife", List.of()));
        }
        Facts facts = new Facts(woman.build(), DAY);
        assertThat(facts.pelvicAllowance()).isEqualTo(allowance);
        assertThat(facts.pelvicPractice(FULL).holds().seconds()).isEqualTo(holdSeconds);
    }

    @Test
    void isStrongOnlyByHerApproach() {
        Facts usual = new Facts(Client.of(1, 1, 33).build(), DAY);
        assertThat(usual.pelvicPractice(FULL).effort()).isEqualTo(Effort.GENTLE);
        assertThat(usual.pelvicPractice(FULL).track()).isEqualTo(Track.FUNCTION);
        Client strong = Client.of(1, 1, 33)
                .approach(Approach.of(List.of(ApproachChoice.STRONG_LIFT)))
                .build();
        assertThat(new Facts(strong, DAY).pelvicPractice(FULL).effort()).isEqualTo(Effort.STRONG);
        assertThat(new Facts(strong, DAY)
                        .pelvicPractice(PelvicFloorCheck.NOT_CHECKED)
                        .isSqueeze())
                .isFalse();
    }

    /** Weeks since a birth, tear, cleared: what the floor check may ask (common practice, no source). */
    @ParameterizedTest
    @CsvSource({
        "5, NONE, false, GENTLE",
        "6, NONE, false, OPEN",
        "5, THIRD, false, CLINICIAN_FIRST",
        "20, FOURTH, false, CLINICIAN_FIRST",
        "5, THIRD, true, GENTLE",
        "8, THIRD, true, OPEN"
    })
    void theFloorCheckIsGentleEarlyAndHerClinicianComesFirstAfterADeepTear(
            int weeks, Tear tear, boolean cleared, CheckWindow.PelvicFloorWindow expected) {
        Client.Builder woman = Client.of(1, 1, 33)
                .gaveBirth(new Birth(DAY.minusWeeks(weeks), BirthKind.VAGINAL, tear, YesNoUnknown.YES));
        if (cleared) {
            woman.cleared(Clearance.of(DAY.minusDays(1), "midwife", List.of()));
        }
        CheckWindow.PelvicFloorWindow window = CheckWindow.floor(new Facts(woman.build(), DAY));
        assertThat(window).isEqualTo(expected);
        assertThat(CheckWindow.isTooMuch(window, FULL)).isEqualTo(expected != CheckWindow.PelvicFloorWindow.OPEN);
        PelvicFloorCheck gentle =
                new PelvicFloorCheck(3, 5, 5, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);
        assertThat(CheckWindow.isTooMuch(window, gentle))
                .isEqualTo(expected == CheckWindow.PelvicFloorWindow.CLINICIAN_FIRST);
    }

    /** Days since the birth and its kind: whether the head may be lifted (common practice, no source). */
    @ParameterizedTest
    @CsvSource({"13, VAGINAL, false", "14, VAGINAL, true", "41, CAESAREAN, false", "42, CAESAREAN, true"})
    void theHeadLiftWaitsAfterABirth(int days, BirthKind kind, boolean open) {
        Client woman = Client.of(1, 1, 33)
                .gaveBirth(new Birth(DAY.minusDays(days), kind, Tear.NONE, YesNoUnknown.YES))
                .build();
        assertThat(CheckWindow.noHeadLift(new Facts(woman, DAY)).isEmpty()).isEqualTo(open);
    }
}
