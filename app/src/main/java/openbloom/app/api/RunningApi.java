package openbloom.app.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.program.RunningPath;
import openbloom.core.progress.Pain;
import openbloom.core.record.Client;
import openbloom.core.record.ImpactTests;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The way back to running. */
@RestController
@RequestMapping("/api/v1")
class RunningApi {
    private static final int MOST_RUNS = 500;

    private final Catalogues catalogues;

    RunningApi(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    /** What {@code POST /api/v1/return-to-running} takes; the tests stand for those of the client where they are given. */
    record RunningRequest(
            @Nullable ClientRequest client,
            @Nullable LocalDate onDate,
            @Nullable Map<ImpactTests.Test, ClientRequest.TestTold> tests,
            @Nullable List<@Nullable RunRequest> history) {}

    /** A run, or without {@code week} only an answer. */
    record RunRequest(
            @Nullable LocalDate date,
            @Nullable Integer week,
            @Nullable Integer pain,
            @Nullable Integer painNextMorning,
            @Nullable Boolean leaked,
            @Nullable Boolean heavy) {}

    /** What it answers. */
    record RunningResponse(
            boolean ready,
            List<VerdictResponse.GateResponse> missing,
            List<String> why,
            boolean refer,
            List<RunningPath.RunningWeek> weeks) {}

    @PostMapping("/return-to-running")
    RunningResponse running(@AuthenticationPrincipal SignedIn me, @RequestBody RunningRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        LocalDate onDate = reading.required("onDate", request.onDate()).orElse(LocalDate.EPOCH);
        Optional<ImpactTests> tests = Optional.ofNullable(request.tests())
                .map(told -> new CheckReader(reading, onDate).testsAt("tests", told));
        List<RunningPath.Run> history = history(request.history(), onDate, reading);
        Client told = ClientReader.read(request.client(), onDate, reading);
        Client client = tests.map(done -> told.but().impactTests(done).build()).orElse(told);
        RunningPath path = RunningPath.of(Judgement.of(catalogues.of(me.studioId()), client, onDate), history);
        return new RunningResponse(
                path.ready(),
                path.missing().stream().map(VerdictResponse.GateResponse::of).toList(),
                path.why(),
                path.refer(),
                path.weeks());
    }

    private static List<RunningPath.Run> history(
            @Nullable List<@Nullable RunRequest> told, LocalDate onDate, JsonFieldReader reading) {
        List<RunningPath.Run> runs = new ArrayList<>();
        int count = told == null ? 0 : told.size();
        if (count > MOST_RUNS) {
            reading.refuse("history", "api.tooMany", MOST_RUNS, count);
            return List.of();
        }
        for (int i = 0; i < count; i++) {
            String path = "history[" + i + "]";
            reading.required(path, told.get(i)).ifPresent(run -> runs.add(run(run, path + ".", onDate, reading)));
        }
        return runs;
    }

    private static RunningPath.Run run(RunRequest told, String path, LocalDate onDate, JsonFieldReader reading) {
        int pain = reading.numberOr(path + "pain", told.pain(), 0, 0, Pain.MOST);
        int morning = reading.numberOr(path + "painNextMorning", told.painNextMorning(), 0, 0, Pain.MOST);
        return new RunningPath.Run(
                reading.past(path + "date", told.date(), onDate).orElse(onDate),
                Optional.ofNullable(told.week())
                        .map(week -> reading.number(path + "week", week, 1, RunningPath.rows())),
                Math.max(pain, morning),
                Boolean.TRUE.equals(told.leaked()) || Boolean.TRUE.equals(told.heavy()));
    }
}
