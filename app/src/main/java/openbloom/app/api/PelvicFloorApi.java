package openbloom.app.api;

import static java.util.Objects.requireNonNull;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import openbloom.app.checks.sensor.TraceFile;
import openbloom.core.Outcome;
import openbloom.core.moves.DoseStage;
import openbloom.core.pelvicfloor.Allowance;
import openbloom.core.pelvicfloor.Effort;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Prescriber;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.pelvicfloor.trace.Contraction;
import openbloom.core.pelvicfloor.trace.Convention;
import openbloom.core.pelvicfloor.trace.TraceAnalyser;
import openbloom.core.pelvicfloor.trace.TraceFindings;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;

/** The pelvic floor: practice from a check, and what a sensor's trace shows. */
@RestController
@RequestMapping("/api/v1/pelvic-floor")
class PelvicFloorApi {
    /** What {@code prescription} takes. */
    record PrescriptionRequest(
            ClientRequest.PelvicFloorTold check,
            @Nullable Effort effort,
            @Nullable DoseStage stage) {}

    /** Holds of so many seconds with the rest after each. */
    record Holds(int seconds, int repetitions, int restSeconds) {}

    /** Flicks with the pause before each set. */
    record Flicks(int repetitions, int sets, int restSeconds) {}

    /** What it answers. */
    record PrescriptionResponse(
            Track track,
            Holds holds,
            Flicks flicks,
            int setsPerDay,
            int contractionsPerDay,
            int reviewAfterDays,
            List<String> reasons) {
        static PrescriptionResponse of(Prescription given) {
            Prescription.Holds holds = given.holds();
            Prescription.Flicks flicks = given.flicks();
            return new PrescriptionResponse(
                    given.track(),
                    new Holds(holds.seconds(), holds.repetitions(), holds.restSeconds()),
                    new Flicks(flicks.repetitions(), flicks.sets(), flicks.restSeconds()),
                    given.setsPerDay(),
                    given.contractionsPerDay(),
                    given.reviewAfterDays(),
                    given.reasons().stream().map(Prescription.Why::words).toList());
        }
    }

    @PostMapping("/prescription")
    PrescriptionResponse prescription(@RequestBody PrescriptionRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        reading.required("check", request.check());
        reading.required("effort", request.effort());
        reading.required("stage", request.stage());
        reading.orRefuse();
        PelvicFloorCheck check =
                new ClientReader(reading, LocalDate.EPOCH).floor("check.", requireNonNull(request.check()));
        reading.orRefuse();
        return PrescriptionResponse.of(
                Prescriber.of(check, requireNonNull(request.effort()), allowance(requireNonNull(request.stage()))));
    }

    /** A hold; times are those of the file, in seconds. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Hold(
            double start,
            double end,
            double seconds,
            double mean,
            @Nullable Double dropAtSeconds) {
        static Hold of(Contraction found) {
            Double drop =
                    found.faded().isPresent() ? Double.valueOf(found.faded().getAsDouble()) : null;
            return new Hold(found.start(), found.end(), found.seconds(), found.mean(), drop);
        }
    }

    /** A flick; without {@code returnSeconds} she did not let go before the next. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Flick(double time, double amplitude, @Nullable Double returnSeconds) {
        static Flick of(Contraction found) {
            Double back = found.returnSeconds().isPresent()
                    ? Double.valueOf(found.returnSeconds().getAsDouble())
                    : null;
            return new Flick(found.start(), found.amplitude(), back);
        }
    }

    /** What {@code trace} answers, in the unit of the trace and in seconds. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record TraceResponse(
            double restLevel,
            double peak,
            List<Hold> holds,
            List<Flick> flicks,
            double enduranceSeconds,
            @Nullable Boolean letsGoFully) {}

    /** @param bytes the file as it comes: it is read line by line, whatever its length */
    @PostMapping("/trace")
    TraceResponse trace(
            @RequestParam(defaultValue = "") String unit,
            @RequestHeader(value = HttpHeaders.CONTENT_TYPE, defaultValue = "") String type,
            InputStream bytes)
            throws IOException {
        if (!type.toLowerCase(Locale.ROOT).startsWith("text/csv")) {
            throw new ResponseStatusException(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Send the trace as text/csv.");
        }
        JsonFieldReader reading = new JsonFieldReader();
        TraceUnit known = TraceUnit.parse(unit).orElse(null);
        if (known == null) {
            reading.refuse("unit", "trace.unknownUnit", unit);
        }
        reading.orRefuse();
        Outcome<TraceFile.TraceRead> read = TraceFile.read(bytes, requireNonNull(known));
        reading.refuseAll(read.problems());
        reading.orRefuse();
        TraceFindings found = TraceAnalyser.analyse(read.value().trace(), known, Convention.USUAL);
        return new TraceResponse(
                found.restLevel(),
                found.peak(),
                found.holds().stream().map(Hold::of).toList(),
                found.flicks().stream().map(Flick::of).toList(),
                found.enduranceSeconds(),
                found.letsGoFully().orElse(null));
    }

    /** Heal and Reconnect lie before clearance: Rebuild asks for it. */
    private static Allowance allowance(DoseStage stage) {
        return stage == DoseStage.HEAL || stage == DoseStage.RECONNECT ? Allowance.EARLY : Allowance.FULL;
    }
}
