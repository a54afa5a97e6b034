package openbloom.core.figure;

/** A point or a direction: x forward, y up, z towards whoever looks. Lengths are shares of stature. */
record Vec(double x, double y, double z) {
    static final Vec ZERO = new Vec(0, 0, 0);
    static final Vec UP = new Vec(0, 1, 0);
    static final Vec NEAR = new Vec(0, 0, 1);

    /** A direction in the plane that is looked at: 0° forward, 90° up. */
    static Vec at(double degrees) {
        return new Vec(Math.cos(Math.toRadians(degrees)), Math.sin(Math.toRadians(degrees)), 0);
    }

    Vec plus(Vec other) {
        return new Vec(x + other.x, y + other.y, z + other.z);
    }

    Vec minus(Vec other) {
        return new Vec(x - other.x, y - other.y, z - other.z);
    }

    Vec times(double share) {
        return new Vec(x * share, y * share, z * share);
    }

    double dot(Vec other) {
        return x * other.x + y * other.y + z * other.z;
    }

    Vec cross(Vec other) {
        return new Vec(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }

    double length() {
        return Math.sqrt(dot(this));
    }

    /** The same direction with length 1; nothing stays nothing. */
    Vec unit() {
        double length = length();
        return length < 1e-9 ? ZERO : times(1 / length);
    }

    /** What is left of it across a direction. */
    Vec across(Vec direction) {
        return minus(direction.times(dot(direction)));
    }

    /** Part of the way to another point. */
    Vec towards(Vec other, double share) {
        return plus(other.minus(this).times(share));
    }

    /** Turned about a direction of length 1. */
    Vec turned(Vec axis, double degrees) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        return times(c).plus(axis.cross(this).times(s)).plus(axis.times(axis.dot(this) * (1 - c)));
    }

    /** Between two directions along the shorter arc. */
    Vec arc(Vec other, double share) {
        double angle = Math.acos(Math.max(-1, Math.min(1, dot(other))));
        Vec axis = cross(other);
        if (angle < 1e-6) {
            return this;
        }
        Vec about = axis.length() < 1e-6 ? anyAcross() : axis.unit();
        return turned(about, Math.toDegrees(angle) * share);
    }

    private Vec anyAcross() {
        return (Math.abs(z) < 0.9 ? NEAR : UP).across(this).unit();
    }

    /** Angle to another direction, 0–180°. */
    double degreesTo(Vec other) {
        return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, unit().dot(other.unit())))));
    }
}
