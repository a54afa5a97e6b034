package openbloom.core.stage;

/** A condition that must be true before something is allowed. */
public enum GateKind {
    TIME("Time since birth"),
    AFTER_PREGNANCY("After this pregnancy"),
    CLEARANCE("Clearance from her clinician"),
    WOUND_CLOSED("Wound closed"),
    NO_WARNING_SIGN("No warning sign"),
    GAP_READ("Gap checked within 14 days"),
    GAP_RECOVERED("Gap recovered"),
    GAP_FIRM("Floor of the gap firm"),
    NO_DOMING("No doming"),
    CONNECT("Connect felt in two positions"),
    SYMPTOM_FREE("No leak, heaviness or pain"),
    NO_HEAVINESS("No heaviness at rest"),
    NO_PELVIC_PAIN("No pelvic pain"),
    SCAR_ON_FILE("A caesarean scar"),
    SCAR_QUIET("Scar without pain"),
    IMPACT_TESTS("Return-to-impact tests passed"),
    LETTING_GO("Full letting-go"),
    LIFT_FELT("A lift can be felt"),
    RUNG_BELOW("The rung below"),
    SEAT_COMFORT("Sitting pressure comfortable"),
    BONE_SAFE("Safe for her bones"),
    CLINICIAN_ALLOWS("Allowed by her clinician"),
    ASKED("Asked first"),
    START_LEVEL("Where she begins"),
    FLOOR_CHECKED("Pelvic floor checked"),
    LOAD_CHECKED("Flat in the load check"),
    EQUIPMENT("Equipment at hand"),
    A_VERSION_THAT_PASSES("A version that suits her today");

    private final String words;

    GateKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
