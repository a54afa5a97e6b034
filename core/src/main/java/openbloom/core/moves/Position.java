package openbloom.core.moves;

import java.util.EnumSet;
import java.util.Set;

/** Where the body is. Listed in an order that keeps changes of position small when a session follows it. */
public enum Position {
    SUPINE("on the back"),
    HOOKLYING("on the back, knees bent"),
    SIDE_LYING("on the side"),
    PRONE("on the front"),
    HANDS_AND_KNEES("hands and knees"),
    PLANK_KNEES("kneeling front support"),
    PLANK_FULL("full front support"),
    ROCKED_BACK("sitting back on the heels, rounded"),
    SEATED_FLOOR("sitting on the floor"),
    TALL_KNEEL("tall kneeling"),
    HALF_KNEEL("half kneeling"),
    SEATED_CHAIR("sitting on a chair"),
    SEATED_BALL("sitting on a ball"),
    INCLINE("leaning on a raised surface"),
    WALL("at the wall"),
    STANDING("standing");

    private static final Set<Position> ON_THE_BACK = EnumSet.of(SUPINE, HOOKLYING);
    private static final Set<Position> LYING = EnumSet.of(SUPINE, HOOKLYING, SIDE_LYING, PRONE);

    private final String words;

    Position(String words) {
        this.words = words;
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
