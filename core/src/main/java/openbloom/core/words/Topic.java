package openbloom.core.words;

/** Something a woman can be asked or checked about. */
public enum Topic {
    WARNING_SIGNS("warning signs not asked"),
    SYMPTOMS("symptoms not asked in the last 14 days"),
    CONDITIONS("conditions not asked"),
    LEAK_AND_HEAVINESS("not free of leak and heaviness in the last 14 days, or not asked"),
    LYING_ON_THE_BACK("not asked how she feels lying down"),
    GAP("gap not checked"),
    FLOOR("pelvic floor not checked"),
    TRAINING("training before and rungs not known"),
    BIRTH("no birth on file"),
    CAESAREAN("no caesarean on file");

    private final String words;

    Topic(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
