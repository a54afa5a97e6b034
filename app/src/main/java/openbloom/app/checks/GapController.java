package openbloom.app.checks;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import openbloom.app.accounts.Accounts;
import openbloom.app.accounts.SignedIn;
import openbloom.app.people.Woman;
import openbloom.app.system.Sentences;
import openbloom.app.system.StudioDay;
import openbloom.app.system.Typed;
import openbloom.core.gap.Depth;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The gap check: measure, see, keep. */
@Controller
class GapController {
    private final GapChecks checks;
    private final BodyCheckMapper bodies;
    private final Safety safety;
    private final Accounts accounts;
    private final Sentences sentences;
    private final StudioDay day;

    GapController(
            GapChecks checks,
            BodyCheckMapper bodies,
            Safety safety,
            Accounts accounts,
            Sentences sentences,
            StudioDay day) {
        this.checks = checks;
        this.bodies = bodies;
        this.safety = safety;
        this.accounts = accounts;
        this.sentences = sentences;
        this.day = day;
    }

    @GetMapping("/people/{womanId}/checks")
    ModelAndView list(@AuthenticationPrincipal SignedIn me, Woman woman) {
        List<GapChecks.Examined> kept = checks.of(woman.id());
        ModelAndView page =
                new ModelAndView("checks/list").addObject("checks", kept).addObject("bodies", bodies.of(woman.id()));
        kept.stream().findFirst().ifPresent(latest -> page.addObject("view", kept(me, woman, latest, kept)));
        return page;
    }

    private GapView kept(SignedIn me, Woman woman, GapChecks.Examined shown, List<GapChecks.Examined> all) {
        GapCheck check = shown.check();
        Optional<GapCheck> before = all.stream()
                .map(GapChecks.Examined::check)
                .filter(other -> other.date().isBefore(check.date()))
                .findFirst();
        boolean pregnant =
                woman.dating().flatMap(dating -> dating.ageOn(check.date())).isPresent();
        return GapView.of(
                check.readings(),
                shown.fingers(),
                GapState.LIFT,
                check.date(),
                woman.ageYears(check.date()),
                before,
                pregnant);
    }

    @GetMapping("/people/{womanId}/checks/gap")
    ModelAndView blank(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return safety.detour(me, woman, "gap")
                .map(ModelAndView::new)
                .orElseGet(() -> page(
                        me,
                        woman,
                        new GapForm(Map.of("formKey", UUID.randomUUID().toString()))));
    }

    /** Redraws map and reading from what has been typed so far; nothing is kept. */
    @PostMapping("/people/{womanId}/checks/gap/look")
    ModelAndView look(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        GapForm form = new GapForm(typed);
        return new ModelAndView("checks/gap :: seen").addObject("view", view(me, woman, form));
    }

    @PostMapping("/people/{womanId}/checks/gap")
    ModelAndView keep(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        Optional<String> detour = safety.detour(me, woman, "gap");
        if (detour.isPresent()) {
            return new ModelAndView(detour.get());
        }
        GapForm form = new GapForm(typed);
        Typed problems = new Typed();
        GapCheck check = form.check(day.today(me.studio().zone()), problems);
        if (!problems.isClean()) {
            Map<String, String> errors = sentences.byField(problems.problems());
            ModelAndView page = page(me, woman, form.openedAtProblem(errors)).addObject("errors", errors);
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
        checks.keep(woman.id(), form.formKey(), me.accountId(), check, day.instant());
        return new ModelAndView("redirect:/people/" + woman.id() + "/checks");
    }

    private ModelAndView page(SignedIn me, Woman woman, GapForm form) {
        return new ModelAndView("checks/gap")
                .addObject("form", form)
                .addObject("view", view(me, woman, form))
                .addObject("states", GapState.values())
                .addObject("sites", Site.EVERYDAY)
                .addObject("depths", Depth.values());
    }

    private GapView view(SignedIn me, Woman woman, GapForm form) {
        var today = day.today(me.studio().zone());
        return GapView.of(
                form.sketch(),
                accounts.fresh(me).fingers(),
                form.state(),
                today,
                woman.ageYears(today),
                checks.latest(woman.id(), today),
                woman.dating().isPresent());
    }
}
