package openbloom.core.moves;

/**
 * What a move is for. A swap keeps the purpose where it can.
 *
 * @see Move
 * @see Placing
 */
public enum Purpose {
    BREATH("breath"),
    CONNECT("connect"),
    ENDURANCE("pelvic floor endurance"),
    QUICK("pelvic floor quickness"),
    LIMB_LOAD("limb load"),
    HIP_EXTENSION("hip strength"),
    FRONT_SUPPORT("front support"),
    SIDE_SUPPORT("side support"),
    UPRIGHT_CONTROL("upright control"),
    ROTATION_CONTROL("control of rotation"),
    MOBILITY("mobility"),
    RELEASE("release"),
    STRENGTH_LOWER("leg strength"),
    STRENGTH_PUSH("pushing strength"),
    STRENGTH_PULL("pulling strength"),
    IMPACT("impact"),
    SCAR("scar care"),
    /** At a desk, in a queue, in the feeding chair. */
    EVERYDAY("a moment away from the mat"),
    BIRTH("getting ready for birth");

    private final String words;

    Purpose(String words) {
        this.words = words;
    }

    /** Given only where it is asked for by name, in a set or a template: never chosen to fill a session. */
    public boolean isAskedFor() {
        return this == EVERYDAY || this == BIRTH;
    }

    public String words() {
        return words;
    }
}
