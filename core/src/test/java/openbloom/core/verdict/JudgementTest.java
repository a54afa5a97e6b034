package openbloom.core.verdict;

import static openbloom.core.verdict.KnownWomen.at;
import static openbloom.core.verdict.KnownWomen.born;
import static openbloom.core.verdict.KnownWomen.by;
import static openbloom.core.verdict.KnownWomen.caesarean;
import static openbloom.core.verdict.KnownWomen.clearance;
import static openbloom.core.verdict.KnownWomen.gap;
import static openbloom.core.verdict.KnownWomen.limited;
import static openbloom.core.verdict.KnownWomen.told;
import static openbloom.core.verdict.KnownWomen.twins;
import static openbloom.core.verdict.KnownWomen.well;
import static openbloom.core.verdict.KnownWomen.withoutGapCheck;
import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Gate;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a verdict says beside its kind: the fact, the gate, the one reason of a rule, and the days that judge alike. */
class JudgementTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    /** The fact is hers, with its value and its day. */
    @ParameterizedTest(name = "{0} on {1}: {3}")
    @MethodSource("facts")
    void saysTheFact(String rule, String move, Client woman, String fact) {
        assertThat(judged(woman, move).reasons())
                .filteredOn(reason -> reason.code().equals(rule))
                .singleElement()
                .satisfies(reason -> assertThat(reason.fact()).isEqualTo(fact));
    }

    static Stream<Arguments> facts() {
        return Stream.of(
                arguments(
                        "STOP-SIGN-VAGINAL-BLEEDING",
                        "squat",
                        well().warningSigns(TODAY.minusDays(3), Set.of(WarningSign.VAGINAL_BLEEDING))
                                .build(),
                        WarningSign.VAGINAL_BLEEDING.words() + ", reported 21 Nov 2026"),
                arguments(
                        "PP-TIME-REBUILD",
                        "goblet-squat",
                        born(41).cleared(clearance()).build(),
                        BirthKind.VAGINAL.words() + " 5 weeks and 6 days ago, 14 Oct 2026"),
                arguments("PREG-MANY", "squat", twins(20), "2 babies, 20 weeks + 0 on 24 Nov 2026"),
                arguments(
                        "STOP-CLEAR-LIMIT",
                        "press-single",
                        well().cleared(limited("NO_ARMS_OVERHEAD")).build(),
                        "no arms overhead, by family doctor, 24 Nov 2026"),
                arguments(
                        "GAP-DOME-LIMB-LOAD",
                        "double-leg-lower",
                        well().domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 2)).build(),
                        "flat up to level 2 of limb load"),
                arguments(
                        "GAP-LOAD",
                        "double-leg-lower",
                        well().gap(gap(6, 2, YesNoUnknown.NO, Depth.SURFACE, Firmness.FIRM))
                                .build(),
                        "gap wider than 2 fingers: 3 fingers above the navel on the small lift, 22 Nov 2026"),
                arguments("PREG-FEET", "squeeze-breathe", at(9).build(), "9 weeks + 0 on 24 Nov 2026"));
    }

    /** Clearance for one condition is none for another. */
    @Test
    void aClearanceAnswersWhatItWasGivenFor() {
        Client.Builder two =
                at(30).conditions(TODAY, Set.of(Condition.ANAEMIA_SYMPTOMATIC, Condition.GESTATIONAL_HYPERTENSION));
        Client one = two.cleared(new Clearance(TODAY, "midwife", List.of(), Set.of(Condition.ANAEMIA_SYMPTOMATIC)))
                .build();
        assertThat(judged(one, "squat").kind()).isEqualTo(VerdictKind.NOT_YET);
        assertThat(judged(one, "squat").gates()).filteredOn(gate -> !gate.met()).hasSize(1);
        Set<Condition> both = Set.of(Condition.ANAEMIA_SYMPTOMATIC, Condition.GESTATIONAL_HYPERTENSION);
        Client all =
                two.cleared(new Clearance(TODAY, "midwife", List.of(), both)).build();
        assertThat(judged(all, "squat").kind()).isNotEqualTo(VerdictKind.NOT_YET);
    }

    /** With an absolute contraindication only what a clinician named, without load, and the reason names who allowed it. */
    @Test
    void whatIsNamedIsAllowedByName() {
        Client named = at(30).conditions(TODAY, Set.of(Condition.PRE_ECLAMPSIA))
                .cleared(limited("breath-seated"))
                .build();
        assertThat(judged(named, "breath-seated").kind()).isEqualTo(VerdictKind.GO);
        assertThat(judged(named, "breath-seated").reasons())
                .extracting(Reason::fact)
                .contains(Condition.PRE_ECLAMPSIA.words() + ", named in the clearance of 24 Nov 2026");
        assertThat(judged(named, "breath-side").kind()).isEqualTo(VerdictKind.STOP);
        assertThat(judged(named, "squat").kind()).isEqualTo(VerdictKind.STOP);
    }

    /** About one load for every two rungs, between the front supports and the pushes (common practice, no source). */
    @ParameterizedTest
    @CsvSource({
        "0, pushup-wall, true",
        "1, pushup-wall, false",
        "1, pushup-counter, true",
        "2, pushup-counter, true",
        "3, pushup-counter, false",
        "4, pushup-kneeling, true",
        "5, pushup-kneeling, false",
        "6, pushup-full, true"
    })
    void domingHoldsTheSiblingAtTheSameLoad(int flatUpTo, String push, boolean waits) {
        Client woman = well().domingCeiling(Map.of(ExerciseGroup.FRONT_SUPPORT, flatUpTo))
                .build();
        Verdict verdict = judged(woman, push);
        boolean held = verdict.reasons().stream()
                .anyMatch(reason ->
                        reason.code().equals("GAP-DOME-FRONT-SUPPORT") && reason.kind() == VerdictKind.NOT_YET);
        assertThat(held).as(verdict.toString()).isEqualTo(waits);
        assertThat(verdict.kind() == VerdictKind.NOT_YET).isEqualTo(waits);
    }

    /** In the second trimester a curl is swapped anyway: a ceiling of curls does not make it a wait. */
    @Test
    void curlsPastTheirCeilingAreSwappedFromTheSecondTrimester() {
        Map<ExerciseGroup, Integer> ceiling = Map.of(ExerciseGroup.FLEXION, 2);
        assertThat(judged(at(13).domingCeiling(ceiling).build(), "curl-up").kind())
                .isEqualTo(VerdictKind.NOT_YET);
        assertThat(judged(at(14).domingCeiling(ceiling).build(), "curl-up").kind())
                .isEqualTo(VerdictKind.SWAP);
    }

    /** Doming above a ceiling is a wait and a watch at once; the rule says the wait. */
    @Test
    void aRuleSpeaksOnceAndSaysTheStricter() {
        Client woman = well().rungs(Map.of())
                .domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 2))
                .build();
        assertThat(judged(woman, "double-leg-lower").reasons())
                .filteredOn(reason -> reason.code().equals("GAP-DOME-LIMB-LOAD"))
                .extracting(Reason::kind)
                .containsExactly(VerdictKind.NOT_YET);
    }

    /** Rung, what the midline is, and a ceiling: whether limb load counts as flat (common practice, no source). */
    @Test
    void limbLoadIsFlatFromItsSecondRungOrOnAMidlineThatHolds() {
        Client.Builder unread = withoutGapCheck(Client.of(1, 1, 40));
        assertThat(limbLoad(unread.rungs(Map.of(ExerciseGroup.LIMB_LOAD, 1)))).matches(gate -> !gate.met());
        assertThat(limbLoad(unread.rungs(Map.of(ExerciseGroup.LIMB_LOAD, 2)))).matches(Gate::met);
        Client.Builder holds = well().rungs(Map.of());
        assertThat(limbLoad(holds))
                .matches(Gate::met)
                .extracting(Gate::detail)
                .isEqualTo("recovered, flat and firm on the lift");
        assertThat(limbLoad(holds.domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 1))))
                .matches(gate -> !gate.met());
        assertThat(limbLoad(holds.domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 2))))
                .matches(Gate::met);
    }

    private static Gate limbLoad(Client.Builder woman) {
        return gates(woman.build()).limbLoadFlat();
    }

    @Test
    void gatesOfSymptomsSayWhetherAndWhenSheWasAsked() {
        assertThat(gates(well().build()).noHeaviness().detail()).isEqualTo("none reported");
        assertThat(gates(told(well(), Symptom.HEAVINESS)).noHeaviness().detail())
                .isEqualTo("heaviness or pressure in the pelvic floor, reported 24 Nov 2026");
        Client longAgo =
                well().symptoms(SymptomReport.none(TODAY.minusDays(15))).build();
        assertThat(gates(longAgo).noHeaviness()).matches(gate -> !gate.met());
        assertThat(gates(longAgo).noHeaviness().detail()).isEqualTo("not asked in the last 14 days");
        assertThat(gates(well().build()).symptomFree().detail()).isEqualTo("none reported 24 Nov 2026");
        assertThat(gates(told(well(), Symptom.HEAVINESS)).symptomFree().detail())
                .isEqualTo("asked 24 Nov 2026");
        Client never = well().symptoms(new SymptomReport.NotAsked()).build();
        assertThat(gates(never).symptomFree()).matches(gate -> !gate.met());
        assertThat(gates(never).symptomFree().detail()).isEqualTo("not asked");
    }

    /** Twelve weeks after a vaginal birth, sixteen after a caesarean (practice values). */
    @Test
    void theGateOfImpactNamesItsWeeks() {
        Birth vaginal = new Birth(TODAY.minusWeeks(5), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES);
        Birth caesarean = new Birth(TODAY.minusWeeks(5), BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.YES);
        Gates gates = gates(caesarean(35).build());
        assertThat(gates.returnToImpact(vaginal).detail()).isEqualTo("5 of 12 weeks");
        assertThat(gates.returnToImpact(caesarean).detail()).isEqualTo("5 of 16 weeks");
        assertThat(gates.returnToImpact(caesarean).earliestDate()).contains(TODAY.plusWeeks(11));
    }

    /** A rung that was seen flat, by a check or as a ceiling, counts as done; four fingers by her approach are never recovered. */
    @Test
    void whatWasSeenFlatIsDone() {
        Client ceiling = well().rungs(Map.of())
                .domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 4))
                .build();
        assertThat(new Facts(ceiling, TODAY).achieved(ExerciseGroup.LIMB_LOAD)).isEqualTo(4);
        assertThat(new Facts(ceiling, TODAY).reach(ExerciseGroup.LIMB_LOAD)).isEqualTo(5);
        assertThat(new Facts(well().build(), TODAY).hasGapOrDoming()).isFalse();
        assertThat(new Facts(well().approach(by(ApproachChoice.FOUR_FINGERS)).build(), TODAY).hasGapOrDoming())
                .isTrue();
    }

    @Test
    void sheBeginsOnWhatPasses() {
        Client woman = well().rungs(Map.of(ExerciseGroup.LIMB_LOAD, 6))
                .domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 3))
                .build();
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        Optional<Beginning.LadderStart> limb = Beginning.places(judgement).stream()
                .filter(place -> place.strand() == ExerciseGroup.LIMB_LOAD)
                .findFirst();
        assertThat(limb.flatMap(Beginning.LadderStart::move)).hasValueSatisfying(move -> {
            assertThat(move.rung()).isLessThanOrEqualTo(3);
            assertThat(judgement.of(move).passes()).isTrue();
        });
    }

    @Test
    void judgesLikeADayThatOnlySaysItOtherwise() {
        Judgement today = Judgement.of(CATALOGUE, at(30).build(), TODAY);
        assertThat(today.judgesLike(Judgement.of(CATALOGUE, at(30).build(), TODAY.plusDays(1))))
                .isTrue();
        assertThat(today.judgesLike(Judgement.of(CATALOGUE, at(27).build(), TODAY)))
                .isFalse();
    }

    private static Gates gates(Client woman) {
        return new Facts(woman, TODAY).gates();
    }

    private static Verdict judged(Client woman, String move) {
        return Judgement.of(CATALOGUE, woman, TODAY).of(CATALOGUE.get(move));
    }
}
