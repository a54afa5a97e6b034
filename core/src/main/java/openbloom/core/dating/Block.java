package openbloom.core.dating;

import java.util.Arrays;

/**
 * The four-week blocks a pregnancy is planned in, counted from 14w0d; before that one block.
 *
 * @see GestationalAge
 */
public enum Block {
    WEEKS_0_13(0, "0-13"),
    WEEKS_14_17(14, "14-17"),
    WEEKS_18_21(18, "18-21"),
    WEEKS_22_25(22, "22-25"),
    WEEKS_26_29(26, "26-29"),
    WEEKS_30_33(30, "30-33"),
    WEEKS_34_37(34, "34-37"),
    WEEKS_38_ON(38, "38+");

    private final int firstWeek;
    private final String label;

    Block(int firstWeek, String label) {
        this.firstWeek = firstWeek;
        this.label = label;
    }

    public static Block at(GestationalAge age) {
        return Arrays.stream(values())
                .filter(block -> age.isAtLeastWeeks(block.firstWeek))
                .reduce((earlier, later) -> later)
                .orElseThrow();
    }

    public int firstWeek() {
        return firstWeek;
    }

    /** Such as {@code 14-17} or {@code 38+}. */
    public String label() {
        return label;
    }
}
