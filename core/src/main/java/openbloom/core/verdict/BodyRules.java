package openbloom.core.verdict;

import static openbloom.core.verdict.Adjustment.ARMS_LOW;
import static openbloom.core.verdict.Adjustment.BOX_DEPTH;
import static openbloom.core.verdict.Adjustment.FOREARMS_OR_FISTS;
import static openbloom.core.verdict.Adjustment.HEAD_SUPPORTED;
import static openbloom.core.verdict.Adjustment.KNEES_CLOSER;
import static openbloom.core.verdict.Adjustment.LOAD_AT_THE_CHEST;
import static openbloom.core.verdict.Adjustment.LONGER_RESTS;
import static openbloom.core.verdict.Adjustment.MID_RANGE;
import static openbloom.core.verdict.Adjustment.PROP_UP;
import static openbloom.core.verdict.Adjustment.SHORTER_HOLD;
import static openbloom.core.verdict.Adjustment.SLOW_TO_RISE;
import static openbloom.core.verdict.Adjustment.SMALLER_RANGE;
import static openbloom.core.verdict.Adjustment.SMALL_KNEE_SHIFT;
import static openbloom.core.verdict.Adjustment.SUPPORT_WITHIN_REACH;
import static openbloom.core.verdict.Adjustment.SYMMETRICAL;

import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import openbloom.core.breath.ConnectFault;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;
import openbloom.core.moves.Rotation;
import openbloom.core.moves.Strand;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;

/** Blood pressure, bones, pelvic girdle, wrists, back, neck and blood. */
final class BodyRules {
    private static final List<Condition> HIGH_PRESSURE = List.of(
            Condition.HIGH_BLOOD_PRESSURE_CONTROLLED,
            Condition.HIGH_BLOOD_PRESSURE_UNCONTROLLED,
            Condition.GESTATIONAL_HYPERTENSION);
    private static final Set<Purpose> PRESSES_AND_PULLS = Set.of(Purpose.STRENGTH_PUSH, Purpose.STRENGTH_PULL);
    private static final int HARD_IMPACT = 2;

    private static final Rule ARMS = Rule.code("BP-ARMS")
            .client("With high blood pressure the arms stay at shoulder height or lower and still holds stay short.")
            .instructor("High blood pressure: no arms overhead; still holds of 10 s at most.")
            .looks((facts, found) -> HIGH_PRESSURE.stream()
                    .filter(facts::has)
                    .findFirst()
                    .ifPresent(condition -> lowArmsShortHolds(facts.known(condition), found)));

    private static final Rule OST_FLEX = Rule.code("OST-FLEX")
            .client("Loaded bending of the spine is left out to protect your bones.")
            .instructor("Osteoporosis: no loaded, repeated or end-range bending of the spine.")
            .source(Source.E_OSTEO)
            .looks(with(Condition.OSTEOPOROSIS, (fact, found) -> {
                found.swap(Move::isCurl, fact);
                found.adjust(move -> move.demands().flexion() == Flexion.HEAD, fact, HEAD_SUPPORTED);
                found.adjust(move -> move.has(Demand.ROUNDED), fact, MID_RANGE);
            }));

    private static final Rule OST_TWIST = Rule.code("OST-TWIST")
            .client("Turn only a little, never to the end of the range.")
            .instructor("Osteoporosis: no end-range rotation; small range only.")
            .source(Source.E_OSTEO)
            .looks(with(Condition.OSTEOPOROSIS, (fact, found) -> {
                found.swap(move -> move.demands().rotation() == Rotation.END, fact);
                found.adjust(move -> move.demands().rotation() == Rotation.SMALL, fact, SMALLER_RANGE);
            }));

    private static final Rule OST_IMPACT = Rule.code("OST-IMPACT")
            .client("Jumping waits for your clinician's word about your bones.")
            .instructor("Osteoporosis: no impact beyond tolerance; jumps and runs only as her clinician allows.")
            .source(Source.E_OSTEO)
            .looks(with(Condition.OSTEOPOROSIS, (fact, found) -> {
                Gate bones = Gate.of(GateKind.BONE_SAFE, false, "ask her clinician");
                found.notYet(move -> move.demands().impact() >= HARD_IMPACT, fact, bones);
                found.adjust(Move::isImpact, fact, Adjustment.SOFT_AND_LOW);
            }));

    private static final Rule OST_DROP = Rule.code("OST-DROP")
            .client("A small shift of the knee, with both sides of the pelvis staying down.")
            .instructor("Osteoporosis: small knee shift instead of a half drop to the side.")
            .looks(with(
                    Condition.OSTEOPOROSIS,
                    (fact, found) ->
                            found.adjust(move -> move.isOnTheBack() && move.has(Demand.WIDE), fact, SMALL_KNEE_SHIFT)));

    private static final Rule PGP_SYM = Rule.code("PGP-SYM")
            .client("Weight even on both legs and small steps spare the joints of the pelvis.")
            .instructor("Pelvic girdle pain: symmetrical, small stride, no wide single-leg work.")
            .looks(told(Symptom.PELVIC_GIRDLE_PAIN, (fact, found) -> {
                found.swap(move -> move.has(Demand.WIDE) && move.has(Demand.SINGLE_LEG), fact);
                found.adjust(move -> move.has(Demand.WIDE), fact, SMALLER_RANGE, SYMMETRICAL);
                found.adjust(move -> move.has(Demand.SINGLE_LEG), fact, SYMMETRICAL, SUPPORT_WITHIN_REACH);
            }));

    private static final Rule PGP_BOX = Rule.code("PGP-BOX")
            .client("Squat to a chair, no deeper.")
            .instructor("Pelvic girdle pain: squat to a box, no deeper.")
            .looks(told(
                    Symptom.PELVIC_GIRDLE_PAIN,
                    (fact, found) -> found.adjust(move -> move.purpose() == Purpose.STRENGTH_LOWER, fact, BOX_DEPTH)));

    private static final Rule PGP_RAISE = Rule.code("PGP-ASLR")
            .client("Lifting one leg is hard work for your pelvis today, so both legs share the load.")
            .instructor("Active straight leg raise of 4 or more of 10: no single-leg load.")
            .source(Source.E_ASLR)
            .looks((facts, found) -> facts.client()
                    .checks()
                    .straightLegRaise()
                    .filter(score -> score >= Published.STRAIGHT_LEG_RAISE_LIMIT.amount())
                    .ifPresent(score -> found.swap(move -> move.has(Demand.SINGLE_LEG), new Evidence.LegRaise(score))));

    private static final Rule WRIST = Rule.code("WRIST")
            .client("Forearms or fists spare sore wrists.")
            .instructor("Sore wrists: forearms, fists, or the load held at the chest.")
            .looks(told(Symptom.WRIST_PAIN, (fact, found) -> {
                found.adjust(move -> move.has(Demand.WRIST), fact, FOREARMS_OR_FISTS);
                found.adjust(move -> move.has(Demand.WRIST) && move.has(Demand.BAR_PATH), fact, LOAD_AT_THE_CHEST);
            }));

    private static final Rule BACK = Rule.code("BACK-LIMB")
            .client("Bring the knees closer so that the back stays easy.")
            .instructor("Back tenses on limb load: knees closer, or down a rung.")
            .looks((facts, found) -> {
                Predicate<Move> limbLoad = move -> move.strand() == Strand.LIMB_LOAD;
                if (facts.has(Symptom.BACK_PAIN)) {
                    found.adjust(limbLoad, facts.told(Symptom.BACK_PAIN), KNEES_CLOSER);
                }
                if (facts.client().checks().connect().has(ConnectFault.BACK_TENSES)) {
                    found.adjust(limbLoad, new Evidence.ConnectSeen(ConnectFault.BACK_TENSES), KNEES_CLOSER);
                }
            });

    private static final Rule NECK = Rule.code("NECK")
            .client("Support the head so that the neck does not do the work.")
            .instructor("Neck pain: head supported in every head lift and curl.")
            .looks(told(
                    Symptom.NECK_PAIN,
                    (fact, found) ->
                            found.adjust(move -> move.demands().flexion() != Flexion.NONE, fact, HEAD_SUPPORTED)));

    private static final Rule ANAEMIA = Rule.code("ANAEMIA")
            .client("Longer rests, and stop before you are tired out.")
            .instructor("Anaemia: longer rests between loaded sets.")
            .looks((facts, found) -> List.of(Condition.ANAEMIA, Condition.ANAEMIA_SYMPTOMATIC).stream()
                    .filter(facts::has)
                    .forEach(condition -> found.adjust(Move::isTiring, facts.known(condition), LONGER_RESTS)));

    private static final Rule FAINT = Rule.code("FAINT")
            .client("Come up slowly and pause sitting.")
            .instructor("Light-headed: slow to rise, pause sitting; propped when lying makes her dizzy.")
            .looks((facts, found) -> {
                if (facts.has(Symptom.LIGHT_HEADED)) {
                    Evidence fact = facts.told(Symptom.LIGHT_HEADED);
                    found.adjust(move -> move.position().isLying(), fact, SLOW_TO_RISE);
                }
                if (facts.has(Symptom.DIZZY_LYING_DOWN)) {
                    found.adjust(Move::isOnTheBack, facts.told(Symptom.DIZZY_LYING_DOWN), PROP_UP);
                }
            });

    private static final Rule EPILEPSY = Rule.code("EPILEPSY")
            .client("Keep a support within reach in balance work.")
            .instructor("Epilepsy: unsteady work with support within reach and never alone in the room.")
            .looks(with(
                    Condition.EPILEPSY,
                    (fact, found) -> found.adjust(move -> move.has(Demand.BALANCE), fact, SUPPORT_WITHIN_REACH)));

    private BodyRules() {}

    static List<Rule> all() {
        return List.of(
                ARMS,
                OST_FLEX,
                OST_TWIST,
                OST_IMPACT,
                OST_DROP,
                PGP_SYM,
                PGP_BOX,
                PGP_RAISE,
                WRIST,
                BACK,
                NECK,
                ANAEMIA,
                FAINT,
                EPILEPSY);
    }

    private static void lowArmsShortHolds(Evidence fact, Findings found) {
        found.swap(move -> move.has(Demand.OVERHEAD) && PRESSES_AND_PULLS.contains(move.purpose()), fact);
        found.adjust(move -> move.has(Demand.OVERHEAD), fact, ARMS_LOW);
        found.adjust(BodyRules::isLongStillHold, fact, SHORTER_HOLD);
    }

    private static boolean isLongStillHold(Move move) {
        int limit = Published.SHORT_HOLD.amount();
        return move.demands().midlineLoad() > 0
                && !move.has(Demand.MOVING)
                && move.purpose() != Purpose.IMPACT
                && move.doses().values().stream().anyMatch(dose -> dose.stillSeconds() > limit);
    }

    private static BiConsumer<Facts, Findings> with(Condition condition, BiConsumer<Evidence, Findings> look) {
        return (facts, found) -> {
            if (facts.has(condition)) {
                look.accept(facts.known(condition), found);
            }
        };
    }

    private static BiConsumer<Facts, Findings> told(Symptom symptom, BiConsumer<Evidence, Findings> look) {
        return (facts, found) -> {
            if (facts.has(symptom)) {
                look.accept(facts.told(symptom), found);
            }
        };
    }
}
