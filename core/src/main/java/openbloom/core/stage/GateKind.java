package openbloom.core.stage;

import openbloom.core.evidence.Published;

/**
 * A condition that must be true before something is allowed.
 *
 * @see Gate
 * @see Recovery
 */
public enum GateKind {
    TIME("time since the birth"),
    TIME_SINCE_SURGERY("time since the operation"),
    AFTER_PREGNANCY("this pregnancy to be over"),
    CLEARANCE("clearance from her clinician"),
    WOUND_CLOSED("a closed wound"),
    NO_WARNING_SIGN("no warning sign"),
    GAP_READ(Published.said("a gap check of the last {} days", Published.GAP_STALE)),
    GAP_RECOVERED("a recovered gap"),
    GAP_FIRM("a firm gap"),
    NO_DOMING("a belly that stays flat"),
    CONNECT("connect felt in two positions"),
    CONNECT_FURTHER("connect felt one position further"),
    SYMPTOM_FREE("no leak, heaviness or pain"),
    NO_HEAVINESS("no heaviness at rest"),
    NO_PELVIC_PAIN("no pelvic pain"),
    SCAR_ON_FILE("a caesarean scar"),
    SCAR_QUIET("a scar without pain"),
    IMPACT_TESTS("the return tests passed"),
    LETTING_GO(Published.said("full letting-go, {} of 10 on two days", Published.LETTING_GO_NEEDED)),
    LIFT_FELT("a lift that can be felt"),
    RUNG_BELOW("the level below done well"),
    SEAT_COMFORT("comfortable sitting"),
    BONE_SAFE("her clinician’s word about her bones"),
    PAIN_ANSWERED("somebody to say by name why it goes on after that pain"),
    SUPPORTED("a pessary, or her clinician’s word for it"),
    CLINICIAN_ALLOWS("her clinician to allow it"),
    ASKED("her to be asked first"),
    START_LEVEL("a starting level: the opening check or a lower level"),
    FLOOR_CHECKED("a pelvic floor check"),
    LOAD_CHECKED("a load check that went so far"),
    EQUIPMENT("equipment at hand"),
    A_VERSION_THAT_PASSES("a version that suits her today");

    private final String words;

    GateKind(String words) {
        this.words = words;
    }

    /** What is needed, after "needs". */
    public String words() {
        return words;
    }
}
