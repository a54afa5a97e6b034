package openbloom.core.screening;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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
    LOW_MOOD("low mood"),
    VERY_TIRED("very tired"),
    /** As it was told before the two were asked for by name; not asked any more. */
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
    public static final Set<Symptom> OF_NO_LOAD = Set.of(LOW_MOOD, VERY_TIRED, LOW_DAY, REFLUX);

    /** What makes a low day: the session that is offered is a gentler one. */
    public static final Set<Symptom> OF_A_LOW_DAY = Set.of(LOW_MOOD, VERY_TIRED, LOW_DAY);

    private final String words;

    Symptom(String words) {
        this.words = words;
    }

    /** Those she is asked about. */
    public static List<Symptom> asked() {
        return Arrays.stream(values()).filter(symptom -> symptom != LOW_DAY).toList();
    }

    /** The warning sign that is asked about by name once this is told. */
    public Optional<WarningSign> leadsTo() {
        return switch (this) {
            case LOW_MOOD -> Optional.of(WarningSign.THOUGHTS_OF_HARM);
            case VERY_TIRED -> Optional.of(WarningSign.OVERWHELMING_TIREDNESS);
            default -> Optional.empty();
        };
    }

    public String words() {
        return words;
    }
}
