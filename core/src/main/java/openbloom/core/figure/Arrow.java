package openbloom.core.figure;

import java.util.ArrayList;
import java.util.List;

/** The way a part of the body goes, beside it so that nothing is covered. */
final class Arrow {
    private static final double BESIDE = 0.06;
    private static final double SHORTEST = 0.11;
    private static final double HEAD = 0.034;

    private Arrow() {}

    /** Along the way of a hand, foot, knee or head, on the side away from the trunk. */
    static void beside(Drawing drawing, List<Dot> way, Dot body, String tone) {
        Dot along = way.get(way.size() - 1).minus(way.get(0)).unit();
        Dot middle = way.get(way.size() / 2);
        Dot away = middle.minus(body).dot(along.left()) >= 0 ? along.left() : new Dot(along.y(), -along.x());
        draw(drawing, way, new Dot(0, 0).plus(away, BESIDE), tone);
    }

    /** Under hips that rise from lying, behind hips that sink or rise upright. */
    static void ofHips(Drawing drawing, List<Dot> way, boolean upright, String tone) {
        Dot along = way.get(way.size() - 1).minus(way.get(0)).unit();
        Dot aside = upright ? new Dot(-0.15, 0) : new Dot(0, 0).plus(along, -0.10);
        draw(drawing, way, aside, tone);
    }

    private static void draw(Drawing drawing, List<Dot> way, Dot aside, String tone) {
        Dot from = way.get(0);
        Dot to = way.get(way.size() - 1);
        Dot middle = way.get(way.size() / 2);
        double length = to.minus(from).length();
        double stretch = Math.max(1, SHORTEST / Math.max(1e-6, length));
        List<Dot> line = new ArrayList<>();
        for (Dot point : way) {
            Dot wide = middle.plus(point.minus(middle), stretch);
            line.add(wide.plus(aside, 1));
        }
        drawing.room(line);
        Dot tip = line.get(line.size() - 1);
        Dot before = line.get(line.size() - 3);
        Dot heading = tip.minus(before).unit();
        Dot back = tip.plus(heading, -HEAD);
        String head = Curve.corners(List.of(
                tip,
                back.plus(heading.left(), HEAD * 0.5),
                tip.plus(heading, -HEAD * 0.72),
                back.plus(heading.left(), -HEAD * 0.5)));
        line.set(line.size() - 1, tip.plus(heading, -HEAD * 0.7));
        List<Dot> thin = List.of(line.get(0), line.get(2), line.get(4), line.get(6), line.get(line.size() - 1));
        drawing.line(Curve.open(thin), Tones.PAPER, 22);
        drawing.line(Curve.open(thin), tone, 9);
        drawing.fill(head, tone);
    }
}
