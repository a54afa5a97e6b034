package openbloom.app.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.Problem;
import openbloom.core.classes.ClassComposer;
import openbloom.core.classes.ClassMember;
import openbloom.core.classes.ClassRequest;
import openbloom.core.moves.Catalogue;
import openbloom.core.record.Client;
import openbloom.core.session.Format;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.session.SessionRequest;
import openbloom.core.session.Wishes;
import openbloom.core.verdict.Judgement;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Class sheets composed for other programs; nothing is kept. */
@RestController
@RequestMapping("/api/v1")
class ClassSheetApi {
    private static final int LONGEST_NAME = 80;

    private final Catalogues catalogues;

    ClassSheetApi(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    @PostMapping("/class-sheet")
    ClassSheetResponse classSheet(@AuthenticationPrincipal SignedIn me, @RequestBody ClassSheetRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        LocalDate onDate = reading.required("onDate", request.onDate()).orElse(LocalDate.EPOCH);
        int minutes = reading.number(
                "minutes", request.minutes(), ClassRequest.SHORTEST_MINUTES, ClassRequest.LONGEST_MINUTES);
        List<ClassSheetRequest.MemberTold> told = members(request, reading);
        reading.orRefuse();
        Catalogue catalogue = catalogues.of(me.studioId());
        List<ClassMember> members = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            members.add(member(told.get(i), "members[" + i + "]", catalogue, new Day(onDate, minutes, request)));
        }
        ClassRequest asked = new ClassRequest(minutes, members);
        reading.refuseAll(asked.problems());
        reading.orRefuse();
        return ClassSheetResponse.of(ClassComposer.compose(asked));
    }

    /** What holds for all of them. */
    private record Day(LocalDate onDate, int minutes, ClassSheetRequest request) {}

    /** Counted before any of them is read. */
    private static List<ClassSheetRequest.MemberTold> members(ClassSheetRequest request, JsonFieldReader reading) {
        List<ClassSheetRequest.MemberTold> members = new ArrayList<>();
        int count = request.members() == null ? 0 : request.members().size();
        if (count == 0 || count > ClassRequest.MOST_MEMBERS) {
            reading.refuse("members", "class.members", 1, ClassRequest.MOST_MEMBERS, count);
            return members;
        }
        for (int i = 0; i < count; i++) {
            reading.required("members[" + i + "]", request.members().get(i)).ifPresent(members::add);
        }
        return members;
    }

    private static ClassMember member(ClassSheetRequest.MemberTold told, String at, Catalogue catalogue, Day day) {
        JsonFieldReader reading = new JsonFieldReader();
        String name = told.name() == null ? "" : told.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            reading.refuse("name", "class.name", LONGEST_NAME);
        }
        try {
            History history = History.of(SessionsApi.recent(catalogue, told.recent(), reading));
            Client client = ClientReader.read(told.client(), day.onDate(), reading);
            if (day.request().kit() != null) {
                client = client.but()
                        .equipment(SessionsApi.equipment(day.request().kit()))
                        .build();
            }
            Judgement judgement = Judgement.of(catalogue, client, day.onDate());
            Wishes wishes = SessionsApi.wanted(told.client(), catalogue, reading)
                    .wishes(SessionsApi.aims(told.client(), judgement), List.of());
            reading.orRefuse();
            return new ClassMember(
                    name,
                    judgement,
                    SessionRequest.of(day.minutes(), Place.STUDIO, seed(day.request()), history)
                            .in(Format.of(Format.FormatKind.SETS))
                            .wanting(wishes)
                            .gently(client.hasLowDay()));
        } catch (Refusal refused) {
            List<Problem> under = refused.problems().stream()
                    .map(problem -> problem.under(at))
                    .toList();
            throw new Refusal(under);
        }
    }

    private static long seed(ClassSheetRequest request) {
        return request.seed() == null ? 0 : request.seed();
    }
}
