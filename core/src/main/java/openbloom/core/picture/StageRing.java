package openbloom.core.picture;

/** A ring that fills with the weeks of a pregnancy or of the first half year after birth. */
public final class StageRing {
    private static final double RADIUS = 20;
    private static final Paint GROUND = Paint.line(Palette.LINE, 5);

    private StageRing() {}

    /**
     * Draws the ring.
     *
     * @param weeks completed weeks, shown in the middle
     * @param fullAt weeks at which the ring is full
     * @param pregnant a pregnancy's ring is moss, one after birth slate
     */
    public static String of(int weeks, int fullAt, boolean pregnant) {
        String name = weeks + (weeks == 1 ? " week " : " weeks ") + (pregnant ? "pregnant" : "after birth");
        Svg svg = Svg.drawing(-26, -26, 52, 52, name, "stage-ring");
        svg.circle(0, 0, RADIUS, GROUND);
        Paint tone = Paint.line(pregnant ? Palette.MOSS : Palette.SLATE, 5);
        if (weeks >= fullAt) {
            svg.circle(0, 0, RADIUS, tone);
        } else {
            svg.path(arc(weeks / (double) fullAt), tone);
        }
        svg.words(
                Integer.toString(weeks),
                0,
                6.5,
                Letters.of(18.5, Palette.INK).strong().centred());
        return svg.finish();
    }

    /** From the top clockwise. */
    private static String arc(double share) {
        double turn = 2 * Math.PI * share;
        int large = share > 0.5 ? 1 : 0;
        String end = Svg.point(RADIUS * Math.sin(turn), -RADIUS * Math.cos(turn));
        return "M0,-20A20,20 0 " + large + " 1 " + end;
    }

    /** For a woman who is neither pregnant nor newly delivered: a plain ring with a dot. */
    public static String plain() {
        Svg svg = Svg.drawing(-26, -26, 52, 52, "neither pregnant nor postnatal", "stage-ring");
        return svg.circle(0, 0, RADIUS, GROUND)
                .circle(0, 0, 4, Paint.filled(Palette.PLUM))
                .finish();
    }
}
