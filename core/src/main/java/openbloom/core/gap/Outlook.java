package openbloom.core.gap;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.core.Days;
import openbloom.core.evidence.Published;

/**
 * Where a series is going, in sentences. During pregnancy nothing is forecast and nothing is called success: the aim then
 * is to support, not to close.
 *
 * @param trend empty with readings on fewer than two days
 * @param forecast empty without ground for one
 * @param stalled whether it stood still for eight weeks while wider than her approach allows
 * @see Trend
 * @see Published
 */
public record Outlook(
        Optional<Trend> trend, Optional<Trend.Forecast> forecast, boolean stalled, List<String> sentences) {
    private static final String NEXT_WHEN_STALLED =
            "Look at the connect check again, change the exercise group that loads the midline, or refer her to a clinician.";

    /** What the outlook is measured against. */
    public sealed interface GapTarget {
        /** A width to come to, in the unit of the series. */
        record TargetReach(double amount, String words) implements GapTarget {}

        /** Her approach sets no width here. */
        record NoWidth(String why) implements GapTarget {}

        /** She is pregnant: shown, never scored. */
        record Support() implements GapTarget {}
    }

    public static Outlook of(Series series, GapTarget aim, RepeatabilityInUse repeatability) {
        long days = series.readings().stream()
                .map(Trend.TrendPoint::date)
                .distinct()
                .count();
        if (days < 2) {
            String sentence = series.readings().isEmpty()
                    ? "No reading here yet."
                    : "One day of readings. A trend needs a second by the same person with the same method.";
            return new Outlook(Optional.empty(), Optional.empty(), false, List.of(sentence));
        }
        Trend trend = Trend.of(series.readings());
        String slope = slopeWords(trend, series.method());
        if (aim instanceof GapTarget.Support) {
            List<String> shown = List.of(slope, "While pregnant this is shown and not scored: the aim is support.");
            return new Outlook(Optional.of(trend), Optional.empty(), false, shown);
        }
        return aim instanceof GapTarget.TargetReach reach
                ? aimed(trend, Optional.of(reach), repeatability, List.of(slope))
                : aimed(trend, Optional.empty(), repeatability, List.of(slope, ((GapTarget.NoWidth) aim).why()));
    }

    private static Outlook aimed(
            Trend trend,
            Optional<GapTarget.TargetReach> reach,
            RepeatabilityInUse repeatability,
            List<String> sentences) {
        boolean stalled = isStalled(trend, reach, repeatability);
        Optional<Trend.Forecast> forecast = reach.flatMap(aim -> trend.forecast(aim.amount()));
        String last = stalled
                ? "No real change in the last eight weeks. " + NEXT_WHEN_STALLED
                : reach.map(aim -> ahead(aim, trend, forecast)).orElse("");
        List<String> all = Stream.concat(sentences.stream(), Stream.of(last))
                .filter(sentence -> !sentence.isEmpty())
                .toList();
        return new Outlook(Optional.of(trend), forecast, stalled, all);
    }

    private static String ahead(GapTarget.TargetReach aim, Trend trend, Optional<Trend.Forecast> forecast) {
        if (trend.lastAmount() <= aim.amount()) {
            return "The last reading is within " + aim.words() + ".";
        }
        return forecast.map(when -> "At this pace it comes to " + aim.words() + " about " + Days.words(when.expected())
                        + ", " + Days.words(when.earliest()) + " at the earliest, " + Days.words(when.latest())
                        + " at the latest.")
                .orElse("No forecast: that takes four readings over three weeks, a slope that is clear of noise, and"
                        + " at most " + Published.LONGEST_FORECAST.amount() + " weeks to go.");
    }

    /** No real change over the last eight weeks, no clear slope in them, and still wider than the aim. */
    private static boolean isStalled(
            Trend trend, Optional<GapTarget.TargetReach> reach, RepeatabilityInUse repeatability) {
        List<Trend.TrendPoint> readings = trend.readings();
        LocalDate eightWeeksBefore = trend.lastDay().minusDays(Published.GAP_STALLED.days());
        boolean longEnough = !readings.get(0).date().isAfter(eightWeeksBefore);
        if (!longEnough
                || reach.filter(aim -> trend.lastAmount() <= aim.amount()).isPresent()) {
            return false;
        }
        List<Trend.TrendPoint> recent = readings.stream()
                .filter(reading -> !reading.date().isBefore(eightWeeksBefore))
                .toList();
        double before = readings.stream()
                .filter(reading -> !reading.date().isAfter(eightWeeksBefore))
                .reduce((first, second) -> second)
                .orElseThrow()
                .amount();
        boolean moved = recent.stream().map(Trend.TrendPoint::date).distinct().count() >= 2
                && Trend.of(recent).isClear();
        return !moved && !repeatability.isReal(trend.lastAmount() - before);
    }

    private static String slopeWords(Trend trend, Method method) {
        String unit = (method.readsFingers() ? "fingers" : "mm") + " a week";
        long days = ChronoUnit.DAYS.between(trend.readings().get(0).date(), trend.lastDay());
        String interval = trend.isBounded()
                ? String.format(Locale.ROOT, "90 %% interval %+.2f to %+.2f", trend.lowest(), trend.highest())
                : "too few readings for an interval";
        String words = String.format(
                Locale.ROOT,
                "Slope %+.2f %s (%s), %d readings over %d days%s",
                trend.slopePerWeek(),
                unit,
                interval,
                trend.readings().size(),
                days,
                trend.isClear() ? "." : ": not clear of noise.");
        return words.replace('-', '−').replace("+0.00", "0.00").replace("−0.00", "0.00");
    }
}
