package openbloom.core.record;

/**
 * How she trained before: it says where her ladders begin when no rung is written down (common practice, no source).
 *
 * @see Background
 * @see Client
 */
public enum Training {
    NONE("no training before"),
    LIGHT("light: walks, easy classes now and then"),
    REGULAR("regular: strength or classes every week"),
    SPORT("sport: hard training several times a week");

    private final String words;

    Training(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
