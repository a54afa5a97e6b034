package openbloom.core.letter;

/**
 * What a letter to her clinician is for.
 *
 * @see Letter
 */
public enum LetterKind {
    ASKING("Asking for clearance"),
    REPORTING("Reporting a warning sign"),
    HANDING_OVER("Handing over"),
    ANSWERING("Answering");

    private final String words;

    LetterKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
