package openbloom.core.moves;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import openbloom.core.breath.CueFamily;

/** How to teach a move: set-up in at most three lines, cues by family, what to watch for. */
public record Teaching(List<String> setup, Map<CueFamily, String> cues, List<String> watchFor, String figure) {
    public static final int MOST_SETUP_LINES = 3;

    public Teaching {
        setup = List.copyOf(setup);
        cues = cues.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(cues));
        watchFor = List.copyOf(watchFor);
    }

    /** The cue in the family that works for her, or the plain one. */
    public String cueFor(CueFamily family) {
        return cues.getOrDefault(family, cues.getOrDefault(CueFamily.PLAIN, ""));
    }
}
