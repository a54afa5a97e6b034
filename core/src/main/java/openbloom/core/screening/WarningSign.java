package openbloom.core.screening;

import static openbloom.core.screening.Urgency.EMERGENCY;
import static openbloom.core.screening.Urgency.SAME_DAY;
import static openbloom.core.screening.WarningSign.Season.AFTER_BIRTH;
import static openbloom.core.screening.WarningSign.Season.ANY;
import static openbloom.core.screening.WarningSign.Season.PREGNANT;

import java.util.Arrays;
import java.util.List;
import openbloom.core.evidence.Source;

/** Signs asked about before anything else. One yes ends the visit (E-WARN in pregnancy, E-URGENT after birth). */
public enum WarningSign {
    VAGINAL_BLEEDING(PREGNANT, SAME_DAY, "bleeding from the vagina"),
    ABDOMINAL_PAIN(PREGNANT, SAME_DAY, "pain in the belly"),
    PAINFUL_CONTRACTIONS(PREGNANT, SAME_DAY, "regular painful contractions"),
    FLUID_LEAKING(PREGNANT, SAME_DAY, "fluid leaking from the vagina"),
    BREATHLESS_BEFORE_EFFORT(PREGNANT, EMERGENCY, "breathless before any effort"),
    DIZZINESS(PREGNANT, SAME_DAY, "dizziness"),
    HEADACHE(ANY, SAME_DAY, "a headache that will not go or is getting worse"),
    CHEST_PAIN(ANY, EMERGENCY, "chest pain or a racing heart"),
    MUSCLE_WEAKNESS(PREGNANT, SAME_DAY, "muscle weakness that upsets her balance"),
    CALF_PAIN_OR_SWELLING(ANY, EMERGENCY, "pain, redness or swelling in a calf or another limb"),
    FAINTING(AFTER_BIRTH, EMERGENCY, "fainting"),
    THOUGHTS_OF_HARM(ANY, EMERGENCY, "thoughts of harming herself or the baby"),
    VISION_CHANGES(ANY, EMERGENCY, "changes in her sight"),
    FEVER(AFTER_BIRTH, SAME_DAY, "a fever of 38 °C or more"),
    EXTREME_SWELLING(ANY, EMERGENCY, "extreme swelling of hands or face"),
    TROUBLE_BREATHING(ANY, EMERGENCY, "trouble breathing"),
    SEVERE_VOMITING(ANY, SAME_DAY, "severe vomiting"),
    SEVERE_BELLY_PAIN(AFTER_BIRTH, EMERGENCY, "severe belly pain that does not go away"),
    HEAVY_BLEEDING(AFTER_BIRTH, EMERGENCY, "heavy bleeding or a bad-smelling discharge"),
    OVERWHELMING_TIREDNESS(AFTER_BIRTH, SAME_DAY, "overwhelming tiredness");

    /** When a sign is asked about. */
    public enum Season {
        PREGNANT,
        AFTER_BIRTH,
        ANY
    }

    private final Season season;
    private final Urgency urgency;
    private final String words;

    WarningSign(Season season, Urgency urgency, String words) {
        this.season = season;
        this.urgency = urgency;
        this.words = words;
    }

    public static List<WarningSign> askedOf(boolean pregnant) {
        return Arrays.stream(values())
                .filter(sign -> sign.season == ANY || sign.season == (pregnant ? PREGNANT : AFTER_BIRTH))
                .toList();
    }

    public Urgency urgency() {
        return urgency;
    }

    public String words() {
        return words;
    }

    public Source source() {
        return season == PREGNANT ? Source.E_WARN : Source.E_URGENT;
    }
}
