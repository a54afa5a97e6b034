package openbloom.core.screening;

/**
 * Conditions known at intake or told since.
 *
 * @see Contraindication
 */
public enum Condition {
    RUPTURED_MEMBRANES("ruptured membranes", "your waters have broken"),
    PREMATURE_LABOUR("premature labour", "labour has begun too early"),
    UNEXPLAINED_BLEEDING("unexplained persistent vaginal bleeding", "you are bleeding and nobody knows why yet"),
    PLACENTA_PRAEVIA("placenta praevia", "your placenta lies low"),
    PRE_ECLAMPSIA("pre-eclampsia", "you have pre-eclampsia"),
    CERVICAL_INSUFFICIENCY("cervical insufficiency", "the neck of your womb may open too early"),
    GROWTH_RESTRICTION("growth restriction of the baby", "your baby is growing more slowly than it should"),
    TRIPLETS_OR_MORE("three or more babies", "you are carrying three or more babies"),
    TWINS("twins", "you are carrying twins"),
    DIABETES_TYPE_1_UNCONTROLLED("type 1 diabetes, not controlled", "your diabetes is not under control yet"),
    HIGH_BLOOD_PRESSURE_UNCONTROLLED(
            "high blood pressure, not controlled", "your blood pressure is not under control yet"),
    THYROID_UNCONTROLLED("thyroid disease, not controlled", "your thyroid is not under control yet"),
    SERIOUS_HEART_LUNG_OR_SYSTEMIC("another serious heart, lung or systemic disorder", "you have a serious illness"),
    RECURRENT_LOSS("recurrent pregnancy loss", "you have lost pregnancies before"),
    GESTATIONAL_HYPERTENSION("gestational high blood pressure", "your blood pressure has risen in this pregnancy"),
    PREVIOUS_PRETERM_BIRTH("an earlier spontaneous preterm birth", "a baby of yours was born too early before"),
    MILD_HEART_OR_LUNG("mild or moderate heart or lung disease", "you have a heart or lung illness"),
    ANAEMIA_SYMPTOMATIC("anaemia with symptoms", "you have anaemia and feel it"),
    MALNUTRITION("malnutrition", "your body is short of food"),
    EATING_DISORDER("an eating disorder", "you have an eating disorder"),
    OTHER_SIGNIFICANT("another significant condition", "you have an illness your clinician has to think about first"),
    HIGH_BLOOD_PRESSURE_CONTROLLED("high blood pressure, controlled"),
    DIABETES_TYPE_1_CONTROLLED("type 1 diabetes, controlled"),
    THYROID_CONTROLLED("thyroid disease, controlled"),
    ANAEMIA("anaemia without symptoms"),
    EPILEPSY("epilepsy"),
    OSTEOPOROSIS("osteoporosis"),
    PROLAPSE("prolapse, reported by a clinician"),
    GESTATIONAL_DIABETES("gestational diabetes"),
    HERNIA("a hernia"),
    EARLIER_SURGERY("earlier pelvic or abdominal surgery"),
    VERTEBRAL_FRACTURE("a vertebral fracture"),
    BREASTFEEDING("breastfeeding");

    private final String words;
    private final String clauseToHer;

    /** A condition that is no contraindication by itself. */
    Condition(String words) {
        this(words, "");
    }

    Condition(String words, String clauseToHer) {
        this.words = words;
        this.clauseToHer = clauseToHer;
    }

    public String words() {
        return words;
    }

    /** What it is, said to her, as a clause after “because”; empty where it is no {@link Contraindication}. */
    public String clauseToHer() {
        return clauseToHer;
    }
}
