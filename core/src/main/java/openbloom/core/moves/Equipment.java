package openbloom.core.moves;

/** What a move may need beyond a floor, a wall and a counter. */
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
    ROPE("rope");

    private final String words;

    Equipment(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
