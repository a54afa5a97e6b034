package openbloom.core.breath;

/**
 * A fault seen while she connects.
 *
 * @see ConnectCheck
 */
public enum ConnectFault {
    PELVIS_TIPS("the pelvis tips"),
    UPPER_BELLY_HARDENS("upper belly hardens, lower belly pushes out"),
    BREATH_HELD("breath held"),
    SEAT_OR_THIGHS_GRIP("buttocks or thighs grip"),
    NECK_JAW_OR_TOES_GRIP("neck, jaw or toes grip"),
    BACK_TENSES("back tenses: too strong");

    private final String words;

    ConnectFault(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
