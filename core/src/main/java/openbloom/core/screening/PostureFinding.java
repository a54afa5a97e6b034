package openbloom.core.screening;

/**
 * One thing seen when she stands and sits as she does (common practice, no source).
 *
 * @see PostureCheck
 */
public enum PostureFinding {
    HEAD_FORWARD("ear in front of the shoulder"),
    RIBS_FORWARD("ribs in front of the pelvis"),
    PELVIS_TUCKED("pelvis tucked under, seat squeezed"),
    PELVIS_TIPPED("pelvis tipped forward, low back hollow"),
    WEIGHT_ON_THE_HEELS("weight on the heels"),
    WEIGHT_ON_THE_TOES("weight on the toes"),
    SITS_SLUMPED("sits slumped behind the sitting bones"),
    STIFF_LOW_BACK("low back stiff when she bends");

    private final String words;

    PostureFinding(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
