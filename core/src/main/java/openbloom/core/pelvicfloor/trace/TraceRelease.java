package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether she comes back to where she began, after every contraction and over the whole. */
final class TraceRelease {
    private static final double CLEAR_OF_SCATTER = 2.5;

    private final Finder finder;
    private final Measuring measuring;
    private final double rate;
    private final double startSeconds;

    TraceRelease(Finder finder, Measuring measuring, double rate, double startSeconds) {
        this.finder = finder;
        this.measuring = measuring;
        this.rate = rate;
        this.startSeconds = startSeconds;
    }

    /** Empty where nothing was found. */
    Optional<Boolean> fully(List<Contraction> contractions) {
        if (contractions.isEmpty()) {
            return Optional.empty();
        }
        double cutOff = startSeconds + finder.find.length / rate - 1;
        boolean each = true;
        for (int i = 0; i < contractions.size(); i++) {
            Contraction one = contractions.get(i);
            boolean inATrain =
                    i + 1 < contractions.size() && contractions.get(i + 1).start() - one.end() < 0.8;
            each &= one.end() >= cutOff || inATrain || one.returnSeconds().isPresent();
        }
        return Optional.of(each && !creeps());
    }

    /**
     * Whether she lets go a little less each time: what was gained from the level before a contraction to the level before
     * the next, all together, beyond the steps she made in between and what the sensor drifts inside the rests.
     */
    private boolean creeps() {
        List<Stretch> found = finder.found();
        double gained = 0;
        double rests = 0;
        Stretch last = found.get(found.size() - 1);
        int settled = finder.steps(Convention.SETTLED_SECONDS);
        for (int i = 1; i < found.size(); i++) {
            int before = i == 1 ? 0 : found.get(i - 2).to();
            double now =
                    measuring.levelBefore(found.get(i).from(), found.get(i - 1).to());
            double then = measuring.levelBefore(found.get(i - 1).from(), before);
            if (!isStep(found.get(i - 1).from(), found.get(i).from())) {
                gained += now - then;
                rests += found.get(i).from() - found.get(i - 1).from();
            }
        }
        int from = last.to() + settled;
        boolean trailing = finder.find.length - from >= finder.steps(Convention.SHORTEST_REST_SECONDS);
        if (trailing && !isStep(last.from(), finder.find.length)) {
            int before = found.size() == 1 ? 0 : found.get(found.size() - 2).to();
            int late = Math.max(from, finder.find.length - finder.steps(3 * Convention.SHORTEST_REST_SECONDS));
            double after = Smoothing.quantile(finder.whole, late, finder.find.length, 0.5);
            gained += after - measuring.levelBefore(last.from(), before);
            rests += (late + finder.find.length) / 2.0 - last.from();
        }
        double least = Math.max(Convention.CREEP_SHARE * finder.squeeze(), Convention.CLEAR_OF_NOISE * finder.noise);
        return gained - driftInRests(found) * rests > least;
    }

    private boolean isStep(int from, int to) {
        return finder.jumps().stream().anyMatch(jump -> jump >= from && jump < to);
    }

    /**
     * How the level changes from step to step while nothing is done, by the longest rests most. A fall that cannot be told
     * from noise is none, or it would make her creep.
     */
    private double driftInRests(List<Stretch> found) {
        List<double[]> slopes = new ArrayList<>();
        for (int i = 0; i <= found.size(); i++) {
            int from = i == 0 ? 0 : found.get(i - 1).to() + finder.steps(2 * Convention.SETTLED_SECONDS);
            int to = i == found.size() ? finder.whole.length : found.get(i).from() - finder.steps(0.4);
            int half = (to - from) / 2;
            if (to - from >= finder.steps(Convention.SHORTEST_REST_SECONDS) && !isStep(from, to)) {
                double early = Smoothing.quantile(finder.whole, from, from + half, 0.5);
                double late = Smoothing.quantile(finder.whole, to - half, to, 0.5);
                slopes.add(new double[] {(late - early) / half, half});
            }
        }
        double length = slopes.stream().mapToDouble(one -> one[1]).sum();
        double mean = slopes.stream().mapToDouble(one -> one[0] * one[1]).sum() / Math.max(1, length);
        double scatter = Math.sqrt(slopes.stream()
                        .mapToDouble(one -> Math.pow((one[0] - mean) * one[1], 2))
                        .sum())
                / Math.max(1, length);
        boolean alone = slopes.size() < 3 && Math.abs(mean) * length < 2 * finder.noise;
        return mean < 0 && (alone || -mean < CLEAR_OF_SCATTER * scatter) ? 0 : mean;
    }
}
