package openbloom.core.figure;

import java.util.ArrayList;
import java.util.List;

/** One figure with one look, as SVG. */
final class FigureSheet {
    private static final double LEAST_WAY = 0.03;
    private static final double LIMB_MOVES = 0.12;
    private static final int ARROW_STEPS = 8;

    private final Figure figure;
    private final FigureStyle look;
    private final Figure.Way way;
    private final BodyStage stage;
    private final Skeleton start;
    private final Skeleton end;

    FigureSheet(Figure figure, FigureStyle look) {
        this.figure = figure;
        this.look = look;
        this.way = Changed.way(figure.at(look.stage()), look.changes());
        Skeleton from = Posing.of(way.start(), look.stage());
        Skeleton to = way.isHeld() ? from : Posing.of(way.end(), look.stage());
        boolean fits = new BellyRoom(from, look.stage()).isAboveTheFloor()
                && new BellyRoom(to, look.stage()).isAboveTheFloor();
        this.stage = fits ? look.stage() : BodyStage.NEITHER;
        this.start = fits ? from : Posing.of(way.start(), stage);
        Skeleton whole = fits ? to : Posing.of(way.end(), stage);
        double share = Changed.share(look.changes());
        this.end = share < 1 && !way.isHeld() ? start.to(whole, share) : whole;
    }

    /** The end, paler limbs where they began, and an arrow along the way. */
    String picture() {
        Drawing measure = painted(end, way.end());
        Drawing drawing = new Drawing();
        drawing.room(corners(measure.frame()));
        Scenery scenery = scenery(way.end(), end, drawing);
        scenery.behind();
        ghosts(drawing);
        paint(drawing, end, way.end(), scenery);
        arrow(drawing);
        return svg(drawing);
    }

    /** Some way between start and end; every share is drawn to the same size. */
    String at(double share) {
        Pose pose = share < 0.5 ? way.start() : way.end();
        Skeleton body = share == 0 ? start : share == 1 ? end : start.to(end, share);
        Drawing drawing = new Drawing();
        drawing.room(corners(
                painted(start, way.start()).frame().with(painted(end, way.end()).frame())));
        Scenery scenery = scenery(pose, body, drawing);
        scenery.behind();
        paint(drawing, body, pose, scenery);
        return svg(drawing);
    }

    private Scenery scenery(Pose pose, Skeleton body, Drawing drawing) {
        List<Prop> props = new ArrayList<>(pose.props());
        props.addAll(Changed.around(look.changes(), pose, start, end));
        return new Scenery(pose.view(), props, body, drawing);
    }

    private Drawing painted(Skeleton body, Pose pose) {
        Drawing drawing = new Drawing();
        Scenery scenery = scenery(pose, body, drawing);
        paint(drawing, body, pose, scenery);
        return drawing;
    }

    private void paint(Drawing drawing, Skeleton body, Pose pose, Scenery scenery) {
        Painter painter = new Painter(body, stage, camera(pose), drawing);
        Region region = new Region(figure.works(), painter, body, camera(pose), drawing, look.tone());
        painter.body(region::onTrunk);
        region.onLimbs();
        scenery.held();
    }

    private static List<Dot> corners(Drawing.DrawingFrame frame) {
        return List.of(new Dot(frame.left(), frame.low()), new Dot(frame.right(), frame.high()));
    }

    private static Camera camera(Pose pose) {
        return Camera.of(pose.view());
    }

    private boolean isSeenAlike() {
        return way.start().view() == way.end().view();
    }

    private void ghosts(Drawing drawing) {
        boolean staysPut = start.hips().minus(end.hips()).length() < LIMB_MOVES
                && start.spine(0.25).minus(end.spine(0.25)).length() < LIMB_MOVES;
        if (figure.follows() == Figure.Follows.NOTHING || way.isHeld() || !isSeenAlike() || !staysPut) {
            return;
        }
        Painter painter = new Painter(start, stage, camera(way.start()), drawing);
        for (Skeleton.SkeletonPart part : List.of(
                Skeleton.SkeletonPart.FAR_ARM,
                Skeleton.SkeletonPart.FAR_LEG,
                Skeleton.SkeletonPart.NEAR_LEG,
                Skeleton.SkeletonPart.NEAR_ARM)) {
            if (start.limb(part).tip().minus(end.limb(part).tip()).length() > LIMB_MOVES) {
                painter.ghost(part);
            }
        }
    }

    private void arrow(Drawing drawing) {
        if (figure.follows() == Figure.Follows.NOTHING || way.isHeld() || !isSeenAlike()) {
            return;
        }
        List<Dot> line = new ArrayList<>();
        for (int i = 0; i <= ARROW_STEPS; i++) {
            line.add(Dot.of(camera(way.end()).seen(followed(start.to(end, i / (double) ARROW_STEPS)))));
        }
        Dot from = line.get(0);
        Dot to = line.get(ARROW_STEPS);
        if (from.minus(to).length() < LEAST_WAY) {
            return;
        }
        if (figure.follows() == Figure.Follows.HIPS) {
            Arrow.ofHips(drawing, line, end.pelvis().along().y() > 0.4, look.tone());
        } else {
            Arrow.beside(drawing, line, Dot.of(camera(way.end()).seen(end.spine(0.1))), look.tone());
        }
    }

    private Vec followed(Skeleton body) {
        return switch (figure.follows()) {
            case NEAR_FOOT -> body.limb(Skeleton.SkeletonPart.NEAR_LEG).tip();
            case FAR_FOOT -> body.limb(Skeleton.SkeletonPart.FAR_LEG).tip();
            case NEAR_KNEE -> body.limb(Skeleton.SkeletonPart.NEAR_LEG).middle();
            case FAR_KNEE -> body.limb(Skeleton.SkeletonPart.FAR_LEG).middle();
            case NEAR_HAND -> body.limb(Skeleton.SkeletonPart.NEAR_ARM).hold();
            case FAR_HAND -> body.limb(Skeleton.SkeletonPart.FAR_ARM).hold();
            case HIPS -> body.hips();
            case CHEST -> body.spine(0.2);
            default -> body.headBase().plus(body.head().along().times(0.05));
        };
    }

    private String svg(Drawing drawing) {
        String box = drawing.frame().viewBox(look.leftSide());
        String mirror = look.leftSide() ? "<g transform=\"scale(-1 1)\"" : "<g";
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"figure\" role=\"img\" viewBox=\"" + box + "\"><title>"
                + escaped(look.title()) + "</title><desc>" + escaped(look.description()) + "</desc>" + mirror
                + " stroke-linejoin=\"round\" stroke-linecap=\"round\">" + drawing.text() + "</g></svg>";
    }

    private static String escaped(String words) {
        return words.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
