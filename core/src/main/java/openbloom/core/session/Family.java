package openbloom.core.session;

import openbloom.core.moves.Move;
import openbloom.core.moves.Position;

/**
 * Positions she need not get up, down or over between. Work visits each family at most once, in this order or the reverse.
 *
 * @see OpeningAndRelease
 * @see WorkConstraints
 */
public enum Family {
    BACK(0),
    SIDE(1),
    FRONT(2),
    HANDS_AND_KNEES(3),
    SITTING(4),
    KNEELING(5),
    CHAIR(6),
    STANDING(7);

    private final int height;

    Family(int height) {
        this.height = height;
    }

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

    /** From lying on the back, 0, to standing, 7: a session arrives and ends from high to low. */
    public int height() {
        return height;
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
