package openbloom.core.pelvicfloor.trace;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was found on a trace.
 *
 * @param restLevel level before the first contraction, in the unit of the trace
 * @param peak highest smoothed level
 * @param squeeze usual level of a contraction above rest
 * @param letsGoFully whether it came back to rest after every contraction and over the whole recording; empty without a
 *     contraction
 * @see TraceAnalyser
 * @see Protocol
 */
public record TraceFindings(
        double restLevel,
        double peak,
        double squeeze,
        List<Contraction> contractions,
        double enduranceSeconds,
        Optional<Boolean> letsGoFully,
        Aside aside) {
    public TraceFindings {
        contractions = List.copyOf(contractions);
    }

    /**
     * What is shown and not counted; times in seconds.
     *
     * @param coughs coughs and knocks
     * @param heartbeatsAMinute of a heart that beats under the sensor; empty where none was seen
     * @param steps at which the level at rest jumped, as when she moves
     * @param leadInSeconds so much was left out at the start, before the sensor lay where it should
     * @param holes long ones that divide the recording
     * @param coughsCanBeTold whether the samples come often enough to tell a cough from a flick
     */
    public record Aside(
            List<Double> coughs,
            OptionalDouble heartbeatsAMinute,
            List<Double> steps,
            double leadInSeconds,
            List<Hole> holes,
            boolean coughsCanBeTold) {
        public Aside {
            coughs = List.copyOf(coughs);
            steps = List.copyOf(steps);
            holes = List.copyOf(holes);
        }
    }

    /**
     * Time without samples.
     *
     * @param from seconds since the beginning
     * @param to seconds since the beginning, later than {@code from}
     */
    public record Hole(double from, double to) {}

    public List<Contraction> holds() {
        return contractions.stream().filter(Contraction::hold).toList();
    }

    public List<Contraction> flicks() {
        return contractions.stream().filter(one -> !one.hold()).toList();
    }
}
