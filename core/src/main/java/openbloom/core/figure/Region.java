package openbloom.core.figure;

import java.util.ArrayList;
import java.util.List;

/** The working region: three soft bands along one edge of the body. */
final class Region {
    private static final double[] DEEP = {1, 0.76, 0.5};
    private static final double[] OPACITY = {.24, .30, .36};

    private final Figure.Works works;
    private final Painter painter;
    private final Skeleton body;
    private final Camera camera;
    private final Drawing drawing;
    private final String tone;

    Region(Figure.Works works, Painter painter, Skeleton body, Camera camera, Drawing drawing, String tone) {
        this.works = works;
        this.painter = painter;
        this.body = body;
        this.camera = camera;
        this.drawing = drawing;
        this.tone = tone;
    }

    void onTrunk() {
        switch (works) {
            case DEEP_BELLY -> trunk(-0.02, 0.14, true, 0.05);
            case FLOOR -> floor();
            case BACK -> trunk(0.06, 0.24, false, 0.045);
            case RIBS -> trunk(0.12, 0.25, true, 0.05);
            case CHEST -> trunk(0.18, 0.28, true, 0.045);
            case WAIST -> trunk(0.02, 0.18, false, 0.05);
            default -> {}
        }
    }

    void onLimbs() {
        Skeleton.SkeletonPart leg = nearer(Skeleton.SkeletonPart.NEAR_LEG, Skeleton.SkeletonPart.FAR_LEG);
        switch (works) {
            case SEAT -> limb(body.limb(leg), Body.thigh(), Body.THIGH, 0.02, 0.55, false, 0.05);
            case THIGH -> limb(body.limb(leg), Body.thigh(), Body.THIGH, 0.2, 0.9, true, 0.045);
            case ARM -> {
                Limb arm = body.limb(nearer(Skeleton.SkeletonPart.NEAR_ARM, Skeleton.SkeletonPart.FAR_ARM));
                limb(arm, Body.upperArm(), Body.UPPER_ARM, 0.3, 1, false, 0.03);
            }
            default -> {}
        }
    }

    private Skeleton.SkeletonPart nearer(Skeleton.SkeletonPart one, Skeleton.SkeletonPart other) {
        double first = camera.seen(body.limb(one).middle()).z();
        return first >= camera.seen(body.limb(other).middle()).z() - 0.02 ? one : other;
    }

    private void trunk(double from, double to, boolean front, double deep) {
        Loft loft = painter.trunk(from, to);
        Dot facing = Dot.of(camera.seen(body.trunkAt((from + to) / 2).front()));
        boolean fromTheFront = facing.length() < 0.5;
        boolean left = loft.inward(0, true).dot(facing) < 0;
        if (fromTheFront) {
            both(loft, deep * 0.6);
        } else {
            bands(loft, front == left, deep);
        }
    }

    private void both(Loft loft, double deep) {
        bands(loft, true, deep);
        bands(loft, false, deep);
    }

    private void limb(
            Limb limb, Body.Station[] shape, double length, double from, double to, boolean front, double deep) {
        Loft loft = Loft.of(camera, shape, limb.root(), limb.first(), length, from, to);
        Dot facing = Dot.of(camera.seen(limb.first().front()));
        boolean left = loft.inward(0, true).dot(facing) < 0;
        bands(loft, facing.length() < 0.3 || front == left, deep);
    }

    private void bands(Loft loft, boolean left, double deep) {
        List<Dot> edge = loft.edge(left);
        int last = edge.size() - 1;
        for (int layer = 0; layer < DEEP.length; layer++) {
            List<Dot> outline = new ArrayList<>(edge);
            for (int i = last; i >= 0; i--) {
                double bulge = Math.pow(Math.sin(Math.PI * (0.04 + 0.92 * i / last)), 0.85);
                double depth = Math.min(deep, loft.width(i) * 0.7) * bulge * DEEP[layer];
                outline.add(edge.get(i).plus(loft.inward(i, left), depth));
            }
            drawing.soft(Curve.closed(outline), tone, OPACITY[layer]);
        }
    }

    /** The pelvic floor: between the sitting bones. */
    private void floor() {
        Vec middle = body.spine(-0.035);
        Dot at = Dot.of(camera.seen(middle));
        for (int layer = 0; layer < DEEP.length; layer++) {
            drawing.soft(Curve.ellipse(at, 0.058 * DEEP[layer], 0.034 * DEEP[layer]), tone, OPACITY[layer]);
        }
    }
}
