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
        return svg.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "viewBox",
                box,
                "role",
                "img",
                "aria-label",
                name,
                "class",
                cssClass,
                "font-family",
                "inherit");
    }

    Svg open(String tag, Object... attributes) {
        start(tag, attributes).append('>');
        open.push(tag);
        return this;
    }

    Svg close() {
        text.append("</").append(open.pop()).append('>');
        return this;
    }

    Svg add(String tag, Object... attributes) {
        start(tag, attributes).append("/>");
        return this;
    }

    Svg words(String words, double x, double y, Object... attributes) {
        start("text", attributes)
                .append(" x=\"")
                .append(number(x))
                .append("\" y=\"")
                .append(number(y))
                .append("\">")
                .append(escaped(words))
                .append("</text>");
        return this;
    }

    Svg text(String words) {
        text.append(escaped(words));
        return this;
    }

    /** The finished drawing; everything still open is closed. */
    String finish() {
        while (!open.isEmpty()) {
            close();
        }
        return text.toString();
    }

    private StringBuilder start(String tag, Object... attributes) {
        text.append('<').append(tag);
        for (int i = 0; i < attributes.length; i += 2) {
            text.append(' ')
                    .append(attributes[i])
                    .append("=\"")
                    .append(value(attributes[i + 1]))
                    .append('"');
        }
        return text;
    }

    private static String value(Object value) {
        return value instanceof Double number ? number(number) : escaped(value.toString());
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
