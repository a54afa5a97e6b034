package openbloom.core.stage;

/**
 * Stages of recovery, each needing both its time and its criteria.
 *
 * @see Recovery
 */
public enum RecoveryStage {
    HEAL("Early healing", "rest and breathe"),
    RECONNECT("Early recovery", "breath, gentle lifts, walking"),
    REBUILD("Rebuilding", "everyday strength, progressions from the bottom"),
    STRENGTHEN("Strengthening", "load, longer holds, upright work"),
    RETURN("Return to impact", "impact and sport, step by step");

    private final String words;
    private final String meaning;

    RecoveryStage(String words, String meaning) {
        this.words = words;
        this.meaning = meaning;
    }

    public String words() {
        return words;
    }

    public String meaning() {
        return meaning;
    }
}
