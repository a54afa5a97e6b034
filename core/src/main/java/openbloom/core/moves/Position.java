package openbloom.core.moves;

import java.util.EnumSet;
import java.util.Set;

/**
 * Where the body is. Listed in an order that keeps changes of position small when a session follows it.
 *
 * @see Move
 * @see MoveReader
 */
public enum Position {
    SUPINE("on the back", "supine"),
    HOOKLYING("on the back, knees bent", "hooklying"),
    SIDE_LYING("on the side", "side-lying"),
    PRONE("on the front", "prone"),
    HANDS_AND_KNEES("hands and knees", "hands-knees"),
    PLANK_KNEES("kneeling front support", "plank-knees"),
    PLANK_FULL("full front support", "plank-full"),
    ROCKED_BACK("sitting back on the heels", "rocked-back"),
    SEATED_FLOOR("sitting on the floor", "seated-floor"),
    TALL_KNEEL("tall kneeling", "tall-kneel"),
    HALF_KNEEL("half kneeling", "half-kneel"),
    SEATED_CHAIR("sitting on a chair", "seated"),
    SEATED_BALL("sitting on a ball", "seated-ball"),
    INCLINE("leaning on a raised surface", "incline"),
    WALL("at the wall", "wall"),
    STANDING("standing", "standing");

    private static final Set<Position> ON_THE_BACK = EnumSet.of(SUPINE, HOOKLYING);
    private static final Set<Position> ON_THE_KNEES =
            EnumSet.of(HANDS_AND_KNEES, ROCKED_BACK, PLANK_KNEES, TALL_KNEEL, HALF_KNEEL);
    private static final Set<Position> LYING = EnumSet.of(SUPINE, HOOKLYING, SIDE_LYING, PRONE);

    private final String words;
    private final String figure;

    Position(String words, String figure) {
        this.words = words;
        this.figure = figure;
    }

    /** The figure that shows it, for a move without one of its own. */
    public String figure() {
        return figure;
    }

    public String words() {
        return words;
    }

    /** Whether doing the same on the other side means turning round first. */
    public boolean isTurnedForTheOtherSide() {
        return this == SIDE_LYING || this == HALF_KNEEL;
    }

    public boolean isOnTheBack() {
        return ON_THE_BACK.contains(this);
    }

    /** Weight on one knee or both. */
    public boolean isOnTheKnees() {
        return ON_THE_KNEES.contains(this);
    }

    public boolean isLying() {
        return LYING.contains(this);
    }

    /** Whether she has to get up, down or over to go from this to the other. */
    public boolean isChangedBy(Position other) {
        return this != other && !(isOnTheBack() && other.isOnTheBack());
    }

    public boolean isUpright() {
        return compareTo(TALL_KNEEL) >= 0;
    }
}
