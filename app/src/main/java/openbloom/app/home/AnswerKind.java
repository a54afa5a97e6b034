package openbloom.app.home;

/** What she can send from home. */
enum AnswerKind {
    /** Whether she has any of the signs. */
    SAFE,
    /** Which sign. */
    SIGN,
    /** What came of one exercise, told while she did it. */
    MOVE,
    /** How much of the practice she did. */
    DONE,
    /** How hard it was. */
    EFFORT,
    /** Leak, heaviness, pain, dizziness, or nothing, after the practice. */
    TROUBLE,
    /** How much it still hurts the next morning. */
    MORNING,
    /** A set for the pelvic floor. */
    FLOOR,
    /** What her days are made of. */
    DAYS,
    /** A question for her instructor. */
    QUESTION
}
