package openbloom.app.program;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.app.checks.SafetyService;
import openbloom.app.people.Woman;
import openbloom.app.session.ComposeForm;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.app.session.StudioShares;
import openbloom.app.studio.Editions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.program.PathwayStepEdit;
import openbloom.core.program.PathwayStepEdit.EditKind;
import openbloom.core.program.Rhythm;
import openbloom.core.record.Goal;
import openbloom.core.session.Format;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Her program: the block she is in, and the form that makes the next. */
@Controller
class ProgramController {
    private static final int USUAL_MINUTES = 30;
    private static final int LONGEST_NOTE = 200;

    private final Programs programs;
    private final BetweenSessions between;
    private final PathwayService ways;
    private final LadderPictures ladders;
    private final Sessions sessions;
    private final SafetyService safety;
    private final FormPages forms;
    private final Editions editions;
    private final StudioShares shares;
    private final StudioDay day;

    ProgramController(
            Programs programs,
            BetweenSessions between,
            PathwayService ways,
            LadderPictures ladders,
            Sessions sessions,
            SafetyService safety,
            FormPages forms,
            Editions editions,
            StudioShares shares,
            StudioDay day) {
        this.editions = editions;
        this.shares = shares;
        this.programs = programs;
        this.between = between;
        this.ways = ways;
        this.ladders = ladders;
        this.sessions = sessions;
        this.safety = safety;
        this.forms = forms;
        this.day = day;
    }

    @GetMapping("/people/{womanId}/program")
    ModelAndView show(@AuthenticationPrincipal SignedIn me, Woman woman) {
        List<Programs.KeptProgram> kept = programs.of(woman.id());
        LocalDate today = day.today(me);
        ProgramForm form = kept.stream()
                .findFirst()
                .map(last -> ProgramForm.again(last.row()))
                .orElseGet(() -> ProgramForm.suggested(programs.suggested(woman, today)));
        return page(me, woman, kept, form);
    }

    @Idempotent
    @PostMapping("/people/{womanId}/program")
    ModelAndView make(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            ProgramForm form,
            @RequestParam(defaultValue = "0") String edition,
            @RequestParam(defaultValue = "") String formKey) {
        FormReader typed = new FormReader();
        List<Goal> aims = form.aims(typed);
        LocalDate today = day.today(me);
        Rhythm rhythm = form.rhythm(typed, today, programs.lastDay(woman, today));
        editions.keep(
                me,
                Editions.Subject.PROGRAM,
                woman.id(),
                edition,
                typed,
                () -> programs.make(me, woman, today, aims, rhythm, formKey));
        if (!typed.isClean()) {
            return forms.refused(page(me, woman, programs.of(woman.id()), form), typed);
        }
        return Saved.then("redirect:/people/" + woman.id() + "/program", "saved.program");
    }

    /** Moves one session of the block to another day, or leaves it out. */
    @Idempotent
    @PostMapping("/people/{womanId}/program/session")
    ModelAndView moveSession(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String to,
            @RequestParam(defaultValue = "") String what,
            @RequestParam(defaultValue = "0") String edition,
            @RequestParam(defaultValue = "") String formKey) {
        FormReader typed = new FormReader();
        Optional<LocalDate> day = typed.requiredDate("from", from);
        boolean leavesOut = what.equals("leave-out");
        Optional<LocalDate> target = leavesOut ? Optional.empty() : typed.requiredDate("to", to);
        Optional<Programs.KeptProgram> last =
                programs.latest(woman.id()).filter(kept -> kept.document().isPresent());
        if (last.isEmpty()) {
            typed.refuse("from", "program.noSession");
        }
        editions.keep(
                me,
                Editions.Subject.PROGRAM,
                woman.id(),
                edition,
                typed,
                () -> typed.refuseAll(
                        programs.moveSession(me, woman, last.orElseThrow(), day.orElseThrow(), target, formKey)));
        return typed.isClean()
                ? Saved.then("redirect:/people/" + woman.id() + "/program", leavesOut ? "saved.dayOut" : "saved.day")
                : forms.refused(show(me, woman).addObject("typedFrom", from).addObject("typedTo", to), typed);
    }

    /** Moves a step of a way to a later day, ticks it, leaves it out, or puts it back as it was planned. */
    @PostMapping("/people/{womanId}/program/step")
    ModelAndView changeStep(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String path,
            @RequestParam(defaultValue = "") String step,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String to,
            @RequestParam(defaultValue = "") String note) {
        FormReader typed = new FormReader();
        Optional<EditKind> how = typed.requiredChoice("kind", kind, EditKind.class);
        Optional<LocalDate> day = how.filter(EditKind.MOVED::equals).flatMap(moved -> typed.requiredDate("stepTo", to));
        String why = typed.text("note", note, LONGEST_NOTE);
        if (typed.isClean()) {
            PathwayStepEdit edit = new PathwayStepEdit(path, step, how.orElseThrow(), day, why);
            ways.edit(me, woman, edit)
                    .ifPresent(problem -> typed.refuse(
                            problem.field().equals("to") ? "stepTo" : problem.field(),
                            problem.key(),
                            problem.args().toArray()));
        }
        return typed.isClean()
                ? Saved.then("redirect:/people/" + woman.id() + "/program", "saved.step")
                : forms.refused(
                        show(me, woman)
                                .addObject("typedPath", path)
                                .addObject("typedStep", step)
                                .addObject("typedStepTo", to)
                                .addObject("typedNote", note),
                        typed);
    }

    /** What the sessions of a block rest on, with their days. */
    private static List<String> conditions(Optional<Programs.KeptProgram> last) {
        return last.flatMap(Programs.KeptProgram::document).stream()
                .flatMap(block -> block.weeks().stream())
                .flatMap(week -> week.sessions().stream())
                .flatMap(session ->
                        session.conditions().stream().map(rests -> Days.words(session.date()) + ": " + rests))
                .toList();
    }

    /** What has changed since it was made, a pause first. */
    private Programs.SinceMade since(Woman woman, Programs.KeptProgram last, LocalDate today) {
        return programs.since(woman, last, today).and(BlockCalendar.pause(sessions.of(woman.id()), today));
    }

    private List<BlockCalendar.WeekRow> weeks(Woman woman, ProgramDocument block, LocalDate today) {
        Set<Long> begun = sessions.responsesOf(List.of(woman.id())).getOrDefault(woman.id(), List.of()).stream()
                .map(StoredResponse::sessionId)
                .collect(Collectors.toSet());
        return BlockCalendar.of(block, sessions.of(woman.id()), begun, today);
    }

    private ModelAndView page(SignedIn me, Woman woman, List<Programs.KeptProgram> kept, ProgramForm form) {
        LocalDate today = day.today(me);
        Optional<Programs.KeptProgram> last = kept.stream().findFirst();
        Optional<ProgramDocument.SessionTold> session = last.flatMap(found -> found.on(today));
        List<Goal> goals = programs.wishesOn(woman, today).goals();
        return new ModelAndView("program/show")
                .addObject("form", form)
                .addObject("edition", editions.of(Editions.Subject.PROGRAM, woman.id()))
                .addObject("last", last.orElse(null))
                .addObject("block", last.flatMap(Programs.KeptProgram::document).orElse(null))
                .addObject(
                        "weeks",
                        last.flatMap(Programs.KeptProgram::document)
                                .map(block -> weeks(woman, block, today))
                                .orElse(List.of()))
                .addObject("conditions", conditions(last))
                .addObject(
                        "beads",
                        last.flatMap(Programs.KeptProgram::document)
                                .map(block -> ladders.of(woman, block))
                                .orElse(Map.of()))
                .addObject("earlier", kept.stream().skip(1).toList())
                .addObject(
                        "since", last.map(found -> since(woman, found, today)).orElse(Programs.SinceMade.NOTHING))
                .addObject("suggested", programs.suggested(woman, today))
                .addObject("cards", between.cards(woman, today))
                .addObject("places", between.places(woman, today))
                .addObject("paths", ways.of(woman, today))
                .addObject("stepChanges", EditKind.values())
                .addObject("planned", session.orElse(null))
                .addObject(
                        "compose",
                        ComposeForm.of(session.map(ProgramDocument.SessionTold::minutes)
                                .orElse(USUAL_MINUTES)))
                .addObject("formats", Format.FormatKind.values())
                .addObject("goals", goals.stream().limit(3).toList())
                .addObject(
                        "usualShares",
                        shares.forGoals(me.studioId(), goals.size()).percent())
                .addObject("asked", safety.today(me, woman).isPresent())
                .addObject(
                        "aims",
                        Arrays.stream(Goal.values())
                                .filter(aim -> !aim.isWish())
                                .toList())
                .addObject(
                        "wishes",
                        Arrays.stream(Goal.values()).filter(Goal::isWish).toList())
                .addObject("weekdays", DayOfWeek.values());
    }
}
