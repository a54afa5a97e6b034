package openbloom.core.figure;

/** Looks at the body without perspective; what is nearer has the greater z. */
record Camera(double yaw, double pitch) {
    static Camera of(Pose.PoseView view) {
        return new Camera(view.yaw(), view.pitch());
    }

    Vec seen(Vec point) {
        double cosY = Math.cos(Math.toRadians(yaw));
        double sinY = Math.sin(Math.toRadians(yaw));
        double x = point.x() * cosY + point.z() * sinY;
        double deep = -point.x() * sinY + point.z() * cosY;
        double cosP = Math.cos(Math.toRadians(pitch));
        double sinP = Math.sin(Math.toRadians(pitch));
        return new Vec(x, point.y() * cosP - deep * sinP, point.y() * sinP + deep * cosP);
    }
}
