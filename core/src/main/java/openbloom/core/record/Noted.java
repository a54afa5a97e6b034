package openbloom.core.record;

import java.util.Arrays;
import java.util.Optional;
import openbloom.core.screening.Symptom;

/**
 * What the instructor noted about one item while teaching.
 *
 * @see LadderStatus
 * @see PracticeTold
 */
public enum Noted {
    DONE("done", "", false),
    PARTLY("partly done", "", false),
    SKIPPED("skipped", "", false),
    DOMED("domed", "d", true),
    FLAT_ONCE_CUED("domed, corrected with a cue", "c", true),
    LEAKED("leaked", "l", true),
    HEAVY("heavy", "h", true),
    HURT("hurt", "p", true),
    BREATH_HELD("breath held", "b", true),
    TOOK_OVER("compensated", "t", true),
    TOO_EASY("too easy", "e", false),
    RIGHT("just right", "r", false),
    TOO_HARD("too hard", "x", false),
    NOTE("note", "", false);

    private final String words;
    private final String key;
    private final boolean against;

    Noted(String words, String key, boolean against) {
        this.words = words;
        this.key = key;
        this.against = against;
    }

    public String words() {
        return words;
    }

    /**
     * What is said by these words, in any case of letters.
     *
     * @param words as a spreadsheet has them; <em>right</em> alone is how it was written until version 0.24
     * @return empty where nothing is said by them
     */
    public static Optional<Noted> named(String words) {
        if (words.equalsIgnoreCase("right")) {
            return Optional.of(RIGHT);
        }
        return Arrays.stream(values())
                .filter(one -> one.words.equalsIgnoreCase(words))
                .findFirst();
    }

    /** Letter that notes it while teaching; empty for what is noted by itself. */
    public String key() {
        return key;
    }

    /** Whether it speaks against counting the rung as done. */
    public boolean isAgainst() {
        return against;
    }

    /** Whether it sets her down one rung from where it was seen. */
    public boolean setsDown() {
        return this == DOMED || this == LEAKED || this == HEAVY;
    }

    /** The symptom it counts as until she is asked again, by where it hurt if somebody said; done and effort are none. */
    Optional<Symptom> symptom(Optional<PainSite> place) {
        return switch (this) {
            case LEAKED -> Optional.of(Symptom.LEAK_WITH_EFFORT);
            case HEAVY -> Optional.of(Symptom.HEAVINESS);
            case HURT -> place.flatMap(PainSite::symptom);
            default -> Optional.empty();
        };
    }

    /** Whether it says that it was not too hard. */
    public boolean isManageable() {
        return this == TOO_EASY || this == RIGHT;
    }

    /** Whether it says how hard it was. */
    public boolean isEffort() {
        return this == TOO_EASY || this == RIGHT || this == TOO_HARD;
    }
}
