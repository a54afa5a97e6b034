package openbloom.core.figure;

/**
 * A pose of a studio's own, checked: where one of its moves goes to.
 *
 * @see Figures
 * @see FigureStyle
 */
public final class OwnPose {
    private final Pose pose;

    OwnPose(Pose pose) {
        this.pose = pose;
    }

    Pose pose() {
        return pose;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof OwnPose own && own.pose.equals(pose);
    }

    @Override
    public int hashCode() {
        return pose.hashCode();
    }
}
