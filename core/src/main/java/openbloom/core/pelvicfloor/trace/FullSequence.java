package openbloom.core.pelvicfloor.trace;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * A full muscle-signal sequence of five parts, told from the usual holds and flicks by what was found: rest, quick contractions,
 * holds of about ten seconds, one of about a minute, rest (E-GLAZER). Levels are in the unit of the trace.
 *
 * @param before rest before the first contraction
 * @param quick quick contractions
 * @param holds holds of about ten seconds
 * @param endurance the one of about a minute
 * @param after rest after the last contraction
 * @see Protocol
 * @see TraceFindings
 */
public record FullSequence(RestPart before, WorkPart quick, WorkPart holds, EndurancePart endurance, RestPart after) {
    private static final int FEWEST = 3;
    private static final int MOST = 8;
    private static final double SHORTEST_HOLD = 6;
    private static final double LONGEST_HOLD = 16;
    private static final double SHORTEST_MINUTE = 40;
    private static final double SHORTEST_REST = 30;
    private static final double GAP_WITHIN_A_MINUTE = 6;
    private static final double SETTLES = 3;
    private static final double END_OF_A_MINUTE = 10;
    private static final double HUNDRED = 100;

    /**
     * A rest of half a minute or more, without its first and last seconds.
     *
     * @param level mean
     * @param unrest standard deviation of the level
     */
    public record RestPart(double seconds, double level, double unrest) {}

    /**
     * Several contractions alike.
     *
     * @param peak mean of their highest levels above rest
     * @param mean mean of their mean levels above rest
     * @param spread standard deviation of the level while they last, as % of its mean
     * @param riseSeconds from a tenth to nine tenths, the middle one
     * @param fallSeconds until it has let go to a fifth, the middle one; empty if none ever did
     */
    public record WorkPart(
            int count, double peak, double mean, double spread, double riseSeconds, OptionalDouble fallSeconds) {}

    /**
     * The one of about a minute.
     *
     * @param mean mean level above rest
     * @param spread standard deviation of the level, as % of its mean
     * @param drop by how many % of its first ten seconds the last ten are lower; negative if higher
     */
    public record EndurancePart(double seconds, double mean, double spread, double drop) {}

    /** Empty unless all five parts are there, in their order. */
    public static Optional<FullSequence> in(Trace trace, TraceFindings found) {
        List<Contraction> all = found.contractions().stream()
                .sorted(Comparator.comparingDouble(Contraction::start))
                .toList();
        int quick = leading(all, 0, one -> !one.hold());
        int holds = leading(
                all, quick, one -> one.hold() && one.seconds() >= SHORTEST_HOLD && one.seconds() <= LONGEST_HOLD);
        List<Contraction> minute = all.subList(quick + holds, all.size());
        boolean counted = quick >= FEWEST && quick <= MOST && holds >= FEWEST && holds <= MOST && isAMinute(minute);
        if (!counted) {
            return Optional.empty();
        }
        double end = trace.startSeconds() + trace.seconds();
        double last = minute.get(minute.size() - 1).end();
        double first = all.get(0).start();
        if (first - trace.startSeconds() < SHORTEST_REST || end - last < SHORTEST_REST) {
            return Optional.empty();
        }
        FullSequence sequence = new FullSequence(
                rest(trace, trace.startSeconds(), first),
                work(trace, all.subList(0, quick)),
                work(trace, all.subList(quick, quick + holds)),
                endurance(trace, minute, found.restLevel()),
                rest(trace, last, end));
        return Optional.of(sequence);
    }

    private static int leading(List<Contraction> all, int from, Predicate<Contraction> alike) {
        int count = 0;
        while (from + count < all.size() && alike.test(all.get(from + count))) {
            count++;
        }
        return count;
    }

    /** One that dips for some seconds is still one. */
    private static boolean isAMinute(List<Contraction> minute) {
        if (minute.isEmpty()
                || minute.get(minute.size() - 1).end() - minute.get(0).start() < SHORTEST_MINUTE) {
            return false;
        }
        for (int i = 1; i < minute.size(); i++) {
            if (minute.get(i).start() - minute.get(i - 1).end() > GAP_WITHIN_A_MINUTE) {
                return false;
            }
        }
        return true;
    }

    private static RestPart rest(Trace trace, double from, double to) {
        Levels levels = Levels.of(trace, from + SETTLES, to - SETTLES);
        return new RestPart(to - from, levels.mean, levels.deviation());
    }

    private static WorkPart work(Trace trace, List<Contraction> alike) {
        double mean = mean(alike, Contraction::mean);
        double deviation = alike.stream()
                .mapToDouble(one -> Levels.of(trace, one.start(), one.end()).deviation())
                .average()
                .orElse(0);
        double[] falls = alike.stream()
                .filter(one -> one.returnSeconds().isPresent())
                .mapToDouble(one -> one.returnSeconds().getAsDouble())
                .sorted()
                .toArray();
        double[] rises =
                alike.stream().mapToDouble(Contraction::riseSeconds).sorted().toArray();
        return new WorkPart(
                alike.size(),
                mean(alike, Contraction::amplitude),
                mean,
                share(deviation, mean),
                rises[rises.length / 2],
                falls.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(falls[falls.length / 2]));
    }

    private static double mean(List<Contraction> all, ToDoubleFunction<Contraction> of) {
        return all.stream().mapToDouble(of).average().orElse(0);
    }

    private static double share(double part, double whole) {
        return whole == 0 ? 0 : HUNDRED * part / whole;
    }

    private static EndurancePart endurance(Trace trace, List<Contraction> minute, double rest) {
        double from = minute.get(0).start();
        double to = minute.get(minute.size() - 1).end();
        Levels whole = Levels.of(trace, from + 1, to - 1);
        double first = Levels.of(trace, from + 1, from + 1 + END_OF_A_MINUTE).mean - rest;
        double last = Levels.of(trace, to - 1 - END_OF_A_MINUTE, to - 1).mean - rest;
        double mean = whole.mean - rest;
        return new EndurancePart(to - from, mean, share(whole.deviation(), mean), share(first - last, first));
    }

    /** Level between two moments; steps without a sample are left out. */
    private record Levels(double mean, double variance) {
        static Levels of(Trace trace, double from, double to) {
            int first = Math.max(0, (int) Math.round((from - trace.startSeconds()) * trace.rate()));
            int end = Math.min(trace.steps().length, (int) Math.round((to - trace.startSeconds()) * trace.rate()));
            double sum = 0;
            double squares = 0;
            int known = 0;
            for (int i = first; i < end; i++) {
                double level = trace.steps()[i];
                if (!Double.isNaN(level)) {
                    sum += level;
                    squares += level * level;
                    known++;
                }
            }
            double mean = known == 0 ? 0 : sum / known;
            return new Levels(mean, known == 0 ? 0 : Math.max(0, squares / known - mean * mean));
        }

        double deviation() {
            return Math.sqrt(variance);
        }
    }
}
