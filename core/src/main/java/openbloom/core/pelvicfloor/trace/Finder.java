package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds where contractions are on a stretch without long holes, and the level at rest below them. */
final class Finder {
    private static final int ROUNDS = 3;
    private static final double LEAVES_SHARE = 0.6;
    private static final double MARGIN_SECONDS = 0.8;
    private static final double BESIDE_SECONDS = 1.5;
    private static final double TURN_SHARE = 0.4;
    private static final double CLEAR_RISE = 4.5;
    private static final double DOWN_SECONDS = 0.8;
    private static final double DOWN_SHARE = 0.3;
    private static final double CLEAR_JUMP_SHARE = 0.3;
    private static final double WEAKEST_QUICK = 0.35;
    private static final double BREATHING_HIDES = 0.75;

    private final Convention convention;
    private final double rate;
    private final double leastSqueeze;
    private final List<Heartbeat.Peak> narrow;
    private final Optional<Heartbeat> heartbeat;
    final float[] whole;
    final float[] find;
    final float[] fine;
    final double noise;
    private final double quickNoise;
    private final float[] rough;
    private float[] base;
    private List<Integer> jumps = List.of();
    private List<Stretch> found = List.of();
    private double squeeze;

    Finder(float[] bridged, double rate, TraceUnit unit, Convention convention) {
        this.convention = convention;
        this.rate = rate;
        this.leastSqueeze = unit.leastSqueeze();
        this.whole = bridged.clone();
        this.narrow = new Coughs(whole, rate).takenOut();
        this.heartbeat = Heartbeat.in(narrow, rate);
        float[] usual = Smoothing.mean(whole, steps(Convention.FIND_SECONDS) / 2);
        boolean isNoisy = noise(usual) > Convention.NOISY_SHARE * span(usual);
        this.find = isNoisy ? Smoothing.mean(whole, steps(Convention.FIND_IN_NOISE_SECONDS) / 2) : usual;
        this.fine = Smoothing.mean(whole, steps(Convention.FINE_SECONDS) / 2);
        this.noise = noise(find);
        this.quickNoise = noise(find, Convention.QUICK_NOISE_SECONDS);
        this.rough = Baseline.rough(find, rate, noise);
        this.base = rough;
        List<Stretch> before = List.of();
        for (int round = 0; round < ROUNDS && (round == 0 || !found.equals(before)); round++) {
            before = found;
            look();
        }
    }

    int steps(double seconds) {
        return Math.max(1, (int) Math.round(seconds * rate));
    }

    List<Stretch> found() {
        return found;
    }

    /** Narrow peaks that no heart makes. */
    List<Stretch> coughs() {
        return narrow.stream()
                .filter(one -> heartbeat.map(heart -> heart.isACough(one)).orElse(true))
                .map(Heartbeat.Peak::from)
                .toList();
    }

    Optional<Heartbeat> heartbeat() {
        return heartbeat;
    }

    /** Steps at which she moved, and the level at rest with her. */
    List<Integer> jumps() {
        return jumps;
    }

    float[] base() {
        return base;
    }

    /** The usual height of a contraction; 0 where there is none. */
    double squeeze() {
        return found.isEmpty() ? 0 : squeeze;
    }

    private void look() {
        float[] above = minus(find, base);
        squeeze = found.isEmpty() ? guess(above) : usual(above);
        double least =
                Math.max(Math.max(leastSqueeze, Convention.CLEAR_OF_NOISE * noise), Convention.WEAKEST_SHARE * squeeze);
        List<Stretch> slow = squeeze < least && found.isEmpty() ? List.of() : parts(above, least);
        found = withQuick(above, slow, least).stream()
                .filter(one -> !isABeat(above, one))
                .toList();
        if (!found.isEmpty()) {
            squeeze = usual(above);
        }
        boolean[] active = active();
        double jump = Math.max(CLEAR_JUMP_SHARE * squeeze, Convention.CLEAR_OF_NOISE * noise);
        jumps = Baseline.jumps(rough, find, active, rate, Math.max(jump, leastSqueeze));
        base = Baseline.refined(find, active, base, rate, jumps);
    }

    /**
     * Quick contractions that breathing hides: too low for its waves, but up and down faster than any breath. Looked for only
     * where breathing makes the difference.
     */
    private List<Stretch> withQuick(float[] above, List<Stretch> slow, double least) {
        double quick =
                Math.max(Math.max(leastSqueeze, Convention.CLEAR_OF_NOISE * quickNoise), WEAKEST_QUICK * squeeze);
        if (quick > BREATHING_HIDES * least) {
            return slow;
        }
        List<Stretch> all = new ArrayList<>(slow);
        for (Stretch one : parts(above, quick)) {
            boolean isNew = slow.stream().noneMatch(other -> one.from() < other.to() && other.from() < one.to());
            if (isNew && one.length() <= steps(convention.holdSeconds()) && isQuick(one, quick)) {
                all.add(one);
            }
        }
        all.sort(Comparator.comparingInt(Stretch::from));
        return List.copyOf(all);
    }

    private boolean isQuick(Stretch one, double least) {
        double top = Smoothing.quantile(find, one.from(), one.to(), 1);
        int peak = one.from();
        while (find[peak] < top) {
            peak++;
        }
        int beside = steps(Convention.NOISE_SECONDS);
        double left = lowest(Math.max(0, peak - beside), peak);
        double right = lowest(peak, Math.min(find.length, peak + beside));
        return top - left > least && top - right > least;
    }

    private boolean isABeat(float[] above, Stretch one) {
        double high = Smoothing.quantile(above, one.from(), one.to(), 1);
        return heartbeat.map(heart -> heart.couldBe(high, one.length() / rate)).orElse(false);
    }

    private static double span(float[] steps) {
        return Smoothing.roughQuantile(steps, 0.98) - Smoothing.roughQuantile(steps, 0.1);
    }

    /** From levels some way apart while nothing is done: quiet breathing counts, drift and contractions hardly. */
    private double noise(float[] find) {
        return noise(find, Convention.NOISE_SECONDS);
    }

    private double noise(float[] find, double secondsApart) {
        int apart = steps(secondsApart);
        if (find.length <= apart + 1) {
            return 0;
        }
        float[] differences = new float[find.length - apart];
        for (int i = 0; i < differences.length; i++) {
            differences[i] = Math.abs(find[i + apart] - find[i]);
        }
        return Smoothing.roughQuantile(differences, 0.3) / (0.385 * Math.sqrt(2));
    }

    private static float[] minus(float[] steps, float[] base) {
        float[] above = new float[steps.length];
        for (int i = 0; i < steps.length; i++) {
            above[i] = steps[i] - base[i];
        }
        return above;
    }

    /** Before anything is found: of the upper half of the highest steps. */
    private static double guess(float[] above) {
        float top = Smoothing.roughQuantile(above, 0.995);
        float[] high = new float[above.length];
        int count = 0;
        for (float one : above) {
            if (one > top / 2) {
                high[count++] = one;
            }
        }
        return count == 0 ? 0 : Smoothing.roughQuantile(Arrays.copyOf(high, count), 0.5);
    }

    private double usual(float[] above) {
        float[] heights = new float[found.size()];
        for (int i = 0; i < heights.length; i++) {
            heights[i] =
                    Smoothing.quantile(above, found.get(i).from(), found.get(i).to(), 0.7);
        }
        return Smoothing.quantile(heights, 0.5);
    }

    /** Everything clear of rest, parted where it dips, trimmed at its own height, without what does not rise or fall. */
    private List<Stretch> parts(float[] above, double least) {
        List<Stretch> parts = new ArrayList<>();
        int from = -1;
        for (int i = 0; i <= above.length; i++) {
            boolean up = i < above.length && above[i] > (from < 0 ? least : LEAVES_SHARE * least);
            if (up && from < 0) {
                from = i;
            } else if (!up && from >= 0) {
                split(above, new Stretch(from, i), parts);
                from = -1;
            }
        }
        List<Stretch> kept = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            int before = i == 0 ? 0 : parts.get(i - 1).to();
            int after = i + 1 < parts.size() ? parts.get(i + 1).from() : above.length;
            Stretch own = trimmed(above, parts.get(i));
            boolean high = Smoothing.quantile(above, own.from(), own.to(), 0.9) >= least;
            if (high
                    && own.length() >= steps(convention.shortestSeconds())
                    && risesAndFalls(own, before, after, least)) {
                kept.add(own);
            }
        }
        return kept;
    }

    /** Parts where the trace dips between two peaks; the finer smoothing tells fast flicks apart where noise allows. */
    private void split(float[] above, Stretch all, List<Stretch> parts) {
        double height = Smoothing.quantile(above, all.from(), all.to(), 0.9);
        double fineNoise = Smoothing.stepNoise(whole, all.from(), all.to()) / Math.sqrt(steps(Convention.FINE_SECONDS));
        boolean isFine = Convention.CLEAR_DIP * fineNoise < convention.dipShare() * height;
        float[] peak = isFine ? fine : find;
        double highest = 0;
        double lowest = Double.MAX_VALUE;
        int dip = all.from();
        int from = all.from();
        for (int i = all.from(); i < all.to(); i++) {
            double now = peak[i] - base[i];
            if (now < lowest) {
                lowest = now;
                dip = i;
            }
            double depth = convention.dipShare() * Math.min(highest, now);
            if (highest - lowest >= depth && now - lowest >= depth && now - lowest > CLEAR_RISE * noise && depth > 0) {
                join(peak, new Stretch(from, dip), all.from(), parts);
                from = dip;
                highest = now;
                lowest = now;
            } else if (now > highest) {
                highest = now;
                lowest = now;
            }
        }
        join(peak, new Stretch(from, all.to()), all.from(), parts);
    }

    /** A dip between usual heights parts; one that only follows a peak of the noise, or that a hold soon recovers from, does not. */
    private void join(float[] peak, Stretch part, int first, List<Stretch> parts) {
        Stretch before = part.from() == first ? part : parts.get(parts.size() - 1);
        double dip = peak[part.from()] - base[part.from()];
        double lower = Math.min(usual(peak, before), usual(peak, part));
        boolean shallow = dip > (1 - convention.dipShare()) * lower;
        if (part.from() > first && (shallow || recovers(peak, before, part, lower))) {
            parts.set(parts.size() - 1, new Stretch(before.from(), part.to()));
        } else {
            parts.add(part);
        }
    }

    /** Whether she lost a hold for a moment without letting it go, and held it again. */
    private boolean recovers(float[] peak, Stretch before, Stretch part, double lower) {
        int held = steps(Convention.HELD_BESIDE_A_DIP_SECONDS);
        int dip = part.from();
        if (before.length() < held || part.length() < held || peak[dip] - base[dip] < Convention.NOT_LET_GO * lower) {
            return false;
        }
        int from = dip;
        while (from > before.from() && peak[from] - base[from] < Convention.LOW_IN_A_DIP * lower) {
            from--;
        }
        int to = dip;
        while (to < part.to() - 1 && peak[to] - base[to] < Convention.LOW_IN_A_DIP * lower) {
            to++;
        }
        return to - from <= steps(Convention.DIP_SECONDS);
    }

    private double usual(float[] peak, Stretch part) {
        return Smoothing.quantile(peak, part.from(), part.to(), 0.85) - base[part.from()];
    }

    /** From where it first stands out of rest to its last steep way down: what stays above rest after that is not held. */
    private Stretch trimmed(float[] above, Stretch part) {
        double share = convention.edgeShare() / 2;
        double height = Smoothing.quantile(above, part.from(), part.to(), 0.9);
        int from = part.from();
        while (from < part.to() - 1 && above[from] < share * height) {
            from++;
        }
        int to = part.to();
        while (to > from + 1 && above[to - 1] < share * height) {
            to--;
        }
        int down = steps(DOWN_SECONDS);
        int last = to - 1;
        while (last > from && find[last] - find[Math.min(find.length - 1, last + down)] < DOWN_SHARE * height) {
            last--;
        }
        return new Stretch(from, last > from ? Math.min(to, last + down) : to);
    }

    /** A step has no way back, a beginning in mid-contraction no way up. */
    private boolean risesAndFalls(Stretch one, int before, int after, double least) {
        double top = Smoothing.quantile(find, one.from(), one.to(), 0.9);
        double height = top - base[one.from()];
        double left = lowest(Math.max(before, one.from() - steps(BESIDE_SECONDS)), one.from());
        double right = lowest(one.to() - 1, Math.min(after, one.to() + steps(BESIDE_SECONDS)));
        double turn = Math.max(TURN_SHARE * height, LEAVES_SHARE * least);
        return top - left > turn && top - right > turn;
    }

    private double lowest(int from, int to) {
        double lowest = find[Math.max(0, from)];
        for (int i = from; i < Math.min(to, find.length); i++) {
            lowest = Math.min(lowest, find[i]);
        }
        return lowest;
    }

    private boolean[] active() {
        boolean[] active = new boolean[find.length];
        int margin = steps(MARGIN_SECONDS);
        found.forEach(one -> Arrays.fill(
                active, Math.max(0, one.from() - margin / 2), Math.min(active.length, one.to() + 2 * margin), true));
        return active;
    }
}
