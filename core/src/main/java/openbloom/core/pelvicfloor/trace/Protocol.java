package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * What is asked for while a trace is recorded.
 *
 * @param steps one after the other from the start
 *
 * @see SimulatedSensor
 */
public record Protocol(String words, List<ProtocolStep> steps) {
    /** What she is asked to do for a while. */
    public enum Ask {
        REST,
        FLICK,
        HOLD
    }

    /**
     * One step, in seconds; a flick has the rest that follows in a step of its own.
     *
     * @param ask what is asked for, see {@link Ask}
     * @param seconds it lasts
     */
    public record ProtocolStep(Ask ask, double seconds) {}

    public static final double FLICK_SECONDS = 1;

    public Protocol {
        steps = List.copyOf(steps);
    }

    /** Rest 60 s; 5 flicks with 10 s rest; 5 holds of 10 s with 10 s rest; one hold of 60 s; rest 60 s (E-GLAZER). */
    public static Protocol glazer() {
        List<ProtocolStep> steps = new ArrayList<>(List.of(rest(60)));
        repeat(steps, 5, new ProtocolStep(Ask.FLICK, FLICK_SECONDS), rest(10));
        repeat(steps, 5, new ProtocolStep(Ask.HOLD, 10), rest(10));
        steps.add(new ProtocolStep(Ask.HOLD, 60));
        steps.add(rest(60));
        return new Protocol("rest, 5 flicks, 5 holds of 10 s, one of 60 s, rest", steps);
    }

    /** Rest, so many holds, a pause, so many flicks, rest. */
    public static Protocol of(int holds, double holdSeconds, double restSeconds, int flicks) {
        List<ProtocolStep> steps = new ArrayList<>(List.of(rest(15)));
        repeat(steps, holds, new ProtocolStep(Ask.HOLD, holdSeconds), rest(restSeconds));
        steps.add(rest(10));
        repeat(steps, flicks, new ProtocolStep(Ask.FLICK, FLICK_SECONDS), rest(2.5));
        steps.add(rest(15));
        return new Protocol(holds + " holds of " + Math.round(holdSeconds) + " s, " + flicks + " flicks", steps);
    }

    private static ProtocolStep rest(double seconds) {
        return new ProtocolStep(Ask.REST, seconds);
    }

    private static void repeat(List<ProtocolStep> steps, int times, ProtocolStep... each) {
        for (int i = 0; i < times; i++) {
            steps.addAll(List.of(each));
        }
    }

    public double seconds() {
        return steps.stream().mapToDouble(ProtocolStep::seconds).sum();
    }

    private long asked(Ask ask) {
        return steps.stream().filter(step -> step.ask() == ask).count();
    }

    /** What was asked beside what was found, in sentences. */
    public List<String> beside(TraceFindings found) {
        double askedSeconds = steps.stream()
                .filter(step -> step.ask() == Ask.HOLD)
                .mapToDouble(ProtocolStep::seconds)
                .sum();
        double heldSeconds =
                found.holds().stream().mapToDouble(Contraction::seconds).sum();
        return Stream.of(
                        counted("holds", asked(Ask.HOLD), found.holds().size()),
                        counted("flicks", asked(Ask.FLICK), found.flicks().size()),
                        String.format(
                                Locale.ROOT,
                                "Held for %.0f of %.0f s asked.",
                                Math.min(heldSeconds, 9_999),
                                askedSeconds))
                .toList();
    }

    private static String counted(String what, long asked, int found) {
        if (found > asked) {
            return found + " " + what + " were found, " + asked + " asked.";
        }
        return asked == found
                ? "All " + asked + " " + what + " were found."
                : found + " of " + asked + " " + what + " were found.";
    }
}
