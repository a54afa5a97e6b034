package openbloom.core.letter;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.verdict.ClinicianQuestion;

/**
 * One sentence of a letter.
 *
 * @param restsOn the day of what it rests on; empty where it asks, or rests on today
 * @param leansOn published numbers without which it would not stand so
 * @see Letter
 */
public record LetterSentence(String words, Optional<LocalDate> restsOn, Set<Published> leansOn) {
    public LetterSentence {
        leansOn = Set.copyOf(leansOn);
    }

    static LetterSentence of(String words) {
        return new LetterSentence(words, Optional.empty(), Set.of());
    }

    static LetterSentence of(LocalDate on, String words, Published... leansOn) {
        return new LetterSentence(words, Optional.of(on), Set.of(leansOn));
    }

    static LetterSentence of(Optional<LocalDate> on, String words) {
        return new LetterSentence(words, on, Set.of());
    }

    /** A question as it stands, perhaps with words before it. */
    static LetterSentence of(String before, ClinicianQuestion question) {
        return new LetterSentence(before + question.words(), question.on(), question.leansOn());
    }

    /** {@code She tells of back pain. (24 Nov 2026)}. */
    public String dated() {
        return words + restsOn.map(day -> " (" + Days.words(day) + ")").orElse("");
    }

    static String capitalised(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
