package openbloom.core.picture;

/** A ring that fills with the weeks of a pregnancy or of the first half year after birth. */
public final class StageRing {
    private static final double RADIUS = 20;

    private StageRing() {}

    /**
     * Draws the ring.
     *
     * @param weeks completed weeks, shown in the middle
     * @param fullAt weeks at which the ring is full
     * @param pregnant a pregnancy's ring is moss, one after birth slate
     */
    public static String of(int weeks, int fullAt, boolean pregnant) {
        String tone = pregnant ? Palette.MOSS : Palette.SLATE;
        String name = weeks + (pregnant ? " weeks pregnant" : " weeks after birth");
        Svg svg = Svg.drawing(-26, -26, 52, 52, name, "stage-ring");
        svg.add("circle", "cx", 0, "cy", 0, "r", RADIUS, "fill", "none", "stroke", Palette.LINE, "stroke-width", 5);
        double share = Math.min(1, weeks / (double) fullAt);
        double length = 2 * Math.PI * RADIUS;
        svg.add(
                "circle",
                "cx",
                0,
                "cy",
                0,
                "r",
                RADIUS,
                "fill",
                "none",
                "stroke",
                tone,
                "stroke-width",
                5,
                "stroke-dasharray",
                Svg.number(length * share) + " " + Svg.number(length),
                "transform",
                "rotate(-90)");
        svg.words(
                Integer.toString(weeks),
                0,
                5,
                "text-anchor",
                "middle",
                "font-size",
                15,
                "font-weight",
                600,
                "fill",
                Palette.INK);
        return svg.finish();
    }

    /** For a woman who is neither pregnant nor newly delivered: a plain ring with a dot. */
    public static String plain() {
        Svg svg = Svg.drawing(-26, -26, 52, 52, "neither pregnant nor newly delivered", "stage-ring");
        svg.add("circle", "cx", 0, "cy", 0, "r", RADIUS, "fill", "none", "stroke", Palette.LINE, "stroke-width", 5);
        svg.add("circle", "cx", 0, "cy", 0, "r", 4, "fill", Palette.PLUM);
        return svg.finish();
    }
}
