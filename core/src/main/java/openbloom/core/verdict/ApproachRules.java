package openbloom.core.verdict;

import java.util.List;
import java.util.function.Predicate;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Purpose;
import openbloom.core.record.ApproachChoice;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.words.Evidence;

/** What a chosen approach adds to a move; none of it opens what another rule holds back. */
final class ApproachRules {
    private static final Predicate<Facts> ALWAYS = facts -> true;

    private static final Rule BACK = chosen(
            "APP-BACK",
            ApproachChoice.PRESSED_BACK,
            "Let the low back rest lightly into the floor while the legs move.",
            "Her approach presses the low back lightly down when lying: lightly, never by gripping the belly.",
            Adjustment.PRESS_LIGHTLY,
            ALWAYS,
            Adjustment.PRESS_LIGHTLY,
            move -> move.position() == Position.HOOKLYING && move.strand() == ExerciseGroup.LIMB_LOAD);

    private static final Rule BRIDGE = chosen(
            "APP-BRIDGE",
            ApproachChoice.TAIL_TUCKED,
            "Roll up and down one vertebra at a time, the tail first.",
            "Her approach teaches the bridge tail first, vertebra by vertebra; not with osteoporosis or a fracture.",
            Adjustment.BONE_BY_BONE,
            facts -> !facts.has(Condition.OSTEOPOROSIS) && !facts.has(Condition.VERTEBRAL_FRACTURE),
            Adjustment.IN_ONE_PIECE,
            move -> move.purpose() == Purpose.HIP_EXTENSION && move.position() == Position.HOOKLYING);

    private static final Rule BRACE = chosen(
            "APP-BRACE",
            ApproachChoice.LIGHT_BRACE,
            "Keep a light tension between the repetitions and go on breathing.",
            "Her approach keeps a light brace between repetitions while breathing; never with a floor that cannot let go.",
            Adjustment.LIGHT_BRACE_STAYS,
            facts -> !facts.isFloorToLetGo(),
            Adjustment.LET_ALL_GO,
            move -> move.demands().midlineLoad() >= 2 && move.strand() != ExerciseGroup.IMPACT);

    private static final Rule EMPTY = chosen(
            "APP-EMPTY",
            ApproachChoice.EMPTY_AFTER_BIRTH,
            "Breathe out fully and wait a moment, empty, before the next breath comes by itself.",
            "Her approach pauses empty after a full out-breath: after birth only, not with high blood pressure, heaviness"
                    + " or pain.",
            Adjustment.EMPTY_PAUSE,
            ApproachRules::mayPauseEmpty,
            Adjustment.NO_PAUSE,
            move -> move.strand() == ExerciseGroup.BREATH);

    private static final Rule ARCH = chosen(
            "APP-ARCH",
            ApproachChoice.ALSO_ARCH,
            "After rounding, let the back sink gently the other way.",
            "Her approach also arches gently on hands and knees; only as far as the belly stays flat.",
            Adjustment.ARCH_TOO,
            ALWAYS,
            Adjustment.ARCH_TOO,
            move -> move.position() == Position.HANDS_AND_KNEES && move.has(Demand.ROUNDED));

    private static final Rule ORDER = chosen(
            "APP-ORDER",
            ApproachChoice.ONE_AFTER_ANOTHER,
            "Close and lift one opening after the other, from the back to the front, then let all go.",
            "Her approach tells a lift as one opening after the other, from the back to the front.",
            Adjustment.LIFT_IN_ORDER,
            ALWAYS,
            Adjustment.LIFT_IN_ORDER,
            move -> move.strand().isPelvicFloorLift());

    private static final Rule EMPTY_MOVE = Rule.code("APP-EMPTY-MOVE")
            .client("No pause with empty lungs: let the next breath come by itself.")
            .instructor(
                    "A pause with empty lungs belongs to one approach only, after birth, and not with high blood pressure,"
                            + " heaviness or pain.")
            .by(ApproachChoice.EMPTY_AFTER_BIRTH.question())
            .looks((facts, found) -> {
                boolean chosen = facts.follows(ApproachChoice.EMPTY_AFTER_BIRTH);
                if (!chosen || !mayPauseEmpty(facts)) {
                    ApproachChoice hers = chosen ? ApproachChoice.EMPTY_AFTER_BIRTH : ApproachChoice.NO_EMPTY_PAUSE;
                    found.swap(move -> move.has(Demand.EMPTY_PAUSE), new Evidence.Chosen(hers));
                }
            });

    private static final Rule ARCH_MOVE = Rule.code("APP-ARCH-MOVE")
            .client("Round and come back to level; no arch the other way.")
            .instructor("Her approach rounds and returns to level on hands and knees; the arch is left out.")
            .by(ApproachChoice.ALSO_ARCH.question())
            .steady()
            .looks((facts, found) -> {
                if (!facts.follows(ApproachChoice.ALSO_ARCH)) {
                    found.swap(move -> move.has(Demand.ARCHED), new Evidence.Chosen(ApproachChoice.LEVEL_AND_ROUND));
                }
            });

    private ApproachRules() {}

    static List<Rule> all() {
        return List.of(BACK, BRIDGE, BRACE, EMPTY, ARCH, ORDER, EMPTY_MOVE, ARCH_MOVE);
    }

    private static boolean mayPauseEmpty(Facts facts) {
        boolean settled = facts.recentBirth().isPresent() && !facts.isWithinOfBirth(Published.FULL_CHECK_AFTER_BIRTH);
        boolean pressure = facts.has(Condition.HIGH_BLOOD_PRESSURE_CONTROLLED)
                || facts.has(Condition.HIGH_BLOOD_PRESSURE_UNCONTROLLED)
                || facts.has(Condition.GESTATIONAL_HYPERTENSION);
        return settled && !pressure && Symptom.AGAINST_IMPACT.stream().noneMatch(facts::has);
    }

    /**
     * A rule that speaks when a choice was made.
     *
     * @param may whether it does her no harm
     * @param instead what is done otherwise
     */
    private static Rule chosen(
            String code,
            ApproachChoice choice,
            String client,
            String instructor,
            Adjustment adjustment,
            Predicate<Facts> may,
            Adjustment instead,
            Predicate<Move> touches) {
        return Rule.code(code)
                .client(client)
                .instructor(instructor)
                .by(choice.question())
                .onlyOf(record -> record.approach().is(choice))
                .looks((facts, found) -> {
                    if (facts.follows(choice)) {
                        found.adjust(touches, new Evidence.Chosen(choice), may.test(facts) ? adjustment : instead);
                    }
                });
    }
}
