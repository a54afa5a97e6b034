package openbloom.core.record;

import java.util.List;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SurgeryKind;

/**
 * What she and her clinician have said about her health.
 *
 * @param conditions what she answered when all of them were asked
 * @param besides conditions known by another way; that one is known never means that the others were asked
 * @param operations each with its kind and, where it was told, its day
 * @param pessary whether she wears one
 * @see Client
 * @see CaseNotes
 */
public record Medical(
        Answer<Conditions> conditions,
        Conditions besides,
        Optional<Clearance> clearance,
        List<Surgery> operations,
        YesNoUnknown pessary) {
    /** Nothing was asked and nothing is known. */
    public static final Medical UNKNOWN =
            new Medical(Answer.notAsked(), Conditions.NONE, Optional.empty(), List.of(), YesNoUnknown.UNKNOWN);

    public Medical {
        operations = List.copyOf(operations);
    }

    /** Her operations; one that is known as a condition alone has its day, if any, and no kind. */
    public List<Surgery> surgeries() {
        boolean asCondition = operations.isEmpty() && known().has(Condition.EARLIER_SURGERY);
        return asCondition
                ? List.of(new Surgery(SurgeryKind.UNKNOWN, known().since(Condition.EARLIER_SURGERY), false))
                : operations;
    }

    /** The conditions known of her, asked for or not. */
    public Conditions known() {
        return conditions.known().orElse(Conditions.NONE).and(besides);
    }

    Medical told(Answer<Conditions> told) {
        return new Medical(told, besides, clearance, operations, pessary);
    }

    Medical knownBesides(Conditions others) {
        return new Medical(conditions, others, clearance, operations, pessary);
    }

    Medical cleared(Clearance given) {
        return new Medical(conditions, besides, Optional.of(given), operations, pessary);
    }

    Medical operated(List<Surgery> all) {
        return new Medical(conditions, besides, clearance, all, pessary);
    }

    Medical withPessary(YesNoUnknown wears) {
        return new Medical(conditions, besides, clearance, operations, wears);
    }
}
