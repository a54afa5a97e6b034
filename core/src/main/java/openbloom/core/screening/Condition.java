package openbloom.core.screening;

/**
 * Conditions known at intake or told since.
 *
 * @see Contraindication
 */
public enum Condition {
    RUPTURED_MEMBRANES("ruptured membranes"),
    PREMATURE_LABOUR("premature labour"),
    UNEXPLAINED_BLEEDING("unexplained persistent vaginal bleeding"),
    PLACENTA_PRAEVIA("placenta praevia"),
    PRE_ECLAMPSIA("pre-eclampsia"),
    CERVICAL_INSUFFICIENCY("cervical insufficiency"),
    GROWTH_RESTRICTION("growth restriction of the baby"),
    TRIPLETS_OR_MORE("three or more babies"),
    TWINS("twins"),
    DIABETES_TYPE_1_UNCONTROLLED("type 1 diabetes, not controlled"),
    HIGH_BLOOD_PRESSURE_UNCONTROLLED("high blood pressure, not controlled"),
    THYROID_UNCONTROLLED("thyroid disease, not controlled"),
    SERIOUS_HEART_LUNG_OR_SYSTEMIC("other serious heart, lung or systemic disorder"),
    RECURRENT_LOSS("recurrent pregnancy loss"),
    GESTATIONAL_HYPERTENSION("high blood pressure that came with this pregnancy"),
    PREVIOUS_PRETERM_BIRTH("earlier spontaneous preterm birth"),
    MILD_HEART_OR_LUNG("mild or moderate heart or lung disease"),
    ANAEMIA_SYMPTOMATIC("anaemia with symptoms"),
    MALNUTRITION("malnutrition"),
    EATING_DISORDER("eating disorder"),
    OTHER_SIGNIFICANT("other significant condition"),
    HIGH_BLOOD_PRESSURE_CONTROLLED("high blood pressure, controlled"),
    DIABETES_TYPE_1_CONTROLLED("type 1 diabetes, controlled"),
    THYROID_CONTROLLED("thyroid disease, controlled"),
    ANAEMIA("anaemia without symptoms"),
    EPILEPSY("epilepsy"),
    OSTEOPOROSIS("osteoporosis"),
    PROLAPSE("prolapse, reported by a clinician"),
    GESTATIONAL_DIABETES("diabetes that came with this pregnancy"),
    HERNIA("a hernia"),
    EARLIER_SURGERY("earlier pelvic or abdominal surgery"),
    VERTEBRAL_FRACTURE("a vertebral fracture"),
    BREASTFEEDING("breastfeeding");

    private final String words;

    Condition(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
