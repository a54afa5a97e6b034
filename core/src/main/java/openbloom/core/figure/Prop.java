package openbloom.core.figure;

/** A thing in the picture: where it stands, or what holds it. Places and sizes are shares of stature. */
record Prop(PropKind kind, double x, double y, double width, double height, PropPlace at) {
    /** What can be drawn; {@code held} things need a part of the body that has them. */
    enum PropKind {
        WALL(false),
        CHAIR(false),
        COUNTER(false),
        STEP(false),
        WEDGE(false),
        CUSHION(false),
        BLOCK(false),
        BIG_BALL(false),
        RAIL(false),
        LINE(false),
        SOFT_BALL(true),
        HELD_BLOCK(true),
        WEIGHT(true),
        BAR(true),
        BAND(true),
        ROPE(true);

        private final boolean held;

        PropKind(boolean held) {
            this.held = held;
        }

        boolean isHeld() {
            return held;
        }

        /** Whether she can hold on to it. */
        boolean isSupport() {
            return this == WALL || this == CHAIR || this == COUNTER || this == RAIL;
        }
    }

    /** Parts of the body that can have a prop. */
    enum PropPlace {
        HANDS,
        NEAR_HAND,
        FAR_HAND,
        KNEES
    }
}
