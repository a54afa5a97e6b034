package openbloom.core.figure;

/** A point on the page: x to the right, y up, shares of stature. */
record Dot(double x, double y) {
    static Dot of(Vec seen) {
        return new Dot(seen.x(), seen.y());
    }

    Dot plus(Dot way, double times) {
        return new Dot(x + way.x * times, y + way.y * times);
    }

    Dot minus(Dot other) {
        return new Dot(x - other.x, y - other.y);
    }

    double length() {
        return Math.hypot(x, y);
    }

    Dot unit() {
        double length = length();
        return length < 1e-9 ? new Dot(1, 0) : new Dot(x / length, y / length);
    }

    /** A quarter turn to the left. */
    Dot left() {
        return new Dot(-y, x);
    }

    double dot(Dot other) {
        return x * other.x + y * other.y;
    }
}
