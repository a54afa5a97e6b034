package openbloom.core.pelvicfloor.trace;

import java.util.List;
import java.util.Optional;

/**
 * What was found on a trace.
 *
 * @param restLevel level before the first contraction, in the unit of the trace
 * @param peak highest smoothed level
 * @param squeeze usual level of a contraction above rest
 * @param letsGoFully whether it came back to rest after every contraction and over the whole recording; empty without a
 *     contraction
 */
public record TraceFindings(
        double restLevel,
        double peak,
        double squeeze,
        List<Contraction> contractions,
        double enduranceSeconds,
        Optional<Boolean> letsGoFully) {
    public TraceFindings {
        contractions = List.copyOf(contractions);
    }

    public List<Contraction> holds() {
        return contractions.stream().filter(Contraction::hold).toList();
    }

    public List<Contraction> flicks() {
        return contractions.stream().filter(one -> !one.hold()).toList();
    }
}
