package openbloom.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What room the belly needs: arms go round it, hands lie on it, and nobody lies on it. A point is told by where it lies between
 * the spine (0) and the skin (1).
 */
final class BellyRoom {
    /** Skin and flesh give way by about two centimetres (by eye). */
    static final double CLEAR = 0.8;

    private static final double STEP = 0.02;
    private static final int SLICES = 8;
    private static final int BELLY_SLICES = 7;
    private static final double ON_THE_SKIN = 1.04;
    private static final double THROUGH_THE_FLOOR = -0.006;

    private final Skeleton body;
    private final List<Slice> slices;

    BellyRoom(Skeleton body, BodyStage stage) {
        this.body = body;
        Belly belly = Belly.of(stage);
        this.slices = IntStream.rangeClosed(0, SLICES)
                .mapToObj(i -> slice(body, belly, i * STEP))
                .toList();
    }

    /** The trunk at one height: its middle, how it stands, and how far the skin is in front and to the side. */
    private record Slice(Vec middle, Axes axes, double front, double side) {
        boolean isAt(Vec place, double within) {
            return Math.abs(place.minus(middle).dot(axes.along())) <= within;
        }
    }

    private static Slice slice(Skeleton body, Belly belly, double s) {
        Body.Station trunk = Body.between(Body.trunk(), s);
        return new Slice(body.spine(s), body.trunkAt(s), trunk.front() + belly.front(s), trunk.side() + belly.side(s));
    }

    /** Whether the belly stays above the floor; where it cannot, the figure is drawn without a bump. */
    boolean isAboveTheFloor() {
        return slices.subList(0, BELLY_SLICES).stream()
                .allMatch(at ->
                        at.middle().plus(at.axes().front().times(at.front())).y() >= THROUGH_THE_FLOOR);
    }

    /** How far in a limb comes at its deepest; anything from 1 is outside. */
    double deepest(Limb limb) {
        return points(limb).stream().mapToDouble(this::depth).min().orElse(9);
    }

    /** The same place, brought forward to the skin if it lies within. */
    Vec outside(Vec place) {
        if (depth(place) >= ON_THE_SKIN) {
            return place;
        }
        return slices.stream()
                .filter(at -> at.isAt(place, STEP / 2 + 1e-9))
                .findFirst()
                .map(at -> {
                    Vec from = place.minus(at.middle());
                    double side = from.dot(at.axes().side()) / at.side();
                    double skin = at.front() * Math.sqrt(Math.max(0, 1 - side * side)) * ON_THE_SKIN;
                    double missing = Math.max(0, skin - from.dot(at.axes().front()));
                    return place.plus(at.axes().front().times(missing));
                })
                .orElse(place);
    }

    private double depth(Vec place) {
        double deepest = 9;
        for (Slice at : slices) {
            Vec from = place.minus(at.middle());
            double forward = from.dot(at.axes().front());
            if (forward > 0 && at.isAt(place, STEP)) {
                double aside = from.dot(at.axes().side()) / at.side();
                deepest = Math.min(deepest, Math.hypot(forward / at.front(), aside));
            }
        }
        return deepest;
    }

    /** Along the limb, without the part that grows out of the trunk. */
    private static List<Vec> points(Limb limb) {
        List<Vec> points = new ArrayList<>();
        for (double t = limb.leg() ? 0.6 : 0.4; t < 1; t += 0.15) {
            points.add(limb.root().towards(limb.middle(), t));
        }
        for (double t = 0; t <= 1.001; t += 0.2) {
            points.add(limb.middle().towards(limb.tip(), t));
        }
        return points;
    }

    /** How far in the deepest of her limbs comes. */
    double deepest() {
        double deepest = 9;
        for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
            deepest = Math.min(deepest, deepest(body.limb(part)));
        }
        return deepest;
    }
}
