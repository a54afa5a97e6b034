package openbloom.app.studio;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The page after the password for who has a second factor. */
@Controller
@RequestMapping(SecondFactorGate.CODE)
class CodeController {
    private final SecondFactor factors;
    private final Begins begins;
    private final FormPages forms;

    CodeController(SecondFactor factors, Begins begins, FormPages forms) {
        this.factors = factors;
        this.begins = begins;
        this.forms = forms;
    }

    @GetMapping
    ModelAndView ask(HttpServletRequest request) {
        return new ModelAndView(SecondFactorGate.wantsCode(request) ? "studio/code" : "redirect:/");
    }

    @PostMapping
    @Nullable
    ModelAndView open(
            HttpServletRequest request,
            HttpServletResponse response,
            Authentication who,
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") String code)
            throws ServletException, IOException {
        if (!SecondFactorGate.wantsCode(request)) {
            return new ModelAndView("redirect:/");
        }
        FormReader typed = new FormReader();
        if (!factors.opens(me.account(), code, request.getRemoteAddr(), typed)) {
            return forms.refused(new ModelAndView("studio/code"), typed);
        }
        SecondFactorGate.codeGiven(request);
        request.changeSessionId();
        begins.lead(request, response, who);
        return null;
    }
}
