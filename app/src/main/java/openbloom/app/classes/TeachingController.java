package openbloom.app.classes;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.session.RunnerPages;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.Sessions;
import openbloom.app.session.TeachingMapper;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.moves.Catalogue;
import openbloom.core.record.Noted;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** A class sheet as a matrix, and taught; each woman's answers go to her own session. */
@Controller
@RequestMapping("/teachings/{teachingId:\\d{1,18}}")
class TeachingController {
    private final Classes classes;
    private final ClassSheets sheets;
    private final People people;
    private final Sessions sessions;
    private final RunnerPages runners;
    private final Catalogues catalogues;
    private final StudioDay day;

    TeachingController(
            Classes classes,
            ClassSheets sheets,
            People people,
            Sessions sessions,
            RunnerPages runners,
            Catalogues catalogues,
            StudioDay day) {
        this.classes = classes;
        this.sheets = sheets;
        this.people = people;
        this.sessions = sessions;
        this.runners = runners;
        this.catalogues = catalogues;
        this.day = day;
    }

    @GetMapping
    ModelAndView show(@AuthenticationPrincipal SignedIn me, @PathVariable long teachingId) {
        ClassSheets.KeptSheet kept = find(me, teachingId);
        SessionDocument called = kept.sheet().called();
        return new ModelAndView("classes/sheet")
                .addObject("class", classOf(me, kept))
                .addObject("kept", kept)
                .addObject("isToday", kept.teaching().plannedOn().equals(day.today(me)))
                .addObject("starts", starts(called))
                .addObject("shown", drawn(me, called));
    }

    /** When each row begins: {@code 4:30}. */
    private static List<String> starts(SessionDocument called) {
        List<String> starts = new ArrayList<>();
        int seconds = 0;
        for (SessionDocument.SessionRow row : called.rows()) {
            starts.add(SessionDocument.minutesAndSeconds(seconds));
            seconds += row.seconds();
        }
        return starts;
    }

    private Set<String> drawn(SignedIn me, SessionDocument called) {
        Catalogue catalogue = catalogues.of(me.studioId());
        return called.items().stream()
                .map(item -> item.moveId())
                .filter(id -> catalogue.find(id).isPresent())
                .collect(Collectors.toSet());
    }

    @GetMapping("/teach")
    ModelAndView teach(@AuthenticationPrincipal SignedIn me, @PathVariable long teachingId) {
        ClassSheets.KeptSheet kept = find(me, teachingId);
        List<Member> members = members(me, kept);
        String itself = "/teachings/" + teachingId;
        if (kept.isTaught() || members.isEmpty()) {
            return new ModelAndView("redirect:" + itself);
        }
        RunnerPages.Runner runner = new RunnerPages.Runner(
                kept.sheet().called(),
                members.stream().map(Member::person).toList(),
                parts(kept, members),
                "",
                itself,
                itself + "/finish");
        return runners.page(members.get(0).woman(), runner)
                .addObject("title", classOf(me, kept).name());
    }

    /**
     * A member whose session can be read.
     *
     * @param column her place in the sheet
     */
    private record Member(
            int column, Woman woman, RunnerPages.RunnerPerson person, List<RunnerPages.RunnerPart> parts) {}

    private List<Member> members(SignedIn me, ClassSheets.KeptSheet kept) {
        List<Member> members = new ArrayList<>();
        List<ClassSheetDocument.MemberLine> told = kept.sheet().members();
        for (int column = 0; column < told.size(); column++) {
            int at = column;
            TeachingMapper.PartOf part = kept.parts().get(told.get(column).womanId());
            if (part != null && !part.finished()) {
                people.find(me, part.womanId())
                        .flatMap(woman -> sessions.find(woman, part.sessionId())
                                .map(planned -> member(me, at, woman, planned, told.get(at))))
                        .ifPresent(members::add);
            }
        }
        return members;
    }

    private Member member(
            SignedIn me, int column, Woman woman, Sessions.ComposedFor planned, ClassSheetDocument.MemberLine told) {
        return new Member(
                column,
                woman,
                new RunnerPages.RunnerPerson(
                        woman.id(), planned.stored().id(), told.name(), told.where(), told.cautions()),
                runners.partsOf(me, woman, planned));
    }

    private static List<List<RunnerPages.RunnerPart>> parts(ClassSheets.KeptSheet kept, List<Member> members) {
        List<List<RunnerPages.RunnerPart>> parts = new ArrayList<>();
        for (List<ClassSheetDocument.CellTold> cells : kept.sheet().cells()) {
            parts.add(members.stream()
                    .map(member -> part(cells.get(member.column()), member.parts()))
                    .toList());
        }
        return parts;
    }

    private static RunnerPages.RunnerPart part(ClassSheetDocument.CellTold cell, List<RunnerPages.RunnerPart> hers) {
        Integer line = cell.line();
        if (line == null || line >= hers.size()) {
            return RunnerPages.RunnerPart.RESTS;
        }
        String words = cell.dose().isEmpty()
                ? cell.words()
                : cell.words().isEmpty() ? cell.dose() : cell.words() + ", " + cell.dose();
        return hers.get(line).called(words);
    }

    /** Everybody's part is finished; how hard it was is kept for whom somebody asked. */
    @PostMapping("/finish")
    String finish(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable long teachingId,
            @RequestParam Map<String, String> sent) {
        ClassSheets.KeptSheet kept = find(me, teachingId);
        for (TeachingMapper.PartOf part : kept.parts().values()) {
            Optional<Noted> effort = Arrays.stream(Noted.values())
                    .filter(Noted::isEffort)
                    .filter(one -> one.name().equals(sent.get("effort-" + part.womanId())))
                    .findFirst();
            people.find(me, part.womanId())
                    .flatMap(woman -> sessions.find(woman, part.sessionId()))
                    .ifPresent(planned -> sessions.finish(me, planned, effort));
        }
        return Saved.address("redirect:/teachings/" + teachingId, "saved.classTaught");
    }

    private ClassSheets.KeptSheet find(SignedIn me, long teachingId) {
        return sheets.find(me, teachingId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private StudioClass classOf(SignedIn me, ClassSheets.KeptSheet kept) {
        Long classId = kept.teaching().classId();
        return Optional.ofNullable(classId)
                .flatMap(id -> classes.find(me, id))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
