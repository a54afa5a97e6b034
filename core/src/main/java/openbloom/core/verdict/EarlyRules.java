package openbloom.core.verdict;

import java.util.List;
import java.util.Optional;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Gate;
import openbloom.core.words.Evidence;

/** What is welcome early after a birth, and what is not. */
final class EarlyRules {
    private static final List<Condition> PRESSURE = List.of(
            Condition.PRE_ECLAMPSIA,
            Condition.GESTATIONAL_HYPERTENSION,
            Condition.HIGH_BLOOD_PRESSURE_CONTROLLED,
            Condition.HIGH_BLOOD_PRESSURE_UNCONTROLLED);

    private static final Rule EARLY = Rule.code("PP-EARLY")
            .client("This is welcome already; stop if the bleeding gets redder, or pain or heaviness comes.")
            .instructor(
                    "Nothing reported and no wound open: from the first day tilts, heel slides, ankles; from {} weeks clam, side leg"
                            + " lift, bridge, wall push-up, squat to a chair, band row; from {} weeks body-weight squat, step-up,"
                            + " push-up at a counter. After a caesarean {} weeks later, closed.",
                    Published.EARLY_SECOND,
                    Published.EARLY_THIRD,
                    Published.EARLY_CAESAREAN_LATER)
            .source(Source.E_RUN)
            .looks((facts, found) -> {
                if (!facts.isPastFirstLook()) {
                    found.adjust(
                            move -> EarlyMoves.isListed(move)
                                    && move.strand() != ExerciseGroup.MOBILITY
                                    && !isDoneWell(facts, move),
                            facts.evidence().sinceBirth(),
                            Adjustment.STOP_IF_REDDER);
                }
            });

    private static final Rule HEAVY = Rule.code("PP-HEAVY")
            .client("Heavy weights come back last; until then we build up with lighter ones.")
            .instructor(
                    "Heavy loads wait to {} weeks after a birth, {} after a caesarean, {} after a third- or fourth-degree tear; but for"
                            + " levels of a sport she had, seen flat lately, with a clinician's word for load.",
                    Published.HEAVY_AFTER_BIRTH,
                    Published.HEAVY_AFTER_CAESAREAN,
                    Published.HEAVY_AFTER_DEEP_TEAR)
            .onlyAfterABirth()
            .looks((facts, found) -> facts.recentBirth()
                    .ifPresent(birth -> found.unlessMet(
                            move -> move.has(Demand.HEAVY) && !isHerSport(facts, move),
                            facts.evidence().sinceBirth(),
                            facts.gates().time(birth, heavyFrom(birth)))));

    private static final Rule OVERHEAD = Rule.code("PP-PRESSURE")
            .client(
                    "With your blood pressure nothing heavy goes overhead in the first weeks, and the breath keeps moving.")
            .instructor(
                    "High blood pressure or pre-eclampsia after a birth: nothing heavy overhead and no held breath for {} weeks.",
                    Published.PRESSURE_AFTER_BIRTH)
            .onlyAfterABirth()
            .looks((facts, found) -> facts.recentBirth()
                    .ifPresent(birth -> facts.firstKnown(PRESSURE).ifPresent(condition -> {
                        Gate time = facts.gates().time(birth, Published.PRESSURE_AFTER_BIRTH);
                        found.unlessMet(
                                move -> move.has(Demand.HEAVY) && move.has(Demand.OVERHEAD),
                                facts.evidence().known(condition),
                                time);
                        if (!time.met()) {
                            Evidence fact = facts.evidence().known(condition);
                            found.adjust(move -> move.has(Demand.BREATH_HOLD), fact, Adjustment.NO_BREATH_HOLD);
                        }
                    })));

    private EarlyRules() {}

    static List<Rule> all() {
        return List.of(EARLY, HEAVY, OVERHEAD);
    }

    private static Published heavyFrom(Birth birth) {
        if (birth.tear().reachesSphincter()) {
            return Published.HEAVY_AFTER_DEEP_TEAR;
        }
        return birth.healsSlowly() ? Published.HEAVY_AFTER_CAESAREAN : Published.HEAVY_AFTER_BIRTH;
    }

    private static boolean isHerSport(Facts facts, Move move) {
        return facts.client().background().training().equals(Optional.of(Training.SPORT))
                && facts.isSeenFlat(move)
                && facts.clearance().isPresent();
    }

    private static boolean isDoneWell(Facts facts, Move move) {
        return move.isEarned() && facts.isWritten(move.strand()) && facts.achieved(move.strand()) >= move.rung();
    }
}
