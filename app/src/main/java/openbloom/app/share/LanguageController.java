package openbloom.app.share;

import java.util.Arrays;
import java.util.Optional;
import openbloom.app.language.HerLanguage;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.core.Enums;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** The safety words of a second language beside the English ones, until somebody who speaks it has confirmed them by name. */
@Controller
class LanguageController {
    private static final int LONGEST_NAME = 120;

    private final LanguageChecks checks;
    private final FormPages forms;

    LanguageController(LanguageChecks checks, FormPages forms) {
        this.checks = checks;
        this.forms = forms;
    }

    /** A language with who confirmed its safety words; nobody yet where it is null. */
    record LanguageRow(HerLanguage language, LanguageChecks.@Nullable Confirmed confirmed) {}

    /** The part of the studio's page that says which languages wait. */
    @GetMapping("/studio/languages")
    String all(@AuthenticationPrincipal SignedIn me, Model model) {
        model.addAttribute(
                "languages",
                Arrays.stream(HerLanguage.values())
                        .filter(HerLanguage::isSecond)
                        .map(language -> new LanguageRow(
                                language, checks.latest(me.studioId(), language).orElse(null)))
                        .toList());
        return "share/language :: all";
    }

    @GetMapping("/studio/languages/{language}")
    ModelAndView show(@AuthenticationPrincipal SignedIn me, @PathVariable String language) {
        return page(me, languageOf(language), "");
    }

    private static HerLanguage languageOf(String typed) {
        return Enums.named(HerLanguage.class, typed)
                .filter(HerLanguage::isSecond)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private ModelAndView page(SignedIn me, HerLanguage language, String typed) {
        Optional<LanguageChecks.Confirmed> latest = checks.latest(me.studioId(), language);
        return new ModelAndView("share/language")
                .addObject("language", language)
                .addObject("sentences", checks.sentences(language))
                .addObject("confirmed", latest.orElse(null))
                .addObject("typed", typed);
    }

    @Idempotent
    @PostMapping("/studio/languages/{language}")
    ModelAndView confirm(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable String language,
            @RequestParam(defaultValue = "") String by,
            @RequestParam(defaultValue = "") String formKey) {
        HerLanguage wanted = languageOf(language);
        FormReader typed = new FormReader();
        String name = typed.requiredText("by", by, LONGEST_NAME);
        if (!typed.isClean()) {
            return forms.refused(page(me, wanted, by), typed);
        }
        checks.confirm(me, wanted, name);
        return new ModelAndView("redirect:/studio/languages/" + wanted);
    }
}
