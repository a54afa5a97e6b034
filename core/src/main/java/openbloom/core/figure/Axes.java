package openbloom.core.figure;

/** How a piece of the body stands in space: along its length, and which way its front looks. */
record Axes(Vec along, Vec front) {
    /** What is left of the front across the length counts. */
    static Axes of(Vec along, Vec front) {
        Vec length = along.unit();
        Vec across = front.across(length);
        return new Axes(length, (across.length() < 1e-6 ? Vec.NEAR.across(length) : across).unit());
    }

    /** In the plane that is looked at, with the front a quarter turn on: a thigh, a shank, a hanging arm. */
    static Axes inPlane(double degrees) {
        return new Axes(Vec.at(degrees), Vec.at(degrees + 90));
    }

    /** Her own right of a trunk that stands so; for a limb, its side. */
    Vec side() {
        return front.cross(along);
    }

    Axes turned(Vec axis, double degrees) {
        return new Axes(along.turned(axis, degrees), front.turned(axis, degrees));
    }

    Axes to(Axes other, double share) {
        return of(along.arc(other.along, share), front.arc(other.front, share));
    }
}
