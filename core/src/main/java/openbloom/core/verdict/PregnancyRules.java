package openbloom.core.verdict;

import static openbloom.core.evidence.Published.BALANCE_SUPPORT;
import static openbloom.core.evidence.Published.SECOND_TRIMESTER;
import static openbloom.core.evidence.Published.SUPINE_EARLY_LIMIT;
import static openbloom.core.evidence.Published.SUPINE_LATE_LIMIT;
import static openbloom.core.evidence.Published.THIRD_TRIMESTER;
import static openbloom.core.evidence.Published.VESSEL_COMPRESSION;
import static openbloom.core.verdict.Adjustment.FEET_APART;
import static openbloom.core.verdict.Adjustment.MID_RANGE;
import static openbloom.core.verdict.Adjustment.NO_BREATH_HOLD;
import static openbloom.core.verdict.Adjustment.PROP_UP;
import static openbloom.core.verdict.Adjustment.SHORT_BOUTS_ON_THE_BACK;
import static openbloom.core.verdict.Adjustment.SMALL_OPEN_TURN;
import static openbloom.core.verdict.Adjustment.SOFT_AND_LOW;
import static openbloom.core.verdict.Adjustment.SUPPORT_WITHIN_REACH;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Rotation;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Question;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.words.Evidence;
import openbloom.core.words.Topic;

/** What changes while she is pregnant. */
final class PregnancyRules {
    private static final Set<Symptom> AGAINST_JUMPING = Symptom.AGAINST_IMPACT;
    private static final Set<ExerciseGroup> MIDLINE_STRANDS = EnumSet.of(
            ExerciseGroup.CONNECT, ExerciseGroup.LIMB_LOAD, ExerciseGroup.FRONT_SUPPORT, ExerciseGroup.HANDS_AND_KNEES);

    private static final Rule DIZZY = Rule.code("PREG-SUP-DIZZY")
            .client("You felt unwell lying on your back, so we leave that position out.")
            .instructor("Dizzy or unwell lying down: never on the back, at any week; side-lying, propped or hands and"
                    + " knees instead.")
            .source(Source.E_CAN2018)
            .onlyTold(Symptom.DIZZY_LYING_DOWN)
            .looks((facts, found) -> {
                if (facts.isPregnant() && facts.has(Symptom.DIZZY_LYING_DOWN)) {
                    found.swap(Move::isOnTheBack, facts.evidence().told(Symptom.DIZZY_LYING_DOWN));
                }
            });

    private static final Rule NOT_ON_THE_BACK = Rule.code("PREG-SUP-NONE")
            .client("From here on the weight of the womb can press on the large blood vessels, so we leave lying on the"
                    + " back out.")
            .instructor("No work on the back from this week by her approach: side-lying, propped sitting or hands and"
                    + " knees instead.")
            .source(Source.E_SUPINE)
            .by(Question.A8)
            .onlyPregnant()
            .looks(PregnancyRules::notOnTheBack);

    private static final Rule SHORT_ON_THE_BACK = Rule.code("PREG-SUP-SHORT")
            .client("On the back only for a minute or two, propped, then onto the side.")
            .instructor(
                    "Time on the back is limited from {} weeks: short bouts, chest higher than hips, roll to the side"
                            + " between.",
                    Published.VESSEL_COMPRESSION)
            .source(Source.E_SUPINE)
            .by(Question.A8)
            .onlyPregnant()
            .looks(PregnancyRules::shortOnTheBack);

    private static final Rule PRONE = Rule.code("PREG-PRONE")
            .client("Lying on the front waits until after the birth.")
            .instructor("Not on the front from {} weeks.", SECOND_TRIMESTER)
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
                    found.swap(
                            move -> move.position() == Position.PRONE,
                            facts.evidence().weeks());
                }
            });

    private static final Rule FLEX = Rule.code("PREG-FLEX")
            .client(
                    "Curling up loads the middle of the belly while it has to stretch; we train the same muscles another"
                            + " way.")
            .instructor(
                    "No curl-ups, sit-ups, V-holds or hollow holds from {} weeks, nor earlier with doming: surface"
                            + " progression, hands and knees or press-out instead.",
                    SECOND_TRIMESTER)
            .onlyPregnant()
            .looks(PregnancyRules::flex);

    private static final Rule TWIST = Rule.code("PREG-TWIST")
            .client("Turn a little and away from the bump, never to the end of the range.")
            .instructor(
                    "No closed or end-range twist from {} weeks; small, open turns sitting or standing.",
                    SECOND_TRIMESTER)
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
                    found.swap(turns(Rotation.END), facts.evidence().weeks());
                    found.adjust(turns(Rotation.SMALL), facts.evidence().weeks(), SMALL_OPEN_TURN);
                }
            });

    private static final Rule FEET = Rule.code("PREG-FEET")
            .client("Feet hip-width apart makes room for the baby and eases the front of the pelvis.")
            .instructor("Feet and knees are not squeezed together under a bump: hip-width apart.")
            .by(Question.A9)
            .looks(PregnancyRules::feet);

    private static final Rule WRAP = Rule.code("PREG-WRAP")
            .client("Nothing is drawn tight round the belly while you are pregnant.")
            .instructor(
                    "A cloth that draws the two sides together is for after the birth; nothing is wrapped round a bump.")
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnant()) {
                    found.swap(
                            move -> move.has(Demand.WRAPPED), facts.evidence().weeks());
                }
            });

    private static final Rule AIM = Rule.code("PREG-AIM")
            .client("We support the midline now; closing it is not the aim before the birth.")
            .instructor("The aim in pregnancy is support: a widening gap is shown, never scored.")
            .source(Source.E_SPER)
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnant()) {
                    found.advise(
                            move -> MIDLINE_STRANDS.contains(move.strand()),
                            facts.evidence().weeks());
                }
            });

    private static final Rule JUMP = Rule.code("PREG-JUMP")
            .client(
                    "Jumping and running go by how you feel, and rest from {} weeks or with any leak or heaviness.",
                    THIRD_TRIMESTER)
            .instructor(
                    "Impact by symptoms in the first two trimesters; none from {} weeks or with leak, heaviness or pain.",
                    THIRD_TRIMESTER)
            .onlyPregnant()
            .looks(PregnancyRules::jump);

    private static final Rule BALANCE = Rule.code("PREG-BAL")
            .client("Keep a wall or chair within reach: your balance point has moved.")
            .instructor(
                    "Single-leg and unsteady work from {} weeks with support within reach; reset before each"
                            + " repetition.",
                    BALANCE_SUPPORT)
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnantFrom(BALANCE_SUPPORT.amount())) {
                    found.adjust(
                            move -> isUnsteady(move) && move.position().isUpright(),
                            facts.evidence().weeks(),
                            SUPPORT_WITHIN_REACH);
                    found.adjust(
                            move -> isUnsteady(move) && move.strand() == ExerciseGroup.HANDS_AND_KNEES,
                            facts.evidence().weeks(),
                            Adjustment.TOES_STAY_DOWN);
                }
            });

    private static final Rule BAR = Rule.code("PREG-BAR")
            .client("A bar would have to travel round the bump, so we lift another way.")
            .instructor(
                    "Barbell paths that pass the bump from {} weeks, or once the bar has to curve: dumbbells at the side, or another exercise.",
                    BALANCE_SUPPORT)
            .onlyPregnant()
            .looks((facts, found) -> {
                boolean curves = facts.isPregnant() && facts.client().standing().barCurves();
                if (curves || facts.isPregnantFrom(BALANCE_SUPPORT.amount())) {
                    found.swap(
                            move -> move.has(Demand.BAR_PATH), facts.evidence().weeks());
                }
            });

    private static final Rule DROP = Rule.code("PREG-DROP")
            .client("No dropping to the hands and jumping up for now; we step instead.")
            .instructor(
                    "Dropping into full support and jumping up while pregnant: step back to a raised surface, without a jump.")
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnant()) {
                    found.swap(Move::isDroppedInto, facts.evidence().weeks());
                }
            });

    private static final Rule FALL = Rule.code("PREG-FALL")
            .client("Nothing you could fall from: we keep the feet on the floor.")
            .instructor(
                    "From {} weeks nothing hung from, climbed, jumped onto or balanced on something that moves.",
                    SECOND_TRIMESTER)
            .source(Source.E_ACOG804)
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
                    found.swap(
                            move -> move.has(Demand.FALL) || move.has(Demand.HANGING),
                            facts.evidence().weeks());
                }
            });

    private static final Rule LEVER = Rule.code("PREG-LEVER")
            .client("The longest levers end with the first trimester; shorter ones train the same muscles.")
            .instructor(
                    "Load 4 and more on the back or in full support ends with the first trimester, unless a load check"
                            + " of the last {} days showed it flat.",
                    Published.LOAD_CHECK_PREGNANT)
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
                    found.swap(
                            move -> move.isLongLever() && !facts.isSeenFlat(move),
                            facts.evidence().weeks());
                    found.adjust(Move::isLongLever, facts.evidence().weeks(), Adjustment.WATCH_MIDLINE);
                }
            });

    private static final Rule UNSEEN = Rule.code("PREG-DOME")
            .client("Nobody has looked lately whether your belly domes, so we watch it while you work.")
            .instructor("From the second trimester, doming not looked at: the middle loads with the midline in view.")
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnantFrom(SECOND_TRIMESTER.amount()) && facts.domed() == YesNoUnknown.UNKNOWN) {
                    found.adjust(
                            move -> GapRules.needsAReading(move) && !facts.isSeenFlat(move),
                            facts.evidence().doming(),
                            Adjustment.WATCH_MIDLINE);
                }
            });

    private static final Rule HOLD = Rule.code("PREG-HOLD")
            .client("Breathe out through the effort and keep to a pace at which you can talk.")
            .instructor("No breath holding; effort by talk test and perceived exertion, heart rate as a second guide.")
            .source(Source.E_ACOG804)
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnant()) {
                    found.adjust(
                            move -> move.has(Demand.BREATH_HOLD),
                            facts.evidence().weeks(),
                            NO_BREATH_HOLD);
                }
            });

    private static final Rule RANGE = Rule.code("PREG-RANGE")
            .client("Stay in the easy middle of the range; joints are laxer now.")
            .instructor("Mid-range, no forced stretch while joints are lax.")
            .onlyPregnant()
            .looks((facts, found) -> {
                if (facts.isPregnant()) {
                    found.adjust(move -> move.has(Demand.WIDE), facts.evidence().weeks(), MID_RANGE);
                }
            });

    private static final Rule MANY = Rule.code("PREG-MANY")
            .client("With more than one baby your clinician's yes is needed earlier.")
            .instructor(
                    "Twins need clearance from {} weeks; three or more babies are an absolute contraindication.",
                    Published.TWINS_LIMIT)
            .source(Source.E_CONTRA)
            .looks((facts, found) -> {
                if (facts.has(Condition.TWINS) || facts.has(Condition.TRIPLETS_OR_MORE)) {
                    Evidence fact = new Evidence.Babies(
                            facts.client().background().knownBabies(),
                            facts.evidence().weeks());
                    found.advise(move -> move.load() > 0, fact);
                }
            });

    private PregnancyRules() {}

    static List<Rule> all() {
        return List.of(
                DIZZY,
                NOT_ON_THE_BACK,
                SHORT_ON_THE_BACK,
                PRONE,
                FLEX,
                TWIST,
                FEET,
                WRAP,
                AIM,
                JUMP,
                BALANCE,
                BAR,
                DROP,
                FALL,
                LEVER,
                UNSEEN,
                HOLD,
                RANGE,
                MANY);
    }

    private static void notOnTheBack(Facts facts, Findings found) {
        int limit =
                facts.follows(ApproachChoice.NONE_FROM_18) ? SUPINE_EARLY_LIMIT.amount() : SUPINE_LATE_LIMIT.amount();
        if (!facts.follows(ApproachChoice.BY_SYMPTOMS) && facts.isPregnantFrom(limit)) {
            found.swap(Move::isOnTheBack, facts.evidence().weeks());
        } else if (facts.follows(ApproachChoice.BY_SYMPTOMS) && facts.isPregnantFrom(VESSEL_COMPRESSION.amount())) {
            swapUnlessAsked(facts, found);
        }
    }

    private static void swapUnlessAsked(Facts facts, Findings found) {
        if (facts.client().safety().symptoms().askedOn().isEmpty()) {
            found.swap(
                    Move::isOnTheBack,
                    new Evidence.Both(facts.evidence().weeks(), new Evidence.NotAsked(Topic.LYING_ON_THE_BACK)));
        }
    }

    private static void shortOnTheBack(Facts facts, Findings found) {
        if (facts.isPregnantFrom(VESSEL_COMPRESSION.amount())) {
            found.adjust(Move::isOnTheBack, facts.evidence().weeks(), SHORT_BOUTS_ON_THE_BACK);
            found.adjust(
                    move -> move.isOnTheBack() && PROP_UP.fits(move),
                    facts.evidence().weeks(),
                    PROP_UP);
        }
    }

    private static void flex(Facts facts, Findings found) {
        if (facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
            found.swap(move -> move.isCurl(), facts.evidence().weeks());
            found.adjust(
                    move -> move.demands().flexion() == Flexion.HEAD,
                    facts.evidence().weeks(),
                    Adjustment.HEAD_SUPPORTED);
        } else if (facts.isPregnant() && facts.domed() == YesNoUnknown.YES) {
            found.swap(Move::isCurl, facts.evidence().doming());
        }
    }

    private static void feet(Facts facts, Findings found) {
        Predicate<Move> squeeze = move -> move.has(Demand.INNER_THIGH_SQUEEZE);
        if (facts.isPregnant()) {
            found.adjust(
                    move -> move.has(Demand.LEGS_TOGETHER), facts.evidence().weeks(), FEET_APART);
            if (facts.follows(ApproachChoice.SQUEEZE_IF_COMFORTABLE)) {
                found.adjust(squeeze, facts.evidence().weeks(), Adjustment.GENTLE_AND_LET_GO);
            } else {
                found.swap(squeeze, facts.evidence().weeks());
            }
        } else if (facts.follows(ApproachChoice.SQUEEZE_AVOIDED)) {
            found.swap(squeeze, new Evidence.Chosen(ApproachChoice.SQUEEZE_AVOIDED));
        } else if (facts.has(Symptom.PELVIC_GIRDLE_PAIN)) {
            found.adjust(squeeze, facts.evidence().told(Symptom.PELVIC_GIRDLE_PAIN), Adjustment.GENTLE_AND_LET_GO);
        }
    }

    private static void jump(Facts facts, Findings found) {
        if (facts.isPregnantFrom(THIRD_TRIMESTER.amount())) {
            found.swap(Move::isImpact, facts.evidence().weeks());
        } else if (facts.isPregnant()) {
            AGAINST_JUMPING.stream()
                    .filter(facts::has)
                    .sorted()
                    .forEach(symptom ->
                            found.swap(facts::isAgainstImpact, facts.evidence().told(symptom)));
            if (facts.isAskedForSymptoms()) {
                found.adjust(Move::isImpact, facts.evidence().weeks(), SOFT_AND_LOW);
            } else {
                found.swap(Move::isImpact, new Evidence.NotAsked(Topic.LEAK_AND_HEAVINESS));
            }
        }
    }

    private static boolean isUnsteady(Move move) {
        return move.has(Demand.BALANCE)
                || move.has(Demand.SINGLE_LEG) && move.position().isUpright();
    }

    private static Predicate<Move> turns(Rotation rotation) {
        return move -> move.demands().rotation() == rotation;
    }
}
