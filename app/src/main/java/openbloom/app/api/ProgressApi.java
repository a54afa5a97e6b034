package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.Decision;
import openbloom.core.progress.LadderDay;
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
        List<LadderDay> history = LadderHistoryReader.days(told, onDate, reading);
        Client client = ClientReader.read(request.client(), onDate, reading);
        Judgement judgement = Judgement.of(catalogues.of(me.studioId()), client, onDate);
        return ProgressResponse.of(Progress.of(judgement, strand, history));
    }
}
