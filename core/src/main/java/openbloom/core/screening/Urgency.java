package openbloom.core.screening;

/**
 * What to do about a warning sign. The most urgent comes first.
 *
 * @see WarningSign
 */
public enum Urgency {
    EMERGENCY(
            "Stop now. Call the emergency number, stay with her, and let her rest in the position that is easiest. No exercise until a clinician has seen her and said so."),
    NOW(
            "Stop now. She calls her maternity unit or clinician from here, before she goes home. No exercise until they have said so."),
    TODAY("Stop. She calls her clinician today. No exercise until they have said so.");

    private final String whatToDo;

    Urgency(String whatToDo) {
        this.whatToDo = whatToDo;
    }

    public String whatToDo() {
        return whatToDo;
    }
}
