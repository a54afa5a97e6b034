package openbloom.core.figure;

import java.util.Optional;

/**
 * How a move is shown: where it begins, where it goes, what the arrow follows and what works.
 *
 * @param bump how it is done with a bump, where that looks different
 */
record Figure(String id, Way usual, Optional<Way> bump, Follows follows, Works works) {
    private static final double BUMP = 0.02;

    /** @param end the same pose as the start for what is held */
    record Way(Pose start, Pose end) {
        boolean isHeld() {
            return start.id().equals(end.id());
        }
    }

    /** The same move ending in another pose, with or without a bump. */
    Figure goingTo(Pose own) {
        return new Figure(id, new Way(usual.start(), own), Optional.empty(), follows, works);
    }

    Way at(BodyStage stage) {
        return stage.belly() > BUMP ? bump.orElse(usual) : usual;
    }

    /** What the arrow follows. */
    enum Follows {
        NOTHING,
        NEAR_FOOT,
        FAR_FOOT,
        NEAR_KNEE,
        FAR_KNEE,
        NEAR_HAND,
        FAR_HAND,
        HIPS,
        CHEST,
        HEAD
    }

    /** The region softly marked. */
    enum Works {
        DEEP_BELLY,
        FLOOR,
        SEAT,
        THIGH,
        BACK,
        RIBS,
        WAIST,
        ARM,
        CHEST
    }
}
