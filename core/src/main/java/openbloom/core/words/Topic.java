package openbloom.core.words;

/** Something a woman can be asked or checked about. */
public enum Topic {
    WARNING_SIGNS("warning signs not asked"),
    SYMPTOMS("symptoms not asked in the last 14 days"),
    LEAK_AND_HEAVINESS("not free of leak and heaviness in the last 14 days, or not asked"),
    CONDITIONS("conditions not asked"),
    LYING_ON_THE_BACK("not asked how she feels lying down"),
    WOUND("wound not known"),
    GAP("gap not checked"),
    HEAD_LIFT("head lift not looked at"),
    LETTING_GO("not looked at"),
    BIRTH("no birth on file"),
    CAESAREAN("no caesarean on file"),
    CLEARANCE("no clearance on file");

    private final String words;

    Topic(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
