package openbloom.core.picture;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;

/** Writes one SVG drawing as text. Attributes only, no style, so that it passes a strict content security policy. */
final class Svg {
    private final StringBuilder text = new StringBuilder();
    private final Deque<String> open = new ArrayDeque<>();

    private Svg() {}

    /** A drawing with a name that is read aloud. */
    static Svg drawing(double x, double y, double width, double height, String name, String cssClass) {
        Svg svg = new Svg();
        String box = number(x) + " " + number(y) + " " + number(width) + " " + number(height);
        svg.text.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"" + box + "\" role=\"img\" aria-label=\""
                + escaped(name) + "\" class=\"" + cssClass + "\" font-family=\"inherit\">");
        svg.open.push("svg");
        return svg;
    }

    /** A drawing whose parts lead somewhere: a group of links rather than one picture. */
    static Svg ofLinks(double width, double height, String name, String cssClass) {
        Svg svg = drawing(0, 0, width, height, name, cssClass);
        int role = svg.text.indexOf("role=\"img\"");
        svg.text.replace(role, role + "role=\"img\"".length(), "role=\"group\"");
        return svg;
    }

    /** A group moved by so much. */
    Svg group(double byX, double byY) {
        return open("g", " transform=\"translate(" + number(byX) + " " + number(byY) + ")\"");
    }

    /** A group drawn smaller or larger, its middle moved to a place. */
    Svg scaled(double scale, double toX, double toY) {
        return open("g", " transform=\"translate(" + number(toX) + " " + number(toY) + ") scale(" + scale + ")\"");
    }

    /** A group that shows only inside an outline. */
    Svg inside(String id, String outline) {
        open("clipPath", " id=\"" + id + "\"")
                .path(outline, Paint.filled(Palette.INK))
                .close();
        return open("g", " clip-path=\"url(#" + id + ")\"");
    }

    /** A group that answers a question of the form beside it when it is touched. */
    Svg choosing(String question, String answer) {
        return open(
                "g",
                " class=\"choosing\" data-choice=\"" + escaped(question) + "\" data-value=\"" + escaped(answer) + "\"");
    }

    /** A group that tells its name when pointed at. */
    Svg named(String name) {
        open("g", "").open("title", "");
        text.append(escaped(name));
        return close();
    }

    /** A group that leads somewhere; its name is told and read aloud. */
    Svg link(String address, String name) {
        open("a", " href=\"" + escaped(address) + "\" aria-label=\"" + escaped(name) + "\"")
                .open("title", "");
        text.append(escaped(name));
        return close();
    }

    Svg close() {
        text.append("</").append(open.pop()).append('>');
        return this;
    }

    Svg path(String d, Paint paint) {
        return shape("path", " d=\"" + d + "\"", paint);
    }

    Svg line(double x1, double y1, double x2, double y2, Paint paint) {
        return path("M" + point(x1, y1) + "L" + point(x2, y2), paint);
    }

    Svg circle(double x, double y, double radius, Paint paint) {
        String at = " cx=\"" + number(x) + "\" cy=\"" + number(y) + "\" r=\"" + number(radius) + "\"";
        return shape("circle", at, paint);
    }

    Svg box(double x, double y, double width, double height, double corner, Paint paint) {
        String at = " x=\"" + number(x) + "\" y=\"" + number(y) + "\" width=\"" + number(Math.max(0, width))
                + "\" height=\"" + number(Math.max(0, height)) + "\" rx=\"" + number(corner) + "\"";
        return shape("rect", at, paint);
    }

    Svg words(String words, double x, double y, Letters letters) {
        String at = " x=\"" + number(x) + "\" y=\"" + number(y) + "\"";
        text.append("<text").append(at).append(letters.attributes()).append('>');
        text.append(escaped(words)).append("</text>");
        return this;
    }

    /** Words that read from below upward. */
    Svg upright(String words, double x, double y, Letters letters) {
        open("g", " transform=\"translate(" + point(x, y) + ") rotate(-90)\"");
        return words(words, 0, 0, letters).close();
    }

    /** The finished drawing; everything still open is closed. */
    String finish() {
        while (!open.isEmpty()) {
            close();
        }
        return text.toString();
    }

    private Svg open(String tag, String attributes) {
        text.append('<').append(tag).append(attributes).append('>');
        open.push(tag);
        return this;
    }

    private Svg shape(String tag, String at, Paint paint) {
        text.append('<').append(tag).append(at).append(paint.attributes()).append("/>");
        return this;
    }

    static String point(double x, double y) {
        return number(x) + "," + number(y);
    }

    /** At most one decimal, and none where it is whole. */
    static String number(double value) {
        String fixed = String.format(Locale.ROOT, "%.1f", value);
        return fixed.endsWith(".0") ? fixed.substring(0, fixed.length() - 2) : fixed;
    }

    private static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
