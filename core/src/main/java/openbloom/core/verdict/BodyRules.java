package openbloom.core.verdict;

import static openbloom.core.verdict.Adjustment.ARMS_LOW;
import static openbloom.core.verdict.Adjustment.BOX_DEPTH;
import static openbloom.core.verdict.Adjustment.FOREARMS_OR_FISTS;
import static openbloom.core.verdict.Adjustment.HEAD_SUPPORTED;
import static openbloom.core.verdict.Adjustment.KNEES_CLOSER;
import static openbloom.core.verdict.Adjustment.LIGHTER;
import static openbloom.core.verdict.Adjustment.LIGHT_AND_MOVING;
import static openbloom.core.verdict.Adjustment.LONGER_RESTS;
import static openbloom.core.verdict.Adjustment.NO_BREATH_HOLD;
import static openbloom.core.verdict.Adjustment.PROP_UP;
import static openbloom.core.verdict.Adjustment.SHORTER_HOLD;
import static openbloom.core.verdict.Adjustment.SLOW_TO_RISE;
import static openbloom.core.verdict.Adjustment.SMALLER_RANGE;
import static openbloom.core.verdict.Adjustment.SUPPORT_WITHIN_REACH;
import static openbloom.core.verdict.Adjustment.SYMMETRICAL;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import openbloom.core.breath.ConnectFault;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Purpose;
import openbloom.core.moves.Rotation;
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
    private static final Set<Symptom> CAP_WALKING =
            Set.of(Symptom.PELVIC_PAIN, Symptom.PELVIC_GIRDLE_PAIN, Symptom.BACK_PAIN);
    private static final Set<Position> SEATS = EnumSet.of(Position.SEATED_CHAIR, Position.SEATED_FLOOR);
    private static final int STRAIN = 3;
    private static final int HARD_IMPACT = 2;

    private static final Rule ARMS = Rule.code("BP-ARMS")
            .client(
                    "With your blood pressure, arms stay low or light, still holds stay short, and you breathe all through.")
            .instructor(
                    "High blood pressure: pregnant or not controlled, arms to the shoulder; controlled and not pregnant,"
                            + " overhead only what she could lift {} times, moving. Always: no held breath, no still hold above"
                            + " {} s, no hanging.",
                    Published.LIFTED_FOR_LIGHT,
                    Published.SHORT_HOLD)
            .looks((facts, found) ->
                    facts.firstKnown(HIGH_PRESSURE).ifPresent(condition -> pressure(facts, condition, found)));

    private static final Rule OST_FLEX = Rule.code("OST-FLEX")
            .client("Rounding and bending the spine are left out to protect your bones; strong and steady is welcome.")
            .instructor(
                    "Osteoporosis: no rounding, no loaded, repeated or end-range bending of the spine, in stretches either.")
            .source(Source.E_OSTEO)
            .onlyWith(Condition.OSTEOPOROSIS)
            .looks(with(Condition.OSTEOPOROSIS, (fact, found) -> {
                found.swap(Move::isCurl, fact);
                found.adjust(move -> move.demands().flexion() == Flexion.HEAD, fact, HEAD_SUPPORTED);
                found.swap(move -> move.has(Demand.ROUNDED), fact);
            }));

    private static final Rule OST_TWIST = Rule.code("OST-TWIST")
            .client("Turn only a little, never to the end of the range.")
            .instructor("Osteoporosis: no end-range rotation; small range only.")
            .source(Source.E_OSTEO)
            .onlyWith(Condition.OSTEOPOROSIS)
            .looks(with(Condition.OSTEOPOROSIS, (fact, found) -> {
                found.swap(move -> move.demands().rotation() == Rotation.END, fact);
                found.adjust(move -> move.demands().rotation() == Rotation.SMALL, fact, SMALLER_RANGE);
            }));

    private static final Rule OST_IMPACT = Rule.code("OST-IMPACT")
            .client("Jumping waits for your clinician's word about your bones.")
            .instructor("Osteoporosis: no impact beyond tolerance; jumps and runs only as her clinician allows.")
            .source(Source.E_OSTEO)
            .onlyWith(Condition.OSTEOPOROSIS)
            .looks(with(Condition.OSTEOPOROSIS, (fact, found) -> {
                Gate bones = Gate.of(GateKind.BONE_SAFE, false, "ask her clinician");
                found.notYet(move -> move.demands().impact() >= HARD_IMPACT, fact, bones);
                found.adjust(Move::isImpact, fact, Adjustment.SOFT_AND_LOW);
            }));

    private static final Rule FRACTURE = Rule.code("OST-FRACTURE")
            .client(
                    "After a fracture of the spine we never round it and never jump; your clinician says what you may lift.")
            .instructor("Vertebral fracture: no rounding, bending, end-range turn or impact; above load 1 only what her"
                    + " clinician has cleared.")
            .source(Source.E_OSTEO22)
            .onlyWith(Condition.VERTEBRAL_FRACTURE)
            .looks(with(Condition.VERTEBRAL_FRACTURE, (fact, found) -> {
                Gate bones = Gate.of(GateKind.BONE_SAFE, false, "a vertebral fracture");
                found.notYet(Move::isImpact, fact, bones);
                found.swap(
                        move -> move.isCurl()
                                || move.has(Demand.ROUNDED)
                                || move.demands().rotation() == Rotation.END,
                        fact);
                found.adjust(move -> move.demands().flexion() == Flexion.HEAD, fact, HEAD_SUPPORTED);
                found.adjust(move -> move.demands().rotation() == Rotation.SMALL, fact, SMALLER_RANGE);
            }));

    private static final Rule FRACTURE_LOAD = Rule.code("OST-FRACTURE-LOAD")
            .client("Your clinician says how much you may lift.")
            .instructor("Vertebral fracture: above load 1 her clinician decides.")
            .source(Source.E_OSTEO22)
            .looks((facts, found) -> waitsFor(
                    Condition.VERTEBRAL_FRACTURE, move -> move.load() > 1 || move.has(Demand.HEAVY), facts, found));

    private static final Rule HERNIA = Rule.code("HERNIA")
            .client("With a hernia nothing that strains or bears down, until your clinician has said yes.")
            .instructor(
                    "Hernia: no strain (pressure 3 and more), no load 4 on the midline, nothing heavy, no held breath, no head"
                            + " lifts, curls or impact without clearance.")
            .looks((facts, found) -> waitsFor(
                    Condition.HERNIA,
                    move -> move.demands().pressure() >= STRAIN
                            || move.has(Demand.HEAVY)
                            || move.has(Demand.BREATH_HOLD)
                            || move.demands().midlineLoad() > STRAIN
                            || move.demands().flexion() != Flexion.NONE
                            || move.isImpact(),
                    facts,
                    found));

    private static final Rule PGP_SYM = Rule.code("PGP-SYM")
            .client("Weight even on both legs, small steps and lighter loads spare the joints of the pelvis.")
            .instructor(
                    "Pelvic girdle pain: both legs share the load, small stride; one-leg work and heavy loads are swapped.")
            .onlyTold(Symptom.PELVIC_GIRDLE_PAIN)
            .looks(told(Symptom.PELVIC_GIRDLE_PAIN, (fact, found) -> {
                found.swap(move -> move.has(Demand.SINGLE_LEG) || move.has(Demand.HEAVY), fact);
                found.adjust(
                        move -> move.has(Demand.WIDE) && !move.has(Demand.SINGLE_LEG),
                        fact,
                        SMALLER_RANGE,
                        SYMMETRICAL);
            }));

    private static final Rule PGP_BOX = Rule.code("PGP-BOX")
            .client("Squat to a chair, no deeper.")
            .instructor("Pelvic girdle pain: squat to a box, no deeper.")
            .onlyTold(Symptom.PELVIC_GIRDLE_PAIN)
            .looks(told(
                    Symptom.PELVIC_GIRDLE_PAIN,
                    (fact, found) -> found.adjust(move -> move.has(Demand.SQUAT), fact, BOX_DEPTH)));

    private static final Rule WALK = Rule.code("PAIN-WALK")
            .client("Walk as far as it stays comfortable, and a little less than that.")
            .instructor("Pelvic, girdle or back pain: walking and stepping are capped by pain.")
            .source(Source.E_PAIN)
            .steady()
            .looks((facts, found) -> facts.firstTold(CAP_WALKING).ifPresent(symptom -> {
                found.adjust(Move::isWalking, facts.evidence().told(symptom), Adjustment.EASY_PACE);
                found.adjust(Move::isStepping, facts.evidence().told(symptom), SMALLER_RANGE);
            }));

    private static final Rule PGP_RAISE = Rule.code("PGP-ASLR")
            .client("Lifting one leg is hard work for your pelvis today, so both legs share the load.")
            .instructor("Active straight leg raise of 4 or more of 10: no single-leg load.")
            .source(Source.E_ASLR)
            .steady()
            .looks((facts, found) -> facts.client()
                    .checks()
                    .straightLegRaise()
                    .filter(score -> score >= Published.STRAIGHT_LEG_RAISE_LIMIT.amount())
                    .ifPresent(score -> found.swap(move -> move.has(Demand.SINGLE_LEG), new Evidence.LegRaise(score))));

    private static final Rule WRIST = Rule.code("WRIST")
            .client("Forearms or fists spare sore wrists.")
            .instructor("Sore wrists: forearms or fists; what needs the wrists under a bar is swapped.")
            .steady()
            .looks(told(
                    Symptom.WRIST_PAIN,
                    (fact, found) -> found.adjust(move -> move.has(Demand.WRIST), fact, FOREARMS_OR_FISTS)));

    private static final Rule BACK = Rule.code("BACK-LIMB")
            .client("Bring the knees closer so that the back stays easy.")
            .instructor("Back tenses on limb load: knees closer, or down a level.")
            .steady()
            .looks((facts, found) -> {
                Predicate<Move> limbLoad = move -> move.strand() == ExerciseGroup.LIMB_LOAD
                        && !move.position().isUpright();
                if (facts.has(Symptom.BACK_PAIN)) {
                    found.adjust(limbLoad, facts.evidence().told(Symptom.BACK_PAIN), KNEES_CLOSER);
                }
                if (facts.client().checks().connect().has(ConnectFault.BACK_TENSES)) {
                    found.adjust(limbLoad, new Evidence.ConnectSeen(ConnectFault.BACK_TENSES), KNEES_CLOSER);
                }
            });

    private static final Rule BACK_LOAD = Rule.code("BACK-LOAD")
            .client("Lighter and slower today, and stop before the back tires.")
            .instructor("Back pain: heavy loads are swapped; other loads of 3 and more lighter or slower.")
            .onlyTold(Symptom.BACK_PAIN)
            .looks(told(
                    Symptom.BACK_PAIN,
                    (fact, found) -> found.adjust(
                            move -> move.load() >= STRAIN && move.strand() != ExerciseGroup.IMPACT, fact, LIGHTER)));

    private static final Rule BACK_FRONT = Rule.code("BACK-FRONT")
            .client("On your front, lift a little only, and stop if the low back pinches.")
            .instructor("Back pain: lifts on the front stay low, and end where the low back pinches.")
            .onlyTold(Symptom.BACK_PAIN)
            .looks(told(
                    Symptom.BACK_PAIN,
                    (fact, found) -> found.adjust(
                            move -> move.position() == Position.PRONE && move.strand() != ExerciseGroup.RELEASE,
                            fact,
                            SMALLER_RANGE)));

    private static final Rule SITTING = Rule.code("SIT-SORE")
            .client("Sit only while it is comfortable; a soft seat and leaning back help.")
            .instructor("Sitting pressure is uncomfortable: only while comfortable, on something soft, leaning back.")
            .onlyTold(Symptom.SITTING_PRESSURE_UNCOMFORTABLE)
            .looks(told(
                    Symptom.SITTING_PRESSURE_UNCOMFORTABLE,
                    (fact, found) -> found.adjust(
                            move -> SEATS.contains(move.position()), fact, Adjustment.ONLY_IF_COMFORTABLE)));

    private static final Rule FRONT = Rule.code("FRONT-SORE")
            .client("Lying on the front is left out while it is uncomfortable.")
            .instructor("Lying on the front is uncomfortable: another position.")
            .onlyTold(Symptom.FRONT_LYING_UNCOMFORTABLE)
            .looks(told(
                    Symptom.FRONT_LYING_UNCOMFORTABLE,
                    (fact, found) -> found.swap(move -> move.position() == Position.PRONE, fact)));

    private static final Rule NECK = Rule.code("NECK")
            .client("Support the head so that the neck does not do the work.")
            .instructor("Neck pain: head supported in every head lift and curl.")
            .onlyTold(Symptom.NECK_PAIN)
            .looks(told(
                    Symptom.NECK_PAIN,
                    (fact, found) ->
                            found.adjust(move -> move.demands().flexion() != Flexion.NONE, fact, HEAD_SUPPORTED)));

    private static final Rule ANAEMIA = Rule.code("ANAEMIA")
            .client("Longer rests, and stop before you are tired out.")
            .instructor("Anaemia: longer rests between loaded sets.")
            .steady()
            .looks((facts, found) -> List.of(Condition.ANAEMIA, Condition.ANAEMIA_SYMPTOMATIC).stream()
                    .filter(facts::has)
                    .forEach(condition ->
                            found.adjust(Move::isTiring, facts.evidence().known(condition), LONGER_RESTS)));

    private static final Rule FAINT = Rule.code("FAINT")
            .client(
                    "Come up slowly, pause sitting, and keep a support within reach; nothing heavy, no hanging, head up today.")
            .instructor(
                    "Light-headed: slow to rise, pause sitting; unsteady work with support within reach; no held breath, nothing"
                            + " heavy, nothing hung from, the head not below the heart.")
            .onlyTold(Symptom.LIGHT_HEADED)
            .looks(told(Symptom.LIGHT_HEADED, (fact, found) -> {
                found.adjust(move -> !move.position().isUpright(), fact, SLOW_TO_RISE);
                found.adjust(BodyRules::isUnsteadyUpright, fact, SUPPORT_WITHIN_REACH);
                found.adjust(move -> move.has(Demand.BREATH_HOLD), fact, NO_BREATH_HOLD);
                found.swap(move -> move.has(Demand.HEAVY) || move.has(Demand.FALL) || move.has(Demand.HEAD_LOW), fact);
            }));

    private static final Rule LYING = Rule.code("FAINT-LYING")
            .client("Lying flat makes you feel unwell, so the chest comes up or you turn to the side.")
            .instructor("Unwell lying on the back: chest propped higher than the hips, or another position.")
            .looks((facts, found) -> {
                if (facts.has(Symptom.DIZZY_LYING_DOWN) && !facts.isPregnant()) {
                    found.adjust(Move::isOnTheBack, facts.evidence().told(Symptom.DIZZY_LYING_DOWN), PROP_UP);
                }
            });

    private static final Rule EPILEPSY = Rule.code("EPILEPSY")
            .client("Keep a support within reach in balance work.")
            .instructor("Epilepsy: unsteady work with support within reach and never alone in the room.")
            .onlyWith(Condition.EPILEPSY)
            .looks(with(
                    Condition.EPILEPSY,
                    (fact, found) -> found.adjust(BodyRules::isUnsteadyUpright, fact, SUPPORT_WITHIN_REACH)));

    private BodyRules() {}

    static List<Rule> all() {
        return List.of(
                ARMS,
                OST_FLEX,
                OST_TWIST,
                OST_IMPACT,
                FRACTURE,
                FRACTURE_LOAD,
                HERNIA,
                PGP_SYM,
                PGP_BOX,
                PGP_RAISE,
                WALK,
                WRIST,
                BACK,
                BACK_LOAD,
                BACK_FRONT,
                SITTING,
                FRONT,
                NECK,
                ANAEMIA,
                FAINT,
                LYING,
                EPILEPSY);
    }

    private static void pressure(Facts facts, Condition condition, Findings found) {
        Evidence fact = facts.evidence().known(condition);
        boolean low = facts.isPregnant() || facts.has(Condition.HIGH_BLOOD_PRESSURE_UNCONTROLLED);
        found.adjust(move -> move.has(Demand.OVERHEAD), fact, low ? ARMS_LOW : LIGHT_AND_MOVING);
        found.swap(move -> move.has(Demand.HANGING) || move.has(Demand.HEAD_LOW), fact);
        found.adjust(move -> move.has(Demand.BREATH_HOLD), fact, NO_BREATH_HOLD);
        found.adjust(move -> isLongStillHold(move) && !move.has(Demand.OVERHEAD), fact, SHORTER_HOLD);
    }

    static boolean isUnsteadyUpright(Move move) {
        return move.position().isUpright() && (move.has(Demand.BALANCE) || move.has(Demand.SINGLE_LEG));
    }

    /** What a condition keeps back until her clinician has answered it. */
    private static void waitsFor(Condition condition, Predicate<Move> waits, Facts facts, Findings found) {
        if (facts.has(condition)) {
            found.unlessMet(
                    waits, facts.evidence().known(condition), facts.gates().clearanceFor(condition));
        }
    }

    private static boolean isLongStillHold(Move move) {
        int limit = Published.SHORT_HOLD.amount();
        return move.demands().midlineLoad() > 0
                && !move.has(Demand.MOVING)
                && move.purpose() != Purpose.IMPACT
                && move.doing().doses().values().stream().anyMatch(dose -> dose.stillSeconds() > limit);
    }

    private static BiConsumer<Facts, Findings> with(Condition condition, BiConsumer<Evidence, Findings> look) {
        return (facts, found) -> {
            if (facts.has(condition)) {
                look.accept(facts.evidence().known(condition), found);
            }
        };
    }

    private static BiConsumer<Facts, Findings> told(Symptom symptom, BiConsumer<Evidence, Findings> look) {
        return (facts, found) -> {
            if (facts.has(symptom)) {
                look.accept(facts.evidence().told(symptom), found);
            }
        };
    }
}
