package openbloom.core.verdict;

import java.util.List;
import java.util.function.Predicate;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.PelvicTone;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Question;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;

/** What the pelvic floor allows. */
final class PelvicFloorRules {
    private static final int STRONG_PRESSURE = 3;
    private static final int SOME_PRESSURE = 2;

    private static final Rule TIGHT = Rule.code("PF-TIGHT")
            .client("Your pelvic floor needs to learn to let go first; squeezing more would make it worse.")
            .instructor(
                    "Tight or cannot let go: no holds, flicks or inner-thigh squeeze. Release first, until full"
                            + " letting-go is felt on {} of 10 on two days and nothing hurts.",
                    Published.LETTING_GO_NEEDED)
            .source(Source.E_DOWN)
            .by(Question.A10)
            .looks((facts, found) -> {
                PelvicFloorCheck check = facts.client().checks().pelvicFloor();
                if (check.isTight()) {
                    Evidence fact = check.tone() == Tone.TIGHT
                            ? new Evidence.FloorTone(check.tone())
                            : new Evidence.FloorLetsGo(check.lettingGo());
                    Predicate<Move> lifts =
                            move -> move.isSqueeze() || isAreaWork(move) && move.tone() == PelvicTone.TRAIN;
                    found.notYet(lifts, fact, Gate.of(GateKind.LETTING_GO, false, fact.words()), painGate(facts));
                    found.adjust(
                            move -> isAreaWork(move) && move.tone() != PelvicTone.TRAIN,
                            fact,
                            Adjustment.ATTENTION_ONLY);
                }
            });

    private static final Rule GENTLE = Rule.code("PF-GENTLE")
            .client("Lift lightly and let go completely each time.")
            .instructor("Not known that she lets go fully: gentle lifts only, with full letting-go between.")
            .source(Source.E_ICS)
            .by(Question.A6)
            .looks((facts, found) -> {
                LettingGo lettingGo = facts.client().checks().pelvicFloor().lettingGo();
                if (lettingGo == LettingGo.UNKNOWN || lettingGo == LettingGo.PARTIAL) {
                    found.adjust(
                            PelvicFloorRules::isLift,
                            new Evidence.FloorLetsGo(lettingGo),
                            Adjustment.GENTLE_AND_LET_GO);
                }
            });

    private static final Rule HEAVY = Rule.code("PF-HEAVY")
            .client("With heaviness we choose positions that take the weight off and leave out strain.")
            .instructor(
                    "Heaviness: no impact, no heavy load, no strain; hips raised, lying, hands and knees; stop if heaviness"
                            + " comes on.")
            .source(Source.E_NICE)
            .looks((facts, found) -> {
                if (facts.has(Symptom.HEAVINESS)) {
                    unload(found, facts.evidence().told(Symptom.HEAVINESS));
                }
            });

    private static final Rule PROLAPSE = Rule.code("PF-PROLAPSE")
            .client(
                    "Load as long as nothing feels heavy, and stop when it does; running begins soft and short, once you are"
                            + " supported and have passed the tests.")
            .instructor(
                    "Prolapse reported by a clinician, no heaviness: loads with a stop at the first heaviness; impact with a pessary"
                            + " or her clinician's word and the return tests passed, soft and short first.")
            .looks((facts, found) -> {
                if (facts.has(Condition.PROLAPSE) && !facts.has(Symptom.HEAVINESS)) {
                    Evidence fact = facts.evidence().known(Condition.PROLAPSE);
                    found.unlessMet(
                            Move::isImpact,
                            fact,
                            facts.gates().supported(),
                            facts.gates().impactTests());
                    found.adjust(Move::isImpact, fact, Adjustment.SOFT_AND_LOW);
                    found.adjust(
                            strains(SOME_PRESSURE).or(move -> move.has(Demand.HEAVY)), fact, Adjustment.STOP_IF_HEAVY);
                }
            });

    private static final Rule LEAK = Rule.code("PF-LEAK")
            .client("A light lift just before the effort; where it still leaks, the easier version.")
            .instructor(
                    "Leak with effort: pre-lift before effort, regress what leaks: all of it where nobody said when;"
                            + " jumping hard impact, running every impact, lifting what is heavy or strains.")
            .source(Source.E_KNACK)
            .looks((facts, found) -> {
                if (facts.has(Symptom.LEAK_WITH_EFFORT)) {
                    Evidence fact = facts.evidence().told(Symptom.LEAK_WITH_EFFORT);
                    found.swap(facts::leakHolds, fact);
                    if (Leaks.isLiftTaught(facts.client().safety().symptoms().leaksWhen())) {
                        found.adjust(
                                strains(SOME_PRESSURE),
                                fact,
                                facts.isFloorToLetGo() ? Adjustment.NO_BREATH_HOLD : Adjustment.PRE_LIFT);
                    }
                }
            });

    private static final Rule PAIN = Rule.code("PF-PAIN")
            .client(
                    "It hurts there, so nothing lifts or squeezes; letting go and breath stay, and a pelvic health clinician"
                            + " is asked.")
            .instructor(
                    "Pain deep in the pelvis, or with lifts: no holds, flicks, area work, squeeze or brace, nothing heavy;"
                            + " letting go and breath stay; refer to a pelvic health clinician.")
            .source(Source.E_DOWN)
            .looks((facts, found) -> {
                if (facts.isFloorPainful()) {
                    Evidence fact = pain(facts);
                    found.notYet(move -> move.isSqueeze() || isFloorWork(move), fact, painGate(facts));
                    found.swap(move -> move.has(Demand.HEAVY) || move.demands().pressure() > STRONG_PRESSURE, fact);
                    found.adjust(strains(STRONG_PRESSURE), fact, Adjustment.NO_BREATH_HOLD);
                }
            });

    private static final Rule WEAK = Rule.code("PF-WEAK")
            .client("A light lift just before the effort, and let go completely each time.")
            .instructor(
                    "A weak floor: a lift before efforts that bear down. One that does not follow: lifts gentle, letting go"
                            + " between.")
            .source(Source.E_KNACK)
            .looks((facts, found) -> {
                Tone tone = facts.client().checks().pelvicFloor().tone();
                Evidence fact = new Evidence.FloorTone(tone);
                if (tone == Tone.WEAK && !facts.isFloorToLetGo()) {
                    found.adjust(strains(STRONG_PRESSURE), fact, Adjustment.PRE_LIFT);
                }
                if (tone == Tone.UNCOORDINATED) {
                    found.adjust(PelvicFloorRules::isLift, fact, Adjustment.GENTLE_AND_LET_GO);
                }
            });

    private static final Rule NONE = Rule.code("PF-NONE")
            .client("We cannot feel a lift yet; a pelvic health clinician can help to find it, and until then we"
                    + " stop a heavy load at the first heaviness.")
            .instructor(
                    "No lift felt after three positions and all cue families: refer to a pelvic health clinician; loads that"
                            + " bear down stop at the first heaviness.")
            .source(Source.E_ICS)
            .looks((facts, found) -> {
                if (facts.client().checks().pelvicFloor().tone() == Tone.NONE_FELT) {
                    Gate felt = Gate.of(GateKind.LIFT_FELT, false, Tone.NONE_FELT.words());
                    Evidence fact = new Evidence.FloorTone(Tone.NONE_FELT);
                    found.notYet(Move::isSqueeze, fact, felt);
                    found.adjust(
                            strains(STRONG_PRESSURE).or(move -> move.has(Demand.HEAVY)),
                            fact,
                            Adjustment.STOP_IF_HEAVY);
                }
            });

    private PelvicFloorRules() {}

    static List<Rule> all() {
        return List.of(TIGHT, GENTLE, WEAK, HEAVY, PROLAPSE, LEAK, PAIN, NONE);
    }

    private static void unload(Findings found, Evidence fact) {
        found.notYet(Move::isImpact, fact, Gate.of(GateKind.NO_HEAVINESS, false, fact.words()));
        found.swap(strains(STRONG_PRESSURE).or(move -> move.has(Demand.HEAVY)), fact);
        found.adjust(strains(SOME_PRESSURE), fact, Adjustment.STOP_IF_HEAVY);
    }

    private static boolean isAreaWork(Move move) {
        return move.strand() == ExerciseGroup.PELVIC_FLOOR_AREAS;
    }

    /** Any work of the floor itself but letting go. */
    private static boolean isFloorWork(Move move) {
        return isAreaWork(move) || move.strand().isPelvicFloorLift();
    }

    private static Evidence pain(Facts facts) {
        for (Symptom symptom : List.of(Symptom.PAIN_WITH_LIFTS, Symptom.PELVIC_PAIN)) {
            if (facts.has(symptom)) {
                return facts.evidence().told(symptom);
            }
        }
        return new Evidence.FloorPain();
    }

    private static boolean isLift(Move move) {
        return move.strand().isPelvicFloorLift() && move.tone() == PelvicTone.TRAIN;
    }

    private static Predicate<Move> strains(int pressure) {
        return move -> move.demands().pressure() >= pressure;
    }

    private static Gate painGate(Facts facts) {
        boolean free = !facts.isFloorPainful();
        return Gate.of(
                GateKind.NO_PELVIC_PAIN,
                free,
                free ? "none reported" : pain(facts).words());
    }
}
