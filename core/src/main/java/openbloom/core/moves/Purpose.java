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
    SCAR("scar care");

    private final String words;

    Purpose(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
