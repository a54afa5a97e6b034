package openbloom.app.checks.sensor;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.pelvicfloor.trace.Contraction;
import openbloom.core.pelvicfloor.trace.Convention;
import openbloom.core.pelvicfloor.trace.FullSequence;
import openbloom.core.pelvicfloor.trace.TraceAnalyser;
import openbloom.core.pelvicfloor.trace.TraceFindings;
import openbloom.core.picture.TracePicture;

/**
 * What was found on a recording, as it is shown.
 *
 * @param picture an SVG drawing
 * @param sentences what was asked beside what was found
 * @param sequence the five parts of a full sequence, where it was one
 */
public record TraceView(
        String picture,
        String recognised,
        TraceFindings found,
        List<String> sentences,
        List<ContractionRow> rows,
        Optional<FullSequence> sequence,
        List<PartRow> parts) {
    /** One of the five parts of a full sequence as it is shown. */
    public record PartRow(String part, String level, String spread, String rise, String fall, String more) {}

    /** One contraction as it is shown. */
    public record ContractionRow(
            String kind, String start, String seconds, String height, String rise, String letGo, String faded) {}

    static TraceView of(Recording recording, Convention convention) {
        TraceFindings found =
                TraceAnalyser.analyse(recording.trace(), recording.taken().unit(), convention);
        String picture =
                TracePicture.of(recording.trace(), found, recording.taken().unit());
        List<String> sentences = new ArrayList<>();
        String unit = recording.taken().unit().words();
        sentences.add(number(found.restLevel()) + " " + unit + " at rest, " + number(found.squeeze()) + " " + unit
                + " above it in a usual squeeze.");
        sentences.addAll(recording.taken().protocol().protocol().beside(found));
        sentences.add("Longest held " + number(found.enduranceSeconds()) + " s before it faded or ended.");
        found.letsGoFully()
                .ifPresent(fully -> sentences.add(
                        fully
                                ? "She comes back to where she began after every one, and at the end."
                                : "She does not come back to where she began, after one of them or over the whole."));
        sentences.addAll(aside(found.aside()));
        sentences.add(
                "What a trace cannot tell: a lift from straining down, a slow cough from a flick, a sensor that drifts in"
                        + " step with her from a floor that lets go less each time, nor to the second when a slow fade"
                        + " reaches 35 %.");
        List<ContractionRow> rows =
                found.contractions().stream().map(one -> row(one, unit)).toList();
        Optional<FullSequence> sequence = FullSequence.in(recording.trace(), found);
        String recognised =
                sequence.isPresent() ? "the full sequence of five parts, from rest to rest" : "holds and flicks";
        return new TraceView(
                picture,
                recognised,
                found,
                sentences,
                rows,
                sequence,
                sequence.map(one -> parts(one, unit)).orElse(List.of()));
    }

    private static List<PartRow> parts(FullSequence found, String unit) {
        FullSequence.EndurancePart minute = found.endurance();
        return List.of(
                rest("Rest before", found.before(), unit),
                work(found.quick().count() + " quick contractions", found.quick(), unit),
                work(found.holds().count() + " holds of ten seconds", found.holds(), unit),
                new PartRow(
                        "One of " + Math.round(minute.seconds()) + " s",
                        number(minute.mean()) + " " + unit,
                        number(minute.spread()) + " %",
                        "",
                        "",
                        "the last ten seconds " + number(Math.abs(minute.drop())) + " % "
                                + (minute.drop() < 0 ? "above" : "below") + " the first"),
                rest("Rest after", found.after(), unit));
    }

    private static PartRow rest(String part, FullSequence.RestPart rest, String unit) {
        return new PartRow(
                part,
                number(rest.level()) + " " + unit,
                "± " + number(rest.unrest()) + " " + unit,
                "",
                "",
                Math.round(rest.seconds()) + " s");
    }

    private static PartRow work(String part, FullSequence.WorkPart work, String unit) {
        return new PartRow(
                part,
                number(work.mean()) + " " + unit,
                number(work.spread()) + " %",
                number(work.riseSeconds()) + " s",
                work.fallSeconds().isPresent() ? number(work.fallSeconds().getAsDouble()) + " s" : "none let go",
                "peak " + number(work.peak()) + " " + unit);
    }

    /** What is shown and not counted. */
    private static List<String> aside(TraceFindings.Aside aside) {
        List<String> said = new ArrayList<>();
        if (aside.leadInSeconds() > 0) {
            said.add("The first " + number(aside.leadInSeconds())
                    + " s lie far below everything later and were left out: the sensor was not yet in place.");
        }
        if (!aside.coughs().isEmpty()) {
            said.add("Coughs or knocks, shown and not counted: " + times(aside.coughs()) + ".");
        }
        aside.heartbeatsAMinute()
                .ifPresent(
                        beats -> said.add(
                                "A heartbeat of about " + Math.round(beats)
                                        + " a minute is in the signal and was left out; a flick no higher than a beat cannot be told from it."));
        if (!aside.coughsCanBeTold()) {
            said.add("Too few samples a second to tell a cough from a flick; that takes 25.");
        }
        if (!aside.steps().isEmpty()) {
            said.add("The level at rest jumped at " + times(aside.steps())
                    + ", as when she moves or a sensor settles: each side is held against its own rest.");
        }
        aside.holes()
                .forEach(hole -> said.add("No samples from " + number(hole.from()) + " to " + number(hole.to())
                        + " s: before and after are looked at by themselves."));
        return said;
    }

    private static String times(List<Double> seconds) {
        return seconds.stream().map(at -> number(at) + " s").collect(Collectors.joining(", "));
    }

    private static ContractionRow row(Contraction one, String unit) {
        return new ContractionRow(
                one.hold() ? "hold" : "flick",
                number(one.start()) + " s",
                number(one.seconds()) + " s",
                number(one.amplitude()) + " " + unit,
                number(one.riseSeconds()) + " s",
                one.returnSeconds().isPresent()
                        ? number(one.returnSeconds().getAsDouble()) + " s"
                        : "not before the next",
                faded(one));
    }

    private static String faded(Contraction one) {
        if (!one.hold()) {
            return "";
        }
        return one.faded().isPresent() ? "after " + number(one.faded().getAsDouble()) + " s" : "no";
    }

    /** Everything as numbers, for another program. */
    Map<String, Object> asJson(Recording recording) {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("recordedOn", recording.taken().on());
        all.put("unit", recording.taken().unit().toString());
        all.put("samples", recording.steps().samples());
        all.put("inwardLiftSeen", recording.inwardLift());
        all.put("repairs", recording.repaired());
        all.put("findings", found);
        sequence.ifPresent(parts -> all.put("sequence", parts));
        return all;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
