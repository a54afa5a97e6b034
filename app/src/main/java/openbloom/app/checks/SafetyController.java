package openbloom.app.checks;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import openbloom.app.accounts.SignedIn;
import openbloom.app.people.Woman;
import openbloom.app.system.Sentences;
import openbloom.core.Problem;
import openbloom.core.screening.Symptom;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The page "Safe today?". */
@Controller
class SafetyController {
    /** Where a page may ask to be led back to. */
    private static final Map<String, String> AFTERWARDS = afterwards();

    private final Safety safety;
    private final Sentences sentences;

    SafetyController(Safety safety, Sentences sentences) {
        this.safety = safety;
        this.sentences = sentences;
    }

    @GetMapping("/people/{womanId}/safe")
    String ask(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "journey") String then,
            @RequestParam(required = false) @org.jspecify.annotations.Nullable String again,
            Model model) {
        Optional<SafetyAnswer> answer = safety.today(me, woman);
        if (answer.filter(SafetyAnswer::stops).isPresent() && again == null) {
            model.addAttribute("answer", answer.get());
            return "checks/stop";
        }
        model.addAttribute("form", new SafetyForm(UUID.randomUUID().toString(), null, null, null, null));
        model.addAttribute("then", then);
        model.addAttribute("asked", safety.asked(woman));
        model.addAttribute("allSymptoms", Symptom.values());
        return "checks/safe";
    }

    @PostMapping("/people/{womanId}/safe")
    ModelAndView keep(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "journey") String then,
            @ModelAttribute("form") SafetyForm form) {
        List<Problem> problems = safety.keep(me, woman, form);
        if (!problems.isEmpty()) {
            return new ModelAndView("checks/safe", HttpStatus.UNPROCESSABLE_CONTENT)
                    .addObject("form", form)
                    .addObject("then", then)
                    .addObject("asked", safety.asked(woman))
                    .addObject("allSymptoms", Symptom.values())
                    .addObject("errors", sentences.byField(problems));
        }
        boolean stops = safety.today(me, woman).filter(SafetyAnswer::stops).isPresent();
        String next = stops ? "/safe" : AFTERWARDS.getOrDefault(then, "/journey");
        return new ModelAndView("redirect:/people/" + woman.id() + next);
    }

    private static Map<String, String> afterwards() {
        Map<String, String> pages = new HashMap<>(Map.of(
                "gap",
                "/checks/gap",
                "practice",
                "/floor/practice",
                "plan",
                "/plan",
                "session",
                "/session",
                "journey",
                "/journey"));
        for (SheetKind kind : SheetKind.values()) {
            pages.put(kind.path(), "/checks/" + kind.path());
        }
        return Map.copyOf(pages);
    }
}
