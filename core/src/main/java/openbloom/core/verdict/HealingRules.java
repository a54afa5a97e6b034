package openbloom.core.verdict;

import static openbloom.core.evidence.Published.SURGERY_LIGHT;
import static openbloom.core.evidence.Published.SURGERY_LIGHT_OPEN;
import static openbloom.core.evidence.Published.SURGERY_REPAIR;
import static openbloom.core.evidence.Published.SURGERY_REST;
import static openbloom.core.evidence.Published.SURGERY_WITHOUT_A_WORD;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Rotation;
import openbloom.core.record.Clearance;
import openbloom.core.record.Surgery;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;

/** What an operation and a wound ask for, in every strand. Their weeks are the leaflets'; what they say of moves is practice. */
final class HealingRules {
    private static final Set<ExerciseGroup> FLOOR = EnumSet.of(
            ExerciseGroup.PELVIC_FLOOR_ENDURANCE, ExerciseGroup.PELVIC_FLOOR_QUICK, ExerciseGroup.PELVIC_FLOOR_AREAS);

    private static final Rule REST = Rule.code("SURG-REST")
            .client("In the first two weeks after an operation: breath, easy movement of the feet and short walks.")
            .instructor(
                    "Under {} weeks after an operation, or its day not given: breath, connect without strain, gentle"
                            + " pelvic floor if allowed, feet and ankles, lying at rest, short walks.",
                    SURGERY_REST)
            .source(Source.E_SURGERY)
            .looks(each((facts, found, surgery) -> {
                if (isUnder(facts, surgery, SURGERY_REST)) {
                    Evidence fact = new Evidence.Operated(surgery);
                    found.notYet(
                            move -> !isRestful(move) && !move.isWalking(), fact, time(facts, surgery, SURGERY_REST));
                    found.adjust(Move::isWalking, fact, Adjustment.EASY_PACE);
                }
            }));

    private static final Rule LIGHT = Rule.code("SURG-LIGHT")
            .client("Until the wound has had its weeks we stay light, and nothing pulls on it.")
            .instructor(
                    "Under {} weeks after an operation ({} if open or not known how): load 1, no curl, no turn to the"
                            + " end, no long stretch of the belly wall, no impact.",
                    SURGERY_LIGHT,
                    SURGERY_LIGHT_OPEN)
            .source(Source.E_SURGERY)
            .looks(each((facts, found, surgery) -> {
                Published until = surgery.kind().isSlow() ? SURGERY_LIGHT_OPEN : SURGERY_LIGHT;
                if (isUnder(facts, surgery, until)) {
                    found.notYet(
                            move -> move.load() > 1
                                    || move.demands().flexion() != Flexion.NONE
                                    || move.isImpact()
                                    || pullsOnTheWound(move),
                            new Evidence.Operated(surgery),
                            time(facts, surgery, until));
                }
            }));

    private static final Rule WORD = Rule.code("SURG-WORD")
            .client("After an operation your clinician says when harder exercises may begin.")
            .instructor(
                    "After an operation: load 2 and more, curls and impact need a clinician's word for it, dated after"
                            + " the operation; from {} weeks load 2 without one.",
                    SURGERY_WITHOUT_A_WORD)
            .source(Source.E_SURGERY)
            .looks(each((facts, found, surgery) -> {
                if (!isUnder(facts, surgery, SURGERY_REST)) {
                    int open = isUnder(facts, surgery, SURGERY_WITHOUT_A_WORD) ? 1 : 2;
                    found.unlessMet(
                            move -> move.load() > open || move.has(Demand.HEAVY) || move.isCurl() || move.isImpact(),
                            new Evidence.Operated(surgery),
                            wordSince(facts, surgery));
                }
            }));

    private static final Rule REPAIR = Rule.code("SURG-REPAIR")
            .client(
                    "After a repair of the pelvic floor nothing heavy and no jumping or running for twelve weeks, then when your"
                            + " clinician says so.")
            .instructor(
                    "After a prolapse or continence repair: no heavy load and no impact for {} weeks, then a clinician's word"
                            + " for it.",
                    SURGERY_REPAIR)
            .source(Source.E_SURGERY)
            .looks(each((facts, found, surgery) -> {
                if (surgery.kind().isRepair()) {
                    found.unlessMet(
                            move -> move.has(Demand.HEAVY) || move.isImpact(),
                            new Evidence.Operated(surgery),
                            time(facts, surgery, SURGERY_REPAIR),
                            wordSince(facts, surgery));
                }
            }));

    private static final Rule BELLY = Rule.code("WOUND-BELLY")
            .client("Nothing that pulls on the wound of your belly until it has closed and had its six weeks.")
            .instructor(
                    "Wound of the belly open, not known to be closed, or under {} weeks: no long stretch of the front, no"
                            + " turn to the end, the head not below the heart, no lying on the front.",
                    Published.YOUNG_WOUND)
            .looks((facts, found) -> facts.bellyWound()
                    .ifPresent(fact -> found.notYet(HealingRules::pullsOnTheWound, fact, wound(facts, fact))));

    private static final Rule HEAD_LOW = Rule.code("HEAD-LOW")
            .client("Keep your head above your heart for now.")
            .instructor(
                    "The head not below the heart: in the first {} weeks after any birth, with pre-eclampsia, and with acid"
                            + " that comes up.",
                    Published.HEAD_LOW_AFTER_BIRTH)
            .looks((facts, found) ->
                    headLow(facts).ifPresent(fact -> found.swap(move -> move.has(Demand.HEAD_LOW), fact)));

    private static final Rule DEEP_TEAR = Rule.code("PP-TEAR-34-WIDE")
            .client("No wide-legged stretch in the first six weeks after a deep tear.")
            .instructor(
                    "Third- or fourth-degree tear under {} weeks: nothing wide-legged, no deep opening of the hips.",
                    Published.YOUNG_WOUND)
            .source(Source.E_RCOG29)
            .onlyAfterABirth()
            .looks((facts, found) -> facts.recentBirth()
                    .filter(birth -> birth.tear().reachesSphincter())
                    .ifPresent(birth -> found.unlessMet(
                            move -> move.has(Demand.WIDE),
                            new Evidence.TearKnown(birth.tear()),
                            facts.gates().time(birth, Published.YOUNG_WOUND))));

    private HealingRules() {}

    static List<Rule> all() {
        return List.of(REST, LIGHT, WORD, REPAIR, BELLY, HEAD_LOW, DEEP_TEAR);
    }

    /** What a rule finds in one operation. */
    private interface WoundState {
        void at(Facts facts, Findings found, Surgery surgery);
    }

    private static BiConsumer<Facts, Findings> each(WoundState look) {
        return (facts, found) -> facts.surgeries().forEach(surgery -> look.at(facts, found, surgery));
    }

    private static boolean isUnder(Facts facts, Surgery surgery, Published span) {
        return facts.daysSince(surgery).orElse(Long.MAX_VALUE) < span.days();
    }

    private static Gate time(Facts facts, Surgery surgery, Published span) {
        return surgery.on()
                .map(on -> Gate.since(GateKind.TIME_SINCE_SURGERY, on, on.plusDays(span.days()), facts.day()))
                .orElseGet(() -> Gate.of(GateKind.ASKED, false, "the day of the operation was not given"));
    }

    /** A word for it: general ones open nothing here. */
    private static Gate wordSince(Facts facts, Surgery surgery) {
        LocalDate earliest = surgery.on().map(on -> on.plusDays(1)).orElse(facts.day());
        Optional<Clearance> word = facts.clearance()
                .filter(given -> given.answers().contains(Condition.EARLIER_SURGERY))
                .filter(given -> !given.date().isBefore(earliest));
        return facts.gates().word(word, "none for the operation and after it");
    }

    private static boolean pullsOnTheWound(Move move) {
        return move.has(Demand.OVERHEAD)
                || move.has(Demand.FRONT_STRETCH)
                || move.has(Demand.ARCHED)
                || move.has(Demand.HEAD_LOW)
                || move.demands().rotation() == Rotation.END
                || move.position() == Position.PRONE;
    }

    /** Lying, sitting and standing at rest, breath, connect without strain, gentle floor, feet and ankles. */
    private static boolean isRestful(Move move) {
        boolean strained = move.has(Demand.BRACED) || move.has(Demand.EMPTY_PAUSE) || move.has(Demand.WRAPPED);
        boolean easy = move.load() == 0 && !pullsOnTheWound(move) && !strained;
        boolean lettingGo =
                move.strand() == ExerciseGroup.RELEASE && !move.has(Demand.ROUNDED) && !move.has(Demand.WIDE);
        boolean feet =
                move.strand() == ExerciseGroup.BALANCE && !move.has(Demand.BALANCE) && !move.has(Demand.SINGLE_LEG);
        boolean gentle = FLOOR.contains(move.strand()) && !move.has(Demand.INNER_THIGH_SQUEEZE);
        return easy
                && (move.strand() == ExerciseGroup.BREATH
                        || move.strand() == ExerciseGroup.CONNECT
                        || gentle
                        || lettingGo
                        || feet);
    }

    private static Gate wound(Facts facts, Evidence fact) {
        Optional<Birth> caesarean = facts.recentBirth().filter(Birth::mayBeCaesarean);
        if (caesarean.isPresent() && !facts.gates().wound().met()) {
            return facts.gates().wound();
        }
        LocalDate since = fact.on().orElse(facts.day());
        GateKind kind = caesarean.isPresent() ? GateKind.TIME : GateKind.TIME_SINCE_SURGERY;
        return Gate.since(kind, since, since.plusDays(Published.YOUNG_WOUND.days()), facts.day());
    }

    private static Optional<Evidence> headLow(Facts facts) {
        if (facts.isWithinOfBirth(Published.HEAD_LOW_AFTER_BIRTH)) {
            return Optional.of(facts.evidence().sinceBirth());
        }
        if (facts.has(Condition.PRE_ECLAMPSIA)
                && facts.bearing(Condition.PRE_ECLAMPSIA).isPresent()) {
            return Optional.of(facts.evidence().known(Condition.PRE_ECLAMPSIA));
        }
        return facts.has(Symptom.REFLUX) ? Optional.of(facts.evidence().told(Symptom.REFLUX)) : Optional.empty();
    }
}
