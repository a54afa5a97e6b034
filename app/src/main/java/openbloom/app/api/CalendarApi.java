package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.moves.Move;
import openbloom.core.program.Season;
import openbloom.core.record.Client;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Recovery;
import openbloom.core.stage.RecoveryStage;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where she is in her recovery, and what the calendar alone will change. */
@RestController
@RequestMapping("/api/v1")
class CalendarApi {
    private static final int LONGEST_SEASON_DAYS = 1_200;
    private final Catalogues catalogues;

    CalendarApi(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    /** What {@code POST /api/v1/recovery-stage} takes. */
    record StageRequest(
            @Nullable ClientRequest client, @Nullable LocalDate onDate) {}

    /** What it answers; without a birth the days and weeks are absent. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record StageResponse(
            @Nullable Long weeksSinceBirth,
            @Nullable Long daysSinceBirth,
            RecoveryStage stage,
            List<VerdictResponse.GateResponse> missing) {}

    /** What {@code POST /api/v1/season} takes: the days after {@code from} up to {@code to}. */
    record SeasonRequest(
            @Nullable ClientRequest client,
            @Nullable LocalDate from,
            @Nullable LocalDate to) {}

    /** One change. */
    record SeasonChangeResponse(LocalDate date, String change, String code, List<String> moves) {
        static SeasonChangeResponse of(Season.SeasonChange change) {
            return new SeasonChangeResponse(
                    change.date(),
                    change.words(),
                    change.rule().code(),
                    change.moves().stream().map(Move::id).toList());
        }
    }

    @PostMapping("/recovery-stage")
    StageResponse stage(@AuthenticationPrincipal SignedIn me, @RequestBody StageRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        LocalDate onDate = reading.required("onDate", request.onDate()).orElse(LocalDate.EPOCH);
        Client client = ClientReader.read(request.client(), onDate, reading);
        Recovery recovery = Judgement.of(catalogues.of(me.studioId()), client, onDate)
                .facts()
                .recovery();
        Optional<Long> days = client.situation().birth().map((Birth birth) -> birth.daysOn(onDate));
        return new StageResponse(
                days.map(since -> since / 7).orElse(null),
                days.orElse(null),
                recovery.stage(),
                recovery.missing().stream()
                        .map(VerdictResponse.GateResponse::of)
                        .toList());
    }

    @PostMapping("/season")
    List<SeasonChangeResponse> season(@AuthenticationPrincipal SignedIn me, @RequestBody SeasonRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        LocalDate from = reading.required("from", request.from()).orElse(LocalDate.EPOCH);
        LocalDate to = reading.required("to", request.to()).orElse(LocalDate.EPOCH);
        long days = ChronoUnit.DAYS.between(from, to);
        if (days < 0 || days > LONGEST_SEASON_DAYS) {
            reading.refuse("to", "api.season", LONGEST_SEASON_DAYS, days);
        }
        Client client = ClientReader.read(request.client(), from, reading);
        return Season.of(catalogues.of(me.studioId()), client, from, to).stream()
                .map(SeasonChangeResponse::of)
                .toList();
    }
}
