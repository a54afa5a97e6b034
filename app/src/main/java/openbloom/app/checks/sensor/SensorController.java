package openbloom.app.checks.sensor;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ThreadLocalRandom;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.YesNoUnknown;
import openbloom.core.pelvicfloor.trace.Convention;
import openbloom.core.pelvicfloor.trace.SensorProfile;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The sensor bench: a file, or the simulated sensor live; what was found, and what a trace cannot tell. */
@Controller
@RequestMapping("/people/{womanId}/bench")
class SensorController {
    private static final double LONGEST_SIMULATION = 15 * 60;

    private final SensorRecordings bench;
    private final RecordingMapper recordings;
    private final LiveSensor live;
    private final FormPages forms;

    SensorController(SensorRecordings bench, RecordingMapper recordings, LiveSensor live, FormPages forms) {
        this.bench = bench;
        this.recordings = recordings;
        this.live = live;
        this.forms = forms;
    }

    @GetMapping
    ModelAndView page(Woman woman) {
        return new ModelAndView("checks/sensor/bench")
                .addObject("recordings", recordings.of(woman.id()))
                .addObject("formKey", UUID.randomUUID().toString())
                .addObject("seed", ThreadLocalRandom.current().nextInt(1, 1_000_000))
                .addObject("profiles", SensorProfile.values())
                .addObject("protocols", SensorTask.values())
                .addObject("chosen", Map.of());
    }

    @Idempotent
    @PostMapping("/file")
    ModelAndView file(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam Map<String, String> typed,
            @RequestParam(required = false) @Nullable MultipartFile file)
            throws IOException {
        FormReader problems = new FormReader();
        Optional<TraceUnit> unit = TraceUnit.parse(typed.getOrDefault("unit", ""));
        if (unit.isEmpty()) {
            problems.refuse("file", "trace.unknownUnit", typed.getOrDefault("unit", ""));
        }
        Optional<SensorTask> asked = problems.requiredChoice("protocol", typed.get("protocol"), SensorTask.class);
        String key = typed.getOrDefault("formKey", "");
        if (file == null || file.isEmpty()) {
            problems.refuse("file", "trace.empty");
        }
        if (problems.isClean() && file != null) {
            try (InputStream bytes = file.getInputStream()) {
                Outcome<TraceFile.TraceRead> read = TraceFile.read(bytes, unit.orElseThrow());
                problems.refuseAll(read.problems());
                if (problems.isClean()) {
                    String name =
                            Optional.ofNullable(file.getOriginalFilename()).orElse("a file");
                    return kept(
                            woman,
                            bench.keep(
                                    me,
                                    woman,
                                    read.value(),
                                    new SensorRecordings.From(unit.get(), name, asked.orElseThrow(), key)));
                }
            }
        }
        return refused(woman, typed, problems.problems());
    }

    /** Keeps what the simulated sensor had recorded when it was stopped. */
    @Idempotent
    @PostMapping("/simulated")
    ModelAndView simulated(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        FormReader problems = new FormReader();
        Optional<SensorProfile> profile = problems.requiredChoice("profile", typed.get("profile"), SensorProfile.class);
        Optional<SensorTask> asked = problems.requiredChoice("profile", typed.get("protocol"), SensorTask.class);
        Optional<Integer> seed = problems.requiredWhole("profile", typed.get("seed"), 1, 1_000_000);
        double seconds = seconds(typed.getOrDefault("seconds", ""));
        String key = typed.getOrDefault("formKey", "");
        if (seconds < 1) {
            problems.refuse("profile", "trace.tooFew", 0);
        }
        if (!problems.isClean()) {
            return refused(woman, typed, problems.problems());
        }
        TraceFile.TraceRead read =
                SensorRecordings.simulated(profile.orElseThrow(), asked.orElseThrow(), seed.orElseThrow(), seconds);
        String source = "simulated sensor, " + profile.get().words();
        return kept(
                woman,
                bench.keep(me, woman, read, new SensorRecordings.From(TraceUnit.CMH2O, source, asked.get(), key)));
    }

    /** Without script the whole protocol is taken. */
    private static double seconds(String typed) {
        if (typed.isBlank()) {
            return LONGEST_SIMULATION;
        }
        return typed.matches("\\d{1,4}(\\.\\d{1,6})?") ? Math.min(LONGEST_SIMULATION, Double.parseDouble(typed)) : 0;
    }

    @GetMapping(value = "/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(
            Woman woman, @RequestParam String profile, @RequestParam String protocol, @RequestParam String seed) {
        FormReader problems = new FormReader();
        Optional<SensorProfile> known = problems.requiredChoice("profile", profile, SensorProfile.class);
        Optional<SensorTask> asked = problems.requiredChoice("protocol", protocol, SensorTask.class);
        Optional<Integer> start = problems.requiredWhole("seed", seed, 1, 1_000_000);
        if (!problems.isClean()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return live.stream(SensorRecordings.sensor(known.orElseThrow(), asked.orElseThrow(), start.orElseThrow()));
    }

    @GetMapping("/{id:\\d{1,18}}")
    ModelAndView show(Woman woman, @PathVariable long id, @RequestParam Map<String, String> typed) {
        return shown(woman, id, typed, new FormReader());
    }

    private ModelAndView shown(Woman woman, long id, Map<String, String> typed, FormReader problems) {
        Recording recording = found(woman, id);
        ConventionForm convention = new ConventionForm(typed);
        TraceView view = TraceView.of(recording, convention.convention(problems));
        ModelAndView page = new ModelAndView("checks/sensor/trace")
                .addObject("recording", recording)
                .addObject("convention", convention)
                .addObject("view", view);
        return problems.isClean() ? page : forms.refused(page, problems);
    }

    /** A trace cannot tell a lift from straining down: somebody has to have looked. */
    @PostMapping("/{id:\\d{1,18}}/lift")
    ModelAndView tellLift(Woman woman, @PathVariable long id, @RequestParam Map<String, String> typed) {
        found(woman, id);
        FormReader problems = new FormReader();
        Optional<YesNoUnknown> seen = problems.requiredChoice("seen", typed.get("seen"), YesNoUnknown.class);
        Optional<YesNoUnknown> before = problems.requiredChoice("seen", typed.get("before"), YesNoUnknown.class);
        if (problems.isClean() && recordings.tellLift(woman.id(), id, seen.orElseThrow(), before.orElseThrow()) == 0) {
            problems.refuse("seen", "trace.toldMeanwhile");
        }
        return problems.isClean() ? kept(woman, id) : shown(woman, id, Map.of(), problems);
    }

    @GetMapping(value = "/{id:\\d{1,18}}.csv", produces = "text/csv")
    ResponseEntity<String> csv(Woman woman, @PathVariable long id) {
        Recording recording = found(woman, id);
        StringBuilder text = new StringBuilder("time_s,value\r\n");
        float[] steps = recording.trace().steps();
        for (int i = 0; i < steps.length; i++) {
            if (!Float.isNaN(steps[i])) {
                text.append(String.format(
                        Locale.ROOT, "%.3f,%.3f\r\n", recording.trace().timeOf(i), steps[i]));
            }
        }
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"trace-" + id + ".csv\"")
                .body(text.toString());
    }

    @GetMapping(value = "/{id:\\d{1,18}}.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Map<String, Object>> json(Woman woman, @PathVariable long id) {
        Recording recording = found(woman, id);
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"trace-" + id + ".json\"")
                .body(TraceView.of(recording, Convention.USUAL).asJson(recording));
    }

    private Recording found(Woman woman, long id) {
        return recordings.find(woman.id(), id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static ModelAndView kept(Woman woman, long id) {
        return Saved.then("redirect:/people/" + woman.id() + "/bench/" + id, "saved.recording");
    }

    private ModelAndView refused(Woman woman, Map<String, String> typed, List<Problem> problems) {
        return forms.refused(page(woman).addObject("chosen", typed), problems);
    }
}
