package openbloom.core.screening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SidesAndEffortTest {
    /** Values from memory of Mottola et al. 2018; age 29 is in neither row in print and uses the lower one, an age not told (0 here) too. */
    @ParameterizedTest
    @CsvSource({
        "101, 28, BELOW_LIGHT",
        "102, 28, LIGHT",
        "124, 28, LIGHT",
        "125, 28, MODERATE",
        "146, 28, MODERATE",
        "147, 28, VIGOROUS",
        "169, 28, VIGOROUS",
        "170, 28, ABOVE_VIGOROUS",
        "100, 30, BELOW_LIGHT",
        "101, 30, LIGHT",
        "120, 30, LIGHT",
        "121, 30, MODERATE",
        "141, 30, MODERATE",
        "142, 30, VIGOROUS",
        "162, 30, VIGOROUS",
        "163, 30, ABOVE_VIGOROUS",
        "101, 29, LIGHT",
        "121, 29, MODERATE",
        "163, 29, ABOVE_VIGOROUS",
        "121, 0, MODERATE",
        "163, 0, ABOVE_VIGOROUS"
    })
    void placesAHeartRateByAge(int bpm, int age, HeartRateZone zone) {
        assertThat(HeartRateZone.of(bpm, age == 0 ? OptionalInt.empty() : OptionalInt.of(age)))
                .isEqualTo(zone);
    }

    @ParameterizedTest
    @CsvSource({"YES, 14, false", "YES, 15, true", "NO, 10, true", "UNKNOWN, 13, false", "NO, , true", "YES, , false"})
    void isTooHardWhenSheCannotTalkOrGoesOverFourteen(YesNoUnknown talks, Integer exertion, boolean tooHard) {
        EffortCheck check = new EffortCheck(talks, Optional.ofNullable(exertion), Optional.empty());
        assertThat(check.isTooHard()).isEqualTo(tooHard);
    }

    @Test
    void refusesNumbersNobodyCanHave() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new EffortCheck(YesNoUnknown.YES, Optional.of(5), Optional.empty()))
                .withMessage("Exertion must be 6 to 20, but was 5");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new EffortCheck(YesNoUnknown.YES, Optional.empty(), Optional.of(221)))
                .withMessageContaining("Heart rate");
        assertThatIllegalArgumentException().isThrownBy(() -> new SideScore(4, 0, FeltIn.BACK));
        assertThatIllegalArgumentException().isThrownBy(() -> new SideScore(0, -1, FeltIn.BACK));
    }

    @ParameterizedTest
    @CsvSource({
        // control, smoothness, felt: left and right
        "3, 3, RIGHT_PLACE, 3, 3, RIGHT_PLACE, EVEN", "3, 3, BACK, 3, 3, RIGHT_PLACE, LEFT",
        "2, 3, RIGHT_PLACE, 3, 3, RIGHT_PLACE, LEFT", "3, 3, RIGHT_PLACE, 1, 3, RIGHT_PLACE, RIGHT",
        "3, 2, RIGHT_PLACE, 2, 3, RIGHT_PLACE, EVEN", "0, 0, NOT_ASKED, 0, 0, NOWHERE, EVEN"
    })
    void theSideWithFewerPointsIsWeaker(
            int control,
            int smooth,
            FeltIn felt,
            int otherControl,
            int otherSmooth,
            FeltIn otherFelt,
            SideCheck.Weaker weaker) {
        SideCheck.BothSides both = new SideCheck.BothSides(
                new SideScore(control, smooth, felt), new SideScore(otherControl, otherSmooth, otherFelt));
        assertThat(SideCheck.of(Map.of(SideTask.STAND_ON_ONE_LEG, both)).weaker())
                .isEqualTo(weaker);
        assertThat(SideCheck.NOT_CHECKED.weaker()).isEqualTo(SideCheck.Weaker.UNKNOWN);
    }

    @Test
    void addsTheTasksUp() {
        SideScore good = new SideScore(3, 3, FeltIn.RIGHT_PLACE);
        SideScore poor = new SideScore(1, 1, FeltIn.BACK);
        SideCheck check = SideCheck.of(Map.of(
                SideTask.STAND_ON_ONE_LEG, new SideCheck.BothSides(good, poor),
                SideTask.ARM_AND_LEG, new SideCheck.BothSides(poor, good),
                SideTask.FLOAT_ONE_LEG, new SideCheck.BothSides(good, poor)));
        assertThat(check.weaker()).isEqualTo(SideCheck.Weaker.RIGHT);
        assertThat(check.weaker().isOneSide()).isTrue();
        assertThat(FeltIn.ANSWERS).doesNotContain(FeltIn.NOT_ASKED);
    }
}
