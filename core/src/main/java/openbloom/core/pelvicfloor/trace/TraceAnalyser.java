package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Finds holds and flicks on a trace by a {@link Convention}. */
public final class TraceAnalyser {
    private static final double SMOOTH_SECONDS = 0.4;
    private static final double JOINED_SECONDS = 0.25;
    private static final double LEVEL_SECONDS = 0.8;
    private static final double CREEP_SHARE = 1 / 3.0;
    private static final double SETTLED_SECONDS = 1.5;
    private static final double SHORTEST_REST_SECONDS = 3;
    private static final double LET_GO_SHARE = 0.2;
    private static final double SHORTEST_LEADING_REST = 3;
    private static final int ROUNDS = 3;
    private static final double CLEAR_OF_NOISE = 4;

    private final Trace trace;
    private final Convention convention;
    private final double leastSqueeze;
    private final float[] whole;
    private final float[] smooth;
    private final double noise;

    private TraceAnalyser(Trace trace, TraceUnit unit, Convention convention) {
        this.trace = trace;
        this.convention = convention;
        this.leastSqueeze = unit.leastSqueeze();
        this.whole = Smoothing.bridged(trace.steps());
        this.smooth = Smoothing.mean(whole, Math.max(1, steps(SMOOTH_SECONDS) / 2));
        this.noise = noise();
    }

    /** A stretch of steps, from inclusive, to exclusive. */
    private record Stretch(int from, int to) {
        int length() {
            return to - from;
        }
    }

    public static TraceFindings analyse(Trace trace, TraceUnit unit, Convention convention) {
        return new TraceAnalyser(trace, unit, convention).findings();
    }

    private int steps(double seconds) {
        return (int) Math.round(seconds * trace.rate());
    }

    private TraceFindings findings() {
        float[] base = Baseline.rough(smooth, trace.rate());
        List<Stretch> found = List.of();
        double squeeze = 0;
        for (int round = 0; round < ROUNDS; round++) {
            float[] above = minus(smooth, base);
            squeeze = squeeze(above, found);
            found = isClear(squeeze) ? stretches(above, squeeze) : List.of();
            base = Baseline.refined(smooth, active(found), base, trace.rate());
        }
        return measured(found, base, squeeze);
    }

    /** Anything under four times the noise of the resting trace, or under the unit's least, is no squeeze. */
    private boolean isClear(double squeeze) {
        return squeeze >= leastSqueeze && squeeze >= CLEAR_OF_NOISE * noise;
    }

    /** From neighbouring steps two smoothing lengths apart: drift and contractions hardly touch it. */
    private double noise() {
        int apart = Math.max(1, steps(2 * SMOOTH_SECONDS));
        if (smooth.length <= apart + 1) {
            return 0;
        }
        float[] differences = new float[smooth.length - apart];
        for (int i = 0; i < differences.length; i++) {
            differences[i] = Math.abs(smooth[i + apart] - smooth[i]);
        }
        return 1.4826 * Smoothing.quantile(differences, 0.5) / Math.sqrt(2);
    }

    private static float[] minus(float[] steps, float[] base) {
        float[] above = new float[steps.length];
        for (int i = 0; i < steps.length; i++) {
            above[i] = steps[i] - base[i];
        }
        return above;
    }

    /** The usual height of a contraction: at first of the upper half of the highest steps, then of what was found. */
    private double squeeze(float[] above, List<Stretch> found) {
        if (found.isEmpty()) {
            float top = Smoothing.quantile(above, 0.995);
            float[] high = new float[above.length];
            int count = 0;
            for (float one : above) {
                if (one > top / 2) {
                    high[count++] = one;
                }
            }
            return count == 0 ? 0 : Smoothing.quantile(Arrays.copyOf(high, count), 0.5);
        }
        float[] heights = new float[found.size()];
        for (int i = 0; i < heights.length; i++) {
            Stretch one = found.get(i);
            heights[i] = Smoothing.quantile(Arrays.copyOfRange(above, one.from(), one.to()), 0.7);
        }
        return Smoothing.quantile(heights, 0.5);
    }

    /** With hysteresis: in above the upper threshold, out below the lower one. */
    private List<Stretch> stretches(float[] above, double squeeze) {
        List<Stretch> found = new ArrayList<>();
        int from = -1;
        for (int i = 0; i < above.length; i++) {
            if (from < 0 && above[i] > convention.onShare() * squeeze) {
                from = back(above, i, convention.offShare() * squeeze, found);
            } else if (from >= 0 && above[i] < convention.offShare() * squeeze) {
                add(found, new Stretch(from, i));
                from = -1;
            }
        }
        if (from >= 0) {
            add(found, new Stretch(from, above.length));
        }
        found.removeIf(one -> one.length() < steps(convention.shortestSeconds()));
        return found;
    }

    private static int back(float[] above, int at, double threshold, List<Stretch> found) {
        int least = found.isEmpty() ? 0 : found.get(found.size() - 1).to();
        int from = at;
        while (from > least && above[from - 1] > threshold) {
            from--;
        }
        return from;
    }

    /** Columns to the one before if the trace dipped only for a moment. */
    private void add(List<Stretch> found, Stretch next) {
        int last = found.size() - 1;
        boolean joins = last >= 0 && next.from() - found.get(last).to() < steps(JOINED_SECONDS);
        if (joins) {
            found.set(last, new Stretch(found.get(last).from(), next.to()));
        } else {
            found.add(next);
        }
    }

    private boolean[] active(List<Stretch> found) {
        boolean[] active = new boolean[smooth.length];
        int margin = steps(1);
        found.forEach(one -> Arrays.fill(
                active, Math.max(0, one.from() - margin), Math.min(active.length, one.to() + margin), true));
        return active;
    }

    // --- measuring what was found

    private TraceFindings measured(List<Stretch> found, float[] base, double squeeze) {
        double rest = restLevel(found, base);
        List<Contraction> contractions = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            int next = i + 1 < found.size() ? found.get(i + 1).from() : smooth.length;
            int previousEnd = i == 0 ? 0 : found.get(i - 1).to();
            double before = levelBefore(found.get(i), previousEnd);
            contractions.add(contraction(found.get(i), base, before, next));
        }
        double endurance = contractions.stream()
                .filter(Contraction::hold)
                .mapToDouble(Contraction::enduredSeconds)
                .max()
                .orElse(0);
        double cutOff = trace.startSeconds() + trace.seconds() - 1;
        Optional<Boolean> letsGo = contractions.isEmpty()
                ? Optional.empty()
                : Optional.of(contractions.stream()
                                .filter(one -> one.end() < cutOff)
                                .allMatch(one -> one.returnSeconds().isPresent())
                        && !creeps(found, squeeze));
        double peak = Smoothing.quantile(smooth, 1);
        return new TraceFindings(rest, peak, found.isEmpty() ? 0 : squeeze, contractions, endurance, letsGo);
    }

    /**
     * Whether she lets go a little less each time: over the whole recording the level at rest has risen by more than a third
     * of the squeeze and clear of the noise, beyond what the sensor drifts inside the rests.
     */
    private boolean creeps(List<Stretch> found, double squeeze) {
        Stretch first = found.get(0);
        Stretch last = found.get(found.size() - 1);
        int leading = Math.max(1, first.from() - steps(0.4));
        double before = levelBefore(first, 0);
        int afterFrom = last.to() + steps(SETTLED_SECONDS);
        boolean trailing = smooth.length - afterFrom >= steps(SHORTEST_REST_SECONDS);
        if (!trailing && found.size() < 2) {
            return false;
        }
        double after = trailing
                ? Smoothing.quantile(Arrays.copyOfRange(whole, afterFrom, whole.length), 0.5)
                : levelBefore(last, found.get(found.size() - 2).to());
        int at = trailing ? (afterFrom + whole.length) / 2 : last.from();
        double drift = driftInRests(found) * (at - leading);
        return after - before - drift > Math.max(CREEP_SHARE * squeeze, CLEAR_OF_NOISE * noise);
    }

    /** How the level changes from step to step while nothing is done, by the longest rests most. */
    private double driftInRests(List<Stretch> found) {
        double change = 0;
        double length = 0;
        for (int i = 0; i <= found.size(); i++) {
            int from = i == 0 ? 0 : found.get(i - 1).to() + steps(SETTLED_SECONDS);
            int to = i == found.size() ? whole.length : found.get(i).from() - steps(0.4);
            int half = (to - from) / 2;
            if (to - from >= steps(SHORTEST_REST_SECONDS)) {
                double early = Smoothing.quantile(Arrays.copyOfRange(whole, from, from + half), 0.5);
                double late = Smoothing.quantile(Arrays.copyOfRange(whole, to - half, to), 0.5);
                change += late - early;
                length += (to - from) / 2.0;
            }
        }
        return length == 0 ? 0 : change / length;
    }

    /** The level before the first contraction, or, if she began at once, the lowest the baseline comes to. */
    private double restLevel(List<Stretch> found, float[] base) {
        int leading = found.isEmpty() ? whole.length : found.get(0).from() - steps(0.5);
        return leading >= steps(SHORTEST_LEADING_REST)
                ? Smoothing.quantile(Arrays.copyOf(whole, leading), 0.5)
                : Smoothing.quantile(base, 0.1);
    }

    private Contraction contraction(Stretch stretch, float[] base, double before, int next) {
        float[] above = new float[next - stretch.from() + Math.min(stretch.from(), steps(1.5))];
        int offset = next - above.length;
        for (int i = 0; i < above.length; i++) {
            above[i] = smooth[offset + i] - base[offset + i];
        }
        int from = stretch.from() - offset;
        int to = stretch.to() - offset;
        double first = level(above, from, to, true);
        double last = level(above, from, to, false);
        double start = risingAt(above, from, to, first / 2);
        double end = fallingAt(above, from, to, last / 2);
        double seconds = (end - start) / trace.rate();
        double amplitude = Smoothing.quantile(Arrays.copyOfRange(above, from, to), 0.95);
        boolean hold = seconds >= convention.holdSeconds();
        return new Contraction(
                hold,
                trace.timeOf(offset + start),
                trace.timeOf(offset + end),
                mean(above, start, end),
                amplitude,
                rise(above, from, to, amplitude),
                letGo(end + offset, next, before, amplitude),
                hold ? faded(above, start, end, first) : OptionalDouble.empty());
    }

    /** The height near the beginning or the end, past the flank. */
    private double level(float[] above, int from, int to, boolean beginning) {
        int length = Math.max(1, Math.min((to - from) / 2, steps(LEVEL_SECONDS)));
        int skip = Math.min((to - from - length) / 2, steps(0.4));
        int start = beginning ? from + skip : to - skip - length;
        return Smoothing.quantile(Arrays.copyOfRange(above, start, start + length), 0.6);
    }

    /** Where the flank up passes a height, between steps. */
    private static double risingAt(float[] above, int from, int to, double height) {
        int i = from;
        while (i < to - 1 && above[i] < height) {
            i++;
        }
        while (i > 0 && above[i - 1] >= height) {
            i--;
        }
        return i == 0 || above[i] < height ? i : i - (above[i] - height) / (above[i] - above[i - 1]);
    }

    /** Where the flank down passes a height, between steps. */
    private static double fallingAt(float[] above, int from, int to, double height) {
        int i = to - 1;
        while (i > from && above[i] < height) {
            i--;
        }
        while (i < above.length - 1 && above[i + 1] >= height) {
            i++;
        }
        boolean open = i == above.length - 1 || above[i] < height;
        return open ? i : i + (above[i] - height) / (above[i] - above[i + 1]);
    }

    private static double mean(float[] above, double start, double end) {
        int from = (int) Math.ceil(start);
        int to = Math.max(from + 1, (int) Math.floor(end));
        double sum = 0;
        for (int i = from; i < to && i < above.length; i++) {
            sum += above[i];
        }
        return sum / (to - from);
    }

    private double rise(float[] above, int from, int to, double amplitude) {
        int low = from;
        while (low > 0 && above[low] > 0.1 * amplitude) {
            low--;
        }
        int high = low;
        while (high < to && above[high] < 0.9 * amplitude) {
            high++;
        }
        return (high - low) / trace.rate();
    }

    /** Back to within a fifth of the squeeze of the level it rose from, so that a drifting sensor is no failure. */
    private OptionalDouble letGo(double end, int next, double from, double amplitude) {
        for (int i = (int) Math.floor(end); i < next; i++) {
            if (smooth[i] - from < LET_GO_SHARE * amplitude) {
                return OptionalDouble.of(Math.max(0, (i - end) / trace.rate()));
            }
        }
        return OptionalDouble.empty();
    }

    /** The level in the two seconds before a contraction, no earlier than the one before ended. */
    private double levelBefore(Stretch stretch, int previousEnd) {
        int to = Math.max(previousEnd + 1, stretch.from() - steps(0.4));
        int from = Math.max(previousEnd, Math.min(to - 1, stretch.from() - steps(2.4)));
        return Smoothing.quantile(
                Arrays.copyOfRange(whole, Math.max(0, from), Math.min(whole.length, Math.max(1, to))), 0.5);
    }

    private OptionalDouble faded(float[] above, double start, double end, double first) {
        int from = (int) Math.ceil(start);
        int to = Math.min(above.length, (int) Math.floor(end) - steps(0.4));
        float[] slow = Smoothing.mean(above, steps(0.4));
        double threshold = (1 - convention.fadeShare()) * first;
        int i = to - 1;
        while (i >= from && slow[i] < threshold) {
            i--;
        }
        boolean stays = to - 1 - i >= steps(0.5);
        return stays && i >= from ? OptionalDouble.of((i + 1 - start) / trace.rate()) : OptionalDouble.empty();
    }
}
