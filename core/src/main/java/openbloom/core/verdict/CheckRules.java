package openbloom.core.verdict;

import static openbloom.core.verdict.Adjustment.NO_BREATH_HOLD;
import static openbloom.core.verdict.Adjustment.TALK_WHILE_WORKING;
import static openbloom.core.verdict.Adjustment.THREE_EVEN_BREATHS;
import static openbloom.core.verdict.Adjustment.WEAKER_SIDE_FIRST;

import java.util.List;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.ConnectFault;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.record.Choice;
import openbloom.core.record.Question;
import openbloom.core.screening.SideCheck;
import openbloom.core.stage.Told;
import openbloom.core.words.Evidence;

/** What the breath, connect, side and effort checks change. */
final class CheckRules {

    private static final Rule BREATH = Rule.code("BREATH-DOWN")
            .client("Let the breath out through the effort so that nothing presses down.")
            .instructor("The breath check showed bearing down or a held breath: out-breath through every effort.")
            .source(Source.E_SAPS)
            .looks((facts, found) -> {
                if (facts.client().checks().breath().pressesDown()) {
                    Evidence fact =
                            new Evidence.BreathFound(facts.client().checks().breath());
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
                boolean bellyFirst = facts.client().checks().breath() == BreathFinding.BELLY_ONLY
                        && facts.follows(Choice.BELLY_FIRST);
                if (facts.client().checks().breath().needsEvening() && !bellyFirst) {
                    Evidence fact =
                            new Evidence.BreathFound(facts.client().checks().breath());
                    found.adjust(Move::isTiring, fact, THREE_EVEN_BREATHS);
                }
            });

    private static final Rule TALK = Rule.code("EFFORT-TALK")
            .client("Work only as hard as you can still talk in full sentences.")
            .instructor("Could not talk in sentences, or over 14 on the 6–20 scale at the last check: ease off.")
            .source(Source.E_ACOG804)
            .looks((facts, found) -> {
                if (facts.client().checks().effort().isTooHard()) {
                    Evidence fact = new Evidence.WorkedTooHard(
                            facts.client().checks().effort().talks() == Told.NO);
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

    private CheckRules() {}

    static List<Rule> all() {
        return List.of(BREATH, EVEN, TALK, SIDES);
    }
}
