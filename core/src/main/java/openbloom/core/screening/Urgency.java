package openbloom.core.screening;

/** What to do about a warning sign. The most urgent comes first. */
public enum Urgency {
    EMERGENCY(
            "Stop now. Call the emergency number, stay with her, and let her rest in the position that is easiest. No exercise until a clinician has seen her and said so."),
    SAME_DAY(
            "Stop now. She calls her maternity unit or clinician today, before she goes home if you can. No exercise until they have said so.");

    private final String whatToDo;

    Urgency(String whatToDo) {
        this.whatToDo = whatToDo;
    }

    public String whatToDo() {
        return whatToDo;
    }
}
