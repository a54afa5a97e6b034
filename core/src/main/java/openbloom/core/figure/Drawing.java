package openbloom.core.figure;

import java.util.List;
import java.util.Locale;

/** Collects shapes and how far they reach. Attributes only, so that it passes a strict content security policy. */
final class Drawing {
    private final StringBuilder text = new StringBuilder();
    private double least = 0;
    private double most = 0;
    private double low = 0;
    private double high = 0;
    private boolean empty = true;

    /** A filled outline whose line is drawn underneath, so that pieces melt into one another. */
    void solid(String path, String fill, String ink) {
        text.append("<path d=\"" + path + "\" fill=\"" + fill + "\" stroke=\"" + ink
                + "\" stroke-width=\"10\" paint-order=\"stroke\"/>");
    }

    void fill(String path, String fill) {
        text.append("<path d=\"" + path + "\" fill=\"" + fill + "\"/>");
    }

    void soft(String path, String fill, double opacity) {
        text.append("<path d=\"" + path + "\" fill=\"" + fill + "\" fill-opacity=\""
                + String.format(Locale.ROOT, "%.2f", opacity) + "\"/>");
    }

    void line(String path, String ink, double width) {
        text.append("<path d=\"" + path + "\" fill=\"none\" stroke=\"" + ink + "\" stroke-width=\""
                + Math.round(width * 10) / 10.0 + "\"/>");
    }

    /** Makes room for points. */
    List<Dot> room(List<Dot> points) {
        for (Dot point : points) {
            least = empty ? point.x() : Math.min(least, point.x());
            most = empty ? point.x() : Math.max(most, point.x());
            low = empty ? point.y() : Math.min(low, point.y());
            high = empty ? point.y() : Math.max(high, point.y());
            empty = false;
        }
        return points;
    }

    DrawingFrame frame() {
        return new DrawingFrame(least, most, low, high);
    }

    String text() {
        return text.toString();
    }

    /** How far a drawing reaches. */
    record DrawingFrame(double left, double right, double low, double high) {
        private static final double MARGIN = 0.05;
        private static final double NARROWEST = 1.3;
        private static final double LOWEST = 0.62;

        DrawingFrame with(DrawingFrame other) {
            return new DrawingFrame(
                    Math.min(left, other.left),
                    Math.max(right, other.right),
                    Math.min(low, other.low),
                    Math.max(high, other.high));
        }

        /** In thousandths: left, top, width, height; never narrower than a lying woman, so that all are to one scale. */
        String viewBox(boolean mirrored) {
            double width = Math.max(NARROWEST, right - left + 2 * MARGIN);
            double height = Math.max(LOWEST, high - low + 2 * MARGIN);
            double middle = (left + right) / 2;
            double x = (mirrored ? -middle : middle) - width / 2;
            double top = -(low - MARGIN + height);
            return Math.round(x * 1000) + " " + Math.round(top * 1000) + " " + Math.round(width * 1000) + " "
                    + Math.round(height * 1000);
        }
    }
}
