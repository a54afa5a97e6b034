package openbloom.core.moves;

import java.util.List;

/**
 * What a move may need beyond a floor, a wall and a counter.
 *
 * @see Move
 * @see Kit
 */
public enum Equipment {
    BLOCK("block"),
    BALL("soft ball"),
    BIG_BALL("big sitting ball"),
    BAND("elastic band"),
    DUMBBELL("dumbbell or weight"),
    CHAIR("chair or bench"),
    STEP("step or box"),
    BARBELL("barbell"),
    BAR("pull-up bar"),
    ROPE("rope"),
    RACK("rack for a barbell"),
    SPRING("springs or pulleys");

    private final String words;

    Equipment(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What serves as well, the best first: a soft ball for a block, a step for a chair. */
    public List<Equipment> standIns() {
        return switch (this) {
            case BLOCK -> List.of(BALL);
            case BALL -> List.of(BLOCK);
            case CHAIR -> List.of(STEP, BIG_BALL);
            case BIG_BALL -> List.of(CHAIR);
            case STEP, BAND, DUMBBELL, BARBELL, BAR, ROPE, RACK, SPRING -> List.of();
        };
    }
}
