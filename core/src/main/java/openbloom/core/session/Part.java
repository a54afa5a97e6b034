package openbloom.core.session;

/**
 * Part of a session.
 *
 * @see Edited
 * @see Timetable
 */
public enum Part {
    OPENING("settle and connect"),
    WORK("work"),
    RELEASE("release");

    private final String words;

    Part(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
