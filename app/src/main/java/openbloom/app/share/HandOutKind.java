package openbloom.app.share;

import java.util.Optional;
import openbloom.core.letter.LetterKind;

/** What can be given out on paper. */
public enum HandOutKind {
    HOME_PROGRAM("Home programme"),
    SESSION("Her exercises of a session"),
    GYM_CARD("Gym card"),
    REVIEW("Review"),
    STOPS("When to stop, and whom to call"),
    CARE("Cards for her days"),
    CLASS_SHEET("Class sheet"),
    LETTER_ASKING("Letter: asking for clearance"),
    LETTER_REPORTING("Letter: reporting a warning sign"),
    LETTER_HANDING_OVER("Letter: handing over"),
    LETTER_ANSWERING("Letter: answering");

    private static final String LETTER = "LETTER_";

    private final String words;

    HandOutKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether it is about her; a class sheet is the studio’s own paper. */
    public boolean isHers() {
        return this != CLASS_SHEET;
    }

    /** Which letter to her clinician it is; empty for what she is given herself. */
    public Optional<LetterKind> letter() {
        return name().startsWith(LETTER)
                ? Optional.of(LetterKind.valueOf(name().substring(LETTER.length())))
                : Optional.empty();
    }

    static HandOutKind of(LetterKind kind) {
        return valueOf(LETTER + kind);
    }
}
