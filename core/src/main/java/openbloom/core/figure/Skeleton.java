package openbloom.core.figure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** A body in place: trunk, head and four limbs. Everything drawn and everything tested is read from here. */
record Skeleton(Vec hips, Axes pelvis, Axes chest, Axes head, Map<SkeletonPart, Limb> limbs) {
    private static final int STEPS = 8;
    private static final double ON_THE_GROUND = 0.01;

    Skeleton {
        limbs = Map.copyOf(limbs);
    }

    /** The limbs' names. In a pose on the side, the nearer arm and leg are the lower ones. */
    enum SkeletonPart {
        NEAR_ARM(1, false),
        FAR_ARM(-1, false),
        NEAR_LEG(1, true),
        FAR_LEG(-1, true);

        private final int side;
        private final boolean leg;

        SkeletonPart(int side, boolean leg) {
            this.side = side;
            this.leg = leg;
        }

        int side() {
            return side;
        }

        boolean isLeg() {
            return leg;
        }
    }

    Limb limb(SkeletonPart part) {
        Limb limb = limbs.get(part);
        if (limb == null) {
            throw new IllegalStateException("Expected " + part + " in a skeleton, but there was none");
        }
        return limb;
    }

    /** The trunk's direction at a height above the hips: pelvis below, chest above, turning over in between. */
    Axes trunkAt(double s) {
        double u = Math.max(0, Math.min(1, (s - 0.01) / 0.25));
        if (u == 0 || u == 1) {
            return u == 0 ? pelvis : chest;
        }
        return pelvis.to(chest, u * u * (3 - 2 * u));
    }

    /** The middle of the trunk at a height above the hips, −.066 to .312. */
    Vec spine(double s) {
        if (s <= 0 || isStraight()) {
            return hips.plus(pelvis.along().times(s));
        }
        Vec place = hips;
        double step = s / STEPS;
        for (int i = 0; i < STEPS; i++) {
            place = place.plus(trunkAt((i + 0.5) * step).along().times(step));
        }
        return place;
    }

    private boolean isStraight() {
        return pelvis.along().dot(chest.along()) > 1 - 1e-9;
    }

    Vec neckBase() {
        return spine(Body.NECK_BASE);
    }

    /** Where the skull sits on the neck. */
    Vec headBase() {
        Vec lean = chest.along()
                .turned(chest.side(), -Body.NECK_LEANS)
                .towards(head.along(), 0.5)
                .unit();
        return neckBase().plus(lean.times(Body.NECK));
    }

    Vec shoulder(int side) {
        return spine(Body.SHOULDER).plus(chest.side().times(side * Body.SHOULDER_SIDE));
    }

    Vec hip(int side) {
        return hips.plus(pelvis.side().times(side * Body.HIP_SIDE));
    }

    Vec root(SkeletonPart part) {
        return part.isLeg() ? hip(part.side()) : shoulder(part.side());
    }

    Skeleton moved(Vec by) {
        Map<SkeletonPart, Limb> moved = new EnumMap<>(SkeletonPart.class);
        limbs.forEach((part, limb) -> moved.put(part, limb.moved(by)));
        return new Skeleton(hips.plus(by), pelvis, chest, head, moved);
    }

    /** The whole body laid on its right side, head to the left, front towards whoever looks. */
    Skeleton onTheSide() {
        UnaryOperator<Axes> lie = axes -> new Axes(laid(axes.along()), laid(axes.front()));
        Map<SkeletonPart, Limb> laid = new EnumMap<>(SkeletonPart.class);
        limbs.forEach((part, limb) -> laid.put(
                part,
                new Limb(
                        laid(limb.root()),
                        limb.leg(),
                        lie.apply(limb.first()),
                        lie.apply(limb.second()),
                        lie.apply(limb.end()),
                        limb.grips())));
        return new Skeleton(laid(hips), lie.apply(pelvis), lie.apply(chest), lie.apply(head), laid);
    }

    private static Vec laid(Vec v) {
        return new Vec(-v.y(), -v.z(), v.x());
    }

    /** Part of the way to another pose, by the angles of every joint; what is planted in both stays planted, and slides if it must. */
    Skeleton to(Skeleton other, double share) {
        Skeleton between = new Skeleton(
                hips.towards(other.hips, share),
                pelvis.to(other.pelvis, share),
                chest.to(other.chest, share),
                head.to(other.head, share),
                limbs);
        Map<SkeletonPart, Limb> moved = new EnumMap<>(SkeletonPart.class);
        for (SkeletonPart part : SkeletonPart.values()) {
            moved.put(part, between(limb(part), other.limb(part), between.root(part), share));
        }
        return new Skeleton(between.hips, between.pelvis, between.chest, between.head, moved).aboveTheGround();
    }

    private Skeleton aboveTheGround() {
        double low = lowest(List.of(Resting.FEET, Resting.HANDS, Resting.KNEES));
        return low < -ON_THE_GROUND ? moved(Vec.UP.times(-low)) : this;
    }

    private static Limb between(Limb from, Limb to, Vec root, double share) {
        Axes end = from.end().to(to.end(), share);
        boolean grips = share < 0.5 ? from.grips() : to.grips();
        Limb turned = new Limb(
                root,
                from.leg(),
                from.first().to(to.first(), share),
                from.second().to(to.second(), share),
                end,
                grips);
        boolean planted = from.tip().minus(to.tip()).length() < 0.02;
        boolean slides =
                from.leg() && from.sole().y() < ON_THE_GROUND && to.sole().y() < ON_THE_GROUND;
        if (!planted && !slides) {
            return turned.rolled();
        }
        Vec pole = turned.middle().minus(root.towards(turned.tip(), 0.5));
        Vec safe = pole.length() < 0.01 ? turned.first().front().times(from.leg() ? 1 : -1) : pole;
        return Limb.reaching(root, from.leg(), from.tip().towards(to.tip(), share), safe, end, grips);
    }

    /** The lowest point of what may rest on something. */
    double lowest(List<Resting> rests) {
        return points(rests).stream().mapToDouble(Vec::y).min().orElse(0);
    }

    /** The undersides of the parts that rest on something. */
    List<Vec> points(List<Resting> rests) {
        List<Vec> points = new ArrayList<>();
        for (Resting rest : rests) {
            switch (rest) {
                case SEAT -> {
                    trunkUnder(points, -0.07, 0.03);
                    points.add(spine(-0.066).minus(pelvis.along().times(0.012)));
                }
                case BACK -> trunkUnder(points, -0.03, 0.27);
                case SHOULDERS -> trunkUnder(points, 0.2, 0.285);
                case HEAD ->
                    points.add(headBase().plus(head.along().times(0.05)).minus(Vec.UP.times(0.066)));
                case KNEES -> knees(points);
                case FEET -> feet(points);
                case HANDS -> hands(points);
                case ELBOWS -> elbows(points);
                case SIDE -> sides(points);
            }
        }
        return points;
    }

    private void trunkUnder(List<Vec> points, double from, double to) {
        for (Body.Station station : Body.trunk()) {
            if (station.t() >= from && station.t() <= to) {
                points.add(under(station));
            }
        }
    }

    private Vec under(Body.Station station) {
        Axes axes = trunkAt(station.t());
        double down = -axes.front().y();
        double deep = down > 0 ? station.front() * down : station.back() * -down;
        double wide = station.side() * axes.side().y();
        return spine(station.t()).minus(Vec.UP.times(Math.hypot(deep, wide)));
    }

    private void knees(List<Vec> points) {
        points.add(limb(SkeletonPart.NEAR_LEG).middle().minus(Vec.UP.times(0.032)));
        points.add(limb(SkeletonPart.FAR_LEG).middle().minus(Vec.UP.times(0.032)));
    }

    private void feet(List<Vec> points) {
        for (SkeletonPart part : List.of(SkeletonPart.NEAR_LEG, SkeletonPart.FAR_LEG)) {
            Limb leg = limb(part);
            points.add(leg.sole());
            if (!leg.grips()) {
                points.add(leg.sole().plus(leg.end().along().times(0.09)));
                points.add(leg.tip().plus(leg.end().along().times(0.09)));
            }
        }
    }

    private void hands(List<Vec> points) {
        points.add(limb(SkeletonPart.NEAR_ARM).sole());
        points.add(limb(SkeletonPart.FAR_ARM).sole());
    }

    private void elbows(List<Vec> points) {
        points.add(limb(SkeletonPart.NEAR_ARM).middle().minus(Vec.UP.times(0.024)));
        points.add(limb(SkeletonPart.FAR_ARM).middle().minus(Vec.UP.times(0.024)));
    }

    private void sides(List<Vec> points) {
        for (Body.Station station : Body.trunk()) {
            points.add(under(station));
        }
    }

    /** What can rest on the floor, a seat or a cushion. */
    enum Resting {
        SEAT,
        BACK,
        SHOULDERS,
        HEAD,
        KNEES,
        FEET,
        HANDS,
        ELBOWS,
        SIDE
    }
}
