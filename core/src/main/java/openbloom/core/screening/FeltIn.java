package openbloom.core.screening;

import java.util.List;

/**
 * Where she felt the work of a task.
 *
 * @see SideScore
 */
public enum FeltIn {
    RIGHT_PLACE("where it should be"),
    BACK("back"),
    NECK("neck"),
    HIP_FLEXORS("front of the hip"),
    THIGHS("thighs"),
    NOWHERE("nowhere in particular"),
    NOT_ASKED("not asked");

    /** What she may answer. */
    public static final List<FeltIn> ANSWERS = List.of(RIGHT_PLACE, BACK, NECK, HIP_FLEXORS, THIGHS, NOWHERE);

    private final String words;

    FeltIn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean isElsewhere() {
        return this != RIGHT_PLACE && this != NOT_ASKED;
    }
}
