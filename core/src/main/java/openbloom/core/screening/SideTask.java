package openbloom.core.screening;

/**
 * A task done left and right to compare.
 *
 * @see SideCheck
 */
public enum SideTask {
    FLOAT_ONE_LEG("float one bent leg, lying"),
    LIFT_TOP_LEG("lift the top leg, lying on the side"),
    ARM_AND_LEG("opposite arm and leg, hands and knees"),
    STAND_ON_ONE_LEG("stand on one leg");

    private final String words;

    SideTask(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
