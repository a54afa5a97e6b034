package openbloom.app.api.fhir;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import openbloom.core.screening.Condition;
import org.hl7.fhir.r4.model.CodeableConcept;
import org.hl7.fhir.r4.model.Coding;

/**
 * Conditions of common code lists that say the same as one of ours. It is short on purpose: what is not in it is told as not
 * understood and never guessed at (ICD-10 and SNOMED CT from memory).
 */
final class ConditionCodes {
    private static final String SNOMED = "http://snomed.info/sct";

    /** ICD-10 by its three or four characters. */
    private static final Map<String, Condition> ICD_10 = Map.ofEntries(
            Map.entry("O42", Condition.RUPTURED_MEMBRANES),
            Map.entry("O60", Condition.PREMATURE_LABOUR),
            Map.entry("O44", Condition.PLACENTA_PRAEVIA),
            Map.entry("O14", Condition.PRE_ECLAMPSIA),
            Map.entry("O13", Condition.GESTATIONAL_HYPERTENSION),
            Map.entry("O24.4", Condition.GESTATIONAL_DIABETES),
            Map.entry("O34.3", Condition.CERVICAL_INSUFFICIENCY),
            Map.entry("O36.5", Condition.GROWTH_RESTRICTION),
            Map.entry("O30.0", Condition.TWINS),
            Map.entry("N96", Condition.RECURRENT_LOSS),
            Map.entry("N81", Condition.PROLAPSE),
            Map.entry("G40", Condition.EPILEPSY),
            Map.entry("M81", Condition.OSTEOPOROSIS),
            Map.entry("K42", Condition.HERNIA),
            Map.entry("K43", Condition.HERNIA),
            Map.entry("F50", Condition.EATING_DISORDER));

    private static final Map<String, Condition> SNOMED_CT = Map.of(
            "398254007", Condition.PRE_ECLAMPSIA,
            "36813001", Condition.PLACENTA_PRAEVIA,
            "11687002", Condition.GESTATIONAL_DIABETES,
            "65147003", Condition.TWINS,
            "84757009", Condition.EPILEPSY,
            "64859006", Condition.OSTEOPOROSIS);

    private ConditionCodes() {}

    static Optional<Condition> of(CodeableConcept code) {
        return FhirFinding.constant(code, Condition.class)
                .or(() -> code.getCoding().stream()
                        .flatMap(one -> of(one).stream())
                        .findFirst());
    }

    private static Optional<Condition> of(Coding coding) {
        String system = String.valueOf(coding.getSystem()).toLowerCase(Locale.ROOT);
        String code = String.valueOf(coding.getCode()).toUpperCase(Locale.ROOT);
        if (system.equals(SNOMED)) {
            return Optional.ofNullable(SNOMED_CT.get(code));
        }
        return system.contains("icd-10") ? icd(code) : Optional.empty();
    }

    private static Optional<Condition> icd(String code) {
        String four = code.length() > 5 ? code.substring(0, 5) : code;
        String three = code.length() > 3 ? code.substring(0, 3) : code;
        return Optional.ofNullable(ICD_10.get(four)).or(() -> Optional.ofNullable(ICD_10.get(three)));
    }
}
