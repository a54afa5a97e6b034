package openbloom.core.record;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import openbloom.core.moves.ExerciseGroup;

/**
 * On each ladder of loads the highest rung that stayed flat with the breath going, and what ended it there.
 *
 * @param climbs how far each {@link ExerciseGroup} was climbed; a group that was not tried is missing
 */
public record LoadCheck(Map<ExerciseGroup, LadderClimb> climbs) {
    /** Ladders whose rungs load the midline enough to look for its ceiling. */
    public static final List<ExerciseGroup> LADDERS = List.of(
            ExerciseGroup.FLEXION,
            ExerciseGroup.LIMB_LOAD,
            ExerciseGroup.FRONT_SUPPORT,
            ExerciseGroup.HANDS_AND_KNEES,
            ExerciseGroup.SIDE_SUPPORT);

    public static final LoadCheck NOT_CHECKED = new LoadCheck(Map.of());

    /** What the next rung showed. */
    public enum EndedBy {
        DOMED("the midline domed"),
        BREATH_STOPPED("the breath stopped"),
        NOT_TRIED_FURTHER("not tried further");

        private final String words;

        EndedBy(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean isLimit() {
            return this != NOT_TRIED_FURTHER;
        }
    }

    /**
     * How far she came on one ladder.
     *
     * @param flatRung the highest rung that stayed flat with the breath going, 0 when not even the first
     */
    public record LadderClimb(int flatRung, EndedBy endedBy) {
        /** @throws IllegalArgumentException if the rung is negative */
        public LadderClimb {
            if (flatRung < 0) {
                throw new IllegalArgumentException("A level must be 0 or more, but was " + flatRung);
            }
        }
    }

    public LoadCheck {
        climbs = climbs.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(climbs));
    }

    /** Today's ceilings: only where something ended the climb. */
    public Map<ExerciseGroup, Integer> ceilings() {
        return climbs.entrySet().stream()
                .filter(climb -> climb.getValue().endedBy().isLimit())
                .collect(Collectors.toMap(
                        Map.Entry::getKey, climb -> climb.getValue().flatRung()));
    }

    /** Rungs that were held flat. */
    public Map<ExerciseGroup, Integer> rungs() {
        return climbs.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, climb -> climb.getValue().flatRung()));
    }
}
