package openbloom.core.picture;

/** How a shape is filled and outlined. */
record Paint(String fill, String stroke, double width, String dash) {
    private static final String NONE = "none";

    static Paint filled(String tone) {
        return new Paint(tone, NONE, 0, "");
    }

    static Paint line(String tone, double width) {
        return new Paint(NONE, tone, width, "");
    }

    Paint outlined(String tone, double lineWidth) {
        return new Paint(fill, tone, lineWidth, dash);
    }

    Paint dashed(String pattern) {
        return new Paint(fill, stroke, width, pattern);
    }

    String attributes() {
        String line = stroke.equals(NONE)
                ? ""
                : " stroke=\"" + stroke + "\" stroke-width=\"" + Svg.number(width)
                        + "\" stroke-linecap=\"round\" stroke-linejoin=\"round\"";
        return " fill=\"" + fill + "\"" + line + (dash.isEmpty() ? "" : " stroke-dasharray=\"" + dash + "\"");
    }
}
