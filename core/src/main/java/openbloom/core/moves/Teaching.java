package openbloom.core.moves;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.breath.CueFamily;
import openbloom.core.figure.OwnPose;

/**
 * How to teach a move.
 *
 * @param shortName for maps and narrow places, at most 22 characters
 * @param setup at most three lines
 * @param figure name of the figure that shows it
 * @param pose where it goes to instead, a pose of the studio's own
 * @see MoveReader
 * @see Move
 */
public record Teaching(
        String shortName,
        List<String> setup,
        Map<CueFamily, String> cues,
        Signs signs,
        String figure,
        Optional<OwnPose> pose) {
    public static final int MOST_SETUP_LINES = 3;
    public static final int LONGEST_SHORT_NAME = 22;

    public Teaching {
        setup = List.copyOf(setup);
        cues = cues.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(cues));
    }

    /**
     * By what a move is known to go right or wrong; a word that was not written is empty.
     *
     * @param feel where she feels it
     * @param look what an eye sees when it is right
     * @param watchFor what goes wrong
     * @param hands where hers and the instructor's go
     * @param effortPercent of her strongest, 0 for what asks for none (common practice, no source: P-PF-1)
     */
    public record Signs(String feel, String look, List<String> watchFor, String hands, int effortPercent) {
        public Signs {
            watchFor = List.copyOf(watchFor);
        }
    }

    public List<String> watchFor() {
        return signs.watchFor();
    }

    /** The cue in the family that works for her, or the plain one. */
    public String cueFor(CueFamily family) {
        return cues.getOrDefault(family, cues.getOrDefault(CueFamily.PLAIN, ""));
    }
}
