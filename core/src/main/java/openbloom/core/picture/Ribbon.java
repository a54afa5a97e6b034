package openbloom.core.picture;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import openbloom.core.Days;

/** A woman's season to the scale of its days: bands of time, what was noted, and what the calendar changes ahead. */
public final class Ribbon {
    private static final double WIDTH = 1100;
    private static final double HEIGHT = 186;
    private static final double BAND_TOP = 26;
    private static final double BAND = 96;
    private static final double NARROWEST_WITH_WORDS = 13;
    private static final double LETTER = 6.8;
    private static final Letters SMALL = Letters.of(14.5, Palette.MUTED);

    /**
     * A stretch of time; one that is only assumed is drawn pale.
     *
     * @param from first day of it
     * @param toExclusive first day after it
     * @param label said on it
     * @param tone colour as {@code #RRGGBB}
     * @param assumed drawn pale
     */
    public record Band(LocalDate from, LocalDate toExclusive, String label, String tone, boolean assumed) {}

    /**
     * Something on one day.
     *
     * @param date where it stands
     * @param label said at it
     * @param kind how it is drawn, see {@link RibbonKind}
     */
    public record Mark(LocalDate date, String label, RibbonKind kind) {}

    /** How a mark is drawn. */
    public enum RibbonKind {
        CHECK,
        SESSION,
        BIRTH,
        CHANGE,
        TICK
    }

    private final LocalDate from;
    private final double dayWidth;
    private final Svg svg;

    private Ribbon(LocalDate from, LocalDate toExclusive, Svg svg) {
        this.from = from;
        this.dayWidth = WIDTH / Math.max(1, ChronoUnit.DAYS.between(from, toExclusive));
        this.svg = svg;
    }

    /**
     * Draws the ribbon from the first band's beginning to the last one's end.
     *
     * @param shown the day the slider stands on
     */
    public static String of(List<Band> bands, List<Mark> marks, LocalDate today, LocalDate shown) {
        LocalDate from = bands.get(0).from();
        LocalDate to = bands.get(bands.size() - 1).toExclusive();
        String name =
                "Season from " + Days.words(from) + " to " + Days.words(to) + ", standing on " + Days.words(shown);
        Svg svg = Svg.drawing(-4, 0, WIDTH + 8, HEIGHT, name, "ribbon");
        Ribbon ribbon = new Ribbon(from, to, svg);
        bands.forEach(ribbon::band);
        marks.forEach(ribbon::mark);
        ribbon.line(today, "today", Palette.INK, true);
        if (!shown.equals(today)) {
            ribbon.line(shown, Days.words(shown), Palette.CLAY, false);
        }
        return svg.finish();
    }

    private double x(LocalDate date) {
        return ChronoUnit.DAYS.between(from, date) * dayWidth;
    }

    private void band(Band band) {
        double left = x(band.from());
        double width = x(band.toExclusive()) - left;
        svg.named(band.label() + ", from " + Days.words(band.from()));
        Paint paint = band.assumed()
                ? Paint.filled("#F1ECE0").outlined(band.tone(), 1.2).dashed("4 3")
                : Paint.filled(band.tone());
        svg.box(left + 0.5, BAND_TOP, width - 1, BAND, 2, paint);
        String ink = band.assumed() ? Palette.INK : "#FFFFFF";
        double middle = left + width / 2;
        if (band.label().length() * LETTER < width - 6) {
            svg.words(
                    band.label(),
                    middle,
                    BAND_TOP + BAND / 2 + 5,
                    Letters.of(14.5, ink).centred());
        } else if (width > NARROWEST_WITH_WORDS && band.label().length() * LETTER < BAND) {
            svg.upright(
                    band.label(),
                    middle + 4,
                    BAND_TOP + BAND / 2,
                    Letters.of(14.5, ink).centred());
        }
        svg.close();
    }

    private void mark(Mark mark) {
        double x = x(mark.date());
        if (x < 0 || x > WIDTH) {
            return;
        }
        svg.named(mark.label() + ", " + Days.words(mark.date()));
        switch (mark.kind()) {
            case CHECK -> svg.circle(x, 132, 3.6, Paint.filled(Palette.MOSS));
            case SESSION -> svg.box(x - 3, 140, 6, 6, 1, Paint.filled(Palette.SLATE));
            case CHANGE -> svg.path(diamond(x, 155), Paint.filled(Palette.SAFFRON));
            case BIRTH -> birth(mark, x);
            case TICK -> tick(mark, x);
        }
        svg.close();
    }

    private static String diamond(double x, double y) {
        return "M" + Svg.point(x, y - 5) + "L" + Svg.point(x + 5, y) + "L" + Svg.point(x, y + 5) + "L"
                + Svg.point(x - 5, y) + "Z";
    }

    private void birth(Mark mark, double x) {
        svg.line(x, BAND_TOP - 6, x, BAND_TOP + BAND + 6, Paint.line(Palette.PLUM, 3));
        svg.words(
                mark.label(),
                x + 5,
                BAND_TOP - 12,
                Letters.of(14.5, Palette.PLUM).strong());
    }

    private void tick(Mark mark, double x) {
        svg.line(x, BAND_TOP + BAND - 7, x, BAND_TOP + BAND, Paint.line("#FFFFFF", 1.2));
        svg.words(mark.label(), x, HEIGHT - 8, SMALL.centred());
    }

    private void line(LocalDate date, String label, String tone, boolean dashed) {
        double x = Math.max(0, Math.min(WIDTH, x(date)));
        Paint paint = Paint.line(tone, 1.8);
        svg.line(x, BAND_TOP - 8, x, 162, dashed ? paint.dashed("2 4") : paint);
        boolean late = x > WIDTH - 90;
        Letters letters = Letters.of(14.5, tone).strong().over(Palette.PAPER);
        double y = dashed ? 20 : 10;
        svg.words(label, late ? x - 4 : x + 4, y, late ? letters.endingHere() : letters);
    }
}
