package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import openbloom.core.pelvicfloor.trace.TraceFindings.Aside;
import openbloom.core.pelvicfloor.trace.TraceFindings.Hole;

/** Finds holds and flicks on a trace by a {@link Convention}; long holes divide it, each part is looked at by itself. */
public final class TraceAnalyser {
    private static final double SHORTEST_PART_SECONDS = 2;
    private static final double LEAD_IN_BLOCK_SECONDS = 0.5;
    private static final double LEAD_IN_SHARE = 1;

    private final Trace trace;
    private final TraceUnit unit;
    private final Convention convention;
    private final List<Contraction> contractions = new ArrayList<>();
    private final List<Double> coughs = new ArrayList<>();
    private final List<Double> jumps = new ArrayList<>();
    private final List<Hole> holes = new ArrayList<>();
    private final List<Double> heights = new ArrayList<>();
    private OptionalDouble heartbeats = OptionalDouble.empty();
    private double leadIn;
    private Optional<Double> rest = Optional.empty();
    private double peak = Double.NEGATIVE_INFINITY;
    private Optional<Boolean> letsGo = Optional.empty();

    private TraceAnalyser(Trace trace, TraceUnit unit, Convention convention) {
        this.trace = trace;
        this.unit = unit;
        this.convention = convention;
    }

    public static TraceFindings analyse(Trace trace, TraceUnit unit, Convention convention) {
        return new TraceAnalyser(trace, unit, convention).findings();
    }

    private int steps(double seconds) {
        return (int) Math.round(seconds * trace.rate());
    }

    private TraceFindings findings() {
        for (Stretch part : parts()) {
            look(part);
        }
        double endurance = contractions.stream()
                .filter(Contraction::hold)
                .mapToDouble(Contraction::enduredSeconds)
                .max()
                .orElse(0);
        List<Double> sorted = heights.stream().sorted().toList();
        return new TraceFindings(
                rest.orElse(0.0),
                peak,
                sorted.isEmpty() ? 0 : sorted.get(sorted.size() / 2),
                contractions,
                endurance,
                letsGo,
                new Aside(coughs, heartbeats, jumps, leadIn, holes, Coughs.canBeTold(trace.rate())));
    }

    /** What lies between holes too long to bridge. */
    private List<Stretch> parts() {
        List<Stretch> parts = new ArrayList<>();
        float[] steps = trace.steps();
        int from = 0;
        int known = -1;
        for (int i = 0; i < steps.length; i++) {
            if (!Float.isNaN(steps[i])) {
                if (known >= 0 && i - known > steps(Convention.DIVIDES_SECONDS)) {
                    parts.add(new Stretch(from, known + 1));
                    holes.add(new Hole(trace.timeOf(known), trace.timeOf(i)));
                    from = i;
                }
                known = i;
            }
        }
        parts.add(new Stretch(from, Math.max(known + 1, from + 1)));
        List<Stretch> long_ = parts.stream()
                .filter(part -> part.length() >= steps(SHORTEST_PART_SECONDS))
                .toList();
        return long_.isEmpty() ? parts.subList(0, 1) : long_;
    }

    private void look(Stretch part) {
        float[] steps = Arrays.copyOfRange(trace.steps(), part.from(), part.to());
        float[] bridged = Smoothing.bridged(DropOuts.leftOut(steps, trace.rate()));
        int lead = part.from() == 0 ? leadIn(bridged) : 0;
        if (lead > 0) {
            leadIn = lead / trace.rate();
            bridged = Arrays.copyOfRange(bridged, lead, bridged.length);
        }
        double start = trace.timeOf(part.from() + lead - 0.5);
        Finder finder = new Finder(bridged, trace.rate(), unit, convention);
        Measuring measuring = new Measuring(finder, convention, trace.rate(), start);
        List<Contraction> found = measuring.contractions();
        contractions.addAll(found);
        found.forEach(one -> heights.add(one.amplitude()));
        finder.coughs().forEach(one -> coughs.add(start + (one.from() + one.to()) / 2.0 / trace.rate()));
        finder.heartbeat().ifPresent(heart -> heartbeats = OptionalDouble.of(heart.perMinute()));
        finder.jumps().forEach(one -> jumps.add(start + one / trace.rate()));
        rest = rest.or(() -> Optional.of(restLevel(finder)));
        peak = Math.max(peak, Smoothing.quantile(finder.find, 1));
        Optional<Boolean> fully = new TraceRelease(finder, measuring, trace.rate(), start).fully(found);
        letsGo = letsGo.isEmpty() ? fully : letsGo.map(so -> so && fully.orElse(true));
    }

    /** Steps at the start that lie far below everything later: the sensor was not yet where it should be. */
    private int leadIn(float[] bridged) {
        int block = Math.max(1, steps(LEAD_IN_BLOCK_SECONDS));
        int blocks = bridged.length / block;
        int most = Math.min(steps(Convention.LEAD_IN_SECONDS) / block, blocks / 3);
        if (most < 2) {
            return 0;
        }
        double[] level = new double[blocks];
        for (int i = 0; i < blocks; i++) {
            level[i] = Smoothing.quantile(bridged, i * block, (i + 1) * block, 0.5);
        }
        double[] lowestLater = new double[blocks + 1];
        lowestLater[blocks] = Double.MAX_VALUE;
        for (int i = blocks - 1; i >= 0; i--) {
            lowestLater[i] = Math.min(lowestLater[i + 1], level[i]);
        }
        double top = Smoothing.roughQuantile(bridged, 0.98);
        double highest = Double.NEGATIVE_INFINITY;
        int end = 0;
        for (int i = 0; i < most; i++) {
            highest = Math.max(highest, level[i]);
            double later = lowestLater[Math.min(blocks, i + 3)];
            double climbs = later - highest;
            boolean far = climbs > LEAD_IN_SHARE * (top - later) && climbs > 2 * unit.leastSqueeze();
            if (far && stays(level, i + 3, later + (top - later) / 2)) {
                end = (i + 3) * block;
            }
        }
        return end;
    }

    /** Whether what follows is rest, and not a contraction. */
    private static boolean stays(double[] level, int from, double below) {
        int to = Math.min(level.length, from + 5);
        return from < to && IntStream.range(from, to).allMatch(i -> level[i] < below);
    }

    /** The level before the first contraction, or, if she began at once, the lowest the level at rest comes to. */
    private double restLevel(Finder finder) {
        List<Stretch> found = finder.found();
        int leading = found.isEmpty() ? finder.whole.length : found.get(0).from() - finder.steps(0.5);
        int moved = finder.jumps().stream()
                .filter(at -> at < leading)
                .reduce((first, last) -> last)
                .orElse(0);
        return leading - moved >= finder.steps(Convention.SHORTEST_REST_SECONDS)
                ? Smoothing.quantile(finder.whole, moved, leading, 0.5)
                : Smoothing.roughQuantile(finder.base(), 0.1);
    }
}
