package openbloom.core.gap;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.Days;

/**
 * The midline as a whole: the mean over the sites that one person read with one method each time. A mean of several sites is
 * steadier than any of them, so a change is found sooner (E-BA; that a mean is meant, not a site, is common practice).
 *
 * @param spots the sites it is the mean of, two or more
 * @param means the mean width of each check, in the unit of the method
 * @see Measured
 * @see Trend
 */
public record WholeMidline(List<Spot> spots, Series means) {
    private static final int FEWEST_SITES = 2;

    private record MidlineKey(Method method, Measured.Examiner by) {}

    /** The whole of the latest examiner and method in a state; empty when fewer than two sites were read each time. */
    public static Optional<WholeMidline> of(GapState state, List<Measured> checks) {
        Map<MidlineKey, List<Measured>> byKey = checks.stream()
                .filter(measured -> spotsIn(measured, state).size() >= FEWEST_SITES)
                .sorted(Comparator.comparing(measured -> measured.check().date()))
                .collect(Collectors.groupingBy(
                        measured -> new MidlineKey(measured.method(), measured.by()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return byKey.values().stream()
                .flatMap(all -> whole(state, all).stream())
                .max(Comparator.comparing((WholeMidline whole) -> whole.means().latest()));
    }

    private static Optional<WholeMidline> whole(GapState state, List<Measured> checks) {
        Set<Spot> each = new HashSet<>(spotsIn(checks.get(0), state));
        checks.forEach(measured -> each.retainAll(spotsIn(measured, state)));
        if (each.size() < FEWEST_SITES) {
            return Optional.empty();
        }
        List<Spot> spots = each.stream().sorted().toList();
        List<Trend.TrendPoint> means = checks.stream()
                .map(measured -> new Trend.TrendPoint(measured.check().date(), mean(measured, spots, state)))
                .toList();
        Measured any = checks.get(0);
        return Optional.of(new WholeMidline(spots, new Series(any.method(), any.by(), means)));
    }

    private static Set<Spot> spotsIn(Measured measured, GapState state) {
        return measured.check().in(state).map(GapReading::spot).collect(Collectors.toSet());
    }

    private static double mean(Measured measured, List<Spot> spots, GapState state) {
        return spots.stream()
                .mapToDouble(spot -> measured.amount(spot, state).orElseThrow())
                .average()
                .orElseThrow();
    }

    /** The same without checks before a day, such as those from before a birth. */
    public WholeMidline from(LocalDate fromInclusive) {
        return new WholeMidline(spots, means.from(fromInclusive));
    }

    /**
     * Whether it has changed since the first check: further than the repeatability of means, or a slope clear of zero.
     *
     * @param inUse the repeatability of means over as many sites
     */
    public boolean hasChanged(RepeatabilityInUse inUse) {
        if (means.readings().stream().map(Trend.TrendPoint::date).distinct().count() < 2) {
            return false;
        }
        Trend trend = Trend.of(means.readings());
        return inUse.isReal(trend.change()) || trend.isClear();
    }

    /** {@code mean of 3 sites 2.17 fingers, 0.67 fingers less than on 29 Oct 2026: a real change}. */
    public String words(RepeatabilityInUse inUse) {
        Trend.TrendPoint first = means.readings().get(0);
        Trend.TrendPoint last = means.readings().get(means.readings().size() - 1);
        String mean = "mean of " + spots.size() + " sites " + means.method().meanWords(last.amount());
        if (!last.date().isAfter(first.date())) {
            return mean;
        }
        double change = last.amount() - first.amount();
        String than = change == 0
                ? ", as on "
                : ", " + means.method().meanWords(change) + (change < 0 ? " less" : " more") + " than on ";
        return mean
                + than
                + Days.words(first.date())
                + (hasChanged(inUse) ? ": a real change" : ": no change we can be sure of");
    }
}
