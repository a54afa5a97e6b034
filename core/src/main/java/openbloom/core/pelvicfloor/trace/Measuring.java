package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Measures the contractions a finder found. */
final class Measuring {
    private static final double LEVEL_SECONDS = 0.8;
    private static final double FLANK_SECONDS = 0.4;
    private static final double OFFSET_SECONDS = 1.5;

    private final Finder finder;
    private final Convention convention;
    private final double rate;
    private final double startSeconds;
    private final float[] find;
    private final float[] base;

    /** @param startSeconds time of the finder's first step */
    Measuring(Finder finder, Convention convention, double rate, double startSeconds) {
        this.finder = finder;
        this.convention = convention;
        this.rate = rate;
        this.startSeconds = startSeconds;
        this.find = finder.find;
        this.base = finder.base();
    }

    List<Contraction> contractions() {
        List<Contraction> contractions = new ArrayList<>();
        List<Stretch> found = finder.found();
        for (int i = 0; i < found.size(); i++) {
            int next = i + 1 < found.size() ? found.get(i + 1).from() : find.length;
            int previous = i == 0 ? 0 : found.get(i - 1).to();
            contractions.add(contraction(found.get(i), previous, next));
        }
        return contractions;
    }

    /** The level in the two seconds before a contraction, no earlier than the one before ended. */
    double levelBefore(int at, int previousEnd) {
        int to = Math.max(previousEnd + 1, at - finder.steps(FLANK_SECONDS));
        int from =
                Math.max(previousEnd, Math.min(to - 1, at - finder.steps(Convention.BEFORE_SECONDS + FLANK_SECONDS)));
        return Smoothing.quantile(finder.whole, Math.max(0, from), Math.min(finder.whole.length, Math.max(1, to)), 0.5);
    }

    private double timeOf(double step) {
        return startSeconds + (step + 0.5) / rate;
    }

    private Contraction contraction(Stretch one, int previous, int next) {
        int offset = Math.max(previous, one.from() - finder.steps(OFFSET_SECONDS));
        float[] above = above(find, offset, next);
        int from = one.from() - offset;
        int to = one.to() - offset;
        double first = level(above, from, to, true);
        double last = level(above, from, to, false);
        double start = risingAt(above, from, to, convention.edgeShare() * first);
        double end = Math.max(start + 1, fallingAt(above, from, to, convention.edgeShare() * last));
        double seconds = (end - start) / rate;
        boolean hold = seconds >= convention.holdSeconds();
        double amplitude = Smoothing.quantile(above(hold ? find : finder.fine, one.from(), one.to()), 0.95);
        return new Contraction(
                hold,
                timeOf(offset + start),
                timeOf(offset + end),
                Math.min(amplitude, mean(above, start, end)),
                amplitude,
                rise(above, from, to, amplitude),
                letGo(offset + end, next, levelBefore(one.from(), previous), amplitude),
                hold ? faded(above, start, end) : OptionalDouble.empty());
    }

    private float[] above(float[] steps, int from, int to) {
        float[] above = new float[Math.max(1, to - from)];
        for (int i = 0; i < above.length && from + i < steps.length; i++) {
            above[i] = steps[from + i] - base[from + i];
        }
        return above;
    }

    /** The height near the beginning or the end, past the flank. */
    private double level(float[] above, int from, int to, boolean beginning) {
        int length = Math.max(1, Math.min((to - from) / 2, finder.steps(LEVEL_SECONDS)));
        int skip = Math.min((to - from - length) / 2, finder.steps(FLANK_SECONDS));
        int start = beginning ? from + skip : to - skip - length;
        return Smoothing.quantile(above, start, start + length, 0.6);
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
        int i = Math.min(to, above.length) - 1;
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
        while (high < to && high < above.length - 1 && above[high] < 0.9 * amplitude) {
            high++;
        }
        return (high - low) / rate;
    }

    /** Back to within a share of the squeeze of the level it rose from, so that a drifting sensor is no failure. */
    private OptionalDouble letGo(double end, int next, double from, double amplitude) {
        double least = Math.max(Convention.LET_GO_SHARE * amplitude, Convention.CLEAR_OF_NOISE * finder.noise);
        for (int i = (int) Math.floor(end); i < next; i++) {
            if (find[i] - from < least) {
                return OptionalDouble.of(Math.max(0, (i - end) / rate));
            }
        }
        return OptionalDouble.empty();
    }

    /** Measured against the highest it was in its first second, past the flank. */
    private OptionalDouble faded(float[] above, double start, double end) {
        int from = (int) Math.ceil(start);
        int to = Math.min(above.length, (int) Math.floor(end) - finder.steps(FLANK_SECONDS));
        float[] slow = Smoothing.mean(above, finder.steps(FLANK_SECONDS));
        double first = Smoothing.quantile(slow, from, Math.min(to, from + finder.steps(1)), 1);
        double threshold = (1 - convention.fadeShare()) * first;
        int i = to - 1;
        while (i >= from && slow[i] < threshold) {
            i--;
        }
        boolean stays = to - 1 - i >= finder.steps(FLANK_SECONDS);
        return stays && i >= from
                ? OptionalDouble.of(Math.max(0, Math.min(end, i + 1) - start) / rate)
                : OptionalDouble.empty();
    }
}
