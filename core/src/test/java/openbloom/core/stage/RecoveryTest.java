package openbloom.core.stage;

import static openbloom.core.stage.RecoveryStage.REBUILD;
import static openbloom.core.stage.RecoveryStage.RETURN;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Floors of 2, 6 and 12 weeks, 16 after surgery or a deep tear: common practice, no source. */
class RecoveryTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Set<GateKind> ALL = EnumSet.of(
            GateKind.NO_WARNING_SIGN,
            GateKind.CLEARANCE,
            GateKind.WOUND_CLOSED,
            GateKind.CONNECT,
            GateKind.NO_HEAVINESS,
            GateKind.NO_DOMING,
            GateKind.IMPACT_TESTS,
            GateKind.SYMPTOM_FREE,
            GateKind.GAP_RECOVERED);

    @ParameterizedTest
    @CsvSource({
        "0, VAGINAL, NONE, HEAL", "13, VAGINAL, NONE, HEAL", "14, VAGINAL, NONE, RECONNECT",
        "41, VAGINAL, NONE, RECONNECT", "42, VAGINAL, NONE, REBUILD", "83, VAGINAL, NONE, REBUILD",
        "84, VAGINAL, NONE, RETURN", "84, CAESAREAN, NONE, STRENGTHEN", "111, CAESAREAN, NONE, STRENGTHEN",
        "112, CAESAREAN, NONE, RETURN", "84, VAGINAL, THIRD, STRENGTHEN", "112, VAGINAL, FOURTH, RETURN",
        "84, ASSISTED, SECOND, RETURN"
    })
    void turnsOnItsDayWhenEveryCriterionIsMet(int days, BirthKind kind, Tear tear, RecoveryStage stage) {
        assertThat(after(days, kind, tear, ALL).stage()).isEqualTo(stage);
    }

    @ParameterizedTest
    @CsvSource({
        "NO_WARNING_SIGN, HEAL", "CLEARANCE, RECONNECT", "WOUND_CLOSED, RECONNECT", "CONNECT, REBUILD",
        "NO_HEAVINESS, REBUILD", "NO_DOMING, REBUILD", "IMPACT_TESTS, STRENGTHEN", "SYMPTOM_FREE, STRENGTHEN",
        "GAP_RECOVERED, STRENGTHEN"
    })
    void isHeldBelowTheStageWhoseCriterionIsMissingHoweverMuchTimeHasPassed(GateKind missing, RecoveryStage stage) {
        Set<GateKind> met = EnumSet.copyOf(ALL);
        met.remove(missing);
        Recovery recovery = after(400, BirthKind.VAGINAL, Tear.NONE, met);
        assertThat(recovery.stage()).isEqualTo(stage);
        assertThat(recovery.missing()).extracting(Gate::kind).containsExactly(missing);
    }

    @Test
    void tellsTheEarliestDayOfTheNextStage() {
        Recovery recovery = after(20, BirthKind.CAESAREAN, Tear.NONE, ALL);
        assertThat(recovery.missing()).singleElement().satisfies(gate -> {
            assertThat(gate.kind()).isEqualTo(GateKind.TIME);
            assertThat(gate.earliestDate()).contains(DAY.minusDays(20).plusWeeks(6));
        });
    }

    @Test
    void hasNoTimeFloorsTwoYearsAfterBirthOrWithoutOne() {
        assertThat(Recovery.on(DAY, Optional.empty(), criteria(ALL)).stage()).isEqualTo(RETURN);
        assertThat(Recovery.on(DAY, Optional.empty(), criteria(EnumSet.of(GateKind.NO_WARNING_SIGN)))
                        .stage())
                .isEqualTo(REBUILD);
        Birth longAgo = new Birth(DAY.minusYears(2), BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.UNKNOWN);
        assertThat(longAgo.isRecentOn(DAY)).isFalse();
        assertThat(longAgo.isRecentOn(DAY.minusDays(1))).isTrue();
        assertThat(Recovery.on(DAY, Optional.of(longAgo), criteria(EnumSet.of(GateKind.NO_WARNING_SIGN)))
                        .stage())
                .isEqualTo(REBUILD);
    }

    @ParameterizedTest
    @EnumSource(Tear.class)
    void aTearReachesTheSphincterFromTheThirdDegree(Tear tear) {
        assertThat(tear.reachesSphincter()).isEqualTo(tear == Tear.THIRD || tear == Tear.FOURTH);
        assertThat(tear.words()).isNotBlank();
    }

    @Test
    void refusesDegreesNobodyGives() {
        assertThat(Tear.of(0)).isEqualTo(Tear.NONE);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Tear.of(5))
                .withMessage("Tear degree must be 0 to 4, but was 5");
        assertThatIllegalArgumentException().isThrownBy(() -> Tear.of(-1));
    }

    private static Recovery after(int days, BirthKind kind, Tear tear, Set<GateKind> met) {
        Birth birth = new Birth(DAY.minusDays(days), kind, tear, YesNoUnknown.YES);
        return Recovery.on(DAY, Optional.of(birth), criteria(met));
    }

    private static Recovery.Criteria criteria(Set<GateKind> met) {
        return Recovery.Criteria.of(
                gate(GateKind.NO_WARNING_SIGN, met),
                gate(GateKind.CLEARANCE, met),
                gate(GateKind.WOUND_CLOSED, met),
                gate(GateKind.CONNECT, met),
                gate(GateKind.NO_HEAVINESS, met),
                gate(GateKind.NO_DOMING, met),
                gate(GateKind.IMPACT_TESTS, met),
                gate(GateKind.SYMPTOM_FREE, met),
                gate(GateKind.GAP_RECOVERED, met));
    }

    private static Gate gate(GateKind kind, Set<GateKind> met) {
        return Gate.of(kind, met.contains(kind), "as told");
    }
}
