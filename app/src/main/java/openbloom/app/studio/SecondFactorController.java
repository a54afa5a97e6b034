package openbloom.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.QrCode;
import openbloom.core.Problem;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page on which somebody sets up, renews and takes off her second factor; the owner decides whether owners need one. */
@Controller
class SecondFactorController {
    /** A secret that waits in the session for its first right code. */
    private static final String SECRET = SecondFactorController.class.getName();

    private final SecondFactor factors;
    private final Team team;
    private final FormPages forms;

    SecondFactorController(SecondFactor factors, Team team, FormPages forms) {
        this.factors = factors;
        this.team = team;
        this.forms = forms;
    }

    @GetMapping(SecondFactorGate.SETTINGS)
    ModelAndView settings(@AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        return page(me, request);
    }

    private ModelAndView page(SignedIn me, HttpServletRequest request) {
        ModelAndView page = new ModelAndView("studio/second-factor")
                .addObject(
                        "since",
                        factors.since(me.accountId())
                                .map(at -> new Moments(me.zone()).words(at))
                                .orElse(null))
                .addObject("left", factors.recoveryCodesLeft(me.accountId()))
                .addObject("missing", factors.isMissing(me))
                .addObject("needed", factors.ownersNeedOne(me.studioId()));
        return factors.since(me.accountId()).isPresent() ? page : page.addObject("secret", inFours(waiting(request)));
    }

    private static String waiting(HttpServletRequest request) {
        HttpSession session = request.getSession();
        if (session.getAttribute(SECRET) instanceof String secret) {
            return secret;
        }
        String secret = OneTimeCodes.newSecret();
        session.setAttribute(SECRET, secret);
        return secret;
    }

    private static String inFours(String secret) {
        return secret.replaceAll("(.{4})(?=.)", "$1 ");
    }

    /** What her app reads with its camera. */
    @GetMapping(SecondFactorGate.SETTINGS + "/code.svg")
    ResponseEntity<String> picture(@AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .cacheControl(CacheControl.noStore())
                .body(QrCode.svg(
                        OneTimeCodes.address(waiting(request), me.account().email())));
    }

    @PostMapping(SecondFactorGate.SETTINGS)
    ModelAndView begin(
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String code,
            RedirectAttributes told) {
        FormReader typed = new FormReader();
        if (factors.since(me.accountId()).isPresent()) {
            return new ModelAndView("redirect:" + SecondFactorGate.SETTINGS);
        }
        List<String> codes = factors.begin(me, waiting(request), code, typed);
        if (!typed.isClean()) {
            return forms.refused(page(me, request), typed);
        }
        request.getSession().removeAttribute(SECRET);
        return shown(codes, told);
    }

    private static ModelAndView shown(List<String> codes, RedirectAttributes told) {
        told.addFlashAttribute("codes", codes);
        return new ModelAndView("redirect:" + SecondFactorGate.SETTINGS);
    }

    @PostMapping(SecondFactorGate.SETTINGS + "/recovery-codes")
    ModelAndView newCodes(
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String code,
            RedirectAttributes told) {
        FormReader typed = new FormReader();
        return factors.opens(me.account(), code, request.getRemoteAddr(), typed)
                ? shown(factors.newRecoveryCodes(me.accountId()), told)
                : forms.refused(page(me, request), typed);
    }

    @PostMapping(SecondFactorGate.SETTINGS + "/off")
    ModelAndView end(
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request,
            @RequestParam(defaultValue = "") String code) {
        FormReader typed = new FormReader();
        if (!factors.opens(me.account(), code, request.getRemoteAddr(), typed)) {
            return forms.refused(page(me, request), typed);
        }
        factors.end(me.accountId());
        return new ModelAndView("redirect:" + SecondFactorGate.SETTINGS + "?off");
    }

    /** Whoever lost both app and codes is let in by the owner with her password alone. */
    @PostMapping("/studio/team/{id}/second-factor-off")
    @PreAuthorize("hasRole('OWNER')")
    String endOf(@AuthenticationPrincipal SignedIn me, @PathVariable String id) {
        Optional<Account> her = team.of(me.studioId()).stream()
                .filter(one -> String.valueOf(one.id()).equals(id))
                .findFirst();
        factors.end(her.orElseThrow(TeamController::nobody).id());
        return "redirect:/studio/team?factorOff";
    }

    @PostMapping("/studio/team/second-factor")
    @PreAuthorize("hasRole('OWNER')")
    ModelAndView need(
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request,
            @RequestParam(defaultValue = "false") boolean ownersNeedOne) {
        List<Problem> problems = factors.ownersNeedOneFromNowOn(me, ownersNeedOne);
        return problems.isEmpty()
                ? new ModelAndView("redirect:" + SecondFactorGate.SETTINGS + "?decided")
                : forms.refused(page(me, request), problems);
    }
}
