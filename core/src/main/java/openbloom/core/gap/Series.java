package openbloom.core.gap;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Readings at one spot in one state by one examiner with one method: what may be joined by a line.
 *
 * @param readings in the order of their days, in the unit of the method
 *
 * @see WholeMidline
 * @see Outlook
 */
public record Series(Method method, Measured.Examiner by, List<Trend.TrendPoint> readings) {
    private record SeriesKey(Method method, Measured.Examiner by) {}

    /** All series at a spot in a state, the one with the latest reading last. */
    public static List<Series> at(Spot spot, GapState state, List<Measured> checks) {
        Map<SeriesKey, List<Measured>> byKey = checks.stream()
                .filter(measured -> measured.amount(spot, state).isPresent())
                .sorted(Comparator.comparing(measured -> measured.check().date()))
                .collect(Collectors.groupingBy(
                        measured -> new SeriesKey(measured.method(), measured.by()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return byKey.entrySet().stream()
                .map(entry -> new Series(
                        entry.getKey().method(),
                        entry.getKey().by(),
                        entry.getValue().stream()
                                .map(measured -> new Trend.TrendPoint(
                                        measured.check().date(),
                                        measured.amount(spot, state).orElseThrow()))
                                .toList()))
                .sorted(Comparator.comparing(Series::latest))
                .toList();
    }

    public LocalDate latest() {
        return readings.get(readings.size() - 1).date();
    }

    /** The day of the latest reading, or another when there is none. */
    public LocalDate latestOr(LocalDate other) {
        return readings.isEmpty() ? other : latest();
    }

    /** The same series without the readings before a day, such as those from before a birth. */
    public Series from(LocalDate fromInclusive) {
        return with(reading -> !reading.date().isBefore(fromInclusive));
    }

    /** Only the readings before a day. */
    public Series before(LocalDate toExclusive) {
        return with(reading -> reading.date().isBefore(toExclusive));
    }

    private Series with(Predicate<Trend.TrendPoint> wanted) {
        return new Series(method, by, readings.stream().filter(wanted).toList());
    }
}
