package openbloom.core.session;

import openbloom.core.moves.Move;
import openbloom.core.moves.Position;

/** Positions she need not get up, down or over between. Work visits each family at most once, in this order or the reverse. */
public enum Family {
    BACK,
    SIDE,
    FRONT,
    HANDS_AND_KNEES,
    SITTING,
    KNEELING,
    CHAIR,
    STANDING;

    public static Family of(Move move) {
        return of(move.position());
    }

    static Family of(Position position) {
        return switch (position) {
            case SUPINE, HOOKLYING -> BACK;
            case SIDE_LYING -> SIDE;
            case PRONE, PLANK_KNEES, PLANK_FULL -> FRONT;
            case HANDS_AND_KNEES, ROCKED_BACK -> HANDS_AND_KNEES;
            case SEATED_FLOOR -> SITTING;
            case TALL_KNEEL, HALF_KNEEL -> KNEELING;
            case SEATED_CHAIR, SEATED_BALL -> CHAIR;
            case WALL, INCLINE, STANDING -> STANDING;
        };
    }

    /** Where the last move is done lying, she comes up by the side. */
    boolean isLying() {
        return this == BACK || this == SIDE || this == FRONT;
    }

    /** Off the floor: going there, or back, is an effort of its own. */
    boolean isUp() {
        return this == CHAIR || this == STANDING;
    }
}
