package openbloom.core.verdict;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Falls;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;

/** Falls, and what an age asks for. Apart from a fall a number alone stops nobody. */
final class FallRules {
    private static final int MIDDLE_LOAD = 3;
    private static final int LIGHT_LOAD = 2;
    private static final Set<ExerciseGroup> STRENGTH = EnumSet.of(
            ExerciseGroup.STRENGTH_LEGS,
            ExerciseGroup.STRENGTH_PUSH,
            ExerciseGroup.STRENGTH_PULL,
            ExerciseGroup.STRENGTH_PRESS);

    private static final Rule SUPPORT = Rule.code("FALL-SUPPORT")
            .client("Keep a wall, a chair or a rail within reach, so that you can work without fear of falling.")
            .instructor(
                    "Unsteady, fell this year, fragile bones, or {} and over: balance and one-leg work with support within"
                            + " reach; eyes turning or closed only while holding on.",
                    Published.SUPPORT_FROM)
            .looks((facts, found) -> facts.unsteady()
                    .ifPresent(
                            fact -> found.adjust(BodyRules::isUnsteadyUpright, fact, Adjustment.SUPPORT_WITHIN_REACH)));

    private static final Rule NOTHING_TO_FALL_FROM = Rule.code("FALL-NONE")
            .client("Nothing you hang from, climb or jump onto, and nothing thrown over the head.")
            .instructor(
                    "Unsteady, fell, fragile bones, epilepsy, light-headed, or {} and over: nothing hung from, climbed, jumped"
                            + " onto or thrown over the head.",
                    Published.SUPPORT_FROM)
            .looks((facts, found) -> mayNotFall(facts)
                    .ifPresent(fact -> found.swap(
                            move -> move.has(Demand.FALL) || move.has(Demand.HANGING) || move.has(Demand.THROWN),
                            fact)));

    private static final Rule LOWEST = Rule.code("FALL-START")
            .client("We begin with the first step of the progression and see how it goes.")
            .instructor(
                    "Never trained, or not asked, and {} or over or with fragile bones: heavy and one-leg strength begins at the"
                            + " lowest level, with one set.",
                    Published.ASKED_BEFORE_LOAD)
            .looks((facts, found) -> untrained(facts).ifPresent(fact -> {
                found.notYet(
                        move -> isHardStrength(move) && move.rung() > facts.achieved(move.strand()) + 1,
                        fact,
                        Gate.of(GateKind.START_LEVEL, false, fact.words()));
                found.adjust(move -> isHardStrength(move) || isFirstStrength(move), fact, Adjustment.TRY_ONE_SET);
            }));

    private static final Rule ASK = Rule.code("AGE-ASK")
            .client("Tell us first whether you are steady on your feet, and about your bones and blood pressure.")
            .instructor(
                    "{} and over: blood pressure, falls and bones are asked before load 3.",
                    Published.ASKED_BEFORE_LOAD)
            .looks((facts, found) -> {
                boolean old = facts.client().background().isAtLeast(Published.ASKED_BEFORE_LOAD.amount());
                if (old && facts.client().background().falls() == Falls.NOT_ASKED) {
                    Evidence fact = new Evidence.Steadiness(Falls.NOT_ASKED);
                    found.notYet(
                            move -> move.load() >= MIDDLE_LOAD, fact, Gate.of(GateKind.ASKED, false, fact.words()));
                }
            });

    private static final Rule YOUNG = Rule.code("AGE-YOUNG")
            .client("While you are growing we stay well below your most, and a parent has said yes.")
            .instructor(
                    "Under {}: no maximal load; ask for a parent's consent. Pregnant or with a condition: a clinician's word"
                            + " before load 2.",
                    Published.GROWN_UP)
            .looks((facts, found) -> {
                if (facts.client().background().isUnder(Published.GROWN_UP.amount())) {
                    found.adjust(
                            move -> move.has(Demand.HEAVY), facts.evidence().years(), Adjustment.NOT_MAXIMAL);
                    needsAWord(facts)
                            .ifPresent(fact -> found.unlessMet(
                                    move -> move.load() >= LIGHT_LOAD,
                                    fact,
                                    facts.gates().clearance()));
                }
            });

    private FallRules() {}

    static List<Rule> all() {
        return List.of(SUPPORT, NOTHING_TO_FALL_FROM, LOWEST, ASK, YOUNG);
    }

    private static Optional<Evidence> mayNotFall(Facts facts) {
        if (facts.has(Condition.EPILEPSY)) {
            return Optional.of(facts.evidence().known(Condition.EPILEPSY));
        }
        return facts.has(Symptom.LIGHT_HEADED)
                ? Optional.of(facts.evidence().told(Symptom.LIGHT_HEADED))
                : facts.unsteady();
    }

    private static Optional<Evidence> untrained(Facts facts) {
        boolean never = facts.client()
                .background()
                .training()
                .filter(before -> before != Training.NONE)
                .isEmpty();
        if (!never) {
            return Optional.empty();
        }
        if (facts.has(Condition.OSTEOPOROSIS)) {
            return Optional.of(facts.evidence().known(Condition.OSTEOPOROSIS));
        }
        return facts.client().background().isAtLeast(Published.ASKED_BEFORE_LOAD.amount())
                ? Optional.of(facts.evidence().years())
                : Optional.empty();
    }

    private static boolean isHardStrength(Move move) {
        return STRENGTH.contains(move.strand()) && (move.has(Demand.HEAVY) || move.has(Demand.SINGLE_LEG));
    }

    private static boolean isFirstStrength(Move move) {
        return STRENGTH.contains(move.strand()) && move.rung() == 1;
    }

    private static Optional<Evidence> needsAWord(Facts facts) {
        if (facts.isPregnant()) {
            return Optional.of(facts.evidence().weeks());
        }
        return facts.client().medical().known().all().stream()
                .filter(condition -> condition != Condition.BREASTFEEDING)
                .sorted()
                .findFirst()
                .map(fact -> facts.evidence().known(fact));
    }
}
