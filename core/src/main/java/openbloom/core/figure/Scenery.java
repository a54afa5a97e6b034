package openbloom.core.figure;

import java.util.ArrayList;
import java.util.List;

/** Floor, wall, chair and what is held, in line. */
final class Scenery {
    private static final String WOOD = "#E8E3D8";
    private static final String LINE = "#6B747C";
    private static final String BLOCK = "#E6C88A";
    private static final String CLOTH = "#D8CDB8";
    private static final String IRON = "#8A9094";
    private static final String BAND = "#A9502F";
    private static final String SHADOW = "#D9D3C6";

    private final Pose.PoseView view;
    private final List<Prop> props;
    private final Skeleton body;
    private final Camera camera;
    private final Drawing drawing;

    Scenery(Pose.PoseView view, List<Prop> props, Skeleton body, Drawing drawing) {
        this.view = view;
        this.props = List.copyOf(props);
        this.body = body;
        this.camera = Camera.of(view);
        this.drawing = drawing;
    }

    /** What stands behind her: the floor and everything on it. */
    void behind() {
        if (view.isLevel()) {
            floorLine();
        } else {
            mat();
        }
        props.stream().filter(prop -> !prop.kind().isHeld()).forEach(this::standing);
    }

    /** What she holds. */
    void held() {
        props.stream().filter(prop -> prop.kind().isHeld()).forEach(this::inHand);
    }

    private void floorLine() {
        Drawing.DrawingFrame reach = drawing.frame();
        double left = Math.min(-0.3, reach.left()) - 0.03;
        double right = Math.max(0.3, reach.right()) + 0.03;
        drawing.room(List.of(new Dot(left, 0), new Dot(right, -0.012)));
        double shadow = Math.min(0.4, (right - left) * 0.34);
        Dot middle = new Dot((left + right) / 2, -0.002);
        drawing.fill(Curve.ellipse(middle, shadow, 0.012), SHADOW);
        drawing.line(Curve.corners(List.of(new Dot(left, 0), new Dot(right, 0))), LINE, 6);
    }

    private void mat() {
        Drawing.DrawingFrame reach = drawing.frame();
        double left = reach.left() - 0.02;
        double right = reach.right() + 0.02;
        double near = 0.22;
        List<Dot> corners = new ArrayList<>();
        for (double[] at : new double[][] {{left, -near}, {right, -near}, {right, near}, {left, near}}) {
            Vec corner = view == Pose.PoseView.QUARTER ? turned(at) : new Vec(at[0], 0, at[1]);
            corners.add(Dot.of(camera.seen(corner)));
        }
        String outline = Curve.corners(drawing.room(corners));
        drawing.fill(outline, "#EFEBE1");
        drawing.line(outline, "#C9C3B6", 5);
    }

    private static Vec turned(double[] at) {
        return new Vec(at[0] * 0.8, 0, at[1]);
    }

    private void standing(Prop prop) {
        double x = prop.x();
        double y = prop.y();
        double w = prop.width();
        double h = prop.height();
        switch (prop.kind()) {
            case WALL -> box(x, 0, 0.022, Math.max(h, 0.9), WOOD);
            case COUNTER -> {
                box(x + 0.03, 0, w - 0.06, y, "#F3EFE6");
                box(x, y - 0.03, w, 0.03, WOOD);
            }
            case STEP -> box(x, 0, w, h, WOOD);
            case WEDGE ->
                drawing.solid(
                        Curve.corners(drawing.room(List.of(new Dot(x, y), new Dot(x - w, y + h), new Dot(x - w, y)))),
                        CLOTH,
                        LINE);
            case CUSHION -> cushion(x, y, w, h);
            case BLOCK -> box(x, y, w, h, BLOCK);
            case BIG_BALL -> {
                List<Dot> ring = Painter.ring(new Dot(x, y), w, w);
                drawing.solid(Curve.circle(new Dot(x, y), w), WOOD, LINE);
                drawing.room(ring);
            }
            case RAIL -> {
                stroke(new Dot(x, 0), new Dot(x, y), 9);
                drawing.solid(Curve.circle(new Dot(x, y), 0.014), IRON, LINE);
            }
            case LINE -> stroke(new Dot(x, y + 0.004), new Dot(x + w, y + 0.004), 14);
            default -> chair(x, y, w);
        }
    }

    private void chair(double x, double seat, double backAt) {
        double wide = 0.24;
        double lean = backAt < 0 ? -0.03 : 0.03;
        double back = backAt < 0 ? x : x + wide;
        stroke(new Dot(x + 0.02, seat), new Dot(x, 0), 9);
        stroke(new Dot(x + wide - 0.02, seat), new Dot(x + wide, 0), 9);
        if (backAt != 0) {
            stroke(new Dot(back, seat), new Dot(back + lean, seat + 0.26), 11);
        }
        box(x - 0.01, seat - 0.025, wide + 0.02, 0.025, WOOD);
    }

    private void cushion(double x, double y, double w, double h) {
        List<Dot> outline = List.of(
                new Dot(x, y + h * 0.1),
                new Dot(x + w * 0.1, y),
                new Dot(x + w * 0.9, y),
                new Dot(x + w, y + h * 0.1),
                new Dot(x + w, y + h * 0.85),
                new Dot(x + w * 0.85, y + h),
                new Dot(x + w * 0.15, y + h),
                new Dot(x, y + h * 0.85));
        drawing.solid(Curve.closed(drawing.room(outline)), CLOTH, LINE);
    }

    private void box(double x, double y, double w, double h, String fill) {
        List<Dot> corners = List.of(new Dot(x, y), new Dot(x + w, y), new Dot(x + w, y + h), new Dot(x, y + h));
        drawing.solid(Curve.corners(drawing.room(corners)), fill, LINE);
    }

    private void stroke(Dot from, Dot to, double width) {
        drawing.line(Curve.corners(drawing.room(List.of(from, to))), LINE, width);
    }

    private void inHand(Prop prop) {
        Dot at = Dot.of(camera.seen(place(prop)));
        switch (prop.kind()) {
            case SOFT_BALL -> drawing.solid(Curve.circle(at, 0.045), "#DDB9A8", LINE);
            case HELD_BLOCK -> {
                List<Dot> corners = List.of(
                        at.plus(new Dot(-0.035, -0.03), 1),
                        at.plus(new Dot(0.035, -0.03), 1),
                        at.plus(new Dot(0.035, 0.03), 1),
                        at.plus(new Dot(-0.035, 0.03), 1));
                drawing.solid(Curve.corners(drawing.room(corners)), BLOCK, LINE);
            }
            case WEIGHT -> {
                drawing.room(Painter.ring(at, 0.04, 0.04));
                drawing.solid(Curve.circle(at, 0.038), IRON, LINE);
                drawing.fill(Curve.circle(at, 0.012), "#6F7579");
            }
            case BAR -> {
                drawing.room(Painter.ring(at, 0.085, 0.085));
                drawing.solid(Curve.circle(at, 0.08), IRON, LINE);
                drawing.fill(Curve.circle(at, 0.016), WOOD);
            }
            default ->
                drawing.line(
                        Curve.corners(drawing.room(List.of(at, new Dot(prop.x(), prop.y())))),
                        BAND,
                        prop.kind() == Prop.PropKind.ROPE ? 12 : 8);
        }
    }

    private Vec place(Prop prop) {
        return switch (prop.at()) {
            case HANDS ->
                body.limb(Skeleton.SkeletonPart.NEAR_ARM)
                        .hold()
                        .towards(body.limb(Skeleton.SkeletonPart.FAR_ARM).hold(), 0.5);
            case NEAR_HAND -> body.limb(Skeleton.SkeletonPart.NEAR_ARM).hold();
            case FAR_HAND -> body.limb(Skeleton.SkeletonPart.FAR_ARM).hold();
            case KNEES ->
                body.limb(Skeleton.SkeletonPart.NEAR_LEG)
                        .middle()
                        .towards(body.limb(Skeleton.SkeletonPart.FAR_LEG).middle(), 0.5);
        };
    }
}
