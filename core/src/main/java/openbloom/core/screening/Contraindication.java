package openbloom.core.screening;

import static openbloom.core.screening.Condition.*;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.dating.GestationalAge;
import openbloom.core.evidence.Published;

/**
 * How a condition bears on exercise at all (E-CONTRA).
 *
 * @see Condition
 * @see GestationalAge
 */
public enum Contraindication {
    ABSOLUTE,
    RELATIVE;

    private static final Set<Condition> ABSOLUTE_ALWAYS = Set.of(
            DIABETES_TYPE_1_UNCONTROLLED, THYROID_UNCONTROLLED, SERIOUS_HEART_LUNG_OR_SYSTEMIC, UNEXPLAINED_BLEEDING);
    private static final Set<Condition> ABSOLUTE_PREGNANT = Set.of(
            RUPTURED_MEMBRANES,
            PREMATURE_LABOUR,
            PRE_ECLAMPSIA,
            CERVICAL_INSUFFICIENCY,
            GROWTH_RESTRICTION,
            HIGH_BLOOD_PRESSURE_UNCONTROLLED,
            TRIPLETS_OR_MORE);
    private static final Set<Condition> RELATIVE_ALWAYS =
            Set.of(MILD_HEART_OR_LUNG, ANAEMIA_SYMPTOMATIC, MALNUTRITION, EATING_DISORDER, OTHER_SIGNIFICANT);
    private static final Set<Condition> RELATIVE_PREGNANT =
            Set.of(RECURRENT_LOSS, GESTATIONAL_HYPERTENSION, PREVIOUS_PRETERM_BIRTH);

    /**
     * How a condition bears on a woman today.
     *
     * @param age how far she is, empty when she is not pregnant
     */
    public static Optional<Contraindication> of(Condition condition, Optional<GestationalAge> age) {
        if (ABSOLUTE_ALWAYS.contains(condition)) {
            return Optional.of(ABSOLUTE);
        }
        if (RELATIVE_ALWAYS.contains(condition)) {
            return Optional.of(RELATIVE);
        }
        return age.isPresent() ? inPregnancy(condition, age.get()) : notPregnant(condition);
    }

    /** Uncontrolled pressure waits for her clinician at any age; pre-eclampsia counts for a while after the birth. */
    private static Optional<Contraindication> notPregnant(Condition condition) {
        return condition == HIGH_BLOOD_PRESSURE_UNCONTROLLED || condition == PRE_ECLAMPSIA
                ? Optional.of(RELATIVE)
                : Optional.empty();
    }

    private static Optional<Contraindication> inPregnancy(Condition condition, GestationalAge age) {
        if (condition == PLACENTA_PRAEVIA) {
            boolean late = age.isAtLeastWeeks(Published.PLACENTA_PRAEVIA_LIMIT.amount());
            return Optional.of(late ? ABSOLUTE : RELATIVE);
        }
        if (condition == TWINS) {
            return age.isAtLeastWeeks(Published.TWINS_LIMIT.amount()) ? Optional.of(RELATIVE) : Optional.empty();
        }
        if (ABSOLUTE_PREGNANT.contains(condition)) {
            return Optional.of(ABSOLUTE);
        }
        return RELATIVE_PREGNANT.contains(condition) ? Optional.of(RELATIVE) : Optional.empty();
    }

    /** Every condition that can bear on a pregnancy in this way at some time. */
    public static List<Condition> listed(Contraindication kind) {
        return listed(kind, Optional.of(GestationalAge.of(Published.TWINS_LIMIT.amount(), 0)));
    }

    /** Every condition that bears in this way on a woman who is not pregnant. */
    public static List<Condition> listedNotPregnant(Contraindication kind) {
        return listed(kind, Optional.empty());
    }

    private static List<Condition> listed(Contraindication kind, Optional<GestationalAge> age) {
        return List.of(Condition.values()).stream()
                .filter(condition -> of(condition, age).equals(Optional.of(kind)))
                .toList();
    }
}
