package openbloom.app.journey;

/** What a line of her journey is about. Names stand in the statement of {@link WrittenTimes}. */
enum EntryKind {
    ASKED("Safety check"),
    SESSION("Session"),
    FROM_HOME("From home"),
    PLAN("Programme"),
    LIFE("Life event"),
    SHEET("Check"),
    GAP_CHECK("Gap check"),
    REVIEW("Review"),
    DECISION("Decision"),
    PAIN_ANSWERED("Pain answered"),
    BIRTH("Birth"),
    CLEARANCE("Clearance"),
    PREGNANCY("Pregnancy");

    private final String words;

    EntryKind(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    /** Whether she was there that day, as far as a line of the kind tells. */
    boolean isVisit() {
        return this == ASKED || this == SESSION;
    }

    /** Whether it is something that was found or happened, rather than planned, decided or answered. */
    boolean isFinding() {
        return !isVisit() && this != PLAN && this != DECISION && this != REVIEW;
    }
}
