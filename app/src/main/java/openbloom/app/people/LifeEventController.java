package openbloom.app.people;

import java.util.List;
import java.util.UUID;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ApplicationVersion;
import openbloom.app.system.FormPages;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.core.Problem;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Recording a birth, or closing a pregnancy gently. */
@Controller
class LifeEventController {
    private final LifeEvents events;
    private final FormPages forms;

    LifeEventController(LifeEvents events, FormPages forms) {
        this.events = events;
        this.forms = forms;
    }

    @GetMapping("/people/{womanId}/birth")
    ModelAndView birth(Woman woman) {
        if (woman.situation() != LifeSituation.PREGNANT) {
            return toJourney(woman);
        }
        return page(
                "people/birth",
                woman,
                new LifeEvents.BirthForm(key(), Integer.toString(woman.version()), "", "", "UNKNOWN", "UNKNOWN"));
    }

    @Idempotent
    @PostMapping("/people/{womanId}/birth")
    ModelAndView recordBirth(
            @AuthenticationPrincipal SignedIn me, Woman woman, @ModelAttribute("form") LifeEvents.BirthForm form) {
        return after(events.recordBirth(me, woman, form), woman, page("people/birth", woman, form));
    }

    @GetMapping("/people/{womanId}/close-pregnancy")
    ModelAndView close(Woman woman) {
        if (woman.situation() != LifeSituation.PREGNANT) {
            return toJourney(woman);
        }
        return page("people/close", woman, null).addObject("formKey", key()).addObject("endedOn", "");
    }

    @Idempotent
    @PostMapping("/people/{womanId}/close-pregnancy")
    ModelAndView closePregnancy(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String formKey,
            @RequestParam(defaultValue = "") ApplicationVersion version,
            @RequestParam(defaultValue = "") String endedOn) {
        ModelAndView again =
                page("people/close", woman, null).addObject("formKey", formKey).addObject("endedOn", endedOn);
        return after(events.closePregnancy(me, woman, formKey, version, endedOn), woman, again);
    }

    private ModelAndView after(List<Problem> problems, Woman woman, ModelAndView again) {
        return problems.isEmpty() ? toJourney(woman) : forms.refused(again, problems);
    }

    private static ModelAndView page(String view, Woman woman, LifeEvents.@Nullable BirthForm form) {
        return new ModelAndView(view)
                .addObject("form", form)
                .addObject("pregnant", woman.situation() == LifeSituation.PREGNANT)
                .addObject("birthKinds", BirthKind.values())
                .addObject("tears", Tear.values());
    }

    private static ModelAndView toJourney(Woman woman) {
        return Saved.then("redirect:/people/" + woman.id() + "/journey", "saved.event");
    }

    private static String key() {
        return UUID.randomUUID().toString();
    }
}
