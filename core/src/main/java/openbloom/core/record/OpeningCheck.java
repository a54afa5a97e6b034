package openbloom.core.record;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import openbloom.core.moves.ExerciseGroup;

/**
 * About five minutes at a first visit: how she trained before, and what three or four try-outs showed.
 *
 * @param tries the rung tried on a ladder, and how it went
 *
 * @see LoadCheck
 * @see ExerciseGroup
 */
public record OpeningCheck(Optional<Training> training, Map<ExerciseGroup, Tried> tries) {
    public static final OpeningCheck NOT_DONE = new OpeningCheck(Optional.empty(), Map.of());

    /** How a try-out went. */
    public enum TryOutOutcome {
        EASY("easy and flat"),
        JUST("just, and flat"),
        STOPPED("domes, or the breath stops");

        private final String words;

        TryOutOutcome(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One rung that was tried.
     *
     * @param rung level, from 1
     * @param outcome how it went, see {@link TryOutOutcome}
     */
    public record Tried(int rung, TryOutOutcome outcome) {
        /** @throws IllegalArgumentException unless the rung is 1 or more */
        public Tried {
            if (rung < 1) {
                throw new IllegalArgumentException("A level must be 1 or more, but was " + rung);
            }
        }
    }

    public OpeningCheck {
        tries = tries.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(tries));
    }

    public boolean isEmpty() {
        return training.isEmpty() && tries.isEmpty();
    }

    /** What the try-outs say of the ladders: what went flat is hers, what stopped sets the ceiling below it. */
    public LoadCheck asLoadCheck() {
        Map<ExerciseGroup, LoadCheck.LadderClimb> climbs = new EnumMap<>(ExerciseGroup.class);
        tries.forEach((strand, tried) -> climbs.put(
                strand,
                tried.outcome() == TryOutOutcome.STOPPED
                        ? new LoadCheck.LadderClimb(tried.rung() - 1, LoadCheck.EndedBy.DOMED)
                        : new LoadCheck.LadderClimb(tried.rung(), LoadCheck.EndedBy.NOT_TRIED_FURTHER)));
        return new LoadCheck(climbs);
    }
}
