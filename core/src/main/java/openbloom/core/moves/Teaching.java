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
 * @param cues what is said, by family; a move of which the middle is not the point has the plain one alone, for everybody
 * @param figure name of the figure that shows it
 * @param pose where it goes to instead, a pose of the studio's own
 * @param isOwnWords whether a studio or an instructor says it in words of her own
 * @see MoveReader
 * @see Move
 */
public record Teaching(
        String shortName,
        List<String> setup,
        Map<CueFamily, String> cues,
        Signs signs,
        Levers levers,
        String figure,
        Optional<OwnPose> pose,
        boolean isOwnWords) {
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
     * @param mistakes what goes wrong most, each with what to change
     * @param hands where hers and the instructor's go
     * @param effortPercent of her strongest, 0 for what asks for none (common practice, no source: P-PF-1)
     * @param breath how she breathes, in words
     */
    public record Signs(
            String feel, String look, List<Mistake> mistakes, String hands, int effortPercent, String breath) {
        public Signs {
            mistakes = List.copyOf(mistakes);
        }
    }

    /**
     * What goes wrong, and what to change then.
     *
     * @param sign what is seen or felt
     * @param change what to do about it, or empty where nothing was written
     */
    public record Mistake(String sign, String change) {
        /** {@code low back lifts: slide half as far}. */
        public String words() {
            return change.isEmpty() ? sign : sign + ": " + change;
        }
    }

    /**
     * What makes a move easier or harder without leaving it: lever, range, surface, speed, breath.
     *
     * @param easier the gentlest change first
     * @param harder the smallest change first
     */
    public record Levers(List<String> easier, List<String> harder) {
        public static final Levers NONE = new Levers(List.of(), List.of());

        public Levers {
            easier = List.copyOf(easier);
            harder = List.copyOf(harder);
        }
    }

    /** Told in somebody's own words where she has some. */
    Teaching saying(OwnWords words) {
        Map<CueFamily, String> own =
                words.cues().containsKey(CueFamily.PLAIN) || words.cues().isEmpty()
                        ? new EnumMap<>(CueFamily.class)
                        : new EnumMap<>(cues);
        own.putAll(words.cues().isEmpty() ? cues : words.cues());
        Signs told = words.feel()
                .map(feel -> new Signs(
                        feel, signs.look(), signs.mistakes(), signs.hands(), signs.effortPercent(), signs.breath()))
                .orElse(signs);
        return new Teaching(shortName, setup, own, told, levers, figure, pose, true);
    }

    /** What to watch for. */
    public List<String> watchFor() {
        return signs.mistakes().stream().map(Mistake::sign).toList();
    }

    /** The cue in the family that works for her, or the plain one. */
    public String cueFor(CueFamily family) {
        return cues.getOrDefault(family, cues.getOrDefault(CueFamily.PLAIN, ""));
    }
}
