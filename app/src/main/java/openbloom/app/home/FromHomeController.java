package openbloom.app.home;

import java.util.Map;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What a woman told from home, on a page of her record: looked at, marked as seen, answered. */
@Controller
class FromHomeController {
    private static final int LONGEST_REPLY = 600;
    private static final int MOST = Integer.MAX_VALUE;

    private final FromHome told;
    private final FormPages forms;

    FromHomeController(FromHome told, FormPages forms) {
        this.told = told;
        this.forms = forms;
    }

    /** The part of Today that asks again by itself. */
    @GetMapping("/from-home")
    String news(@AuthenticationPrincipal SignedIn me, Model model) {
        model.addAttribute("news", told.newsOf(me));
        return "home/news :: news";
    }

    @GetMapping("/people/{womanId}/from-home")
    ModelAndView show(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return page(me, woman, Map.of());
    }

    private ModelAndView page(SignedIn me, Woman woman, Map<String, String> typed) {
        return new ModelAndView("home/from-home")
                .addObject("told", told.of(me, woman.id()))
                .addObject("typed", typed);
    }

    @Idempotent
    @PostMapping("/people/{womanId}/from-home/seen")
    String seen(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "0") String upTo,
            @RequestParam(defaultValue = "") String formKey) {
        new FormReader().whole("upTo", upTo, 0, MOST).ifPresent(last -> told.seen(me, woman.id(), last));
        return Saved.address("redirect:/people/" + woman.id() + "/from-home", "saved.seen");
    }

    @Idempotent
    @PostMapping("/people/{womanId}/from-home/{question:\\d{1,18}}/reply")
    ModelAndView reply(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long question,
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") String formKey) {
        FormReader typed = new FormReader();
        String field = "words-" + question;
        String reply = typed.requiredText(field, words, LONGEST_REPLY);
        if (typed.isClean() && !told.reply(me, woman.id(), question, reply)) {
            typed.refuse(field, "home.answered");
        }
        return typed.isClean()
                ? Saved.then("redirect:/people/" + woman.id() + "/from-home", "saved.reply")
                : forms.refused(page(me, woman, Map.of(field, words)), typed);
    }
}
