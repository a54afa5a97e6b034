package openbloom.core.record;

import java.util.Arrays;
import java.util.Optional;
import openbloom.core.screening.Symptom;
import org.jspecify.annotations.Nullable;

/** Where it hurt while she was taught; each counts as the symptom of that place. */
public enum HurtAt {
    PELVIC_FLOOR("pelvic floor", Symptom.PELVIC_PAIN),
    PELVIS("front or back of the pelvis", Symptom.PELVIC_GIRDLE_PAIN),
    BACK("back", Symptom.BACK_PAIN),
    SCAR("scar", Symptom.SCAR_PAIN),
    NECK("neck", Symptom.NECK_PAIN),
    WRIST("wrist", Symptom.WRIST_PAIN),
    ELSEWHERE("elsewhere", null);

    private final String words;
    private final @Nullable Symptom symptom;

    HurtAt(String words, @Nullable Symptom symptom) {
        this.words = words;
        this.symptom = symptom;
    }

    public String words() {
        return words;
    }

    /** What it counts as; elsewhere is no symptom the rules know, only a caution. */
    public Optional<Symptom> symptom() {
        return Optional.ofNullable(symptom);
    }

    /** The place a response names; empty when it was not told. */
    public static Optional<HurtAt> named(String place) {
        return Arrays.stream(values()).filter(one -> one.name().equals(place)).findFirst();
    }
}
