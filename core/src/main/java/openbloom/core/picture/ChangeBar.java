package openbloom.core.picture;

/** A thing measured twice: before as a ring, now as a dot, and around before the band that repeating the measurement explains. */
public final class ChangeBar {
    private static final double WIDTH = 300;
    private static final double HEIGHT = 26;
    private static final double MIDDLE = 13;
    private static final double EDGE = 12;
    private static final double BAND = 18;
    private static final double DOT = 6;

    private ChangeBar() {}

    /**
     * @param name what it shows, in words
     * @param repeatability by how much two readings of the same may differ
     * @param real whether the difference is more than that
     */
    public static String of(String name, double before, double after, double repeatability, boolean real) {
        double least = Math.min(before - repeatability, after);
        double most = Math.max(before + repeatability, after);
        double scale = (WIDTH - 2 * EDGE) / Math.max(1e-6, most - least);
        double from = EDGE + (before - least) * scale;
        double to = EDGE + (after - least) * scale;
        double band = repeatability * scale;
        String tone = real ? Palette.MOSS : Palette.MUTED;
        Svg svg = Svg.drawing(0, 0, WIDTH, HEIGHT, name, "change-bar");
        svg.line(EDGE / 2, MIDDLE, WIDTH - EDGE / 2, MIDDLE, Paint.line(Palette.LINE, 1));
        svg.box(from - band, MIDDLE - BAND / 2, 2 * band, BAND, BAND / 2, Paint.filled(Palette.BAND));
        svg.line(from, MIDDLE, to, MIDDLE, Paint.line(tone, 2.6));
        svg.circle(from, MIDDLE, DOT, Paint.filled(Palette.PAPER).outlined(Palette.MUTED, 2));
        svg.circle(to, MIDDLE, DOT, Paint.filled(tone));
        return svg.finish();
    }
}
