package openbloom.app.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.program.Goals;
import openbloom.core.progress.LadderHistory;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.session.Composer;
import openbloom.core.session.Format;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.session.PlannedDay;
import openbloom.core.session.SessionRequest;
import openbloom.core.session.Shares;
import openbloom.core.session.Wishes;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sessions composed for other programs; nothing is kept. */
@RestController
@RequestMapping("/api/v1")
class SessionsApi {
    private static final int MOST_MOVES = 300;

    private final Catalogues catalogues;

    SessionsApi(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    @PostMapping("/sessions")
    SessionResponse sessions(@AuthenticationPrincipal SignedIn me, @RequestBody SessionsRequest request) {
        Catalogue catalogue = catalogues.of(me.studioId());
        JsonFieldReader reading = new JsonFieldReader();
        LocalDate onDate = reading.required("onDate", request.onDate()).orElse(LocalDate.EPOCH);
        int minutes = reading.required("minutes", request.how().minutes()).orElse(SessionRequest.SHORTEST_MINUTES);
        History history = History.of(recent(catalogue, request.recent(), reading));
        Place place =
                request.how().place() == null ? Place.STUDIO : request.how().place();
        SessionRequest asked = SessionRequest.of(minutes, place, request.seed() == null ? 0 : request.seed(), history)
                .in(format(request, minutes, reading));
        reading.refuseAll(asked.problems());
        Optional<Shares> shares = shares(request, reading);
        List<String> usual = moves(catalogue, "usual", request.usual(), reading);
        Wanted wanted = wanted(request.client(), catalogue, reading);
        LadderHistory done = request.done().read(onDate, reading);
        Client client = ClientReader.read(request.client(), onDate, reading);
        if (request.how().equipment() != null) {
            client =
                    client.but().equipment(equipment(request.how().equipment())).build();
        }
        Client hers = done.appliedTo(Judgement.of(catalogue, client, onDate));
        Judgement judgement = Judgement.of(catalogue, hers, onDate);
        List<Goal> goals = aims(request.client(), judgement);
        Wishes wishes = wanted.wishes(goals, usual);
        Wishes divided = shares.map(wishes::divided).orElse(wishes);
        return SessionResponse.of(
                Composer.compose(judgement, asked.wanting(divided).gently(client.hasLowDay())), judgement);
    }

    /** Moves she or her instructor wants in a session, and not. */
    record Wanted(Set<String> pinned, Set<String> banned) {
        /** What a session is for, with these. */
        Wishes wishes(List<Goal> goals, List<String> usual) {
            Map<ExerciseGroup, Integer> aims = Goals.worth(goals);
            return new Wishes(goals, aims, aims.keySet(), pinned, banned, usual, PlannedDay.NONE);
        }
    }

    static Wanted wanted(@Nullable ClientRequest told, Catalogue catalogue, JsonFieldReader reading) {
        return told == null
                ? new Wanted(Set.of(), Set.of())
                : new Wanted(
                        Set.copyOf(
                                moves(catalogue, "client.pinned", told.wishes().pinned(), reading)),
                        Set.copyOf(
                                moves(catalogue, "client.banned", told.wishes().banned(), reading)));
    }

    private static Format format(SessionsRequest request, int minutes, JsonFieldReader reading) {
        if (request.how().format() != null) {
            return request.how().format().read(reading);
        }
        List<Format.FormatKind> hers =
                request.client() == null || request.client().wishes().formats() == null
                        ? List.of()
                        : request.client().wishes().formats().stream()
                                .filter(Objects::nonNull)
                                .toList();
        return hers.isEmpty() ? Format.usual(minutes) : Format.of(hers.get(0));
    }

    private static Optional<Shares> shares(SessionsRequest request, JsonFieldReader reading) {
        if (request.how().shares() == null || request.how().shares().isEmpty()) {
            return Optional.empty();
        }
        if (request.how().shares().contains(null)) {
            reading.refuse("shares", "api.missing");
            return Optional.empty();
        }
        Shares shares = new Shares(request.how().shares());
        reading.refuseAll(shares.problems());
        return Optional.of(shares);
    }

    /** Those told, or those her record suggests. */
    static List<Goal> aims(@Nullable ClientRequest told, Judgement judgement) {
        List<Goal> aims = told == null || told.wishes().aims() == null
                ? List.of()
                : told.wishes().aims().stream().filter(Objects::nonNull).toList();
        return aims.isEmpty()
                ? Goals.suggest(judgement.facts()).stream()
                        .map(Goals.Suggested::aim)
                        .toList()
                : aims;
    }

    private static List<String> moves(
            Catalogue catalogue, String field, @Nullable List<String> ids, JsonFieldReader reading) {
        if (ids == null) {
            return List.of();
        }
        if (ids.size() > MOST_MOVES) {
            reading.refuse(field, "api.tooMany", MOST_MOVES, ids.size());
            return List.of();
        }
        Set<String> known = new HashSet<>();
        List<String> inOrder = new ArrayList<>();
        for (String id : ids) {
            if (catalogue.find(String.valueOf(id)).isEmpty()) {
                reading.refuse(field, "move.unknown", String.valueOf(id));
            } else if (known.add(id)) {
                inOrder.add(id);
            }
        }
        return inOrder;
    }

    static List<List<String>> recent(
            Catalogue catalogue, @Nullable List<List<String>> recent, JsonFieldReader reading) {
        List<List<String>> known = new ArrayList<>();
        if (recent != null && recent.size() > MOST_MOVES) {
            reading.refuse("recent", "api.tooMany", MOST_MOVES, recent.size());
        } else if (recent != null) {
            for (int i = 0; i < recent.size(); i++) {
                known.add(moves(catalogue, "recent[" + i + "]", recent.get(i), reading));
            }
        }
        return known;
    }

    static Set<Equipment> equipment(List<Equipment> told) {
        Set<Equipment> kit = EnumSet.noneOf(Equipment.class);
        told.stream().filter(Objects::nonNull).forEach(kit::add);
        return kit;
    }
}
