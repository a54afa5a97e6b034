package openbloom.core.screening;

import static openbloom.core.screening.Urgency.EMERGENCY;
import static openbloom.core.screening.Urgency.NOW;
import static openbloom.core.screening.Urgency.TODAY;
import static openbloom.core.screening.WarningSign.SignSeason.AFTER_BIRTH;
import static openbloom.core.screening.WarningSign.SignSeason.ANY;
import static openbloom.core.screening.WarningSign.SignSeason.FROM_HOME;
import static openbloom.core.screening.WarningSign.SignSeason.MEASURED;
import static openbloom.core.screening.WarningSign.SignSeason.PREGNANT;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import openbloom.core.evidence.Source;

/**
 * Signs asked about before anything else. One yes ends the visit (E-WARN in pregnancy, E-URGENT after birth).
 *
 * @see Source
 * @see Urgency
 */
public enum WarningSign {
    VAGINAL_BLEEDING(PREGNANT, NOW, "bleeding from the vagina"),
    ABDOMINAL_PAIN(PREGNANT, NOW, "pain in the belly"),
    PAINFUL_CONTRACTIONS(PREGNANT, NOW, "regular painful contractions"),
    FLUID_LEAKING(PREGNANT, NOW, "fluid leaking from the vagina"),
    FEWER_MOVEMENTS(PREGNANT, NOW, "the baby moving less than usual (from 24 weeks, or once movements have been felt)"),
    BREATHLESS_BEFORE_EFFORT(PREGNANT, EMERGENCY, "being breathless before any effort"),
    DIZZINESS(PREGNANT, NOW, "being faint or dizzy now, not only when lying"),
    HEADACHE(ANY, NOW, "a headache that will not go or is getting worse"),
    CHEST_PAIN(ANY, EMERGENCY, "chest pain or a racing heart"),
    MUSCLE_WEAKNESS(PREGNANT, TODAY, "muscle weakness that upsets her balance"),
    CALF_PAIN_OR_SWELLING(ANY, EMERGENCY, "pain, redness or swelling in a calf or another limb"),
    FAINTING(ANY, EMERGENCY, "fainting"),
    THOUGHTS_OF_HARM(ANY, EMERGENCY, "thoughts of harming herself or the baby"),
    VISION_CHANGES(ANY, EMERGENCY, "changes in her sight"),
    FEVER(ANY, NOW, "a fever of 38 °C or more"),
    EXTREME_SWELLING(ANY, EMERGENCY, "extreme swelling of hands or face"),
    TROUBLE_BREATHING(ANY, EMERGENCY, "trouble breathing"),
    SEVERE_VOMITING(ANY, TODAY, "severe vomiting"),
    SEVERE_BELLY_PAIN(ANY, EMERGENCY, "severe belly pain that does not go away"),
    HEAVY_BLEEDING(AFTER_BIRTH, EMERGENCY, "heavy bleeding or a bad-smelling discharge"),
    BLEEDING_AFTER_EXERCISE(AFTER_BIRTH, TODAY, "bleeding that becomes heavier or bright red again after exercise"),
    WOUND_INFECTED(AFTER_BIRTH, TODAY, "redness, pus or opening of a wound"),
    NAVEL_BULGE(ANY, TODAY, "a bulge at the navel that hurts or stays out"),
    PRESSURE_ABOVE_LIMIT(MEASURED, NOW, "a blood pressure above the limit her clinician set"),
    NOT_SAID_WHICH(FROM_HOME, NOW, "a warning sign reported from home, not said which"),
    OVERWHELMING_TIREDNESS(ANY, TODAY, "being so tired that rest does not help and she cannot look after herself");

    private static final String STAY_WITH_HER =
            "Stay with her; do not leave her alone. Tell her kindly that many women have such thoughts and that help is"
                    + " there now. Together call the emergency number or her clinician, and stay until somebody has taken"
                    + " over. Nothing else is planned today.";
    private static final String REST_FIRST =
            "Stop. Rest for 48 hours and do less after that; she tells her clinician today. If it soaks a pad in an hour,"
                    + " call the emergency number. No exercise until they have said so.";

    /** When a sign is asked about. */
    public enum SignSeason {
        PREGNANT,
        AFTER_BIRTH,
        ANY,
        /** Not asked: measured, where it is measured at all. */
        MEASURED,
        /** Not asked: what a woman pressed at home before she said which. */
        FROM_HOME
    }

    private final SignSeason season;
    private final Urgency urgency;
    private final String words;

    WarningSign(SignSeason season, Urgency urgency, String words) {
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

    /** What the instructor does about it, in words of its own where the sign has them. */
    public String whatToDo() {
        return switch (this) {
            case THOUGHTS_OF_HARM -> STAY_WITH_HER;
            case BLEEDING_AFTER_EXERCISE -> REST_FIRST;
            default -> urgency.whatToDo();
        };
    }

    /** What the instructor does about several: the most urgent advice first, and whatever has words of its own. */
    public static List<String> whatToDo(Collection<WarningSign> signs) {
        return toActOn(signs).stream().map(WarningSign::whatToDo).distinct().toList();
    }

    /** Those whose advice is told: the most urgent first, then each that has words of its own. */
    public static List<WarningSign> toActOn(Collection<WarningSign> signs) {
        Stream<WarningSign> mostUrgent =
                signs.stream().sorted().min(Comparator.comparing(WarningSign::urgency)).stream();
        Stream<WarningSign> ownWords = signs.stream()
                .sorted()
                .filter(sign -> !sign.whatToDo().equals(sign.urgency().whatToDo()));
        return Stream.concat(mostUrgent, ownWords).distinct().toList();
    }

    /** The sign as it is named to her. */
    public String wordsToHer() {
        return words.replace("herself", "yourself")
                .replace("she cannot", "you cannot")
                .replace(" her ", " your ");
    }

    public String words() {
        return words;
    }

    public Source source() {
        return switch (this) {
            case FEWER_MOVEMENTS -> Source.E_RCOG57;
            case BLEEDING_AFTER_EXERCISE, WOUND_INFECTED, NAVEL_BULGE, PRESSURE_ABOVE_LIMIT, NOT_SAID_WHICH ->
                Source.COMMON_PRACTICE;
            default -> season == PREGNANT ? Source.E_WARN : Source.E_URGENT;
        };
    }
}
