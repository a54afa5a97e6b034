package openbloom.app.checks;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import openbloom.app.accounts.SignedIn;
import openbloom.app.people.Woman;
import openbloom.app.system.Sentences;
import openbloom.app.system.StudioDay;
import openbloom.app.system.Typed;
import openbloom.core.breath.BreathFinding;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.stage.Told;
import openbloom.core.verdict.ImpactTests;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;

/** What else was checked: breath, pelvic floor without internal examination, straight leg raise, return tests. */
@Controller
class BodyController {
    private final BodyCheckMapper checks;
    private final Safety safety;
    private final Sentences sentences;
    private final StudioDay day;

    BodyController(BodyCheckMapper checks, Safety safety, Sentences sentences, StudioDay day) {
        this.checks = checks;
        this.safety = safety;
        this.sentences = sentences;
        this.day = day;
    }

    @GetMapping("/people/{womanId}/checks/body")
    ModelAndView blank(@AuthenticationPrincipal SignedIn me, Woman woman) {
        Optional<String> detour = safety.detour(me, woman, "body");
        return detour.map(ModelAndView::new).orElseGet(() -> page(latest(me, woman)));
    }

    /** The form filled with what was found last, so that only what changed is typed. */
    private BodyForm latest(SignedIn me, Woman woman) {
        String key = UUID.randomUUID().toString();
        return checks.latest(woman.id(), day.today(me.studio().zone()))
                .map(last -> new BodyForm(
                        key,
                        last.breath().name(),
                        last.tone().name(),
                        last.letsGo().name(),
                        last.painWithLifts().name(),
                        "",
                        "",
                        List.of(last.impactTests().split(","))))
                .orElseGet(() -> new BodyForm(key, "UNKNOWN", "UNKNOWN", "UNKNOWN", "UNKNOWN", "", "", List.of()));
    }

    @PostMapping("/people/{womanId}/checks/body")
    ModelAndView keep(@AuthenticationPrincipal SignedIn me, Woman woman, @ModelAttribute("form") BodyForm form) {
        Optional<String> detour = safety.detour(me, woman, "body");
        if (detour.isPresent()) {
            return new ModelAndView(detour.get());
        }
        Typed typed = new Typed();
        BodyCheck check = form.check(
                woman.id(), day.today(me.studio().zone()), me.account().name(), typed);
        if (!typed.isClean()) {
            ModelAndView page = page(form).addObject("errors", sentences.byField(typed.problems()));
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
        store(me, check, String.valueOf(form.formKey()));
        return new ModelAndView("redirect:/people/" + woman.id() + "/checks");
    }

    private void store(SignedIn me, BodyCheck check, String formKey) {
        try {
            checks.insert(check, formKey, me.accountId(), day.instant());
        } catch (DuplicateKeyException sentTwice) {
            // the same check is kept already
        }
    }

    private static ModelAndView page(BodyForm form) {
        return new ModelAndView("checks/body")
                .addObject("form", form)
                .addObject("breaths", BreathFinding.values())
                .addObject("tones", Tone.values())
                .addObject("answers", Arrays.asList(Told.values()))
                .addObject("allTests", ImpactTests.Test.values());
    }
}
