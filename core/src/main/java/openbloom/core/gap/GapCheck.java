package openbloom.core.gap;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;

/**
 * The readings of one check on one day.
 *
 * @param settled whether it and an earlier one were recovered and flat, see {@link GapHistory}
 */
public record GapCheck(LocalDate date, List<GapReading> readings, boolean settled) {
    /** A check of which nothing earlier is known. */
    public GapCheck(LocalDate date, List<GapReading> readings) {
        this(date, readings, false);
    }

    /** The everyday sites, read alike on the small lift. */
    public static GapCheck alike(
            LocalDate date, Width width, Optional<Depth> depth, Optional<Firmness> firmness, YesNoUnknown domed) {
        return new GapCheck(
                date,
                Site.EVERYDAY.stream()
                        .map(site -> new GapReading(
                                new Spot(site, site.usualOffsetMm()),
                                GapState.LIFT,
                                width,
                                depth,
                                firmness,
                                domed,
                                false))
                        .toList());
    }

    public GapCheck {
        readings = readings.stream()
                .sorted(Comparator.comparing(GapReading::state).thenComparing(GapReading::spot))
                .toList();
    }

    public Stream<GapReading> in(GapState state) {
        return readings.stream().filter(reading -> reading.state() == state);
    }

    public Optional<GapReading> at(Spot spot, GapState state) {
        return in(state).filter(reading -> reading.spot().equals(spot)).findFirst();
    }

    /** The spots that were read, from the breastbone down. */
    public List<Spot> spots() {
        return readings.stream().map(GapReading::spot).distinct().sorted().toList();
    }

    public Optional<GapReading> widest(GapState state) {
        return in(state)
                .max(Comparator.comparingDouble(reading -> reading.width().roughMm()));
    }

    /** Whether navel, above and below were all read, in whatever state: one site is not any site. */
    public boolean isOfEverySite() {
        return readings.stream()
                .map(GapReading::site)
                .collect(Collectors.toSet())
                .containsAll(Site.EVERYDAY);
    }

    public long ageOn(LocalDate day) {
        return ChronoUnit.DAYS.between(date, day);
    }

    /** Whether a gate may still rest on it: at most 14 days old, or twelve weeks once settled, and not from the future. */
    public boolean isFreshOn(LocalDate day) {
        return ageOn(day) >= 0 && ageOn(day) <= (settled ? Published.GAP_SETTLED : Published.GAP_STALE).days();
    }

    public LocalDate nextDue() {
        return date.plusDays((settled ? Published.GAP_SETTLED : Published.GAP_RECHECK).days());
    }

    /** Doming on the small lift: yes if seen anywhere, no only if looked for at every site read. */
    public YesNoUnknown domedOnLift() {
        List<YesNoUnknown> seen = in(GapState.LIFT).map(GapReading::domed).toList();
        if (seen.contains(YesNoUnknown.YES)) {
            return YesNoUnknown.YES;
        }
        return seen.isEmpty() || seen.contains(YesNoUnknown.UNKNOWN) ? YesNoUnknown.UNKNOWN : YesNoUnknown.NO;
    }
}
