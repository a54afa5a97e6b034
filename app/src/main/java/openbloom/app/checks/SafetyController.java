package openbloom.app.checks;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import openbloom.app.people.NextSteps;
import openbloom.app.people.Woman;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.Problem;
import openbloom.core.screening.Symptom;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The page "Safe today?". */
@Controller
class SafetyController {
    /** Where a page may ask to be led back to. */
    private static final Map<String, String> AFTERWARDS = afterwards();

    private static final Pattern TEACHING = Pattern.compile("teach-(\\d{1,18})");

    private final SafetyService safety;
    private final FormPages forms;
    private final Accounts accounts;
    private final NextSteps next;
    private final StudioDay day;

    SafetyController(SafetyService safety, FormPages forms, Accounts accounts, NextSteps next, StudioDay day) {
        this.accounts = accounts;
        this.next = next;
        this.day = day;
        this.safety = safety;
        this.forms = forms;
    }

    @GetMapping("/people/{womanId}/safe")
    ModelAndView ask(
            Woman woman,
            @RequestParam(defaultValue = NextSteps.ON) String then,
            @RequestParam(required = false) @Nullable String again,
            Model model) {
        SafetyRecord record = safety.of(woman);
        if (!record.stops().isEmpty() && again == null) {
            return new ModelAndView("checks/stop")
                    .addObject("stops", record)
                    .addObject("numbers", accounts.numbersOf(woman.studioId()));
        }
        SafetyForm blank = SafetyForm.blank(UUID.randomUUID().toString(), record.latestStop(), safety.limitOf(woman));
        SafetyForm form = model.getAttribute("liftedBy") instanceof String by
                        && model.getAttribute("liftReason") instanceof String reason
                ? blank.lifted(by, reason)
                : blank;
        return page(woman, then, form, record);
    }

    @Idempotent
    @PostMapping("/people/{womanId}/safe")
    ModelAndView keep(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = NextSteps.ON) String then,
            SafetyForm form) {
        List<Problem> problems = safety.keep(me, woman, form);
        SafetyRecord record = safety.of(woman);
        if (!problems.isEmpty()) {
            return forms.refused(page(woman, then, form, record), problems);
        }
        String back = record.stops().isEmpty() ? afterwards(then) : "safe";
        return Saved.then(next.redirect(woman, day.today(me), then, back), "saved.safety");
    }

    private ModelAndView page(Woman woman, String then, SafetyForm form, SafetyRecord record) {
        return new ModelAndView("checks/safe")
                .addObject("form", form)
                .addObject("numbers", accounts.numbersOf(woman.studioId()))
                .addObject("then", then)
                .addObject("stops", record)
                .addObject("asked", safety.asked(woman))
                .addObject("pressureAsked", safety.isPressureAsked(woman))
                .addObject("places", PainTold.SheetPainSite.values())
                .addObject("allSymptoms", Symptom.asked());
    }

    private static String afterwards(String then) {
        Matcher session = TEACHING.matcher(then);
        return session.matches() ? "sessions/" + session.group(1) + "/teach" : AFTERWARDS.getOrDefault(then, "journey");
    }

    private static Map<String, String> afterwards() {
        Map<String, String> pages = new HashMap<>(Map.of(
                "gap",
                "checks/gap",
                "practice",
                "floor/practice",
                "plan",
                "exercise-check",
                "session",
                "session",
                "journey",
                "journey"));
        for (SheetKind kind : SheetKind.values()) {
            pages.put(kind.path(), "checks/" + kind.path());
        }
        return Map.copyOf(pages);
    }
}
