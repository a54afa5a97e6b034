package openbloom.core.verdict;

import static openbloom.core.verdict.Adjustment.NO_BREATH_HOLD;
import static openbloom.core.verdict.Adjustment.TALK_WHILE_WORKING;
import static openbloom.core.verdict.Adjustment.THREE_EVEN_BREATHS;
import static openbloom.core.verdict.Adjustment.TRY_ONE_SET;
import static openbloom.core.verdict.Adjustment.WEAKER_SIDE_FIRST;

import java.util.List;
import java.util.Map;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.ConnectFault;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Question;
import openbloom.core.screening.SideCheck;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;

/** What the breath, connect, side and effort checks change. */
final class CheckRules {
    /** What is said about each fault; a held breath and a tense back have rules of their own. */
    private static final Map<ConnectFault, Adjustment> CUES = Map.of(
            ConnectFault.PELVIS_TIPS, Adjustment.PELVIS_STILL,
            ConnectFault.UPPER_BELLY_HARDENS, Adjustment.LOWER_BELLY_FIRST,
            ConnectFault.SEAT_OR_THIGHS_GRIP, Adjustment.SEAT_AND_THIGHS_SOFT,
            ConnectFault.NECK_JAW_OR_TOES_GRIP, Adjustment.NECK_AND_JAW_SOFT);

    /** What gives room to each zone. */
    private static final Map<BreathZone, Adjustment> ROOM = Map.of(
            BreathZone.FRONT_RIBS, Adjustment.FRONT_RIBS_SINK,
            BreathZone.LEFT_RIBS, Adjustment.HAND_ON_THE_LEFT_RIBS,
            BreathZone.RIGHT_RIBS, Adjustment.HAND_ON_THE_RIGHT_RIBS,
            BreathZone.BACK_RIBS, Adjustment.BACK_RIBS_WIDEN,
            BreathZone.BELLY, Adjustment.BELLY_WIDENS,
            BreathZone.LOW_BELLY, Adjustment.SITTING_BONES_WIDEN);

    private static final Rule BREATH = Rule.code("BREATH-DOWN")
            .client("Let the breath out through the effort so that nothing presses down.")
            .instructor("The breath check showed bearing down or a held breath: out-breath through every effort.")
            .source(Source.E_SAPS)
            .looks((facts, found) -> {
                if (facts.client().checks().breath().finding().pressesDown()) {
                    Evidence fact = new Evidence.BreathFound(
                            facts.client().checks().breath().finding());
                    found.adjust(Move::isTiring, fact, NO_BREATH_HOLD);
                }
                if (facts.client().checks().connect().has(ConnectFault.BREATH_HELD)) {
                    Evidence fact = new Evidence.ConnectSeen(ConnectFault.BREATH_HELD);
                    found.adjust(Move::isTiring, fact, NO_BREATH_HOLD);
                }
            });

    private static final Rule EVEN = Rule.code("BREATH-EVEN")
            .client("Three even breaths first, so that the effort starts from a wide ribcage.")
            .instructor("The breath check showed zones that do not move: three even breaths before each loaded set.")
            .by(Question.A7)
            .looks((facts, found) -> {
                boolean bellyFirst = facts.client().checks().breath().finding() == BreathFinding.BELLY_ONLY
                        && facts.follows(ApproachChoice.BELLY_FIRST);
                if (facts.client().checks().breath().finding().needsEvening() && !bellyFirst) {
                    Evidence fact = new Evidence.BreathFound(
                            facts.client().checks().breath().finding());
                    found.adjust(Move::isTiring, fact, THREE_EVEN_BREATHS);
                }
            });

    private static final Rule ZONES = Rule.code("BREATH-ZONE")
            .client("We give room to the part of the ribs and belly that does not move yet.")
            .instructor("A zone was felt and does not move freely: its own cue in every breath exercise until it does.")
            .looks((facts, found) -> facts.client()
                    .checks()
                    .breath()
                    .still()
                    .forEach(zone -> found.adjust(
                            move -> move.strand() == ExerciseGroup.BREATH,
                            new Evidence.ZoneStill(zone),
                            ROOM.get(zone))));

    private static final Rule TALK = Rule.code("EFFORT-TALK")
            .client("Work only as hard as you can still talk in full sentences.")
            .instructor("Could not talk in sentences, or over 14 on the 6–20 scale at the last check: ease off.")
            .source(Source.E_ACOG804)
            .looks((facts, found) -> {
                if (facts.client().checks().effort().isTooHard()) {
                    Evidence fact = new Evidence.WorkedTooHard(
                            facts.client().checks().effort().talks() == YesNoUnknown.NO);
                    found.adjust(Move::isTiring, fact, TALK_WHILE_WORKING);
                }
            });

    private static final Rule SIDES = Rule.code("SIDE-WEAKER")
            .client("We start with the weaker side, and do no more on the other.")
            .instructor("One side scored lower: begin there and let it set the count for both.")
            .looks((facts, found) -> {
                SideCheck.Weaker weaker = facts.client().checks().sides().weaker();
                if (weaker.isOneSide()) {
                    found.adjust(
                            move -> move.sides() == Sides.EACH, new Evidence.WeakerSide(weaker), WEAKER_SIDE_FIRST);
                }
            });

    private static final Rule FAULTS = Rule.code("CONNECT-FAULT")
            .client("One thing to watch while you connect, so that the right layer does the work.")
            .instructor("A fault seen in the connect check: its own cue in connect and limb load until it is gone.")
            .looks((facts, found) -> CUES.forEach((fault, cue) -> {
                if (facts.client().checks().connect().has(fault)) {
                    found.adjust(CheckRules::isConnectWork, new Evidence.ConnectSeen(fault), cue);
                }
            }));

    private static final Rule FELT = Rule.code("CONNECT-FELT")
            .client("We connect where you can feel it, and try one position further.")
            .instructor(
                    "Connect felt up to one position: the levels of that position, the next one is tried with one set;"
                            + " further ones wait.")
            .steady()
            .looks((facts, found) -> facts.client()
                    .checks()
                    .connect()
                    .highestFelt()
                    .ifPresent(highest -> {
                        Evidence fact = new Evidence.ConnectFelt(highest);
                        found.adjust(move -> furtherThan(highest, move) == 1, fact, TRY_ONE_SET);
                        found.notYet(
                                move -> furtherThan(highest, move) > 1,
                                fact,
                                Gate.of(GateKind.CONNECT_FURTHER, false, fact.words()));
                    }));

    private CheckRules() {}

    private static boolean isConnectWork(Move move) {
        return move.strand() == ExerciseGroup.CONNECT || move.strand() == ExerciseGroup.LIMB_LOAD;
    }

    /** How many positions of the connect check a move lies beyond the highest in which it was felt. */
    private static int furtherThan(ConnectPosition highest, Move move) {
        return move.strand() == ExerciseGroup.CONNECT ? positionOf(move).step() - highest.step() : 0;
    }

    private static ConnectPosition positionOf(Move move) {
        if (move.load() > 0 || move.has(Demand.SQUAT)) {
            return ConnectPosition.DAILY_TASKS;
        }
        return switch (move.position()) {
            case HANDS_AND_KNEES -> ConnectPosition.HANDS_AND_KNEES;
            case SEATED_CHAIR, SEATED_FLOOR, SEATED_BALL -> ConnectPosition.SITTING;
            case STANDING, WALL -> ConnectPosition.STANDING;
            default -> ConnectPosition.LYING;
        };
    }

    static List<Rule> all() {
        return List.of(BREATH, EVEN, ZONES, FAULTS, FELT, TALK, SIDES);
    }
}
