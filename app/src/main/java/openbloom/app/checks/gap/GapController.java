package openbloom.app.checks.gap;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.log.CheckLog.LoggedCheck;
import openbloom.app.people.NextSteps;
import openbloom.app.people.Woman;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.MessageFormatter;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.School;
import openbloom.core.gap.Site;
import openbloom.core.gap.Spot;
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

/** The gap check: measure, see, keep, and measure again without looking. */
@Controller
@RequestMapping("/people/{womanId}/checks/gap")
class GapController {
    private final GapChecks checks;
    private final GapAssessmentView room;
    private final SafetyService safety;
    private final Accounts accounts;
    private final MessageFormatter sentences;
    private final FormPages forms;
    private final NextSteps next;
    private final StudioDay day;

    GapController(
            GapChecks checks,
            GapAssessmentView room,
            SafetyService safety,
            Accounts accounts,
            MessageFormatter sentences,
            FormPages forms,
            NextSteps next,
            StudioDay day) {
        this.checks = checks;
        this.room = room;
        this.safety = safety;
        this.accounts = accounts;
        this.sentences = sentences;
        this.forms = forms;
        this.next = next;
        this.day = day;
    }

    @GetMapping
    ModelAndView blank(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return safety.detour(me, woman, "gap")
                .map(ModelAndView::new)
                .orElseGet(() -> page(me, woman, asLastTime(me, woman), GapPage.ofNew(woman)));
    }

    /** At the spots and by the method she used last for this woman, so that a series goes on. */
    private GapForm asLastTime(SignedIn me, Woman woman) {
        Optional<Measured> last = checks.of(woman.id()).stream()
                .map(GapChecks.KeptCheck::measured)
                .filter(measured -> measured.by().id() == me.accountId())
                .findFirst();
        Method method = last.map(Measured::method).orElse(Method.FINGERS);
        return GapForm.blank(
                newKey(), method, last.map(measured -> measured.check().spots()).orElseGet(Spot::everyday));
    }

    /** Redraws map, reading and trend from what has been typed so far; nothing is kept. */
    @PostMapping("/look")
    ModelAndView look(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "") String blind) {
        return new ModelAndView("checks/gap/gap :: seen")
                .addObject("view", view(me, woman, new GapForm(typed), !blind.isEmpty()));
    }

    /** Other spots: those of a school, or one of her own; what was typed stays. */
    @PostMapping("/sites")
    ModelAndView sites(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "") String preset) {
        GapForm form = new GapForm(typed);
        FormReader problems = new FormReader();
        List<Spot> spots = preset.equals("OWN")
                ? Stream.concat(form.spots().stream(), ownSpot(form, problems).stream())
                        .toList()
                : GapPage.preset(preset);
        if (spots.size() > Spot.MOST_IN_A_CHECK) {
            problems.refuse("ownMm", "gap.tooManySites", Spot.MOST_IN_A_CHECK);
        }
        GapForm moved = problems.isClean() ? form.at(spots) : form;
        ModelAndView page = page(me, woman, moved, GapPage.ofNew(woman));
        return problems.isClean() ? page : forms.refused(page, problems);
    }

    private static Optional<Spot> ownSpot(GapForm form, FormReader problems) {
        Optional<Integer> mm = problems.requiredWhole("ownMm", form.text("ownMm"), 0, Spot.FURTHEST_MM);
        Optional<Site> site = problems.requiredChoice("ownMm", form.text("ownSite"), Site.class);
        return mm.flatMap(distance -> site.map(where -> new Spot(where, distance)));
    }

    @Idempotent
    @PostMapping
    ModelAndView keep(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        GapForm form = new GapForm(typed);
        FormReader problems = new FormReader();
        safety.require(me, woman, problems);
        Measured measured = measured(me, form.check(day.today(me), problems), form);
        if (!problems.isClean()) {
            return forms.refused(page(me, woman, opened(form, problems), GapPage.ofNew(woman)), problems);
        }
        long id = checks.keep(woman.id(), form.formKey(), measured, day.instant());
        boolean again = form.text("then").equals("again");
        String back = again ? "checks/gap/" + id + "/again" : "checks";
        return Saved.then(next.redirect(woman, day.today(me), form.text("then"), back), "saved.gap");
    }

    /** The same spots and method again; the first reading is not shown. */
    @GetMapping("/{id}/again")
    ModelAndView again(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable String id) {
        GapChecks.KeptCheck first = hers(me, woman, id);
        GapForm form =
                GapForm.blank(newKey(), first.measured().method(), first.check().spots());
        return page(me, woman, form, GapPage.blind(woman, first));
    }

    @Idempotent
    @PostMapping("/{id}/again")
    ModelAndView keepAgain(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable String id,
            @RequestParam Map<String, String> typed) {
        GapChecks.KeptCheck first = hers(me, woman, id);
        GapForm form = new GapForm(typed);
        FormReader problems = new FormReader();
        GapCheck check = form.check(first.check().date(), problems);
        if (problems.isClean() && checks.secondReadingsOf(woman.id()).containsKey(first.root())) {
            problems.refuse("formKey", "gap.readTwice");
        }
        if (!problems.isClean()) {
            return forms.refused(page(me, woman, opened(form, problems), GapPage.blind(woman, first)), problems);
        }
        GapChecks.Keeping keeping = new GapChecks.Keeping(woman.id(), form.formKey(), me.accountId(), day.instant());
        checks.keepSecond(
                keeping,
                new Measured(check, first.measured().method(), first.measured().by()),
                first.root());
        return toChecks(woman, "saved.second");
    }

    /** A check of this woman that she herself did today: only then is a second reading a duplicate. */
    private GapChecks.KeptCheck hers(SignedIn me, Woman woman, String id) {
        return found(woman, id)
                .filter(first -> first.measured().by().id() == me.accountId())
                .filter(first -> first.check().date().equals(day.today(me)))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private Optional<GapChecks.KeptCheck> found(Woman woman, String id) {
        return id.matches("\\d{1,18}")
                ? checks.versionsOf(woman.id(), Long.parseLong(id)).stream().findFirst()
                : Optional.empty();
    }

    // --- corrections

    @GetMapping("/{id}/correct")
    ModelAndView correct(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable String id) {
        GapChecks.KeptCheck latest = toCorrect(woman, id);
        return page(me, woman, GapForm.of(newKey(), latest), corrected(woman, latest));
    }

    @Idempotent
    @PostMapping("/{id}/correct")
    ModelAndView keepCorrection(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable String id,
            @RequestParam Map<String, String> typed) {
        GapChecks.KeptCheck latest = toCorrect(woman, id);
        GapForm form = new GapForm(typed);
        FormReader problems = new FormReader();
        String reason = problems.requiredText("reason", form.text("reason"), GapPage.LONGEST_REASON);
        boolean withdrawn = form.text("then").equals("withdraw");
        LocalDate on = problems.pastDate("checkedOn", form.text("checkedOn"), day.today(me))
                .orElse(latest.check().date());
        GapCheck check = withdrawn ? new GapCheck(on, List.of()) : form.check(on, problems);
        if (problems.isClean() && !id.equals(String.valueOf(latest.id()))) {
            problems.refuse("reason", "gap.overtaken");
        }
        if (problems.isClean()) {
            Method method = withdrawn ? latest.measured().method() : form.method();
            GapChecks.Keeping keeping =
                    new GapChecks.Keeping(woman.id(), form.formKey(), me.accountId(), day.instant());
            Measured measured = new Measured(check, method, latest.measured().by());
            if (checks.correct(keeping, measured, latest, reason) == LoggedCheck.NEW_VERSION) {
                return toChecks(woman, withdrawn ? "saved.withdrawn" : "saved.corrected");
            }
            problems.refuse("reason", "gap.overtaken");
        }
        GapChecks.KeptCheck now = toCorrect(woman, id);
        return forms.refused(page(me, woman, opened(form, problems), corrected(woman, now)), problems);
    }

    private GapChecks.KeptCheck toCorrect(Woman woman, String id) {
        return found(woman, id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private GapPage corrected(Woman woman, GapChecks.KeptCheck latest) {
        return GapPage.correcting(woman, latest, checks.versionsOf(woman.id(), latest.id()));
    }

    // --- the page

    private GapForm opened(GapForm form, FormReader problems) {
        return form.openedAtProblem(sentences.byField(problems.problems()));
    }

    private ModelAndView page(SignedIn me, Woman woman, GapForm form, GapPage page) {
        return new ModelAndView("checks/gap/gap")
                .addObject("form", form)
                .addObject("page", page)
                .addObject("view", view(me, woman, form, page.isBlind()))
                .addObject("noHeadLift", room.noHeadLift(woman, day.today(me)))
                .addObject("schools", Arrays.asList(School.values()));
    }

    private GapView view(SignedIn me, Woman woman, GapForm form, boolean blind) {
        Optional<GapChecks.KeptCheck> corrected = found(woman, form.text("corrects"));
        LocalDate on = corrected.map(old -> old.check().date()).orElseGet(() -> day.today(me));
        GapCheck sketch = new GapCheck(on, form.sketch());
        Measured measured = corrected
                .map(old -> new Measured(sketch, form.method(), old.measured().by()))
                .orElseGet(() -> measured(me, sketch, form));
        Optional<FingerWidths> fingers = corrected.isPresent()
                ? corrected.get().fingers()
                : accounts.fresh(me).fingers();
        return room.view(
                me,
                woman,
                new GapAssessmentView.GapViewRequest(
                        measured,
                        form.method().readsFingers() ? fingers : Optional.empty(),
                        form.state(),
                        Optional.empty(),
                        blind,
                        corrected.map(GapChecks.KeptCheck::id).orElse(0L)));
    }

    private static Measured measured(SignedIn me, GapCheck check, GapForm form) {
        Measured.Examiner by =
                new Measured.Examiner(me.accountId(), me.account().name());
        return new Measured(check, form.method(), by);
    }

    private static ModelAndView toChecks(Woman woman, String line) {
        return Saved.then("redirect:/people/" + woman.id() + "/checks", line);
    }

    private static String newKey() {
        return UUID.randomUUID().toString();
    }
}
