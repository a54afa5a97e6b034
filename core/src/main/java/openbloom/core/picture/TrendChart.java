package openbloom.core.picture;

import static openbloom.core.picture.Svg.point;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.core.Days;
import openbloom.core.gap.Method;
import openbloom.core.gap.Series;
import openbloom.core.gap.Trend;

/**
 * Widths over time at one spot in one state. The latest series is joined and stands in its band of repeatability; other
 * examiners and methods of the same unit are drawn apart, as rings, and never joined to it. Methods of another unit are
 * left to their own chart.
 *
 * @see Trend
 */
public final class TrendChart {
    private static final double WIDE = 500;
    private static final double HIGH = 300;
    private static final double LEFT = 58;
    private static final double RIGHT = 484;
    private static final double TOP = 22;
    private static final double GROUND = 248;
    private static final int DAYS_AROUND = 4;
    private static final int MOST_WEEKS_AHEAD = 30;
    private static final Letters QUIET = Letters.of(14, Palette.MUTED);

    /**
     * What is drawn.
     *
     * @param shown the series that is joined
     * @param others series that may not be joined to it
     * @param band the repeatability, in the unit of the series
     * @param limit the width her approach asks for, with its words; empty when it asks for none or she is pregnant
     */
    public record Data(
            Series shown,
            List<Series> others,
            double band,
            Optional<Limit> limit,
            Optional<Trend> trend,
            Optional<Trend.Forecast> forecast) {}

    /**
     * A width drawn as a line.
     *
     * @param amount in the unit of the series
     * @param words said at the line
     */
    public record Limit(double amount, String words) {}

    private final Svg svg;
    private final Data data;
    private final LocalDate first;
    private final long days;
    private final double most;

    private TrendChart(Svg svg, Data data) {
        this.svg = svg;
        this.data = data;
        this.first = all(data)
                .map(Trend.TrendPoint::date)
                .min(LocalDate::compareTo)
                .orElse(LocalDate.EPOCH)
                .minusDays(DAYS_AROUND);
        LocalDate last = all(data)
                .map(Trend.TrendPoint::date)
                .max(LocalDate::compareTo)
                .orElse(first)
                .plusDays(DAYS_AROUND);
        LocalDate end = data.forecast()
                .map(Trend.Forecast::latest)
                .filter(latest -> latest.isAfter(last))
                .map(latest ->
                        latest.isAfter(last.plusWeeks(MOST_WEEKS_AHEAD)) ? last.plusWeeks(MOST_WEEKS_AHEAD) : latest)
                .orElse(last);
        this.days = Math.max(14, ChronoUnit.DAYS.between(first, end));
        double widest = all(data).mapToDouble(Trend.TrendPoint::amount).max().orElse(0);
        double limit = data.limit().map(Limit::amount).orElse(0.0);
        double step = gridStep(Math.max(widest, limit) + data.band() / 2);
        this.most = step * Math.ceil((Math.max(widest, limit) + data.band() / 2 + step / 4) / step);
    }

    private static Stream<Trend.TrendPoint> all(Data data) {
        return Stream.concat(
                        data.others().stream()
                                .filter(other -> other.method()
                                        .unit()
                                        .equals(data.shown().method().unit())),
                        Stream.of(data.shown()))
                .flatMap(series -> series.readings().stream());
    }

    public static String of(Data data) {
        Svg svg = Svg.drawing(0, 0, WIDE, HIGH, describe(data), "trend-chart");
        TrendChart chart = new TrendChart(svg, data);
        chart.grid();
        chart.limit();
        if (!data.shown().readings().isEmpty()) {
            chart.band();
            chart.forecast();
            chart.others();
            chart.shown();
        }
        return svg.finish();
    }

    private static String describe(Data data) {
        if (data.shown().readings().isEmpty()) {
            return "Trend, no reading yet";
        }
        Method method = data.shown().method();
        Trend.TrendPoint last =
                data.shown().readings().get(data.shown().readings().size() - 1);
        return "Trend of " + data.shown().readings().size() + " readings by "
                + data.shown().by().name() + ", " + method.words() + ", latest " + amount(last.amount(), method)
                + " on " + Days.words(last.date());
    }

    private static String amount(double amount, Method method) {
        return amount == 0 ? "0 " + method.unit() : method.words(amount);
    }

    /** Four to seven lines. */
    private static double gridStep(double top) {
        for (double step : new double[] {0.5, 1, 2, 5, 10, 20, 50}) {
            if (top / step <= 6) {
                return step;
            }
        }
        return 100;
    }

    private void grid() {
        double step = gridStep(most);
        for (double amount = 0; amount <= most + 1e-9; amount += step) {
            svg.line(LEFT, y(amount), RIGHT, y(amount), Paint.line("#EAE4D7", 1));
            svg.words(Svg.number(amount), LEFT - 8, y(amount) + 5, QUIET.endingHere());
        }
        svg.upright(data.shown().method().unit(), 15, (TOP + GROUND) / 2, QUIET.centred());
        long every = Math.max(7, 7 * (long) Math.ceil(days / 7.0 / 6));
        for (long day = DAYS_AROUND; day <= days - DAYS_AROUND + 3; day += every) {
            double x = x(first.plusDays(day));
            svg.line(x, GROUND, x, GROUND + 5, Paint.line(Palette.MUTED, 1));
            String words = Days.words(first.plusDays(day));
            svg.words(words.substring(0, words.length() - 5), x, GROUND + 21, QUIET.centred());
        }
        svg.line(LEFT, GROUND, RIGHT, GROUND, Paint.line(Palette.MUTED, 1.2));
    }

    private void limit() {
        data.limit().ifPresent(limit -> {
            svg.line(
                    LEFT,
                    y(limit.amount()),
                    RIGHT,
                    y(limit.amount()),
                    Paint.line(Palette.SLATE, 1.6).dashed("7 5"));
            svg.words(
                    limit.words(),
                    LEFT + 6,
                    y(limit.amount()) - 5,
                    Letters.of(14, Palette.SLATE).over(Palette.PAPER));
        });
    }

    /** Half the repeatability to either side of the line the readings follow. */
    private void band() {
        List<Trend.TrendPoint> readings = data.shown().readings();
        StringBuilder upper = new StringBuilder();
        StringBuilder lower = new StringBuilder();
        for (int i = 0; i < readings.size(); i++) {
            Trend.TrendPoint above = readings.get(i);
            Trend.TrendPoint below = readings.get(readings.size() - 1 - i);
            upper.append(i == 0 ? 'M' : 'L').append(point(x(above.date()), y(centre(above) + data.band() / 2)));
            lower.append('L').append(point(x(below.date()), y(Math.max(0, centre(below) - data.band() / 2))));
        }
        if (readings.size() == 1) {
            double x = x(readings.get(0).date());
            double top = y(centre(readings.get(0)) + data.band() / 2);
            svg.box(
                    x - 9,
                    top,
                    18,
                    y(Math.max(0, centre(readings.get(0)) - data.band() / 2)) - top,
                    3,
                    Paint.filled("#DCE6DF"));
            return;
        }
        svg.path(upper.toString() + lower + "Z", Paint.filled("#DCE6DF"));
    }

    /** On the slope through the median of the readings, or, without a slope, the reading itself. */
    private double centre(Trend.TrendPoint reading) {
        return data.trend().map(trend -> trend.at(reading.date())).orElse(reading.amount());
    }

    private void forecast() {
        data.forecast().ifPresent(when -> {
            Trend.TrendPoint last =
                    data.shown().readings().get(data.shown().readings().size() - 1);
            double from = centre(last);
            Paint line = Paint.line(Palette.MOSS, 1.8).dashed("3 5");
            svg.line(x(last.date()), y(from), x(inside(when.expected())), y(when.reaches()), line);
            svg.line(
                    x(inside(when.earliest())),
                    y(when.reaches()),
                    x(inside(when.latest())),
                    y(when.reaches()),
                    Paint.line(Palette.MOSS, 5));
            svg.words(
                    Days.words(when.expected()),
                    x(inside(when.expected())),
                    y(when.reaches()) + 20,
                    Letters.of(14, Palette.MOSS).strong().endingHere().over(Palette.PAPER));
        });
    }

    private LocalDate inside(LocalDate day) {
        LocalDate end = first.plusDays(days);
        return day.isAfter(end) ? end : day;
    }

    private void others() {
        data.others().stream()
                .filter(other ->
                        other.method().unit().equals(data.shown().method().unit()))
                .forEach(other -> other.readings().forEach(reading -> {
                    svg.named(other.by().name() + ", " + other.method().words() + ", " + Days.words(reading.date())
                            + ": " + amount(reading.amount(), other.method()));
                    svg.circle(x(reading.date()), y(reading.amount()), 5, Paint.line(Palette.MUTED, 1.8));
                    svg.close();
                }));
    }

    private void shown() {
        StringBuilder line = new StringBuilder();
        data.shown()
                .readings()
                .forEach(reading ->
                        line.append(line.isEmpty() ? 'M' : 'L').append(point(x(reading.date()), y(reading.amount()))));
        svg.path(line.toString(), Paint.line(Palette.MOSS, 2));
        data.shown().readings().forEach(reading -> {
            svg.named(Days.words(reading.date()) + ": "
                    + amount(reading.amount(), data.shown().method()));
            svg.circle(x(reading.date()), y(reading.amount()), 5, Paint.filled(Palette.MOSS));
            svg.close();
        });
    }

    private double x(LocalDate day) {
        return LEFT + (RIGHT - LEFT) * ChronoUnit.DAYS.between(first, day) / days;
    }

    private double y(double amount) {
        return GROUND - (GROUND - TOP) * amount / most;
    }
}
