package openbloom.app.moves;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import openbloom.app.system.FormReader;
import openbloom.core.breath.CueFamily;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.moves.OwnWords;
import org.jspecify.annotations.Nullable;

/**
 * Own words of a move as they are typed.
 *
 * @param formKey under which they are sent, so that a second press keeps them once
 * @param version number of the version they were made from, 0 for none
 * @param whole whether they are the whole studio's
 * @param cues by family as written in the form
 */
record OwnWordsForm(
        @Nullable String formKey,
        @Nullable String version,
        @Nullable String whole,
        @Nullable String name,
        @Nullable String feel,
        @Nullable Map<String, String> cues) {
    static final int LONGEST_NAME = 80;
    static final int LONGEST_LINE = 300;

    boolean isForAll() {
        return "yes".equals(whole);
    }

    String key() {
        return formKey == null ? "" : formKey.strip();
    }

    /** What was typed; everything too long or taken is told at its field. */
    OwnWords read(FormReader typed, Catalogue shipped, Move move) {
        String called = typed.text("name", name, LONGEST_NAME);
        boolean isTaken = shipped.moves().stream()
                .anyMatch(other -> !other.id().equals(move.id()) && other.name().equalsIgnoreCase(called));
        if (isTaken) {
            typed.refuse("name", "words.taken", called);
        }
        Map<CueFamily, String> said = new EnumMap<>(CueFamily.class);
        for (CueFamily family : CueFamily.values()) {
            String cue = typed.text("cues-" + family, typedCue(family), LONGEST_LINE);
            if (!cue.isEmpty()) {
                said.put(family, cue);
            }
        }
        return new OwnWords(
                Optional.of(called).filter(words -> !words.isEmpty()),
                said,
                Optional.of(typed.text("feel", feel, LONGEST_LINE)).filter(words -> !words.isEmpty()));
    }

    /** The cue of a family as it was typed. */
    @Nullable
    String typedCue(CueFamily family) {
        return cues == null ? null : cues.get(family.name());
    }
}
