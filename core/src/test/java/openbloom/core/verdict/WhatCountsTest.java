package openbloom.core.verdict;

import static openbloom.core.verdict.Compared.CATALOGUE;
import static openbloom.core.verdict.KnownWomen.at;
import static openbloom.core.verdict.KnownWomen.born;
import static openbloom.core.verdict.KnownWomen.caesarean;
import static openbloom.core.verdict.KnownWomen.gap;
import static openbloom.core.verdict.KnownWomen.well;
import static openbloom.core.verdict.KnownWomen.withoutGapCheck;
import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.CueFamily;
import openbloom.core.evidence.Source;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Falls;
import openbloom.core.record.Surgery;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Contraindication;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.GateKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What counts and how long, at the edges: each limit on the day before and the day itself, from the lists of the job. */
class WhatCountsTest {
    private static Facts facts(Client.Builder woman) {
        return new Facts(woman.build(), TODAY);
    }

    private static Client.Builder mother(int daysAgo, BirthKind kind, YesNoUnknown closed) {
        return well().gaveBirth(new Birth(TODAY.minusDays(daysAgo), kind, Tear.NONE, closed));
    }

    /** A wound of the belly counts as young for six weeks (common practice, no source). */
    @ParameterizedTest
    @CsvSource({"41, true", "42, false"})
    void aYoungBellyWoundIsSixWeeksOldAtMost(int days, boolean young) {
        assertThat(facts(mother(days, BirthKind.CAESAREAN, YesNoUnknown.YES))
                        .bellyWound()
                        .isPresent())
                .isEqualTo(young);
        assertThat(facts(well().operated(List.of(Surgery.on(TODAY.minusDays(days), SurgeryKind.OPEN))))
                        .bellyWound()
                        .isPresent())
                .isEqualTo(young);
        assertThat(facts(mother(days, BirthKind.VAGINAL, YesNoUnknown.YES)).bellyWound())
                .isEmpty();
    }

    /** Nobody wrote the wound down: from twelve weeks a clinician's word after the birth and a quiet scar close it. */
    @ParameterizedTest
    @CsvSource({
        "83, false, not recorded",
        "84, true, 'not recorded; her clinician has seen her since, and nothing hurts'"
    })
    void aQuietScarAndAWordCloseAWoundNobodyWroteDown(int days, boolean met, String words) {
        var wound = facts(mother(days, BirthKind.CAESAREAN, YesNoUnknown.UNKNOWN)
                        .cleared(Clearance.of(TODAY.minusDays(1), "midwife", List.of())))
                .gates()
                .wound();
        assertThat(wound.met()).isEqualTo(met);
        assertThat(wound.detail()).isEqualTo(words);
    }

    /** Without a word light loads open eight weeks after a birth, twelve after a caesarean; with one after six. */
    @ParameterizedTest
    @CsvSource({
        "VAGINAL, 55, false, false", "VAGINAL, 56, false, true", "CAESAREAN, 56, false, false",
                "CAESAREAN, 83, false, false",
        "CAESAREAN, 84, false, true", "VAGINAL, 41, true, false", "VAGINAL, 42, true, true", "CAESAREAN, 42, true, true"
    })
    void theFirstLookIsPastAfterItsWeeks(BirthKind kind, int days, boolean cleared, boolean past) {
        Client.Builder woman = mother(days, kind, YesNoUnknown.YES);
        if (cleared) {
            woman.cleared(Clearance.of(TODAY.minusDays(1), "midwife", List.of()));
        }
        assertThat(facts(woman).isPastFirstLook()).isEqualTo(past);
    }

    /** A word from before this pregnancy speaks of another time. */
    @Test
    void aWordFromBeforeThisPregnancyIsNone() {
        Clearance before = Clearance.of(TODAY.minusWeeks(21), "midwife", List.of());
        assertThat(facts(at(20).cleared(before)).clearance()).isEmpty();
        assertThat(facts(at(22).cleared(before)).clearance()).contains(before);
    }

    /** Firm and flat are what holds and what is wide but firm; soft, domed and unread are not. */
    @ParameterizedTest
    @CsvSource({
        "3, SURFACE, FIRM, NO, true",
        "6, SURFACE, FIRM, NO, true",
        "6, DEEPER, SOFT, NO, false",
        "3, SURFACE, FIRM, YES, false"
    })
    void knowsAMidlineThatIsFirmAndFlat(
            int halfFingers, Depth depth, Firmness firmness, YesNoUnknown domed, boolean firm) {
        assertThat(facts(well().gap(gap(halfFingers, 0, domed, depth, firmness)))
                        .isMidlineFirmAndFlat())
                .isEqualTo(firm);
    }

    @Test
    void aMidlineNobodyReadIsNotFirm() {
        assertThat(facts(withoutGapCheck(Client.of(1, 1, 40))).isMidlineFirmAndFlat())
                .isFalse();
    }

    /** Recovered, wide, domed, and not read: yes, no, no, unknown. */
    @Test
    void saysWhetherTheMidlineHasRecovered() {
        assertThat(facts(well()).midlineRecovered()).isEqualTo(YesNoUnknown.YES);
        assertThat(facts(well().gap(gap(8, 0))).midlineRecovered()).isEqualTo(YesNoUnknown.NO);
        assertThat(facts(well().gap(gap(3, 0, YesNoUnknown.YES))).midlineRecovered())
                .isEqualTo(YesNoUnknown.NO);
        assertThat(facts(withoutGapCheck(Client.of(1, 1, 40))).midlineRecovered())
                .isEqualTo(YesNoUnknown.UNKNOWN);
        assertThat(facts(well().gap(gap(8, 0))).gapWords()).contains("4").isNotBlank();
    }

    /** What was settled before a birth is open again after it. */
    @Test
    void aBirthOpensASettledGapAgain() {
        GapCheck read = gap(2, 100);
        GapCheck settled = new GapCheck(read.date(), read.readings(), true);
        assertThat(facts(well().gap(settled)).isGapFresh()).isTrue();
        assertThat(facts(well().gap(read)).isGapFresh()).isFalse();
        assertThat(facts(born(400).gap(settled)).isGapFresh()).isTrue();
        assertThat(facts(born(20).gap(settled)).isGapFresh()).isFalse();
    }

    /** A ceiling alone says how far a ladder was flat; nobody having looked says nothing. */
    @Test
    void aCeilingSaysHowFarALadderIsFlat() {
        Facts held = facts(well().rungs(Map.of()).domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 3)));
        assertThat(held.flatUpTo(ExerciseGroup.LIMB_LOAD)).isEqualTo(3);
        assertThat(held.isSeenFlat(CATALOGUE.get("march-lying"))).isFalse();
        assertThat(held.isSeenFlat(CATALOGUE.get("knee-fallout"))).isTrue();
    }

    /** A fall, fragile bones, or 65 years make her one who has something within reach; a wobble told is named as such. */
    @Test
    void knowsWhoIsUnsteady() {
        assertThat(facts(well()).unsteady()).isEmpty();
        assertThat(facts(well().falls(Falls.FELL)).unsteady())
                .hasValueSatisfying(why -> assertThat(why.words()).isEqualTo(Falls.FELL.words()));
        assertThat(facts(well().conditions(TODAY, Set.of(Condition.VERTEBRAL_FRACTURE)))
                        .unsteady())
                .hasValueSatisfying(why -> assertThat(why.words()).contains(Condition.VERTEBRAL_FRACTURE.words()));
    }

    /** Deep and soft on the lift, or doming, was seen; an old reading or none is not. */
    @Test
    void tellsSeenSoftFromNeverLooked() {
        assertThat(Midline.wasSeenSoft(new KnownFacts(
                        well().gap(gap(3, 0, YesNoUnknown.NO, Depth.DEEPER, Firmness.SOFT))
                                .build(),
                        TODAY)))
                .isTrue();
        assertThat(Midline.wasSeenSoft(
                        new KnownFacts(well().gap(gap(3, 0, YesNoUnknown.YES)).build(), TODAY)))
                .isTrue();
        assertThat(Midline.wasSeenSoft(new KnownFacts(well().build(), TODAY))).isFalse();
        assertThat(Midline.wasSeenSoft(
                        new KnownFacts(withoutGapCheck(Client.of(1, 1, 40)).build(), TODAY)))
                .isFalse();
    }

    /** The gate against warning signs says what was told. */
    @Test
    void theGateAgainstSignsSaysWhatWasTold() {
        assertThat(facts(well())
                        .gates()
                        .criteria()
                        .gates()
                        .get(GateKind.NO_WARNING_SIGN)
                        .detail())
                .isEqualTo("none reported");
        assertThat(facts(well().warningSigns(TODAY, Set.of(WarningSign.CHEST_PAIN)))
                        .gates()
                        .criteria()
                        .gates()
                        .get(GateKind.NO_WARNING_SIGN)
                        .detail())
                .isEqualTo("a warning sign was reported");
    }

    /** Steps of the first six weeks: day 1, two and four weeks, and each two weeks later after a caesarean (E-RUN, from memory). */
    @ParameterizedTest
    @CsvSource({"0, 0", "1, 1", "13, 1", "14, 2", "15, 3", "27, 3", "28, 4", "41, 4", "42, 5", "43, 5"})
    void countsTheStepsOfTheFirstSixWeeks(int days, int step) {
        assertThat(EarlyMoves.stepOf(facts(mother(days, BirthKind.VAGINAL, YesNoUnknown.YES))))
                .isEqualTo(step);
        assertThat(EarlyMoves.stepOf(facts(mother(days, BirthKind.CAESAREAN, YesNoUnknown.YES))))
                .isEqualTo(step);
    }

    /**
     * What opens early, by kind of birth, tear, wound and day. An easy birth: no deep tear, the wound closed, or not asked about where
     * there was no tear or only the first day's moves are meant. After a caesarean the first moves need no closed wound.
     */
    @ParameterizedTest
    @CsvSource({
        "VAGINAL, NONE, YES, 1, heel-slide, true",
        "VAGINAL, NONE, YES, 0, heel-slide, false",
        "VAGINAL, FIRST, UNKNOWN, 1, heel-slide, true",
        "VAGINAL, FIRST, NO, 1, heel-slide, false",
        "VAGINAL, FIRST, UNKNOWN, 20, bridge, false",
        "VAGINAL, FIRST, YES, 14, bridge, true",
        "VAGINAL, NONE, UNKNOWN, 14, bridge, true",
        "VAGINAL, NONE, UNKNOWN, 13, bridge, false",
        "VAGINAL, THIRD, YES, 20, bridge, false",
        "VAGINAL, UNKNOWN, YES, 20, bridge, false",
        "UNKNOWN, NONE, YES, 20, heel-slide, false",
        "VAGINAL, NONE, YES, 27, squat, false",
        "VAGINAL, NONE, YES, 28, squat, true",
        "CAESAREAN, NONE, NO, 1, heel-slide, true",
        "CAESAREAN, NONE, YES, 14, knee-fallout, false",
        "CAESAREAN, NONE, YES, 15, knee-fallout, true",
        "CAESAREAN, NONE, UNKNOWN, 20, knee-fallout, false",
        "CAESAREAN, NONE, YES, 27, bridge, false",
        "CAESAREAN, NONE, YES, 28, bridge, true",
        "VAGINAL, NONE, YES, 28, double-leg-lower, false"
    })
    void opensTheFirstSixWeeksStepByStep(
            BirthKind kind, Tear tear, YesNoUnknown closed, int days, String move, boolean open) {
        Facts facts = facts(well().gaveBirth(new Birth(TODAY.minusDays(days), kind, tear, closed)));
        assertThat(EarlyMoves.areOpen(facts, CATALOGUE.get(move))).isEqualTo(open);
    }

    @Test
    void noStepIsOpenToWhomNobodyAsked() {
        assertThat(EarlyMoves.stepOf(
                        facts(mother(30, BirthKind.VAGINAL, YesNoUnknown.YES).symptoms(new SymptomReport.NotAsked()))))
                .isZero();
        assertThat(EarlyMoves.stepOf(facts(well()))).isZero();
        assertThat(EarlyMoves.stepOf(facts(mother(1, BirthKind.VAGINAL, YesNoUnknown.YES))))
                .isPositive();
    }

    /** The cue her approach prefers; to a floor that has to let go none that lifts. */
    @Test
    void choosesACueThatNeverLiftsAFloorThatHasToLetGo() {
        Move squat = CATALOGUE.get("squat");
        Move lift = CATALOGUE.get("flick-ten");
        Client.Builder sweep = well().approach(KnownWomen.by(ApproachChoice.CUE_UPWARD_SWEEP));
        assertThat(judgement(sweep).cueFamily(squat)).isEqualTo(CueFamily.UPWARD_SWEEP);
        Client.Builder tight = sweep.pelvicFloor(
                new PelvicFloorCheck(5, 5, 5, LettingGo.PARTIAL, Tone.TIGHT, YesNoUnknown.NO, YesNoUnknown.NO));
        assertThat(judgement(tight).cueFamily(squat)).isEqualTo(CueFamily.PLAIN);
        assertThat(judgement(tight).cueFamily(lift)).isEqualTo(CueFamily.LET_GO);
        assertThat(judgement(tight).cue(lift))
                .isNotBlank()
                .isEqualTo(lift.teaching().cueFor(CueFamily.LET_GO));
        Client.Builder drawn = tight.approach(KnownWomen.by(ApproachChoice.CUE_NAVEL_DRAW));
        assertThat(judgement(drawn).cueFamily(squat))
                .isEqualTo(CueFamily.DRAW_IN.lifts() ? CueFamily.PLAIN : CueFamily.DRAW_IN);
    }

    /** What stands in never asks for more: no more load, pressure, impact, and neither one leg nor balance it had not. */
    @Test
    void whatStandsInNeverAsksForMore() {
        List<Client.Builder> women = List.of(at(20), at(34), born(20), caesarean(20), well().falls(Falls.FELL));
        List<String> more = new ArrayList<>();
        for (Client.Builder woman : women) {
            Judgement judgement = judgement(woman);
            for (Move move : CATALOGUE.moves()) {
                judgement
                        .meanwhile(move)
                        .filter(other -> other.load() > move.load()
                                || other.demands().pressure() > move.demands().pressure()
                                || other.demands().impact() > move.demands().impact()
                                || other.has(Demand.SINGLE_LEG) && !move.has(Demand.SINGLE_LEG)
                                || other.has(Demand.BALANCE) && !move.has(Demand.BALANCE))
                        .ifPresent(other -> more.add(move.id() + " → " + other.id()));
            }
        }
        assertThat(more).isEmpty();
        assertThat(judgement(at(34)).of(CATALOGUE.get("curl-up")).kind()).isEqualTo(VerdictKind.SWAP);
    }

    /** Days judge alike only as long as no finding changes: the day before the second trimester and the day itself do not. */
    @Test
    void twoDaysJudgeAlikeOnlyWithTheSameFindings() {
        Client woman = at(13).build();
        Judgement today = Judgement.of(CATALOGUE, woman, TODAY);
        assertThat(today.judgesLike(Judgement.of(CATALOGUE, woman, TODAY.plusDays(6))))
                .isTrue();
        assertThat(today.judgesLike(Judgement.of(CATALOGUE, woman, TODAY.plusDays(7))))
                .isFalse();
        assertThat(judgement(well()).judgesLike(judgement(well().falls(Falls.FELL))))
                .isFalse();
    }

    private static void isSaidToHer(Rule rule, Condition condition) {
        assertThat(condition.clauseToHer()).as(condition.name()).isNotEmpty();
        assertThat(rule.client()).startsWith("Because " + condition.clauseToHer() + ", ");
    }

    /** Every condition of the lists stops both women it concerns, with its own code and sentence for each. */
    @Test
    void theStopRulesSayWhomTheySpeakTo() {
        List<Rule> rules = StopRules.all();
        for (Condition condition : Contraindication.listed(Contraindication.ABSOLUTE)) {
            String code = "STOP-ABS-" + condition.name().replace('_', '-');
            assertThat(rule(rules, code)).hasValueSatisfying(rule -> {
                assertThat(rule.instructor()).startsWith("Absolute contraindication in pregnancy");
                isSaidToHer(rule, condition);
            });
        }
        for (Condition condition : Contraindication.listedNotPregnant(Contraindication.ABSOLUTE)) {
            assertThat(rule(rules, "STOP-ABS-" + condition.name().replace('_', '-') + "-NOT-PREGNANT"))
                    .hasValueSatisfying(rule -> assertThat(rule.instructor()).startsWith("Stop and refer"));
        }
        for (Condition condition : Contraindication.listedNotPregnant(Contraindication.RELATIVE)) {
            assertThat(rule(rules, "STOP-REL-" + condition.name().replace('_', '-') + "-NOT-PREGNANT"))
                    .hasValueSatisfying(rule -> assertThat(rule.source()).isEqualTo(Source.COMMON_PRACTICE));
        }
        for (Condition condition : Contraindication.listed(Contraindication.RELATIVE)) {
            String code = "STOP-REL-" + condition.name().replace('_', '-');
            assertThat(rule(rules, code)).hasValueSatisfying(rule -> isSaidToHer(rule, condition));
        }
        for (WarningSign sign : WarningSign.values()) {
            assertThat(rule(rules, "STOP-SIGN-" + sign.name().replace('_', '-')))
                    .hasValueSatisfying(rule -> {
                        assertThat(rule.instructor()).isEqualTo(sign.whatToDo());
                        assertThat(rule.client())
                                .contains(sign == WarningSign.THOUGHTS_OF_HARM ? "not alone" : sign.wordsToHer());
                    });
        }
    }

    private static Optional<Rule> rule(List<Rule> rules, String code) {
        return rules.stream().filter(rule -> rule.code().equals(code)).findFirst();
    }

    /** Until a relative contraindication is answered, easy loads are done at an easy pace, and rest needs none. */
    @Test
    void restNeedsNoEasyPace() {
        Judgement waiting = judgement(at(30).conditions(TODAY, Set.of(Condition.ANAEMIA_SYMPTOMATIC)));
        List<Move> resting = CATALOGUE.moves().stream().filter(Move::isRest).toList();
        assertThat(resting).isNotEmpty();
        assertThat(resting).noneMatch(move -> waiting.of(move).adjustments().contains(Adjustment.EASY_PACE));
        assertThat(waiting.of(CATALOGUE.get("band-row-seated")).adjustments()).contains(Adjustment.EASY_PACE);
    }

    private static Judgement judgement(Client.Builder woman) {
        return Judgement.of(CATALOGUE, woman.build(), TODAY);
    }

    /** A jump presses on the floor like a lift, so a leak with lifting holds it, too. Where she leaks decides whether the lift before effort is taught, and what waits (common practice, no source). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''          |true |squat-jump,deadlift",
                "URGE        |true |squat-jump,deadlift",
                "COUGH       |true |squat-jump",
                "LIFT        |true |squat-jump,deadlift",
                "JUMP        |false|squat-jump",
                "RUN         |false|squat-jump",
                "ANY         |true |squat-jump,deadlift",
                "JUMP,LIFT   |true |squat-jump,deadlift"
            })
    void aLeakHoldsWhatBelongsToIt(String when, boolean lifts, String held) {
        Set<LeakWhen> told = when.isBlank()
                ? Set.of()
                : Stream.of(when.strip().split(",")).map(LeakWhen::valueOf).collect(Collectors.toSet());
        assertThat(Leaks.isLiftTaught(told)).isEqualTo(lifts);
        Move hop = CATALOGUE.moves().stream()
                .filter(move -> move.demands().impact() >= 2)
                .findFirst()
                .orElseThrow();
        assertThat(Leaks.hold(told, hop)).isEqualTo(held.contains("squat-jump"));
        assertThat(Leaks.hold(told, CATALOGUE.get("deadlift"))).isEqualTo(held.contains("deadlift"));
        assertThat(Leaks.hold(told, CATALOGUE.get("heel-slide"))).isFalse();
    }

    /** Wide-awake watching above the load of the last flat rung, not at it: rung 4 of limb load stands for load 2. */
    @Test
    void domingIsWatchedAboveTheLastFlatLoad() {
        Judgement domed = judgement(well().rungs(Map.of()).domingCeiling(Map.of(ExerciseGroup.LIMB_LOAD, 4)));
        Set<Integer> watched = CATALOGUE.moves().stream()
                .filter(move -> domed.of(move).reasons().stream()
                        .anyMatch(reason -> reason.code().equals("GAP-DOME-LIMB-LOAD")))
                .map(Move::load)
                .collect(Collectors.toSet());
        assertThat(watched).isNotEmpty().noneMatch(load -> load < 2);
    }

    /** Two days weigh alike only with the same rules, changes and gates, met alike. */
    @Test
    void aFindingWeighsLikeAnotherOnlyWithTheSameGates() {
        assertThat(judgement(born(41)).judgesLike(judgement(born(43)))).isFalse();
        Judgement closed = judgement(mother(20, BirthKind.CAESAREAN, YesNoUnknown.YES));
        Judgement open = judgement(mother(20, BirthKind.CAESAREAN, YesNoUnknown.NO));
        assertThat(closed.judgesLike(open)).isFalse();
        assertThat(closed.judgesLike(judgement(mother(20, BirthKind.CAESAREAN, YesNoUnknown.YES))))
                .isTrue();
    }

    /** What is seen of a change, and which move shows it. */
    @Test
    void showsAChangeByItsVersionOrItsPicture() {
        Move support = CATALOGUE.get("support-full-10");
        assertThat(Versions.of(Adjustment.SURFACE_UP_IF_IT_DOMES, support, CATALOGUE))
                .hasValueSatisfying(version -> assertThat(version.rung()).isLessThan(support.rung()));
        assertThat(Versions.shownBy(support, Set.of(), CATALOGUE)).isEqualTo(support);
        assertThat(Versions.shownBy(CATALOGUE.get("kneel-one-leg"), Set.of(Adjustment.TOES_STAY_DOWN), CATALOGUE)
                        .id())
                .isEqualTo("kneel-leg-slide");
        assertThat(Versions.seen(Adjustment.PROP_UP)).isPresent();
        assertThat(Versions.seen(Set.of(Adjustment.PROP_UP, Adjustment.WITHIN_HER_LIMITS)))
                .hasSize(1);
        Verdict boxed = judgement(at(32)).of(CATALOGUE.get("squat"));
        assertThat(Versions.of(boxed, CATALOGUE).isPresent())
                .isEqualTo(boxed.adjustments().stream()
                        .anyMatch(
                                one -> Versions.of(one, boxed.move(), CATALOGUE).isPresent()));
    }

    /** For whom a move is not a plain Go, and which of its changes can be seen. */
    @Test
    void surveysWhoMayNotAndWhatChangesForWhom() {
        Move squat = CATALOGUE.get("squat");
        List<ExclusionSurvey> all = ExclusionSurvey.of(CATALOGUE, squat);
        assertThat(all).isNotEmpty().allSatisfy(one -> {
            assertThat(one.verdict().kind()).isNotEqualTo(VerdictKind.GO);
            assertThat(one.verdict().hasReason(one.reason().code())).isTrue();
        });
        List<ExclusionSurvey.ExclusionVersion> versions = ExclusionSurvey.versions(CATALOGUE, squat, all);
        assertThat(versions).isNotEmpty().allSatisfy(version -> {
            assertThat(version.who()).isNotEmpty();
            assertThat(Versions.seen(version.adjustment()).isPresent()
                            || Versions.of(version.adjustment(), squat, CATALOGUE)
                                    .isPresent())
                    .isTrue();
        });
        assertThat(versions)
                .extracting(ExclusionSurvey.ExclusionVersion::adjustment)
                .doesNotContain(Adjustment.WITHIN_HER_LIMITS, Adjustment.EASY_PACE);
    }

    /** Of several reasons the strongest is said, and of equals the first. */
    @Test
    void leadsWithTheStrongestReason() {
        Verdict verdict = judgement(at(34).conditions(TODAY, Set.of(Condition.PRE_ECLAMPSIA)))
                .of(CATALOGUE.get("curl-up"));
        assertThat(verdict.leading())
                .hasValueSatisfying(reason -> assertThat(reason.kind()).isEqualTo(VerdictKind.STOP));
        assertThat(verdict.leading().map(Reason::code))
                .hasValueSatisfying(code -> assertThat(code).isEqualTo("STOP-ABS-PRE-ECLAMPSIA"));
        assertThat(judgement(well()).of(CATALOGUE.get("heel-slide")).leading()).isEmpty();
    }

    /** The rule book in chapters holds every rule once; a rule that follows an approach names its question. */
    @Test
    void theRuleBookIsInChapters() {
        List<Rule> inChapters = RuleBook.chapters().stream()
                .flatMap(chapter -> chapter.rules().stream())
                .toList();
        assertThat(inChapters).containsExactlyInAnyOrderElementsOf(RuleBook.rules());
        assertThat(RuleBook.rules().stream().filter(rule -> rule.question().isPresent()))
                .isNotEmpty();
        assertThat(RuleBook.rules()).allSatisfy(rule -> assertThat(rule).hasToString(rule.code()));
    }
}
