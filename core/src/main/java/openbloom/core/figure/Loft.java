package openbloom.core.figure;

import java.util.ArrayList;
import java.util.List;

/** One rounded piece of a body on the page: cross-sections along a line, each with its half width to both sides. */
final class Loft {
    private static final double[] CAP = {0.7, 1, 0.7};

    private final List<Dot> middles = new ArrayList<>();
    private final List<Dot> across = new ArrayList<>();
    private final List<Double> left = new ArrayList<>();
    private final List<Double> right = new ArrayList<>();

    /** A piece of a limb between two shares of its length. */
    static Loft of(Camera camera, Body.Station[] shape, Vec root, Axes axes, double length, double from, double to) {
        Loft loft = new Loft();
        loft.add(camera, root, axes, length, Body.between(shape, from));
        for (Body.Station station : shape) {
            if (station.t() > from + 0.02 && station.t() < to - 0.02) {
                loft.add(camera, root, axes, length, station);
            }
        }
        loft.add(camera, root, axes, length, Body.between(shape, to));
        return loft;
    }

    private void add(Camera camera, Vec root, Axes axes, double length, Body.Station station) {
        add(camera, root.plus(axes.along().times(station.t() * length)), axes, station, axes.side());
    }

    void add(Camera camera, Vec middle, Axes axes, Body.Station station, Vec side) {
        Dot along = Dot.of(camera.seen(axes.along()));
        Dot normal = along.length() < 0.05 && !across.isEmpty()
                ? across.get(across.size() - 1)
                : along.unit().left();
        Dot front = Dot.of(camera.seen(axes.front()));
        Dot lateral = Dot.of(camera.seen(side));
        double facing = front.dot(normal);
        double deepLeft = (facing > 0 ? station.front() : station.back()) * facing;
        double deepRight = (facing > 0 ? station.back() : station.front()) * facing;
        double wide = station.side() * lateral.dot(normal);
        double endOn = Math.max(0, 1 - along.length() * 3) * 0.5;
        middles.add(Dot.of(camera.seen(middle)));
        across.add(normal);
        left.add(Math.hypot(deepLeft, wide) + endOn * 0.01);
        right.add(Math.hypot(deepRight, wide) + endOn * 0.01);
    }

    /** The outline, with rounded ends. */
    List<Dot> outline(boolean roundStart, boolean roundEnd) {
        return outline(roundStart ? 1 : 0, roundEnd ? 1 : 0);
    }

    /** The outline; an end is as round as its share of a half circle, 0 cuts it straight. */
    List<Dot> outline(double roundStart, double roundEnd) {
        int last = middles.size() - 1;
        List<Dot> points = new ArrayList<>();
        for (int i = 0; i <= last; i++) {
            points.add(leftOf(i));
        }
        if (roundEnd > 0) {
            cap(points, last, 1, roundEnd);
        }
        for (int i = last; i >= 0; i--) {
            points.add(rightOf(i));
        }
        if (roundStart > 0) {
            cap(points, 0, -1, roundStart);
        }
        return points;
    }

    private Dot leftOf(int i) {
        return middles.get(i).plus(across.get(i), left.get(i));
    }

    private Dot rightOf(int i) {
        return middles.get(i).plus(across.get(i), -right.get(i));
    }

    private void cap(List<Dot> points, int i, int way, double round) {
        Dot normal = across.get(i);
        Dot ahead = new Dot(normal.y() * way, -normal.x() * way);
        double radius = (left.get(i) + right.get(i)) / 2;
        Dot middle = middles.get(i).plus(normal, (left.get(i) - right.get(i)) / 2);
        for (int k = 0; k < CAP.length; k++) {
            double sideways = radius * 0.72 * (1 - k) * way;
            points.add(middle.plus(ahead, radius * CAP[k] * round).plus(normal, sideways));
        }
    }

    /** The line across the piece at its start, as a sleeve or waistband ends. */
    List<Dot> startLine() {
        return List.of(leftOf(0), rightOf(0));
    }

    List<Dot> endLine() {
        int last = middles.size() - 1;
        return List.of(leftOf(last), rightOf(last));
    }

    /** Points along one edge from the first to the last station. */
    List<Dot> edge(boolean leftEdge) {
        List<Dot> points = new ArrayList<>();
        for (int i = 0; i < middles.size(); i++) {
            points.add(leftEdge ? leftOf(i) : rightOf(i));
        }
        return points;
    }

    double width(int i) {
        return left.get(i) + right.get(i);
    }

    Dot inward(int i, boolean leftEdge) {
        Dot normal = across.get(i);
        return leftEdge ? new Dot(-normal.x(), -normal.y()) : normal;
    }
}
