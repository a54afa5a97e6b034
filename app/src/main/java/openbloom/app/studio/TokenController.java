package openbloom.app.studio;

import java.util.Optional;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page on which somebody makes tokens for her programs, and takes them back. */
@Controller
@RequestMapping("/studio/tokens")
class TokenController {
    private final ApiTokens tokens;
    private final FormPages forms;
    private final StudioDay day;

    TokenController(ApiTokens tokens, FormPages forms, StudioDay day) {
        this.tokens = tokens;
        this.forms = forms;
        this.day = day;
    }

    /** A token in words. */
    record Line(long id, String name, String may, String until, String used) {}

    @GetMapping
    ModelAndView tokens(@AuthenticationPrincipal SignedIn me) {
        return page(me, new ApiTokens.WantedToken("", ApiScope.CALCULATE.name(), "12"));
    }

    private ModelAndView page(SignedIn me, ApiTokens.WantedToken typed) {
        return new ModelAndView("studio/tokens")
                .addObject(
                        "tokens",
                        tokens.of(me).stream().map(one -> line(me, one)).toList())
                .addObject("scopes", ApiScope.values())
                .addObject("typed", typed);
    }

    private Line line(SignedIn me, ApiTokens.ApiToken one) {
        boolean over = day.today(me).isAfter(one.endsOn());
        return new Line(
                one.id(),
                one.name(),
                one.scope().words(),
                (over ? "ended " : "until ") + Days.words(one.endsOn()),
                one.usedAt() == null
                        ? "not used yet"
                        : "last used "
                                + Days.words(
                                        one.usedAt().atZone(me.studio().zone()).toLocalDate()));
    }

    @PostMapping
    ModelAndView make(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") String tokenName,
            @RequestParam(defaultValue = "") String scope,
            @RequestParam(defaultValue = "") String weeks,
            RedirectAttributes told) {
        ApiTokens.WantedToken wanted = new ApiTokens.WantedToken(tokenName, scope, weeks);
        FormReader typed = new FormReader();
        Optional<String> made = tokens.make(me, wanted, typed);
        if (made.isEmpty()) {
            return forms.refused(page(me, wanted), typed);
        }
        told.addFlashAttribute("made", made.get());
        return new ModelAndView("redirect:/studio/tokens");
    }

    @PostMapping("/{id}/take-back")
    String takeBack(@AuthenticationPrincipal SignedIn me, @PathVariable String id) {
        if (id.matches("\\d{1,18}")) {
            tokens.takeBack(me, Long.parseLong(id));
        }
        return "redirect:/studio/tokens?takenBack";
    }
}
