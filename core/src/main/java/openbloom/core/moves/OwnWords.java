package openbloom.core.moves;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import openbloom.core.breath.CueFamily;

/**
 * What a studio or an instructor says of a move instead of the shipped words. What is empty is said as shipped; a cue of hers in
 * the plain family is said in every family she has none for.
 *
 * @param name what it is called
 * @param cues what is said, by family
 * @param feel where she feels it
 * @see Catalogue#saying
 */
public record OwnWords(Optional<String> name, Map<CueFamily, String> cues, Optional<String> feel) {
    public static final OwnWords NONE = new OwnWords(Optional.empty(), Map.of(), Optional.empty());

    public OwnWords {
        cues = cues.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(cues));
    }

    public boolean isEmpty() {
        return name.isEmpty() && cues.isEmpty() && feel.isEmpty();
    }

    /** These, and where they say nothing others. */
    public OwnWords over(OwnWords others) {
        Map<CueFamily, String> both = new EnumMap<>(CueFamily.class);
        if (!cues.containsKey(CueFamily.PLAIN)) {
            both.putAll(others.cues);
        }
        both.putAll(cues);
        return new OwnWords(name.or(others::name), both, feel.or(others::feel));
    }
}
