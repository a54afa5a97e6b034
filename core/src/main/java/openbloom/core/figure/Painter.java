package openbloom.core.figure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** Paints a skeleton: what is further first, each limb in one outline, the working region softly marked. */
final class Painter {
    private static final double TRUNK_DEEP = 0.02;
    private static final double SEAT_ROUND = 0.35;
    private static final double SLEEVE = 0.42;
    private static final double LEGGINGS = 0.72;
    private static final double SHOULDER_MELTS = 0.30;

    private final Skeleton body;
    private final Belly belly;
    private final Camera camera;
    private final Drawing drawing;

    Painter(Skeleton body, BodyStage stage, Camera camera, Drawing drawing) {
        this.body = body;
        this.belly = Belly.of(stage);
        this.camera = camera;
        this.drawing = drawing;
    }

    /** The whole body; legs and arms behind the trunk in the paler tone. */
    void body(Runnable marks) {
        List<Skeleton.SkeletonPart> order = new ArrayList<>(List.of(Skeleton.SkeletonPart.values()));
        order.sort(Comparator.comparingDouble(this::nearness));
        for (Skeleton.SkeletonPart part : order) {
            if (isBehind(part)) {
                limb(part, isSideOn() ? Tones.FAR : Tones.NEAR);
            }
        }
        pelvis(order);
        boolean headBehind =
                camera.seen(body.headBase()).z() < camera.seen(body.spine(0.2)).z() - 0.06;
        if (headBehind) {
            head();
        }
        order.stream().filter(part -> !isBehind(part) && !part.isLeg()).forEach(this::armUnderTop);
        top();
        marks.run();
        if (!headBehind) {
            head();
        }
        for (Skeleton.SkeletonPart part : order) {
            if (!isBehind(part) && !part.isLeg()) {
                limb(part, Tones.NEAR);
            }
        }
    }

    private boolean isSideOn() {
        return Math.abs(camera.seen(body.pelvis().side()).z()) > 0.7;
    }

    private double nearness(Skeleton.SkeletonPart part) {
        Limb limb = body.limb(part);
        return camera.seen(limb.root()).z()
                + camera.seen(limb.middle()).z()
                + camera.seen(limb.tip()).z();
    }

    private boolean isBehind(Skeleton.SkeletonPart part) {
        Limb limb = body.limb(part);
        double trunk = camera.seen(part.isLeg() ? body.hips() : body.spine(0.2)).z();
        double mean = (camera.seen(limb.root()).z()
                        + 2 * camera.seen(limb.middle()).z()
                        + camera.seen(limb.tip()).z())
                / 4;
        return mean < trunk - (part.isLeg() ? 0 : TRUNK_DEEP);
    }

    /** Paler limbs only, where she began. */
    void ghost(Skeleton.SkeletonPart part) {
        limb(part, Tones.GHOST);
    }

    private void limb(Skeleton.SkeletonPart part, Tones tones) {
        if (part.isLeg()) {
            leg(part, tones);
        } else {
            arm(part, tones);
        }
    }

    /** The bare foot first, then the leggings over it: their hem is the line between. */
    private void leg(Skeleton.SkeletonPart part, Tones tones) {
        bareFoot(body.limb(part), tones);
        drawing.solid(leggings(body.limb(part)), tones.leggings(), tones.ink());
    }

    private String leggings(Limb leg) {
        Loft thigh = Loft.of(camera, Body.thigh(), leg.root(), leg.first(), Body.THIGH, 0, 1);
        Loft shank = Loft.of(camera, Body.shank(), leg.middle(), leg.second(), Body.SHANK, 0, LEGGINGS);
        return Curve.closed(drawing.room(thigh.outline(true, true)))
                + Curve.closed(drawing.room(shank.outline(true, false)));
    }

    private void bareFoot(Limb leg, Tones tones) {
        Loft ankle = Loft.of(camera, Body.shank(), leg.middle(), leg.second(), Body.SHANK, LEGGINGS - 0.04, 1);
        String skin = Curve.closed(ankle.outline(false, true)) + Curve.closed(drawing.room(foot(leg)));
        drawing.solid(skin, tones.skin(), tones.ink());
    }

    private List<Dot> foot(Limb leg) {
        Vec ankle = leg.tip();
        Axes sole = leg.end();
        Dot forward = Dot.of(camera.seen(sole.along()));
        if (forward.length() < 0.45) {
            return frontFoot(ankle, sole);
        }
        double bend = leg.grips() ? toeBend(sole) : 0;
        double[][] shape = {
            {-.0215, .052},
            {-.0385, .020},
            {-.036, .006},
            {-.024, 0},
            {.03, .0065},
            {.080, 0},
            {.1125, .005},
            {.096, .0185},
            {.054, .0345},
            {.0175, .060}
        };
        List<Dot> points = new ArrayList<>();
        for (double[] at : shape) {
            Vec place = ankle.plus(sole.along().times(at[0])).plus(sole.front().times(at[1] - Body.ANKLE));
            if (at[0] > Body.BALL) {
                Vec ball = ankle.plus(sole.along().times(Body.BALL))
                        .plus(sole.front().times(-Body.ANKLE));
                place = ball.plus(place.minus(ball).turned(sole.side(), -bend));
            }
            points.add(Dot.of(camera.seen(place)));
        }
        return points;
    }

    /** How far the toes turn so that they lie flat. */
    private static double toeBend(Axes sole) {
        double down =
                Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, -sole.along().y()))));
        return Math.max(0, Math.min(75, down));
    }

    private List<Dot> frontFoot(Vec ankle, Axes sole) {
        double[][] shape = {
            {-.018, .050},
            {-.024, .018},
            {-.036, -.028},
            {-.030, -.039},
            {.030, -.039},
            {.036, -.028},
            {.024, .018},
            {.018, .050}
        };
        List<Dot> points = new ArrayList<>();
        for (double[] at : shape) {
            Vec place = ankle.plus(sole.side().times(at[0])).plus(sole.front().times(at[1]));
            points.add(Dot.of(camera.seen(at[1] < 0 ? place.plus(sole.along().times(0.03)) : place)));
        }
        return points;
    }

    private void arm(Skeleton.SkeletonPart part, Tones tones) {
        Limb arm = body.limb(part);
        Loft upper = Loft.of(camera, Body.upperArm(), arm.root(), arm.first(), Body.UPPER_ARM, 0, 1);
        Loft lower = Loft.of(camera, Body.forearm(), arm.middle(), arm.second(), Body.FOREARM, 0, 1);
        String hand = Curve.closed(drawing.room(hand(arm)));
        String skin = Curve.closed(drawing.room(lower.outline(true, true))) + hand;
        Loft free = Loft.of(camera, Body.upperArm(), arm.root(), arm.first(), Body.UPPER_ARM, SHOULDER_MELTS, 1);
        boolean melts = !isBehind(part);
        String outlined = Curve.closed((melts ? free : upper).outline(!melts, true)) + skin;
        drawing.room(upper.outline(true, true));
        drawing.solid(outlined, tones.skin(), tones.ink());
        Loft sleeve = Loft.of(camera, Body.upperArm(), arm.root(), arm.first(), Body.UPPER_ARM, 0, SLEEVE);
        drawing.fill(Curve.closed(sleeve.outline(true, false)), tones.top());
        drawing.line(Curve.open(sleeve.endLine()), tones.ink(), 4);
    }

    /** The line of a nearer arm where it leaves the trunk; the trunk is painted over its inner half. */
    private void armUnderTop(Skeleton.SkeletonPart part) {
        Limb arm = body.limb(part);
        Loft sleeve = Loft.of(camera, Body.upperArm(), arm.root(), arm.first(), Body.UPPER_ARM, 0, SLEEVE);
        drawing.solid(Curve.closed(sleeve.outline(true, false)), Tones.NEAR.top(), Tones.NEAR.ink());
    }

    private List<Dot> hand(Limb arm) {
        if (arm.grips()) {
            return ring(Dot.of(camera.seen(arm.hold())), 0.021, 0.024);
        }
        Loft hand = Loft.of(camera, Body.hand(), arm.tip(), arm.end(), Body.HAND, 0, 1);
        return hand.outline(true, true);
    }

    static List<Dot> ring(Dot middle, double wide, double high) {
        List<Dot> points = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            double turn = i * Math.PI / 4;
            points.add(new Dot(middle.x() + wide * Math.cos(turn), middle.y() + high * Math.sin(turn)));
        }
        return points;
    }

    /** Pelvis and the nearer legs in one outline: the hip melts in. */
    private void pelvis(List<Skeleton.SkeletonPart> order) {
        StringBuilder path =
                new StringBuilder(Curve.closed(drawing.room(trunk(-1, 0.1).outline(SEAT_ROUND, 0))));
        List<Skeleton.SkeletonPart> legs =
                order.stream().filter(part -> part.isLeg() && !isBehind(part)).toList();
        if (legs.size() == 2) {
            drawing.solid(path.toString(), Tones.NEAR.leggings(), Tones.NEAR.ink());
            legs.forEach(part -> leg(part, Tones.NEAR));
            drawing.fill(Curve.closed(trunk(-1, 0.1).outline(SEAT_ROUND, 0)), Tones.NEAR.leggings());
            return;
        }
        legs.forEach(part -> bareFoot(body.limb(part), Tones.NEAR));
        legs.forEach(part -> path.append(leggings(body.limb(part))));
        drawing.solid(path.toString(), Tones.NEAR.leggings(), Tones.NEAR.ink());
    }

    private void top() {
        drawing.solid(Curve.closed(drawing.room(shirt())), Tones.NEAR.top(), Tones.NEAR.ink());
        if (!isSideOn()
                && belly.stands() > 0.045
                && camera.seen(body.pelvis().front()).z() > 0.3) {
            bellyFromTheFront();
        }
    }

    /** In front the hem sinks below the belly; at the back it stays at the waist. */
    private List<Dot> shirt() {
        double hem = belly.waistband() - 0.02;
        Loft whole = trunk(hem, 1);
        Dot facing = Dot.of(camera.seen(body.pelvis().front()));
        boolean frontIsLeft = whole.inward(0, true).dot(facing) < 0;
        List<Dot> outline = new ArrayList<>(facing.length() < 0.5 ? whole.edge(true) : side(frontIsLeft, true, hem));
        List<Dot> back = new ArrayList<>(facing.length() < 0.5 ? whole.edge(false) : side(frontIsLeft, false, hem));
        Collections.reverse(back);
        outline.addAll(back);
        return outline;
    }

    private List<Dot> side(boolean frontIsLeft, boolean left, double hem) {
        return trunk(frontIsLeft == left ? hem : 0.07, 1).edge(left);
    }

    private void bellyFromTheFront() {
        Vec middle =
                body.spine(belly.peak()).plus(body.trunkAt(belly.peak()).front().times(0.06 + belly.stands()));
        Dot at = Dot.of(camera.seen(middle));
        double wide = 0.052 + 0.42 * belly.stands();
        double high = (belly.upper() + 0.02) / 2;
        drawing.fill(Curve.ellipse(at, wide, high), Tones.NEAR.top());
        List<Dot> lower = new ArrayList<>();
        for (int i = 0; i <= 8; i++) {
            double turn = Math.PI * (1.12 + 0.76 * i / 8);
            lower.add(new Dot(at.x() + wide * Math.cos(turn), at.y() + high * Math.sin(turn)));
        }
        drawing.line(Curve.open(lower), Tones.NEAR.ink(), 4);
    }

    /** The trunk between two heights above the hips, with what the week adds. */
    Loft trunk(double from, double to) {
        Loft loft = new Loft();
        for (Body.Station station : trunkStations(from, to)) {
            double s = station.t();
            Body.Station grown = new Body.Station(
                    s,
                    station.front() + belly.front(s) + belly.bust(s),
                    Math.max(0.02, station.back() - 0.05 * belly.stands() * Math.exp(-Math.pow((s - 0.1) / 0.05, 2))),
                    station.side() + belly.side(s));
            Axes axes = body.trunkAt(s);
            loft.add(camera, body.spine(s), axes, grown, axes.side());
        }
        return loft;
    }

    private static List<Body.Station> trunkStations(double from, double to) {
        Body.Station[] shape = Body.trunk();
        List<Body.Station> stations = new ArrayList<>();
        if (from > shape[0].t()) {
            stations.add(Body.between(shape, from));
        }
        for (Body.Station station : shape) {
            if (station.t() > from + 0.008 && station.t() < to - 0.008) {
                stations.add(station);
            }
        }
        if (to < shape[shape.length - 1].t()) {
            stations.add(Body.between(shape, to));
        }
        return stations;
    }

    private void head() {
        new HeadPainter(body, camera, drawing).draw();
    }
}
