package openbloom.core.stage;

/**
 * Stages of recovery, each needing both its time and its criteria.
 *
 * @see Recovery
 */
public enum RecoveryStage {
    HEAL("Heal", "rest and breathe"),
    RECONNECT("Reconnect", "breath, gentle lifts, walking"),
    REBUILD("Rebuild", "everyday strength, ladders from the bottom"),
    STRENGTHEN("Strengthen", "load, longer holds, upright work"),
    RETURN("Return", "impact and sport, step by step");

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
