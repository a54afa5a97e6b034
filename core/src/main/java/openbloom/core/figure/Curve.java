package openbloom.core.figure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Outlines on the page as SVG path data: whole thousandths of stature, relative, so that a figure stays small. */
final class Curve {
    static final double SCALE = 1000;

    private Curve() {}

    /** A smooth closed outline through the points. */
    static String closed(List<Dot> points) {
        return smooth(anticlockwise(points), true);
    }

    /** All outlines run the same way round, so that overlapping pieces of one path fill as one. */
    private static List<Dot> anticlockwise(List<Dot> points) {
        double area = 0;
        for (int i = 0; i < points.size(); i++) {
            Dot here = points.get(i);
            Dot next = points.get((i + 1) % points.size());
            area += here.x() * next.y() - next.x() * here.y();
        }
        if (area >= 0) {
            return points;
        }
        List<Dot> turned = new ArrayList<>(points);
        Collections.reverse(turned);
        return turned;
    }

    /** A smooth open line through the points. */
    static String open(List<Dot> points) {
        return smooth(points, false);
    }

    /** Straight from point to point, closed. */
    static String corners(List<Dot> points) {
        StringBuilder text = new StringBuilder();
        int[] pen = start(text, points.get(0));
        for (Dot point : points.subList(1, points.size())) {
            text.append('l');
            pair(text, pen, point, true);
        }
        return text.append('z').toString();
    }

    static String circle(Dot middle, double radius) {
        return ellipse(middle, radius, radius);
    }

    static String ellipse(Dot middle, double wide, double high) {
        StringBuilder text = new StringBuilder();
        start(text, new Dot(middle.x() - wide, middle.y()));
        long w = Math.round(wide * SCALE);
        long h = Math.round(high * SCALE);
        text.append('a')
                .append(w)
                .append(' ')
                .append(h)
                .append(" 0 1 1 ")
                .append(2 * w)
                .append(" 0");
        text.append('a')
                .append(w)
                .append(' ')
                .append(h)
                .append(" 0 1 1 ")
                .append(-2 * w)
                .append(" 0z");
        return text.toString();
    }

    private static String smooth(List<Dot> given, boolean closed) {
        List<Dot> points = apart(given);
        int count = points.size();
        StringBuilder text = new StringBuilder();
        int[] pen = start(text, points.get(0));
        int pieces = closed ? count : count - 1;
        for (int i = 0; i < pieces; i++) {
            Dot from = points.get(i);
            Dot to = points.get((i + 1) % count);
            double third = to.minus(from).length() / 3;
            Dot leaves = from.plus(tangent(points, i, closed), third);
            Dot arrives = to.plus(tangent(points, (i + 1) % count, closed), -third);
            text.append('c');
            int[] base = pen.clone();
            pairFrom(text, base, leaves, true);
            pairFrom(text, base, arrives, false);
            pair(text, pen, to, false);
        }
        return closed ? text.append('z').toString() : text.toString();
    }

    /** Points that lie on one another would tear the line. */
    private static List<Dot> apart(List<Dot> given) {
        List<Dot> points = new ArrayList<>();
        for (Dot point : given) {
            if (points.isEmpty() || point.minus(points.get(points.size() - 1)).length() > 0.0015) {
                points.add(point);
            }
        }
        return points;
    }

    private static Dot tangent(List<Dot> points, int i, boolean closed) {
        int count = points.size();
        Dot here = points.get(i);
        Dot before = closed || i > 0 ? points.get((i - 1 + count) % count) : here;
        Dot after = closed || i < count - 1 ? points.get((i + 1) % count) : here;
        Dot in = here.minus(before);
        Dot out = after.minus(here);
        double inLength = Math.max(1e-6, in.length());
        double outLength = Math.max(1e-6, out.length());
        Dot weighted = new Dot(
                in.x() / inLength * outLength + out.x() / outLength * inLength,
                in.y() / inLength * outLength + out.y() / outLength * inLength);
        return weighted.unit();
    }

    private static int[] start(StringBuilder text, Dot point) {
        int[] pen = {round(point.x()), round(-point.y())};
        text.append('M').append(pen[0]).append(' ').append(pen[1]);
        return pen;
    }

    private static void pair(StringBuilder text, int[] pen, Dot to, boolean first) {
        pairFrom(text, pen, to, first);
        pen[0] = round(to.x());
        pen[1] = round(-to.y());
    }

    private static void pairFrom(StringBuilder text, int[] base, Dot to, boolean first) {
        int dx = round(to.x()) - base[0];
        int dy = round(-to.y()) - base[1];
        text.append(first || dx < 0 ? "" : " ").append(dx);
        text.append(dy < 0 ? "" : " ").append(dy);
    }

    private static int round(double share) {
        return (int) Math.round(share * SCALE);
    }
}
