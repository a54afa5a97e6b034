package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.program.BlockPlanner;
import openbloom.core.program.Goals;
import openbloom.core.program.Program;
import openbloom.core.program.Rhythm;
import openbloom.core.progress.LadderHistory;
import openbloom.core.progress.WeekKind;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.session.Place;
import openbloom.core.session.SessionRequest;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A block of weeks for a woman. */
@RestController
@RequestMapping("/api/v1")
class ProgramApi {
    private static final int MOST_AIMS = 4;
    private static final int MOST_VISITS = 100;

    private final Catalogues catalogues;

    ProgramApi(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    /** What {@code POST /api/v1/program} takes; without aims the suggested ones count, without a rhythm two visits a week. */
    record ProgramRequest(
            @Nullable ClientRequest client,
            @Nullable LocalDate onDate,
            @Nullable List<@Nullable Goal> aims,
            @Nullable RhythmRequest rhythm,
            @JsonUnwrapped LadderHistoryReader.HistoryTold done) {}

    /** How often she comes, what she does at home, and how many minutes a week she walks briskly now. */
    record RhythmRequest(
            @Nullable Integer visitsPerWeek,
            @Nullable List<@Nullable DayOfWeek> homeDays,
            @Nullable Integer homeMinutes,
            @Nullable Integer walkMinutes,
            @Nullable List<@Nullable VisitRequest> visits) {}

    /** A booked visit. */
    record VisitRequest(@Nullable LocalDate date, @Nullable Integer minutes) {}

    /** What it answers. */
    record ProgramResponse(
            LocalDate from,
            LocalDate to,
            List<AimResponse> aims,
            List<LineResponse> lines,
            List<WeekResponse> weeks,
            List<ChangeAhead> changesAhead,
            List<Program.LeftOver> leftOut,
            @JsonUnwrapped MinutesResponse minutes) {
        static ProgramResponse of(Program program) {
            return new ProgramResponse(
                    program.from(),
                    program.to(),
                    program.aims().stream().map(AimResponse::of).toList(),
                    program.lines().stream().map(LineResponse::of).toList(),
                    program.weeks().stream().map(WeekResponse::of).toList(),
                    program.changesAhead().stream()
                            .map(change ->
                                    new ChangeAhead(change.date(), change.rule().code(), change.words()))
                            .toList(),
                    program.leftOut(),
                    new MinutesResponse(
                            program.minutes().planned(), program.minutes().target()));
        }
    }

    /** A week of the block, and what is different in it. */
    record WeekResponse(
            LocalDate from,
            List<PlannedSessionResponse> sessions,
            int floorSetsPerDay,
            List<String> moments,
            int walkMinutes,
            List<Program.Due> checksDue,
            WeekKind kind,
            String words) {
        static WeekResponse of(Program.ProgramWeek week) {
            return new WeekResponse(
                    week.from(),
                    week.sessions().stream().map(PlannedSessionResponse::of).toList(),
                    week.floorSetsPerDay(),
                    week.moments(),
                    week.walkMinutes(),
                    week.checksDue(),
                    week.kind(),
                    week.words());
        }
    }

    /** A session on its day. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record PlannedSessionResponse(
            LocalDate date,
            Place place,
            int minutes,
            @Nullable String letter,
            List<ExerciseGroup> strands,
            List<Program.Portion> portions,
            List<Program.ItemCondition> conditions) {
        static PlannedSessionResponse of(Program.PlannedSession session) {
            return new PlannedSessionResponse(
                    session.date(),
                    session.place(),
                    session.minutes(),
                    session.letter().orElse(null),
                    session.strands(),
                    session.portions(),
                    session.conditions());
        }
    }

    /** Minutes of a week as planned, and what is aimed at. */
    record MinutesResponse(int minutesPerWeek, int targetMinutes) {}

    /** An aim with the fact that suggested it. */
    record AimResponse(Goal aim, String why, String source) {
        static AimResponse of(Goals.Suggested suggested) {
            return new AimResponse(
                    suggested.aim(), suggested.why(), suggested.aim().source().key());
        }
    }

    /** A line. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record LineResponse(
            ExerciseGroup strand,
            int rung,
            int step,
            List<Program.Expected> expected,
            @Nullable Integer ceiling,
            List<VerdictResponse.GateResponse> gates) {
        static LineResponse of(Program.LadderPlan line) {
            return new LineResponse(
                    line.strand(),
                    line.rung(),
                    line.step(),
                    line.expected(),
                    line.ceiling().orElse(null),
                    line.gates().stream().map(VerdictResponse.GateResponse::of).toList());
        }
    }

    /** What the calendar changes. */
    record ChangeAhead(LocalDate date, String code, String what) {}

    @PostMapping("/program")
    ProgramResponse program(@AuthenticationPrincipal SignedIn me, @RequestBody ProgramRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        LocalDate onDate = reading.required("onDate", request.onDate()).orElse(LocalDate.EPOCH);
        List<Goal> aims = aims(request.aims(), reading);
        Rhythm rhythm = rhythm(request.rhythm(), reading);
        LadderHistory done = request.done().read(onDate, reading);
        Client client = ClientReader.read(request.client(), onDate, reading);
        Judgement told = Judgement.of(catalogues.of(me.studioId()), client, onDate);
        Judgement judgement = Judgement.of(told.catalogue(), done.appliedTo(told), onDate);
        return ProgramResponse.of(BlockPlanner.plan(judgement, aims, rhythm));
    }

    private static List<Goal> aims(@Nullable List<@Nullable Goal> told, JsonFieldReader reading) {
        List<Goal> aims = told == null
                ? List.of()
                : told.stream().filter(Objects::nonNull).toList();
        if (aims.size() > MOST_AIMS) {
            reading.refuse("aims", "api.tooMany", MOST_AIMS, aims.size());
        }
        return aims;
    }

    private static Rhythm rhythm(@Nullable RhythmRequest told, JsonFieldReader reading) {
        if (told == null) {
            return new Rhythm(2, Set.of(), 0, List.of());
        }
        Set<DayOfWeek> home = EnumSet.noneOf(DayOfWeek.class);
        if (told.homeDays() != null) {
            told.homeDays().stream().filter(Objects::nonNull).forEach(home::add);
        }
        int homeMinutes =
                reading.numberOr("rhythm.homeMinutes", told.homeMinutes(), 0, 0, SessionRequest.LONGEST_MINUTES);
        List<Rhythm.PlannedVisit> visits = new ArrayList<>();
        int count = told.visits() == null ? 0 : told.visits().size();
        if (count > MOST_VISITS) {
            reading.refuse("rhythm.visits", "api.tooMany", MOST_VISITS, count);
            count = 0;
        }
        for (int i = 0; i < count; i++) {
            String path = "rhythm.visits[" + i + "]";
            VisitRequest visit =
                    reading.required(path, told.visits().get(i)).orElse(new VisitRequest(LocalDate.EPOCH, 5));
            visits.add(new Rhythm.PlannedVisit(
                    reading.required(path + ".date", visit.date()).orElse(LocalDate.EPOCH),
                    reading.number(
                            path + ".minutes",
                            visit.minutes(),
                            SessionRequest.SHORTEST_MINUTES,
                            SessionRequest.LONGEST_MINUTES)));
        }
        return new Rhythm(
                reading.numberOr("rhythm.visitsPerWeek", told.visitsPerWeek(), 0, 0, 7),
                home,
                homeMinutes,
                visits,
                reading.asked("rhythm.walkMinutes", told.walkMinutes(), 0, Rhythm.MOST_WALKING));
    }
}
