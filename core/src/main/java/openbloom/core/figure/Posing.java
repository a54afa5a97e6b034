package openbloom.core.figure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import openbloom.core.figure.Pose.Reach;

/** Puts a body into a pose: trunk, then ground, then limbs. The same pose and stage always give the same body. */
final class Posing {
    private static final double WIDEST_TURN = 40;
    private static final double ON_THE_SKIN = 1.04;
    private static final double ELBOW_STEP = 10;
    private static final double WIDEST_ELBOW = 90;

    private final Pose pose;
    private final BodyStage stage;

    private Posing(Pose pose, BodyStage stage) {
        this.pose = pose;
        this.stage = stage;
    }

    static Skeleton of(Pose pose, BodyStage stage) {
        Posing posing = new Posing(pose, stage);
        double angle = pose.ground().settle().isEmpty()
                ? pose.trunk().angle()
                : posing.settled(pose.ground().settle().get());
        return posing.roundTheBelly(posing.at(angle));
    }

    /** The angle of the trunk nearest the written one at which the part touches. */
    private double settled(Pose.Settle settle) {
        double written = pose.trunk().angle();
        double best = written;
        double least = Double.MAX_VALUE;
        for (double turn = 0; turn <= WIDEST_TURN; turn += 0.25) {
            for (double angle : new double[] {written - turn, written + turn}) {
                double off = Math.abs(at(angle).lowest(List.of(settle.part())) - settle.height());
                if (off < least - 1e-4) {
                    least = off;
                    best = angle;
                }
            }
        }
        return best;
    }

    private Skeleton at(double angle) {
        Skeleton trunk =
                trunk(angle, new Vec(pose.ground().x(), pose.ground().hips().orElse(0.5), 0));
        if (pose.ground().hips().isPresent()) {
            return laid(limbed(trunk));
        }
        Skeleton free = laid(limbed(trunk));
        double drop = pose.ground().height() - free.lowest(pose.ground().rests());
        if (pose.onTheSide()) {
            return free.moved(new Vec(0, drop, 0));
        }
        return limbed(trunk(angle, trunk.hips().plus(new Vec(0, drop, 0))));
    }

    /** An arm whose place lies in the belly stops at the skin, the elbow as far out as it must be. */
    private Skeleton roundTheBelly(Skeleton body) {
        if (pose.onTheSide()) {
            return body;
        }
        BellyRoom room = new BellyRoom(body, stage);
        Map<Skeleton.SkeletonPart, Limb> limbs = new EnumMap<>(body.limbs());
        for (Skeleton.SkeletonPart part : List.of(Skeleton.SkeletonPart.NEAR_ARM, Skeleton.SkeletonPart.FAR_ARM)) {
            if (pose.limbs().get(part) instanceof Pose.Reach.ReachTarget place
                    && room.deepest(body.limb(part)) < ON_THE_SKIN) {
                limbs.put(part, clear(body, room, part, onTheSkin(body, room, place)));
            }
        }
        return new Skeleton(body.hips(), body.pelvis(), body.chest(), body.head(), limbs);
    }

    /** An open hand that is brought out to the skin lies flat on it, fingers down. */
    private static Pose.Reach.ReachTarget onTheSkin(Skeleton body, BellyRoom room, Pose.Reach.ReachTarget place) {
        Vec outside = room.outside(place.target());
        if (place.grips() || outside.minus(place.target()).length() < 0.005) {
            return place.at(outside);
        }
        Vec down = body.pelvis().along().times(-1);
        double fingers = Math.toDegrees(Math.atan2(down.y(), down.x()));
        return new Pose.Reach.ReachTarget(outside, fingers, place.out(), place.pole(), false);
    }

    private Limb clear(Skeleton trunk, BellyRoom room, Skeleton.SkeletonPart part, Pose.Reach.ReachTarget place) {
        Limb best = reaching(trunk, part, place, place.out());
        double deepest = room.deepest(best);
        for (double out = place.out() + ELBOW_STEP;
                deepest < BellyRoom.CLEAR && out <= WIDEST_ELBOW;
                out += ELBOW_STEP) {
            Limb wider = reaching(trunk, part, place, out);
            double depth = room.deepest(wider);
            if (depth > deepest) {
                best = wider;
                deepest = depth;
            }
        }
        return best;
    }

    private Skeleton laid(Skeleton body) {
        return pose.onTheSide() ? body.onTheSide() : body;
    }

    private Skeleton trunk(double angle, Vec hips) {
        Pose.Trunk trunk = pose.trunk();
        Axes upright = new Axes(Vec.at(angle), Vec.at(angle - 90));
        Axes pelvis = upright.turned(upright.front(), trunk.lean());
        Axes bent = pelvis.turned(pelvis.side(), -trunk.curl());
        Axes sided = bent.turned(bent.front(), trunk.side());
        Axes chest = sided.turned(sided.along(), -trunk.turn());
        Axes head = chest.turned(chest.side(), Body.HEAD_BACK - Body.NECK_LEANS - trunk.nod());
        return new Skeleton(hips, pelvis, chest, head, Map.of());
    }

    private Skeleton limbed(Skeleton trunk) {
        Map<Skeleton.SkeletonPart, Limb> limbs = new EnumMap<>(Skeleton.SkeletonPart.class);
        for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
            Reach reach = pose.limbs().get(part);
            if (reach == null) {
                throw new IllegalStateException("Expected " + part + " in pose " + pose.id() + ", but there was none");
            }
            limbs.put(part, limb(trunk, part, reach));
        }
        return new Skeleton(trunk.hips(), trunk.pelvis(), trunk.chest(), trunk.head(), limbs);
    }

    private Limb limb(Skeleton trunk, Skeleton.SkeletonPart part, Reach reach) {
        Vec root = trunk.root(part);
        if (reach instanceof Reach.Angles angles) {
            double room = part.isLeg() ? stage.knees() * 0.5 : 0;
            Axes first = out(Axes.inPlane(angles.first()), part, angles.firstOut() + room);
            Axes second = out(Axes.inPlane(angles.second()), part, angles.secondOut());
            Axes rolled = rolled(part.isLeg(), first, second);
            return new Limb(root, part.isLeg(), rolled, second, end(part, angles.end(), second), angles.grips());
        }
        Pose.Reach.ReachTarget place = (Pose.Reach.ReachTarget) reach;
        return reaching(trunk, part, place, place.out());
    }

    private Limb reaching(Skeleton trunk, Skeleton.SkeletonPart part, Pose.Reach.ReachTarget place, double out) {
        Axes end = planted(part, place.end(), place.grips());
        Vec pole = pole(trunk, part, place, out);
        return Limb.reaching(trunk.root(part), part.isLeg(), tip(part, place, end), pole, end, place.grips());
    }

    /** Thigh and upper arm roll so that knee or elbow bends the way it can, up to a quarter turn. */
    private static Axes rolled(boolean leg, Axes first, Axes second) {
        Vec bend = second.along().times(leg ? -1 : 1).across(first.along());
        boolean clear = bend.length() > 0.1;
        double most = 100;
        return clear && bend.degreesTo(first.front()) < most ? Axes.of(first.along(), bend) : first;
    }

    /** A foot is set by its sole, a hand by its palm; a closed hand is at its target. */
    private static Vec tip(Skeleton.SkeletonPart part, Pose.Reach.ReachTarget place, Axes end) {
        Vec target = place.target();
        if (!part.isLeg()) {
            return place.grips() ? target : target.plus(end.front().times(0.014));
        }
        Vec ankle = target.plus(end.front().times(Body.ANKLE));
        return place.grips() ? ankle.minus(end.along().times(Body.BALL)) : ankle;
    }

    private Vec pole(Skeleton trunk, Skeleton.SkeletonPart part, Pose.Reach.ReachTarget place, double elbowOut) {
        Vec away = trunk.pelvis().side().times(part.side());
        double out = Math.toRadians(elbowOut + (part.isLeg() ? stage.knees() : 0));
        Vec usual = part.isLeg()
                ? trunk.pelvis().front()
                : trunk.chest().along().times(-1).plus(trunk.chest().front().times(-0.3));
        Vec straight = place.pole().map(Vec::at).orElse(usual.unit());
        return straight.times(Math.cos(out)).plus(away.times(Math.sin(out)));
    }

    private static Axes out(Axes plane, Skeleton.SkeletonPart part, double degrees) {
        double turn = Math.toRadians(degrees);
        Vec along = plane.along().times(Math.cos(turn)).plus(Vec.NEAR.times(part.side() * Math.sin(turn)));
        return Axes.of(along, plane.front());
    }

    private static Axes end(Skeleton.SkeletonPart part, double degrees, Axes before) {
        Vec along = Vec.at(degrees);
        return Axes.of(along, part.isLeg() ? upperSide(along, before) : Vec.NEAR);
    }

    /** A planted foot or hand: its underside looks down, or to the wall. */
    private static Axes planted(Skeleton.SkeletonPart part, double degrees, boolean grips) {
        return Axes.of(Vec.at(degrees), !part.isLeg() && grips ? Vec.NEAR : upper(degrees));
    }

    /** Away from the ground or wall that a flat hand or foot lies on. */
    static Vec upper(double degrees) {
        boolean back = Math.cos(Math.toRadians(degrees)) < -0.3;
        return Vec.at(degrees + (back ? -90 : 90));
    }

    /** The upper side of a foot looks back up the shank. */
    private static Vec upperSide(Vec along, Axes shank) {
        Vec up = shank.along().times(-1).across(along);
        return up.length() < 0.05 ? shank.front() : up.unit();
    }
}
