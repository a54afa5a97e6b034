package openbloom.core.figure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.figure.Pose.Reach;

/** A figure changed for someone: other angles, a shorter way, or something that stands by. Sizes are shares of stature. */
final class Changed {
    private static final double APART = 0.11;
    private static final double APART_DEGREES = 11;
    private static final double PROPPED_DEGREES = 30;
    private static final double TOWARDS_THE_HEAD = 0.06;
    private static final double LYING_HIPS = 0.08;
    static final double FIST = 0.06;
    private static final double ON_THE_FLOOR = 0.03;
    private static final double HALF_THE_WAY = 0.55;
    private static final double TO_THE_BOX = 0.62;
    private static final double HIGH = 0.06;
    private static final double DEEPEST_HIP = 110;
    private static final double WITHIN_REACH = 0.4;
    private static final double BOX = 0.24;
    private static final double WEDGE_LENGTH = 0.5;

    private Changed() {}

    static Figure.Way way(Figure.Way way, Set<FigureChange> changes) {
        Pose start = way.start();
        Pose end = way.end();
        for (FigureChange change : changes) {
            start = pose(start, change);
            end = pose(end, change);
        }
        return new Figure.Way(start, end);
    }

    /** How much of the way from start to end is left. */
    static double share(Set<FigureChange> changes) {
        if (changes.contains(FigureChange.SMALLER_RANGE)) {
            return HALF_THE_WAY;
        }
        return changes.contains(FigureChange.TO_A_BOX) ? TO_THE_BOX : 1;
    }

    private static Pose pose(Pose pose, FigureChange change) {
        return switch (change) {
            case FEET_APART -> pose.with(legs(pose, Changed::apart));
            case KNEES_CLOSER -> pose.with(legs(pose, (part, leg) -> closer(pose, leg)));
            case ARMS_LOW -> {
                Skeleton body = Posing.of(pose, BodyStage.NEITHER);
                yield pose.with(arms(pose, (part, arm) -> low(pose, body, part, arm)));
            }
            case ON_FISTS -> pose.with(arms(pose, (part, arm) -> fist(pose, arm)));
            case CHEST_PROPPED -> propped(pose);
            case SMALLER_RANGE, SUPPORT_NEAR, HEAD_SUPPORTED, TO_A_BOX -> pose;
        };
    }

    /** Things that stand where this body needs them. */
    static List<Prop> around(Set<FigureChange> changes, Pose pose, Skeleton start, Skeleton end) {
        List<Prop> props = new ArrayList<>();
        for (FigureChange change : changes) {
            switch (change) {
                case SUPPORT_NEAR -> support(pose, start).ifPresent(props::add);
                case HEAD_SUPPORTED -> props.add(underTheHead(end));
                case TO_A_BOX -> box(pose, end).ifPresent(props::add);
                case CHEST_PROPPED -> wedge(pose, start).ifPresent(props::add);
                default -> {}
            }
        }
        return props;
    }

    /** What one limb does instead. */
    private interface OtherFigure {
        Reach of(Skeleton.SkeletonPart part, Reach reach);
    }

    private static Map<Skeleton.SkeletonPart, Reach> legs(Pose pose, OtherFigure other) {
        return limbs(pose, true, other);
    }

    private static Map<Skeleton.SkeletonPart, Reach> arms(Pose pose, OtherFigure other) {
        return limbs(pose, false, other);
    }

    private static Map<Skeleton.SkeletonPart, Reach> limbs(Pose pose, boolean legs, OtherFigure other) {
        Map<Skeleton.SkeletonPart, Reach> limbs = new EnumMap<>(Skeleton.SkeletonPart.class);
        pose.limbs().forEach((part, reach) -> limbs.put(part, part.isLeg() == legs ? other.of(part, reach) : reach));
        return limbs;
    }

    private static Reach apart(Skeleton.SkeletonPart part, Reach leg) {
        if (leg instanceof Pose.Reach.ReachTarget place) {
            Vec at = place.target();
            double wide = Math.max(Math.abs(at.z()), APART) * part.side();
            return place.at(new Vec(at.x(), at.y(), wide));
        }
        Reach.Angles angles = (Reach.Angles) leg;
        return angles.out(angles.firstOut() + APART_DEGREES, angles.secondOut() + APART_DEGREES);
    }

    /** A thigh that reaches away comes nearer to the chest, and its shank bends back. */
    private static Reach closer(Pose pose, Reach leg) {
        if (leg instanceof Pose.Reach.ReachTarget place) {
            Vec at = place.target();
            double hips = pose.ground().x();
            return place.at(new Vec(hips + (at.x() - hips) * 0.8, at.y(), at.z()));
        }
        Reach.Angles angles = (Reach.Angles) leg;
        double nearest = pose.trunk().angle() - 72;
        double first = angles.first() + 0.4 * Math.max(0, nearest - angles.first());
        double second = angles.second() - 0.5 * Math.max(0, angles.second() + 20);
        return angles.turned(first, second, angles.end());
    }

    /** Hands above the shoulders come down in front of them. */
    private static Reach low(Pose pose, Skeleton body, Skeleton.SkeletonPart part, Reach arm) {
        Vec hand = body.limb(part).hold().minus(body.shoulder(part.side()));
        if (hand.dot(body.chest().along()) < HIGH) {
            return arm;
        }
        double forward = pose.trunk().angle() - pose.trunk().curl() - 90;
        return new Reach.Angles(
                forward - 8, 0, forward - 4, 0, forward, body.limb(part).grips());
    }

    private static Reach fist(Pose pose, Reach arm) {
        if (arm instanceof Pose.Reach.ReachTarget place && !place.grips()) {
            Vec away = Posing.upper(place.end());
            double down = Math.toDegrees(Math.atan2(-away.y(), -away.x()));
            return new Pose.Reach.ReachTarget(
                    place.target().plus(away.times(FIST)), down, place.out(), place.pole(), true);
        }
        boolean leansOnThem = pose.ground().rests().contains(Skeleton.Resting.HANDS)
                || pose.ground()
                        .settle()
                        .filter(settle -> settle.part() == Skeleton.Resting.HANDS)
                        .isPresent();
        return arm instanceof Reach.Angles angles && leansOnThem
                ? angles.turned(angles.first(), angles.second(), angles.second())
                        .gripping(true)
                : arm;
    }

    private static Pose propped(Pose pose) {
        if (!liesOnItsBack(pose)) {
            return pose;
        }
        Pose.Trunk flat = pose.trunk();
        Pose.Trunk trunk = new Pose.Trunk(
                flat.angle() - PROPPED_DEGREES, flat.curl(), flat.side(), flat.turn(), flat.nod(), flat.lean());
        Pose.Ground ground = new Pose.Ground(
                pose.ground().x(),
                Optional.empty(),
                List.of(Skeleton.Resting.SEAT),
                pose.ground().height(),
                Optional.empty());
        Pose bent = pose.with(legs(pose, (part, leg) -> notDeeper(leg)));
        Map<Skeleton.SkeletonPart, Reach> limbs = arms(bent, (part, arm) -> raised(pose, part, arm));
        return new Pose(pose.id(), pose.view(), pose.onTheSide(), trunk, ground, limbs, pose.props());
    }

    private static boolean liesOnItsBack(Pose pose) {
        return Math.abs(pose.trunk().angle() - 180) < 8
                && pose.ground().hips().isEmpty()
                && (pose.ground().rests().contains(Skeleton.Resting.BACK)
                        || pose.ground().rests().contains(Skeleton.Resting.SEAT));
    }

    /** A hip that is bent already is not bent further by the wedge. */
    private static Reach notDeeper(Reach leg) {
        if (leg instanceof Reach.Angles angles) {
            double turn = Math.min(0, DEEPEST_HIP - angles.first());
            return angles.turned(angles.first() + turn, angles.second() + turn, angles.end() + turn);
        }
        return leg;
    }

    /** Arms go up with the chest, unless they lie on the floor; hands that hold the legs go with them. */
    private static Reach raised(Pose pose, Skeleton.SkeletonPart part, Reach arm) {
        if (arm instanceof Reach.Angles angles) {
            return angles.turned(
                    angles.first() - PROPPED_DEGREES,
                    angles.second() - PROPPED_DEGREES,
                    angles.end() - PROPPED_DEGREES);
        }
        Pose.Reach.ReachTarget place = (Pose.Reach.ReachTarget) arm;
        Vec to = place.target();
        if (to.y() < ON_THE_FLOOR) {
            return place.at(to.minus(new Vec(TOWARDS_THE_HEAD, 0, 0)));
        }
        Reach leg = pose.limbs()
                .get(
                        part == Skeleton.SkeletonPart.NEAR_ARM
                                ? Skeleton.SkeletonPart.NEAR_LEG
                                : Skeleton.SkeletonPart.FAR_LEG);
        boolean holdsIt = place.grips() && leg instanceof Reach.Angles;
        double turn = holdsIt ? Math.min(0, DEEPEST_HIP - ((Reach.Angles) leg).first()) : -PROPPED_DEGREES;
        Vec hips = new Vec(pose.ground().x(), LYING_HIPS, 0);
        return place.at(hips.plus(to.minus(hips).turned(Vec.NEAR, turn)));
    }

    private static Optional<Prop> wedge(Pose pose, Skeleton start) {
        boolean raised =
                start.pelvis().along().y() > 0.3 && start.pelvis().along().x() < 0;
        if (!raised || pose.ground().hips().isPresent()) {
            return Optional.empty();
        }
        double rise = WEDGE_LENGTH * Math.tan(Math.toRadians(PROPPED_DEGREES)) * 0.92;
        return Optional.of(
                new Prop(Prop.PropKind.WEDGE, start.hips().x() - 0.03, 0, WEDGE_LENGTH, rise, Prop.PropPlace.HANDS));
    }

    /** Nothing where something to hold on to stands there already. */
    private static Optional<Prop> support(Pose pose, Skeleton body) {
        if (pose.props().stream().anyMatch(prop -> prop.kind().isSupport())) {
            return Optional.empty();
        }
        double high = body.hips().y() + 0.05;
        return Optional.of(
                new Prop(Prop.PropKind.RAIL, body.hips().x() + WITHIN_REACH, high, 0, 0, Prop.PropPlace.HANDS));
    }

    private static Prop underTheHead(Skeleton body) {
        double under = Math.max(0.02, body.lowest(List.of(Skeleton.Resting.HEAD)));
        double x = body.headBase().plus(body.head().along().times(0.05)).x();
        return new Prop(Prop.PropKind.CUSHION, x - 0.09, 0, 0.17, under, Prop.PropPlace.HANDS);
    }

    private static Optional<Prop> box(Pose pose, Skeleton end) {
        if (pose.props().stream().anyMatch(prop -> prop.kind() == Prop.PropKind.CHAIR)) {
            return Optional.empty();
        }
        double seat = Math.max(0.05, end.lowest(List.of(Skeleton.Resting.SEAT)));
        boolean behindHer = pose.view() == Pose.PoseView.FRONT || pose.view() == Pose.PoseView.BACK;
        double left = behindHer ? -BOX / 2 : end.hips().x() - 0.2;
        return Optional.of(new Prop(Prop.PropKind.STEP, left, 0, BOX, seat, Prop.PropPlace.HANDS));
    }
}
