package openbloom.core.verdict;

/** What every woman asks for, and the move that stands for it. */
public enum RequestedActivity {
    CRUNCHES("crunches", "curl-up"),
    PLANKS("planks", "support-full-20"),
    RUNNING("running", "run-walk"),
    LIFTING("lifting", "two-hand-carry"),
    JUMPING("jumping", "box-jump");

    private final String words;
    private final String moveId;

    RequestedActivity(String words, String moveId) {
        this.words = words;
        this.moveId = moveId;
    }

    public String words() {
        return words;
    }

    /** Id of the move in the shipped catalogue. */
    public String moveId() {
        return moveId;
    }
}
