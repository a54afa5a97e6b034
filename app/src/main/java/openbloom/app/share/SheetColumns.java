package openbloom.app.share;

import java.util.List;

/** Columns of the spreadsheets of sessions and of what was noted, out and in. */
final class SheetColumns {
    static final String SESSION = "session";
    static final String PLANNED_ON = "planned_on";
    static final String TAUGHT_ON = "taught_on";
    static final String OCCASION = "occasion";
    static final String PLACE = "place";
    static final String MINUTES = "minutes";
    static final String EXERCISE = "exercise";
    static final String SIDE = "side";
    static final String SETS = "sets";
    static final String REPETITIONS = "repetitions";
    static final String HOLD_S = "hold_s";
    static final String BREATHS = "breaths";
    static final String REST_S = "rest_s";
    static final String VERDICT = "verdict";
    static final String ON = "on";
    static final String NOTED = "noted";
    static final String WHERE = "where";
    static final String PAIN = "pain_0_to_10";
    static final String DONE = "done";
    static final String OF_ASKED = "of_asked";
    static final String KILOGRAMS = "kilograms";
    static final String NOTE = "note";

    /** A line for each exercise and side. */
    static final List<String> OF_SESSIONS = List.of(
            SESSION,
            PLANNED_ON,
            TAUGHT_ON,
            OCCASION,
            PLACE,
            MINUTES,
            EXERCISE,
            SIDE,
            SETS,
            REPETITIONS,
            HOLD_S,
            BREATHS,
            REST_S,
            VERDICT);

    /** A line for each thing noted. */
    static final List<String> OF_RESPONSES =
            List.of(SESSION, ON, OCCASION, EXERCISE, NOTED, WHERE, PAIN, DONE, OF_ASKED, KILOGRAMS, NOTE);

    /** Without these a line says nothing. */
    static final List<String> NEEDED_OF_SESSIONS = List.of(PLANNED_ON, EXERCISE);

    static final List<String> NEEDED_OF_RESPONSES = List.of(ON, EXERCISE, NOTED);

    private SheetColumns() {}
}
