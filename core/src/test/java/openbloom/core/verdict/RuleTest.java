package openbloom.core.verdict;

import static openbloom.core.verdict.KnownWomen.at;
import static openbloom.core.verdict.KnownWomen.birth;
import static openbloom.core.verdict.KnownWomen.born;
import static openbloom.core.verdict.KnownWomen.by;
import static openbloom.core.verdict.KnownWomen.caesarean;
import static openbloom.core.verdict.KnownWomen.clearance;
import static openbloom.core.verdict.KnownWomen.cleared;
import static openbloom.core.verdict.KnownWomen.dayBefore;
import static openbloom.core.verdict.KnownWomen.floor;
import static openbloom.core.verdict.KnownWomen.gap;
import static openbloom.core.verdict.KnownWomen.limited;
import static openbloom.core.verdict.KnownWomen.told;
import static openbloom.core.verdict.KnownWomen.twins;
import static openbloom.core.verdict.KnownWomen.unseen;
import static openbloom.core.verdict.KnownWomen.well;
import static openbloom.core.verdict.KnownWomen.withoutGapCheck;
import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectFault;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Answer;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Background;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Falls;
import openbloom.core.record.ImpactTests;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainSite;
import openbloom.core.record.Surgery;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Contraindication;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.FeltIn;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SideScore;
import openbloom.core.screening.SideTask;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** For every rule a woman for whom it speaks, and one nearly identical for whom it does not. */
class RuleTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    /** A rule, a move it touches, the verdict it leads to, and the two women. */
    private record Case(String code, String move, VerdictKind kind, Client fires, Client spared) {
        @Override
        public String toString() {
            return code + " on " + move;
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void speaksForOneWomanAndNotForTheOther(Case given) {
        Verdict fired = verdict(given.fires, given.move);
        assertThat(fired.hasReason(given.code)).as(given + ": " + fired).isTrue();
        assertThat(fired.kind()).as(given + ": " + fired).isEqualTo(given.kind);
        Verdict spared = verdict(given.spared, given.move);
        assertThat(spared.hasReason(given.code)).as(given + ": " + spared).isFalse();
    }

    /** What an approach asks is not asked of a woman it would harm. */
    @Test
    void anApproachGivesWayToWhatSheHas() {
        Client pregnant = at(20).approach(by(ApproachChoice.EMPTY_AFTER_BIRTH)).build();
        assertThat(verdict(pregnant, "breath-side").adjustments()).containsExactly(Adjustment.NO_PAUSE);
        Client heavy = told(cleared(60).approach(by(ApproachChoice.EMPTY_AFTER_BIRTH)), Symptom.HEAVINESS);
        assertThat(verdict(heavy, "breath-lying").adjustments()).contains(Adjustment.NO_PAUSE);
        Client brittle = well().conditions(TODAY, Set.of(Condition.OSTEOPOROSIS))
                .approach(by(ApproachChoice.TAIL_TUCKED))
                .build();
        assertThat(verdict(brittle, "bridge").adjustments()).containsExactly(Adjustment.IN_ONE_PIECE);
        Client tight = floor(Tone.TIGHT, YesNoUnknown.NO, YesNoUnknown.NO)
                .but()
                .approach(by(ApproachChoice.LIGHT_BRACE))
                .build();
        assertThat(verdict(tight, "march-lying").adjustments()).contains(Adjustment.LET_ALL_GO);
    }

    @Test
    void aSoftFloorThatWasFeltIsToldApartFromOneNobodyFelt() {
        Client felt = well().gap(gap(5, 0, YesNoUnknown.NO, Depth.DEEPER, Firmness.SOFT))
                .build();
        Client stale = well().gap(gap(5, 15, YesNoUnknown.NO, Depth.DEEPER, Firmness.SOFT))
                .build();
        Client unfelt = withoutGapCheck(Client.of(1, 1, 40)).build();
        assertThat(tensionGateOf(felt)).isEqualTo("deep and soft under the fingers");
        assertThat(tensionGateOf(stale)).isEqualTo("depth and floor not read");
        assertThat(tensionGateOf(unfelt)).isEqualTo("depth and floor not read");
    }

    private static String tensionGateOf(Client woman) {
        return verdict(woman, "heel-tap").gates().stream()
                .filter(gate -> gate.kind() == GateKind.GAP_FIRM)
                .map(Gate::detail)
                .findFirst()
                .orElse("no such gate");
    }

    @Test
    void noRuleIsLeftUntested() {
        Set<String> tested = new HashSet<>(cases().map(Case::code).toList());
        assertThat(RuleBook.rules().stream().map(Rule::code).filter(code -> !tested.contains(code)))
                .isEmpty();
    }

    static Stream<Case> cases() {
        return Stream.of(stops(), pregnancy(), afterBirth(), early(), healing(), midline(), body(), approach())
                .flatMap(cases -> cases);
    }

    private static Stream<Case> stops() {
        Stream<Case> signs = Arrays.stream(WarningSign.values())
                .map(sign -> new Case(
                        code("STOP-SIGN-", sign),
                        "breath-lying",
                        VerdictKind.STOP,
                        well().warningSigns(TODAY, Set.of(sign)).build(),
                        well().build()));
        Stream<Case> absolute = Contraindication.listed(Contraindication.ABSOLUTE).stream()
                .map(condition -> new Case(
                        code("STOP-ABS-", condition),
                        "breath-seated",
                        VerdictKind.STOP,
                        at(30).conditions(TODAY, Set.of(condition)).build(),
                        at(30).build()));
        Stream<Case> relative = Contraindication.listed(Contraindication.RELATIVE).stream()
                .map(condition -> new Case(
                        code("STOP-REL-", condition),
                        "band-row-seated",
                        VerdictKind.ADJUST,
                        at(30).conditions(TODAY, Set.of(condition)).build(),
                        at(30).build()))
                .map(any -> new Case(
                        any.code,
                        "squat",
                        VerdictKind.NOT_YET,
                        any.fires,
                        any.fires.but().cleared(forAll(any.fires)).build()));
        return Stream.of(
                        signs,
                        absolute,
                        relative,
                        Stream.of(
                                new Case(
                                        "STOP-REL-PLACENTA-PRAEVIA",
                                        "squat",
                                        VerdictKind.NOT_YET,
                                        at(27).conditions(TODAY, Set.of(Condition.PLACENTA_PRAEVIA))
                                                .build(),
                                        at(28).conditions(TODAY, Set.of(Condition.PLACENTA_PRAEVIA))
                                                .build()),
                                new Case(
                                        "STOP-CLEAR-WEEKS",
                                        "round-release",
                                        VerdictKind.NOT_YET,
                                        born(41).build(),
                                        born(42).build()),
                                new Case(
                                        "STOP-CLEAR-WEEKS",
                                        "one-foot-float",
                                        VerdictKind.NOT_YET,
                                        born(41).build(),
                                        born(41).cleared(clearance()).build()),
                                new Case(
                                        "STOP-CLEAR-LIMIT",
                                        "press-single",
                                        VerdictKind.NOT_YET,
                                        well().cleared(limited("NO_ARMS_OVERHEAD"))
                                                .build(),
                                        well().cleared(limited("NO_IMPACT")).build()),
                                new Case(
                                        "STOP-CLEAR-WORDS",
                                        "squat",
                                        VerdictKind.NOT_YET,
                                        well().cleared(limited("nothing over 5 kg"))
                                                .build(),
                                        well().cleared(clearance()).build()),
                                new Case(
                                        "ASK-SIGNS",
                                        "squat",
                                        VerdictKind.NOT_YET,
                                        well().warningSigns(Answer.notAsked()).build(),
                                        well().build()),
                                new Case(
                                        "ASK-SYMPTOMS",
                                        "squat",
                                        VerdictKind.NOT_YET,
                                        well().symptoms(SymptomReport.none(TODAY.minusDays(15)))
                                                .build(),
                                        well().symptoms(SymptomReport.none(TODAY.minusDays(14)))
                                                .build()),
                                new Case(
                                        "ASK-CONDITIONS",
                                        "head-lift",
                                        VerdictKind.NOT_YET,
                                        well().conditions(Answer.notAsked()).build(),
                                        well().build())),
                        Contraindication.listedNotPregnant(Contraindication.ABSOLUTE).stream()
                                .map(condition -> new Case(
                                        code("STOP-ABS-", condition) + "-NOT-PREGNANT",
                                        "breath-seated",
                                        VerdictKind.STOP,
                                        well().conditions(TODAY, Set.of(condition))
                                                .build(),
                                        well().build())),
                        Contraindication.listedNotPregnant(Contraindication.RELATIVE).stream()
                                .map(condition -> new Case(
                                        code("STOP-REL-", condition) + "-NOT-PREGNANT",
                                        "brisk-walk",
                                        VerdictKind.ADJUST,
                                        born(60).conditions(TODAY, Set.of(condition))
                                                .build(),
                                        born(60).conditions(TODAY, Set.of(condition))
                                                .cleared(new Clearance(TODAY, "doctor", List.of(), Set.of(condition)))
                                                .build())))
                .flatMap(cases -> cases);
    }

    private static Stream<Case> pregnancy() {
        return Stream.of(
                new Case(
                        "PREG-SUP-DIZZY",
                        "heel-slide",
                        VerdictKind.SWAP,
                        told(at(10), Symptom.DIZZY_LYING_DOWN),
                        at(10).build()),
                new Case("PREG-SUP-NONE", "heel-slide", VerdictKind.SWAP, at(28).build(), dayBefore(28)),
                new Case(
                        "PREG-SUP-NONE",
                        "heel-slide",
                        VerdictKind.SWAP,
                        at(18).approach(by(ApproachChoice.NONE_FROM_18)).build(),
                        at(18).build()),
                new Case(
                        "PREG-SUP-NONE",
                        "heel-slide",
                        VerdictKind.SWAP,
                        at(30).approach(by(ApproachChoice.BY_SYMPTOMS))
                                .symptoms(new SymptomReport.NotAsked())
                                .build(),
                        at(30).approach(by(ApproachChoice.BY_SYMPTOMS)).build()),
                new Case("PREG-SUP-SHORT", "heel-slide", VerdictKind.ADJUST, at(20).build(), dayBefore(20)),
                new Case("PREG-PRONE", "front-rest", VerdictKind.SWAP, at(14).build(), dayBefore(14)),
                new Case(
                        "FRONT-SORE",
                        "front-rest",
                        VerdictKind.SWAP,
                        told(at(9), Symptom.FRONT_LYING_UNCOMFORTABLE),
                        at(9).build()),
                new Case("PREG-FLEX", "curl-up", VerdictKind.SWAP, at(14).build(), dayBefore(14)),
                new Case("PREG-TWIST", "side-thread-under", VerdictKind.SWAP, at(14).build(), dayBefore(14)),
                new Case("PREG-TWIST", "trunk-turn", VerdictKind.ADJUST, at(14).build(), dayBefore(14)),
                new Case("PREG-FEET", "squeeze-breathe", VerdictKind.SWAP, at(9).build(), well().build()),
                new Case(
                        "PREG-FEET",
                        "squeeze-breathe",
                        VerdictKind.SWAP,
                        well().approach(by(ApproachChoice.SQUEEZE_AVOIDED)).build(),
                        well().build()),
                new Case("PREG-WRAP", "wrapped-draw-in", VerdictKind.SWAP, at(9).build(), well().build()),
                new Case("PREG-AIM", "support-wall", VerdictKind.GO, at(9).build(), well().build()),
                new Case("PREG-JUMP", "heel-drops", VerdictKind.SWAP, at(28).build(), well().build()),
                new Case("PREG-JUMP", "heel-drops", VerdictKind.ADJUST, at(20).build(), well().build()),
                new Case(
                        "PREG-JUMP",
                        "heel-drops",
                        VerdictKind.SWAP,
                        told(at(20), Symptom.LEAK_WITH_EFFORT),
                        well().build()),
                new Case("PREG-BAL", "step-up", VerdictKind.ADJUST, at(20).build(), dayBefore(20)),
                new Case("PREG-DROP", "burpee", VerdictKind.SWAP, at(9).build(), well().build()),
                new Case("PREG-BAR", "barbell-clean", VerdictKind.SWAP, at(20).build(), dayBefore(20)),
                new Case("PREG-FALL", "box-jump", VerdictKind.SWAP, at(14).build(), dayBefore(14)),
                new Case("PREG-LEVER", "arm-leg-reach", VerdictKind.SWAP, at(14).build(), dayBefore(14)),
                new Case("PREG-DOME", "side-support-straight", VerdictKind.ADJUST, unseen(14), at(14).build()),
                new Case("PREG-HOLD", "front-squat", VerdictKind.ADJUST, at(9).build(), well().build()),
                new Case("PREG-RANGE", "split-squat", VerdictKind.ADJUST, at(9).build(), well().build()),
                new Case("PREG-MANY", "squat", VerdictKind.GO, twins(20), at(20).build()));
    }

    /** Recovered and flat twice, read so many days ago. */
    private static Client oldAndSettled(int daysAgo) {
        GapCheck once = gap(2, daysAgo);
        return well().gap(new GapCheck(once.date(), once.readings(), true)).build();
    }

    /** What is welcome early, what waits, and falls. */
    private static Stream<Case> early() {
        Client.Builder old = well().background(Background.of(1, 1, 70)).trained(Training.REGULAR);
        Client.Builder pressed = born(80).conditions(TODAY, Set.of(Condition.GESTATIONAL_HYPERTENSION));
        return Stream.of(
                new Case(
                        "PP-EARLY",
                        "clam",
                        VerdictKind.ADJUST,
                        born(15).rungs(Map.of()).build(),
                        born(60).build()),
                new Case(
                        "PP-HEAVY",
                        "two-hand-carry",
                        VerdictKind.NOT_YET,
                        cleared(83).build(),
                        cleared(84).build()),
                new Case(
                        "PP-PRESSURE",
                        "strict-press",
                        VerdictKind.NOT_YET,
                        pressed.cleared(clearance()).build(),
                        cleared(80).build()),
                new Case(
                        "FALL-SUPPORT",
                        "one-leg-stand",
                        VerdictKind.ADJUST,
                        well().falls(Falls.UNSTEADY).build(),
                        well().falls(Falls.NONE).build()),
                new Case(
                        "FALL-NONE",
                        "pull-up",
                        VerdictKind.SWAP,
                        well().falls(Falls.FELL).build(),
                        well().falls(Falls.NONE).build()),
                new Case(
                        "FALL-START",
                        "step-up",
                        VerdictKind.NOT_YET,
                        old.build()
                                .but()
                                .trained(Training.NONE)
                                .falls(Falls.NONE)
                                .rungs(Map.of())
                                .build(),
                        old.build().but().falls(Falls.NONE).rungs(Map.of()).build()),
                new Case(
                        "AGE-ASK",
                        "heel-tap",
                        VerdictKind.NOT_YET,
                        old.build(),
                        old.build().but().falls(Falls.NONE).build()),
                new Case(
                        "AGE-YOUNG",
                        "front-squat",
                        VerdictKind.ADJUST,
                        well().background(Background.of(0, 1, 17)).build(),
                        well().background(Background.of(0, 1, 18)).build()),
                new Case(
                        "CONNECT-FAULT",
                        "heel-slide",
                        VerdictKind.ADJUST,
                        well().connect(faulty(ConnectFault.NECK_JAW_OR_TOES_GRIP))
                                .build(),
                        well().build()),
                new Case(
                        "CONNECT-FELT",
                        "connect-standing",
                        VerdictKind.NOT_YET,
                        well().connect(new ConnectCheck(Map.of(), Map.of(ConnectPosition.LYING, true), Set.of()))
                                .build(),
                        well().connect(ConnectCheck.NOT_CHECKED).build()));
    }

    private static ConnectCheck faulty(ConnectFault fault) {
        return new ConnectCheck(Map.of(), Map.of(), Set.of(fault));
    }

    private static Stream<Case> afterBirth() {
        Client.Builder scar = born(100).gaveBirth(birth(100, BirthKind.CAESAREAN, Tear.NONE));
        return Stream.of(
                new Case("PP-TIME-RECONNECT", "clam", VerdictKind.NOT_YET, born(13).build(), born(14).build()),
                new Case(
                        "PP-TIME-REBUILD",
                        "goblet-squat",
                        VerdictKind.NOT_YET,
                        born(41).cleared(clearance()).build(),
                        born(42).cleared(clearance()).build()),
                new Case("PP-TIME-REBUILD", "goblet-squat", VerdictKind.NOT_YET, born(55).build(), born(56).build()),
                new Case(
                        "PP-TIME-STRENGTHEN",
                        "support-full-10",
                        VerdictKind.NOT_YET,
                        cleared(83).build(),
                        cleared(84).build()),
                new Case(
                        "PP-TIME-STRENGTHEN",
                        "support-full-10",
                        VerdictKind.NOT_YET,
                        told(cleared(84), Symptom.HEAVINESS),
                        cleared(84).build()),
                new Case(
                        "PP-SIDE",
                        "breath-lying",
                        VerdictKind.GO,
                        cleared(55).build(),
                        cleared(56).build()),
                new Case(
                        "PP-SIDE",
                        "breath-lying",
                        VerdictKind.GO,
                        cleared(90).gap(gap(5, 0)).build(),
                        cleared(90).build()),
                new Case(
                        "PP-CS-LIFT",
                        "press-out-seated",
                        VerdictKind.NOT_YET,
                        caesarean(41).cleared(clearance()).build(),
                        caesarean(42).cleared(clearance()).build()),
                new Case(
                        "PP-CS-PRONE",
                        "front-rest",
                        VerdictKind.NOT_YET,
                        caesarean(55).cleared(clearance()).build(),
                        caesarean(56).cleared(clearance()).build()),
                new Case(
                        "PP-CS-PRONE",
                        "support-full-10",
                        VerdictKind.NOT_YET,
                        told(caesarean(90).cleared(clearance()), Symptom.SCAR_PAIN),
                        caesarean(90).cleared(clearance()).build()),
                new Case(
                        "PP-CS-SCAR-NONE",
                        "scar-circles",
                        VerdictKind.NOT_YET,
                        cleared(100).build(),
                        scar.build()),
                new Case(
                        "PP-CS-SCAR-TOUCH",
                        "scar-circles",
                        VerdictKind.NOT_YET,
                        caesarean(41).build(),
                        caesarean(42).build()),
                new Case(
                        "PP-CS-SCAR-DEEP",
                        "scar-deep",
                        VerdictKind.NOT_YET,
                        caesarean(83).build(),
                        caesarean(84).build()),
                new Case(
                        "PP-TEAR-34",
                        "flick-five",
                        VerdictKind.NOT_YET,
                        born(60).gaveBirth(birth(60, BirthKind.VAGINAL, Tear.THIRD))
                                .build(),
                        born(60).build()),
                new Case(
                        "PP-BALL",
                        "breath-ball",
                        VerdictKind.ADJUST,
                        cleared(60).build(),
                        well().build()),
                new Case(
                        "PP-BALL",
                        "breath-ball",
                        VerdictKind.NOT_YET,
                        told(cleared(60), Symptom.SITTING_PRESSURE_UNCOMFORTABLE),
                        well().build()),
                new Case(
                        "PP-IMPACT-TIME",
                        "jog-on-spot",
                        VerdictKind.NOT_YET,
                        cleared(83).build(),
                        cleared(84).build()),
                new Case(
                        "PP-IMPACT-TIME",
                        "jog-on-spot",
                        VerdictKind.NOT_YET,
                        caesarean(111).cleared(clearance()).build(),
                        caesarean(112).cleared(clearance()).build()),
                new Case(
                        "PP-IMPACT-TESTS",
                        "jog-on-spot",
                        VerdictKind.NOT_YET,
                        cleared(100).impactTests(ImpactTests.NOT_DONE).build(),
                        well().impactTests(ImpactTests.NOT_DONE).build()),
                new Case(
                        "IMPACT-SYMPTOM",
                        "jog-on-spot",
                        VerdictKind.NOT_YET,
                        told(well(), Symptom.LEAK_WITH_URGE),
                        well().build()),
                new Case(
                        "IMPACT-FLOOR",
                        "jog-on-spot",
                        VerdictKind.NOT_YET,
                        well().pelvicFloor(PelvicFloorCheck.NOT_CHECKED).build(),
                        well().build()),
                new Case(
                        "PP-TEAR-WIDE",
                        "happy-hips",
                        VerdictKind.NOT_YET,
                        cleared(50)
                                .gaveBirth(
                                        new Birth(TODAY.minusDays(50), BirthKind.VAGINAL, Tear.SECOND, YesNoUnknown.NO))
                                .build(),
                        cleared(50)
                                .gaveBirth(birth(50, BirthKind.VAGINAL, Tear.SECOND))
                                .build()),
                new Case(
                        "PP-CS-SCAR-SORE",
                        "scar-circles",
                        VerdictKind.NOT_YET,
                        told(caesarean(60).cleared(clearance()), Symptom.SCAR_PAIN),
                        caesarean(60).cleared(clearance()).build()),
                new Case(
                        "PP-CS-SCAR-OPEN",
                        "scar-rest-hand",
                        VerdictKind.NOT_YET,
                        born(60).gaveBirth(
                                        new Birth(TODAY.minusDays(60), BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.NO))
                                .build(),
                        caesarean(60).build()),
                new Case(
                        "PP-FEED",
                        "split-squat",
                        VerdictKind.GO,
                        cleared(90)
                                .conditions(TODAY, Set.of(Condition.BREASTFEEDING))
                                .build(),
                        cleared(90).build()));
    }

    /** The same woman's clearance given for everything she has, twins included. */
    private static Clearance forAll(Client woman) {
        Set<Condition> all = new HashSet<>(woman.medical().known().all());
        all.add(Condition.TWINS);
        return new Clearance(TODAY, "doctor", List.of(), all);
    }

    private static Client operated(int daysAgo, SurgeryKind kind) {
        return well().operated(List.of(Surgery.on(TODAY.minusDays(daysAgo), kind)))
                .build();
    }

    private static Client operatedAndCleared(int daysAgo, SurgeryKind kind) {
        return operated(daysAgo, kind)
                .but()
                .cleared(new Clearance(
                        TODAY.minusDays(daysAgo - 1), "surgeon", List.of(), Set.of(Condition.EARLIER_SURGERY)))
                .build();
    }

    private static Stream<Case> healing() {
        PainHold held = new PainHold(
                1, TODAY.minusDays(2), PainSite.BACK, ExerciseGroup.STRENGTH_LEGS, "squat", OptionalInt.of(8));
        return Stream.of(
                new Case(
                        "STOP-PAIN",
                        "support-kneeling",
                        VerdictKind.NOT_YET,
                        well().standing(LadderStatus.UNWRITTEN.withHolds(List.of(held)))
                                .build(),
                        well().build()),
                new Case(
                        "SURG-REST",
                        "bridge",
                        VerdictKind.NOT_YET,
                        operated(13, SurgeryKind.KEYHOLE),
                        operated(14, SurgeryKind.KEYHOLE)),
                new Case(
                        "SURG-LIGHT",
                        "long-stretch",
                        VerdictKind.NOT_YET,
                        operated(55, SurgeryKind.OPEN),
                        operated(56, SurgeryKind.OPEN)),
                new Case(
                        "SURG-LIGHT",
                        "head-lift",
                        VerdictKind.NOT_YET,
                        operated(41, SurgeryKind.KEYHOLE),
                        operated(42, SurgeryKind.KEYHOLE)),
                new Case(
                        "SURG-WORD",
                        "march-lying",
                        VerdictKind.NOT_YET,
                        operated(83, SurgeryKind.HYSTERECTOMY),
                        operated(84, SurgeryKind.HYSTERECTOMY)),
                new Case(
                        "SURG-WORD",
                        "curl-up",
                        VerdictKind.NOT_YET,
                        operated(300, SurgeryKind.HYSTERECTOMY),
                        operatedAndCleared(300, SurgeryKind.HYSTERECTOMY)),
                new Case(
                        "SURG-WORD",
                        "curl-up",
                        VerdictKind.NOT_YET,
                        operated(365, SurgeryKind.OTHER),
                        operated(366, SurgeryKind.OTHER)),
                new Case(
                        "SURG-REPAIR",
                        "two-hand-carry",
                        VerdictKind.NOT_YET,
                        operatedAndCleared(83, SurgeryKind.PROLAPSE_OR_CONTINENCE_REPAIR),
                        operatedAndCleared(84, SurgeryKind.PROLAPSE_OR_CONTINENCE_REPAIR)),
                new Case(
                        "WOUND-BELLY",
                        "thigh-reach-over",
                        VerdictKind.NOT_YET,
                        caesarean(41).cleared(clearance()).build(),
                        caesarean(42).cleared(clearance()).build()),
                new Case(
                        "WOUND-BELLY",
                        "prone-leg-lift",
                        VerdictKind.NOT_YET,
                        operated(41, SurgeryKind.HERNIA_REPAIR),
                        operated(41, SurgeryKind.PROLAPSE_OR_CONTINENCE_REPAIR)),
                new Case(
                        "HEAD-LOW",
                        "inverted-v",
                        VerdictKind.SWAP,
                        born(20).cleared(clearance()).build(),
                        born(21).cleared(clearance()).build()),
                new Case("HEAD-LOW", "inverted-v", VerdictKind.SWAP, told(well(), Symptom.REFLUX), well().build()),
                new Case(
                        "PP-TEAR-34-WIDE",
                        "happy-hips",
                        VerdictKind.NOT_YET,
                        born(41).gaveBirth(birth(41, BirthKind.VAGINAL, Tear.THIRD))
                                .cleared(clearance())
                                .build(),
                        born(42).gaveBirth(birth(42, BirthKind.VAGINAL, Tear.THIRD))
                                .cleared(clearance())
                                .build()));
    }

    private static Stream<Case> midline() {
        Stream<Case> domes = Arrays.stream(ExerciseGroup.values())
                .filter(strand -> strand != ExerciseGroup.SCAR)
                .map(strand -> {
                    String move = CATALOGUE.ladder(strand).stream()
                            .filter(any -> any.rung() == 2)
                            .findFirst()
                            .orElseThrow()
                            .id();
                    return new Case(
                            code("GAP-DOME-", strand),
                            move,
                            VerdictKind.NOT_YET,
                            well().domingCeiling(Map.of(strand, 1)).build(),
                            well().domingCeiling(Map.of(strand, 2)).build());
                });
        return Stream.concat(
                domes,
                Stream.of(
                        new Case(
                                "GAP-DOME-SCAR",
                                "scar-circles",
                                VerdictKind.NOT_YET,
                                well().domingCeiling(Map.of(ExerciseGroup.SCAR, 1))
                                        .build(),
                                well().build()),
                        new Case(
                                "GAP-DOME-FRONT-SUPPORT",
                                "pushup-full",
                                VerdictKind.NOT_YET,
                                well().domingCeiling(Map.of(ExerciseGroup.FRONT_SUPPORT, 3))
                                        .build(),
                                well().build()),
                        new Case(
                                "GAP-LOAD",
                                "arm-leg-reach",
                                VerdictKind.NOT_YET,
                                well().gap(gap(7, 0)).build(),
                                well().gap(gap(7, 0))
                                        .flat(TODAY, Map.of(ExerciseGroup.FLEXION, 9))
                                        .gap(gap(4, 0))
                                        .build()),
                        new Case(
                                "GAP-DEEP",
                                "heel-tap",
                                VerdictKind.NOT_YET,
                                well().gap(gap(2, 0, YesNoUnknown.YES)).build(),
                                well().gap(gap(2, 0)).build()),
                        new Case(
                                "GAP-UNSEEN",
                                "heel-tap",
                                VerdictKind.NOT_YET,
                                withoutGapCheck(Client.of(1, 1, 40)).build(),
                                well().gap(gap(2, 0, YesNoUnknown.YES)).build()),
                        new Case("GAP-OLD", "heel-tap", VerdictKind.GO, oldAndSettled(200), oldAndSettled(80)),
                        new Case(
                                "GAP-FLEX",
                                "curl-up",
                                VerdictKind.NOT_YET,
                                well().gap(gap(5, 0, YesNoUnknown.YES)).build(),
                                well().gap(gap(4, 0)).build()),
                        new Case(
                                "GAP-HEAD",
                                "head-lift",
                                VerdictKind.ADJUST,
                                well().gap(gap(5, 0)).build(),
                                well().build()),
                        new Case(
                                "GAP-TWIST",
                                "bicycle",
                                VerdictKind.NOT_YET,
                                well().gap(gap(5, 0)).build(),
                                well().build()),
                        new Case(
                                "GAP-TWIST",
                                "figure-eights",
                                VerdictKind.ADJUST,
                                well().gap(gap(5, 0)).build(),
                                well().gap(gap(5, 0))
                                        .approach(by(ApproachChoice.SMALL_SPIRALS))
                                        .build()),
                        new Case(
                                "GAP-PLANK",
                                "support-kneeling",
                                VerdictKind.ADJUST,
                                well().gap(gap(5, 0)).build(),
                                well().build()),
                        new Case(
                                "GAP-PLANK",
                                "support-wall",
                                VerdictKind.NOT_YET,
                                well().gap(gap(5, 0))
                                        .approach(by(ApproachChoice.NO_SUPPORT_UNTIL_RECOVERED))
                                        .build(),
                                well().build()),
                        new Case(
                                "GAP-STALE",
                                "curl-up",
                                VerdictKind.NOT_YET,
                                well().gap(gap(4, 15)).build(),
                                well().gap(gap(4, 14)).build()),
                        new Case(
                                "GAP-STALE",
                                "support-full-10",
                                VerdictKind.NOT_YET,
                                well().gap(gap(4, 15)).build(),
                                well().build()),
                        new Case(
                                "GAP-OUT",
                                "knee-hover",
                                VerdictKind.SWAP,
                                told(well(), Symptom.BELLY_PUSHES_OUT),
                                well().build())));
    }

    private static Stream<Case> body() {
        Client heavy = told(well(), Symptom.HEAVINESS);
        Client brittle =
                well().conditions(TODAY, Set.of(Condition.OSTEOPOROSIS)).build();
        Client sorePelvis = told(well(), Symptom.PELVIC_GIRDLE_PAIN);
        return Stream.of(
                new Case(
                        "PF-TIGHT",
                        "flick-five",
                        VerdictKind.NOT_YET,
                        floor(Tone.TIGHT, YesNoUnknown.YES, YesNoUnknown.NO),
                        well().build()),
                new Case(
                        "PF-TIGHT",
                        "light-brace",
                        VerdictKind.NOT_YET,
                        floor(Tone.TIGHT, YesNoUnknown.YES, YesNoUnknown.NO),
                        well().build()),
                new Case(
                        "PF-TIGHT",
                        "squeeze-breathe",
                        VerdictKind.NOT_YET,
                        floor(Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO),
                        well().build()),
                new Case(
                        "PF-GENTLE",
                        "flick-five",
                        VerdictKind.ADJUST,
                        floor(Tone.TYPICAL, YesNoUnknown.UNKNOWN, YesNoUnknown.NO),
                        well().build()),
                new Case(
                        "PF-WEAK",
                        "two-hand-carry",
                        VerdictKind.ADJUST,
                        floor(Tone.WEAK, YesNoUnknown.YES, YesNoUnknown.NO),
                        well().build()),
                new Case("PF-HEAVY", "jog-on-spot", VerdictKind.NOT_YET, heavy, well().build()),
                new Case("PF-HEAVY", "two-hand-carry", VerdictKind.SWAP, heavy, well().build()),
                new Case(
                        "PF-PROLAPSE",
                        "two-hand-carry",
                        VerdictKind.ADJUST,
                        well().conditions(TODAY, Set.of(Condition.PROLAPSE)).build(),
                        heavy),
                new Case(
                        "PF-LEAK",
                        "squat",
                        VerdictKind.ADJUST,
                        told(well(), Symptom.LEAK_WITH_EFFORT),
                        told(well(), Symptom.LEAK_WITH_URGE)),
                new Case(
                        "PF-PAIN",
                        "flick-five",
                        VerdictKind.NOT_YET,
                        told(well(), Symptom.PAIN_WITH_LIFTS),
                        well().build()),
                new Case(
                        "PF-NONE",
                        "flick-five",
                        VerdictKind.NOT_YET,
                        floor(Tone.NONE_FELT, YesNoUnknown.YES, YesNoUnknown.NO),
                        well().build()),
                new Case(
                        "BP-ARMS",
                        "press-single",
                        VerdictKind.ADJUST,
                        well().conditions(TODAY, Set.of(Condition.HIGH_BLOOD_PRESSURE_CONTROLLED))
                                .build(),
                        well().build()),
                new Case(
                        "BP-ARMS",
                        "pull-up",
                        VerdictKind.SWAP,
                        well().conditions(TODAY, Set.of(Condition.HIGH_BLOOD_PRESSURE_CONTROLLED))
                                .build(),
                        well().build()),
                new Case(
                        "BP-ARMS",
                        "support-full-20",
                        VerdictKind.ADJUST,
                        well().conditions(TODAY, Set.of(Condition.HIGH_BLOOD_PRESSURE_CONTROLLED))
                                .build(),
                        well().build()),
                new Case(
                        "BP-ARMS",
                        "inverted-v",
                        VerdictKind.SWAP,
                        well().conditions(TODAY, Set.of(Condition.HIGH_BLOOD_PRESSURE_CONTROLLED))
                                .build(),
                        well().build()),
                new Case("OST-FLEX", "curl-up", VerdictKind.SWAP, brittle, well().build()),
                new Case("OST-FLEX", "round-release", VerdictKind.SWAP, brittle, well().build()),
                new Case("OST-TWIST", "side-thread-under", VerdictKind.SWAP, brittle, well().build()),
                new Case("OST-IMPACT", "jog-on-spot", VerdictKind.NOT_YET, brittle, well().build()),
                new Case(
                        "OST-FRACTURE",
                        "round-release",
                        VerdictKind.SWAP,
                        well().conditions(TODAY, Set.of(Condition.VERTEBRAL_FRACTURE))
                                .build(),
                        well().build()),
                new Case(
                        "OST-FRACTURE-LOAD",
                        "squat",
                        VerdictKind.NOT_YET,
                        well().conditions(TODAY, Set.of(Condition.VERTEBRAL_FRACTURE))
                                .build(),
                        well().conditions(TODAY, Set.of(Condition.VERTEBRAL_FRACTURE))
                                .cleared(
                                        new Clearance(TODAY, "doctor", List.of(), Set.of(Condition.VERTEBRAL_FRACTURE)))
                                .build()),
                new Case(
                        "HERNIA",
                        "two-hand-carry",
                        VerdictKind.NOT_YET,
                        well().conditions(TODAY, Set.of(Condition.HERNIA)).build(),
                        well().build()),
                new Case("PAIN-WALK", "brisk-walk", VerdictKind.ADJUST, sorePelvis, well().build()),
                new Case(
                        "BACK-FRONT",
                        "back-extension",
                        VerdictKind.ADJUST,
                        told(well(), Symptom.BACK_PAIN),
                        well().build()),
                new Case("BACK-LOAD", "heel-tap", VerdictKind.ADJUST, told(well(), Symptom.BACK_PAIN), well().build()),
                new Case("BACK-LOAD", "front-squat", VerdictKind.SWAP, told(well(), Symptom.BACK_PAIN), well().build()),
                new Case(
                        "SIT-SORE",
                        "band-row-seated",
                        VerdictKind.ADJUST,
                        told(well(), Symptom.SITTING_PRESSURE_UNCOMFORTABLE),
                        well().build()),
                new Case(
                        "FAINT-LYING",
                        "breath-lying",
                        VerdictKind.ADJUST,
                        told(well(), Symptom.DIZZY_LYING_DOWN),
                        well().build()),
                new Case(
                        "LADDER-START",
                        "heel-tap",
                        VerdictKind.ADJUST,
                        well().rungs(Map.of()).build(),
                        well().rungs(Map.of()).trained(Training.REGULAR).build()),
                new Case(
                        "LADDER-START-LATER",
                        "arm-leg-reach",
                        VerdictKind.NOT_YET,
                        well().rungs(Map.of()).build(),
                        well().rungs(Map.of()).trained(Training.REGULAR).build()),
                new Case(
                        "LADDER-START-IMPACT",
                        "hops",
                        VerdictKind.NOT_YET,
                        well().rungs(Map.of()).trained(Training.REGULAR).build(),
                        well().build()),
                new Case("PGP-SYM", "split-squat", VerdictKind.SWAP, sorePelvis, well().build()),
                new Case("PGP-BOX", "squat", VerdictKind.ADJUST, sorePelvis, well().build()),
                new Case(
                        "PGP-ASLR",
                        "step-up",
                        VerdictKind.SWAP,
                        well().straightLegRaise(4).build(),
                        well().straightLegRaise(3).build()),
                new Case("WRIST", "support-wall", VerdictKind.ADJUST, told(well(), Symptom.WRIST_PAIN), well().build()),
                new Case(
                        "BACK-LIMB", "heel-slide", VerdictKind.ADJUST, told(well(), Symptom.BACK_PAIN), well().build()),
                new Case("NECK", "head-lift", VerdictKind.ADJUST, told(well(), Symptom.NECK_PAIN), well().build()),
                new Case(
                        "ANAEMIA",
                        "squat",
                        VerdictKind.ADJUST,
                        well().conditions(TODAY, Set.of(Condition.ANAEMIA)).build(),
                        well().build()),
                new Case("FAINT", "inverted-v", VerdictKind.SWAP, told(well(), Symptom.LIGHT_HEADED), well().build()),
                new Case(
                        "FAINT",
                        "breath-lying",
                        VerdictKind.ADJUST,
                        told(well(), Symptom.LIGHT_HEADED),
                        well().build()),
                new Case(
                        "EPILEPSY",
                        "step-up",
                        VerdictKind.ADJUST,
                        well().conditions(TODAY, Set.of(Condition.EPILEPSY)).build(),
                        well().build()),
                new Case(
                        "BREATH-DOWN",
                        "squat",
                        VerdictKind.ADJUST,
                        well().breath(BreathFinding.BEARING_DOWN).build(),
                        well().breath(BreathFinding.EVEN).build()),
                new Case(
                        "BREATH-DOWN",
                        "squat",
                        VerdictKind.ADJUST,
                        well().connect(new ConnectCheck(Map.of(), Map.of(), Set.of(ConnectFault.BREATH_HELD)))
                                .build(),
                        well().connect(new ConnectCheck(Map.of(), Map.of(), Set.of(ConnectFault.PELVIS_TIPS)))
                                .build()),
                new Case(
                        "BREATH-EVEN",
                        "squat",
                        VerdictKind.ADJUST,
                        well().breath(BreathFinding.BELLY_ONLY).build(),
                        well().breath(BreathFinding.BELLY_ONLY)
                                .approach(Approach.of(Set.of(ApproachChoice.BELLY_FIRST)))
                                .build()),
                new Case(
                        "BREATH-ZONE",
                        "breath-lying",
                        VerdictKind.ADJUST,
                        well().breath(new Breathing(BreathFinding.UNEVEN, Set.of(BreathZone.BACK_RIBS)))
                                .build(),
                        well().breath(BreathFinding.UNEVEN).build()),
                new Case(
                        "EFFORT-TALK",
                        "squat",
                        VerdictKind.ADJUST,
                        well().effort(new EffortCheck(YesNoUnknown.UNKNOWN, Optional.of(15), Optional.empty()))
                                .build(),
                        well().effort(new EffortCheck(YesNoUnknown.YES, Optional.of(14), Optional.empty()))
                                .build()),
                new Case(
                        "SIDE-WEAKER",
                        "one-foot-float",
                        VerdictKind.ADJUST,
                        well().sides(leftAndRight(2, 3)).build(),
                        well().sides(leftAndRight(3, 3)).build()),
                new Case(
                        "LADDER-NEXT",
                        "front-squat",
                        VerdictKind.NOT_YET,
                        well().rungs(Map.of(ExerciseGroup.STRENGTH_LEGS, 1)).build(),
                        well().rungs(Map.of(ExerciseGroup.STRENGTH_LEGS, 7)).build()),
                new Case(
                        "KIT-MISSING",
                        "band-row",
                        VerdictKind.ADJUST,
                        well().equipment(Set.of()).build(),
                        well().build()),
                new Case(
                        "KIT-MISSING",
                        "pull-up",
                        VerdictKind.SWAP,
                        well().equipment(Set.of(Equipment.BAND)).build(),
                        well().build()));
    }

    /** A chosen approach speaks. */
    private static Stream<Case> approach() {
        return Stream.of(
                chosen("APP-BACK", "heel-slide", ApproachChoice.PRESSED_BACK, well()),
                chosen("APP-BRIDGE", "bridge", ApproachChoice.TAIL_TUCKED, well()),
                chosen("APP-BRACE", "march-lying", ApproachChoice.LIGHT_BRACE, well()),
                chosen("APP-EMPTY", "breath-lying", ApproachChoice.EMPTY_AFTER_BIRTH, cleared(60)),
                new Case(
                        "APP-EMPTY-MOVE",
                        "empty-pause",
                        VerdictKind.SWAP,
                        cleared(60).build(),
                        cleared(60)
                                .approach(by(ApproachChoice.EMPTY_AFTER_BIRTH))
                                .build()),
                new Case(
                        "APP-ARCH-MOVE",
                        "arch-and-round",
                        VerdictKind.SWAP,
                        well().build(),
                        well().approach(by(ApproachChoice.ALSO_ARCH)).build()),
                chosen("APP-ARCH", "round-release", ApproachChoice.ALSO_ARCH, well()),
                chosen("APP-ORDER", "flick-five", ApproachChoice.ONE_AFTER_ANOTHER, well()));
    }

    private static Case chosen(String code, String move, ApproachChoice choice, Client.Builder woman) {
        Client usual = woman.build();
        return new Case(
                code, move, VerdictKind.ADJUST, usual.but().approach(by(choice)).build(), usual);
    }

    private static Verdict verdict(Client woman, String move) {
        return Judgement.of(CATALOGUE, woman, TODAY).of(CATALOGUE.get(move));
    }

    private static String code(String group, Enum<?> constant) {
        return group + constant.name().replace('_', '-');
    }

    private static SideCheck leftAndRight(int left, int right) {
        SideScore one = new SideScore(left, 3, FeltIn.RIGHT_PLACE);
        SideScore other = new SideScore(right, 3, FeltIn.RIGHT_PLACE);
        return SideCheck.of(Map.of(SideTask.STAND_ON_ONE_LEG, new SideCheck.BothSides(one, other)));
    }
}
