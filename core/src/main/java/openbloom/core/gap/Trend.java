package openbloom.core.gap;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.core.evidence.Published;

/**
 * The slope of a series of widths by Theil and Sen: the median of the slopes between all pairs of days, with the 90 %
 * interval that Kendall's statistic gives: the slopes of rank (N − 1.645 σ) / 2, rounded, from either end. One slip moves it
 * little.
 *
 * @param slopePerWeek unit of the readings a week; negative when the gap narrows
 * @param lowest lower end of the 90 % interval; minus infinity when three readings or fewer cannot bound it
 * @param highest upper end, or infinity
 * @param change last reading less the first
 * @see Outlook
 * @see WholeMidline
 */
public record Trend(List<TrendPoint> readings, double slopePerWeek, double lowest, double highest, double change) {
    private static final double Z_90 = 1.6449;
    private static final int FEWEST_FOR_A_FORECAST = 4;
    private static final int SHORTEST_DAYS_FOR_A_FORECAST = 21;
    private static final int FARTHEST_WEEKS = Published.LONGEST_FORECAST.amount();

    /**
     * A width on a day, in the unit of its series: mm or fingers.
     *
     * @param date of the check
     * @param amount in mm or fingers
     */
    public record TrendPoint(LocalDate date, double amount) {}

    /**
     * When the trend would reach a width: earliest and latest by the ends of the slope's interval.
     *
     * @param reaches the width asked for, in the unit of the series
     * @param earliest by the steeper end of the interval
     * @param expected by the slope itself
     * @param latest by the flatter end
     */
    public record Forecast(double reaches, LocalDate earliest, LocalDate expected, LocalDate latest) {}

    /** @throws IllegalArgumentException unless there are readings on at least two days */
    public static Trend of(List<TrendPoint> given) {
        List<TrendPoint> readings =
                given.stream().sorted(Comparator.comparing(TrendPoint::date)).toList();
        List<Double> slopes = slopes(readings);
        if (slopes.isEmpty()) {
            throw new IllegalArgumentException("Readings on at least two days are expected, but there were none");
        }
        long rank = Math.round((slopes.size() - Z_90 * Math.sqrt(kendallVariance(readings))) / 2);
        boolean bounded = rank >= 1;
        return new Trend(
                readings,
                median(slopes),
                bounded ? slopes.get((int) rank - 1) : Double.NEGATIVE_INFINITY,
                bounded ? slopes.get(slopes.size() - (int) rank) : Double.POSITIVE_INFINITY,
                readings.get(readings.size() - 1).amount() - readings.get(0).amount());
    }

    /** Of Kendall's statistic without a trend; days or widths that are alike take their part off. */
    private static double kendallVariance(List<TrendPoint> readings) {
        double alike = alike(readings, TrendPoint::date) + alike(readings, TrendPoint::amount);
        return Math.max(0, part(readings.size()) - alike) / 18;
    }

    private static double alike(List<TrendPoint> readings, Function<TrendPoint, Object> what) {
        return readings.stream().collect(Collectors.groupingBy(what, Collectors.counting())).values().stream()
                .mapToDouble(Trend::part)
                .sum();
    }

    private static double part(long n) {
        return n * (n - 1.0) * (2 * n + 5);
    }

    /** Slopes between all pairs of different days, in order of size. */
    private static List<Double> slopes(List<TrendPoint> readings) {
        List<Double> slopes = new ArrayList<>();
        IntStream.range(0, readings.size())
                .forEach(i -> IntStream.range(i + 1, readings.size()).forEach(j -> {
                    long days = ChronoUnit.DAYS.between(
                            readings.get(i).date(), readings.get(j).date());
                    if (days > 0) {
                        slopes.add(
                                7 * (readings.get(j).amount() - readings.get(i).amount()) / days);
                    }
                }));
        slopes.sort(Comparator.naturalOrder());
        return slopes;
    }

    private static double median(List<Double> sorted) {
        int middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }

    public LocalDate lastDay() {
        return readings.get(readings.size() - 1).date();
    }

    public double lastAmount() {
        return readings.get(readings.size() - 1).amount();
    }

    /** Whether first and last lie further apart than the examiner's repeatability, in the unit of the readings. */
    public boolean isRealChange(double repeatability) {
        return Math.abs(change) > repeatability;
    }

    /** Whether there are enough readings for an interval. */
    public boolean isBounded() {
        return Double.isFinite(lowest) && Double.isFinite(highest);
    }

    /** Whether the 90 % interval of the slope excludes zero. */
    public boolean isClear() {
        return lowest > 0 || highest < 0;
    }

    /** Where the line through the readings lies on a day: the slope through the median of what is left beside it. */
    public double at(LocalDate day) {
        return median(readings.stream()
                .map(reading -> reading.amount() + slopePerWeek * ChronoUnit.DAYS.between(reading.date(), day) / 7)
                .sorted()
                .toList());
    }

    /**
     * When it would reach a width. Only with at least four readings over at least 21 days, a narrowing whose interval
     * excludes zero, and no more than {@link Published#LONGEST_FORECAST} ahead; otherwise nothing is said.
     */
    public Optional<Forecast> forecast(double target) {
        TrendPoint last = readings.get(readings.size() - 1);
        long days = ChronoUnit.DAYS.between(readings.get(0).date(), last.date());
        boolean enough = readings.size() >= FEWEST_FOR_A_FORECAST && days >= SHORTEST_DAYS_FOR_A_FORECAST;
        double toGo = at(last.date()) - target;
        if (!enough || highest >= 0 || toGo <= 0 || toGo / -slopePerWeek > FARTHEST_WEEKS) {
            return Optional.empty();
        }
        return Optional.of(new Forecast(
                target,
                after(last.date(), toGo / -lowest),
                after(last.date(), toGo / -slopePerWeek),
                after(last.date(), toGo / -highest)));
    }

    /** The width of the millimetre norms at the navel, which a forecast reaches for. */
    public Optional<Forecast> forecast() {
        return forecast(Published.RATH_NAVEL.amount());
    }

    private static LocalDate after(LocalDate last, double weeks) {
        return last.plusDays(Math.min(36_500, (long) Math.ceil(7 * weeks)));
    }
}
