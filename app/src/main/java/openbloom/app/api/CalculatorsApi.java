package openbloom.app.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.dating.Dating;
import openbloom.core.dating.GestationalAge;
import openbloom.core.dating.Statement;
import openbloom.core.dating.Ultrasound;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;

/** The calculators for other programs. Nothing is stored by these calls. */
@RestController
@RequestMapping("/api/v1")
class CalculatorsApi {
    private static final int USUAL_CYCLE_DAYS = 28;
    private static final int MOST_MOVES = 2_000;

    private final Catalogues catalogues;

    CalculatorsApi(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    @PostMapping("/dating")
    DatingResponse dating(@RequestBody DatingRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        Optional<LocalDate> onDate = reading.required("onDate", request.onDate());
        Optional<Statement> statement = statement(request, reading);
        Optional<Ultrasound> scan = scan(request.ultrasound(), reading);
        reading.orRefuse();
        var outcome = Dating.from(statement.orElseThrow(), scan, onDate.orElseThrow());
        reading.refuseAll(outcome.problems());
        reading.orRefuse();
        Dating dating = outcome.value();
        return DatingResponse.of(dating, ageOn(dating, onDate.orElseThrow(), reading));
    }

    /** A scan may move the due date so far that the day asked about falls outside the pregnancy. */
    private static GestationalAge ageOn(Dating dating, LocalDate onDate, JsonFieldReader reading) {
        Optional<GestationalAge> age = dating.ageOn(onDate);
        if (age.isEmpty()) {
            reading.refuse("onDate", "api.outsidePregnancy", onDate, dating.firstDay());
        }
        reading.orRefuse();
        return age.orElseThrow();
    }

    private static Optional<Statement> statement(DatingRequest request, JsonFieldReader reading) {
        List<Statement> given = new ArrayList<>();
        if (request.lastPeriod() != null) {
            int cycle = request.cycleLengthDays() == null ? USUAL_CYCLE_DAYS : request.cycleLengthDays();
            given.add(new Statement.LastPeriod(request.lastPeriod(), cycle));
        } else if (request.cycleLengthDays() != null) {
            reading.refuse("cycleLengthDays", "api.onlyWith", "lastPeriod");
        }
        if (request.conception() != null) {
            given.add(new Statement.Conception(request.conception()));
        }
        if (request.transfer() != null) {
            reading.required("embryoAgeDays", request.embryoAgeDays())
                    .ifPresent(age -> given.add(new Statement.Transfer(request.transfer(), age)));
        } else if (request.embryoAgeDays() != null) {
            reading.refuse("embryoAgeDays", "api.onlyWith", "transfer");
        }
        if (request.dueDate() != null) {
            given.add(new Statement.DueDate(request.dueDate()));
        }
        if (given.size() != 1 && reading.isClean()) {
            reading.refuse("lastPeriod", "api.oneStatement", given.size());
        }
        return given.stream().findFirst();
    }

    private static Optional<Ultrasound> scan(DatingRequest.@Nullable ScanRequest scan, JsonFieldReader reading) {
        if (scan == null) {
            return Optional.empty();
        }
        Optional<LocalDate> date = reading.required("ultrasound.date", scan.date());
        int weeks = reading.number("ultrasound.weeks", scan.weeks(), 0, GestationalAge.LONGEST_DAYS / 7 - 1);
        int days = reading.number("ultrasound.days", scan.days(), 0, 6);
        return date.map(day -> new Ultrasound(day, GestationalAge.of(weeks, days)));
    }

    @PostMapping("/verdicts")
    List<VerdictResponse> verdicts(@AuthenticationPrincipal SignedIn me, @RequestBody VerdictsRequest request) {
        Catalogue catalogue = catalogues.of(me.studioId());
        JsonFieldReader reading = new JsonFieldReader();
        LocalDate onDate = reading.required("onDate", request.onDate()).orElse(LocalDate.EPOCH);
        List<Move> moves = moves(catalogue, request.moves(), reading);
        Judgement judgement = Judgement.of(catalogue, ClientReader.read(request.client(), onDate, reading), onDate);
        return moves.stream()
                .map(judgement::of)
                .map(verdict -> VerdictResponse.of(verdict, catalogue))
                .toList();
    }

    private static List<Move> moves(Catalogue catalogue, @Nullable List<String> ids, JsonFieldReader reading) {
        if (ids == null) {
            return catalogue.moves();
        }
        if (ids.size() > MOST_MOVES) {
            reading.refuse("moves", "api.tooMany", MOST_MOVES, ids.size());
            return List.of();
        }
        List<Move> moves = new ArrayList<>();
        for (int i = 0; i < ids.size(); i++) {
            String id = String.valueOf(ids.get(i));
            Optional<Move> move = catalogue.find(id);
            if (move.isEmpty()) {
                reading.refuse("moves[" + i + "]", "move.unknown", id);
            }
            move.ifPresent(moves::add);
        }
        return moves;
    }

    @GetMapping("/moves")
    List<MoveResponse> moves(@AuthenticationPrincipal SignedIn me) {
        return catalogues.of(me.studioId()).moves().stream()
                .map(MoveResponse::of)
                .toList();
    }

    @GetMapping("/moves/{id}")
    MoveResponse move(@AuthenticationPrincipal SignedIn me, @PathVariable String id) {
        return catalogues
                .of(me.studioId())
                .find(id)
                .map(MoveResponse::of)
                .orElseThrow(
                        () -> new ResponseStatusException(HttpStatus.NOT_FOUND, "There is no exercise " + id + "."));
    }
}
