package openbloom.core.screening;

import java.util.List;
import java.util.Set;

/**
 * What she noticed in the last 14 days.
 *
 * @see SymptomReport
 */
public enum Symptom {
    LEAK_WITH_EFFORT("leaking with a cough, jump or lift"),
    LEAK_WITH_URGE("leaking with a sudden urge"),
    HEAVINESS("heaviness or pressure in the pelvic floor"),
    PELVIC_PAIN("pelvic pain"),
    PAIN_WITH_LIFTS("pain with a pelvic floor lift"),
    PELVIC_GIRDLE_PAIN("pain at the front or back of the pelvis"),
    BACK_PAIN("back pain"),
    NECK_PAIN("neck pain"),
    WRIST_PAIN("sore wrists"),
    DIZZY_LYING_DOWN("dizzy or unwell lying on the back"),
    LIGHT_HEADED("light-headed on standing up"),
    SICKNESS("sickness or vomiting, manageable"),
    SCAR_PAIN("pain at the scar"),
    SITTING_PRESSURE_UNCOMFORTABLE("sitting pressure is uncomfortable"),
    FRONT_LYING_UNCOMFORTABLE("lying on the front is uncomfortable"),
    BELLY_PUSHES_OUT("belly pushes out or domes in daily tasks"),
    REFLUX("acid coming up when bending down or lying flat"),
    LOW_DAY("low mood, or very tired");

    /** What the pelvic floor check looks at. */
    public static final List<Symptom> OF_THE_PELVIC_FLOOR =
            List.of(LEAK_WITH_EFFORT, LEAK_WITH_URGE, HEAVINESS, PELVIC_PAIN, PAIN_WITH_LIFTS);

    /** Leak, heaviness, pain or light-headedness: what must be absent before impact, at any stage. */
    public static final Set<Symptom> AGAINST_IMPACT = Set.of(
            LEAK_WITH_EFFORT,
            LEAK_WITH_URGE,
            HEAVINESS,
            PELVIC_PAIN,
            PAIN_WITH_LIFTS,
            PELVIC_GIRDLE_PAIN,
            BACK_PAIN,
            SCAR_PAIN,
            LIGHT_HEADED);

    /** What says nothing about load: a day that is harder than others, acid that comes up. */
    public static final Set<Symptom> OF_NO_LOAD = Set.of(LOW_DAY, REFLUX);

    private final String words;

    Symptom(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
