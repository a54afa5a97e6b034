package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.Decision;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.LadderDay;
import openbloom.core.progress.Pain;
import openbloom.core.progress.Pain.PainRegion;
import openbloom.core.progress.PerceivedEffort;
import openbloom.core.progress.Progress;
import openbloom.core.progress.Proposal;
import openbloom.core.record.Client;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** When a ladder moves on. */
@RestController
@RequestMapping("/api/v1")
class ProgressApi {
    private static final int MOST_DAYS = 1_000;
    private static final int HIGHEST_RUNG = 40;
    private static final int MOST_REPETITIONS = 600;

    private final Catalogues catalogues;

    ProgressApi(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    /** What {@code POST /api/v1/progress} takes; without {@code onDate} the latest day of the history counts. */
    record ProgressRequest(
            @Nullable ClientRequest client,
            @Nullable LocalDate onDate,
            @Nullable ExerciseGroup strand,
            @Nullable List<@Nullable DayRequest> history) {}

    /** One day. What is absent was not asked, and a day on which something was not asked is no good day. */
    record DayRequest(
            @Nullable LocalDate date,
            @JsonUnwrapped DoneTold done,
            @JsonUnwrapped SeenTold seen,
            @JsonUnwrapped PainReported hurt,
            @Nullable PerceivedEffort effort,
            @Nullable Boolean fromHome) {}

    /** What was done of what was asked. */
    record DoneTold(
            @Nullable Integer rung,
            @Nullable Integer doseStep,
            @Nullable Integer repetitionsDone,
            @Nullable Integer repetitionsAsked) {}

    /** What was seen or told while she worked. */
    record SeenTold(
            @Nullable Boolean domed,
            @Nullable Boolean cuedFlat,
            @Nullable Boolean leaked,
            @Nullable Boolean heavy,
            @Nullable Boolean breathHeld,
            @Nullable Boolean tookOver) {}

    /** Pain from 0 to 10. */
    record PainReported(
            @Nullable Integer pain,
            PainRegion painPlace,
            @Nullable Integer painBefore,
            @Nullable Integer painNextMorning) {}

    /** What it answers. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record ProgressResponse(
            Decision decision,
            int rung,
            int doseStep,
            List<String> reasons,
            @Nullable List<VerdictResponse.GateResponse> heldBy) {
        static ProgressResponse of(Proposal proposal) {
            List<VerdictResponse.GateResponse> gates = proposal.heldBy().stream()
                    .map(VerdictResponse.GateResponse::of)
                    .toList();
            return new ProgressResponse(
                    proposal.decision(),
                    proposal.rung(),
                    proposal.step(),
                    proposal.reasons(),
                    proposal.decision() == Decision.HELD ? gates : null);
        }
    }

    @PostMapping("/progress")
    ProgressResponse progress(@AuthenticationPrincipal SignedIn me, @RequestBody ProgressRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        List<@Nullable DayRequest> told = request.history() == null ? List.of() : request.history();
        Optional<LocalDate> latest = told.stream()
                .filter(Objects::nonNull)
                .map(DayRequest::date)
                .filter(Objects::nonNull)
                .max(LocalDate::compareTo);
        LocalDate onDate = reading.required("onDate", request.onDate() == null ? latest.orElse(null) : request.onDate())
                .orElse(LocalDate.EPOCH);
        ExerciseGroup strand = reading.required("strand", request.strand()).orElse(ExerciseGroup.BREATH);
        List<LadderDay> history = history(told, onDate, reading);
        Client client = ClientReader.read(request.client(), onDate, reading);
        Judgement judgement = Judgement.of(catalogues.of(me.studioId()), client, onDate);
        return ProgressResponse.of(Progress.of(judgement, strand, history));
    }

    private static List<LadderDay> history(List<@Nullable DayRequest> told, LocalDate onDate, JsonFieldReader reading) {
        if (told.size() > MOST_DAYS) {
            reading.refuse("history", "api.tooMany", MOST_DAYS, told.size());
            return List.of();
        }
        List<LadderDay> days = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            String path = "history[" + i + "]";
            reading.required(path, told.get(i)).ifPresent(day -> days.add(day(day, path + ".", onDate, reading)));
        }
        return days;
    }

    private static LadderDay day(DayRequest told, String path, LocalDate onDate, JsonFieldReader reading) {
        LocalDate date = reading.past(path + "date", told.date(), onDate).orElse(onDate);
        boolean complete = told.seen().domed() != null
                && told.seen().leaked() != null
                && told.seen().heavy() != null
                && told.hurt().pain() != null
                && told.seen().breathHeld() != null;
        return new LadderDay(
                date,
                reading.number(path + "rung", told.done().rung(), 1, HIGHEST_RUNG),
                reading.numberOr(path + "doseStep", told.done().doseStep(), DoseStep.WRITTEN, 1, DoseStep.HIGHEST),
                new LadderDay.DoseDone(
                        reading.number(path + "repetitionsDone", told.done().repetitionsDone(), 0, MOST_REPETITIONS),
                        reading.number(path + "repetitionsAsked", told.done().repetitionsAsked(), 1, MOST_REPETITIONS)),
                against(told.seen()),
                pain(told.hurt(), path, reading),
                new LadderDay.Report(
                        Optional.ofNullable(told.effort()), Boolean.TRUE.equals(told.fromHome()), complete));
    }

    private static Set<LadderDay.PlannedAgainst> against(SeenTold told) {
        Set<LadderDay.PlannedAgainst> against = EnumSet.noneOf(LadderDay.PlannedAgainst.class);
        if (Boolean.TRUE.equals(told.domed())) {
            against.add(
                    Boolean.TRUE.equals(told.cuedFlat())
                            ? LadderDay.PlannedAgainst.DOMED_UNTIL_CUED
                            : LadderDay.PlannedAgainst.DOMED);
        } else if (Boolean.TRUE.equals(told.cuedFlat())) {
            against.add(LadderDay.PlannedAgainst.DOMED_UNTIL_CUED);
        }
        if (Boolean.TRUE.equals(told.leaked())) {
            against.add(LadderDay.PlannedAgainst.LEAKED);
        }
        if (Boolean.TRUE.equals(told.heavy())) {
            against.add(LadderDay.PlannedAgainst.HEAVY);
        }
        if (Boolean.TRUE.equals(told.breathHeld())) {
            against.add(LadderDay.PlannedAgainst.BREATH_HELD);
        }
        if (Boolean.TRUE.equals(told.tookOver())) {
            against.add(LadderDay.PlannedAgainst.TOOK_OVER);
        }
        return against;
    }

    private static Pain pain(PainReported told, String path, JsonFieldReader reading) {
        return new Pain(
                reading.numberOr(path + "pain", told.pain(), 0, 0, Pain.MOST),
                reading.numberOr(path + "painBefore", told.painBefore(), 0, 0, Pain.MOST),
                Optional.ofNullable(told.painPlace()),
                told.painNextMorning() == null
                        ? Optional.empty()
                        : Optional.of(reading.number(path + "painNextMorning", told.painNextMorning(), 0, Pain.MOST)));
    }
}
