package openbloom.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import openbloom.app.system.FormPages;
import openbloom.core.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The page behind a link of the owner's: she sets her own password. A wrong, used or ended link all look the same. */
@Controller
@RequestMapping("/join/{token}")
class JoinController {
    private final Team team;
    private final AccountMapper accounts;
    private final GuessGuard guard;
    private final FormPages forms;

    JoinController(Team team, AccountMapper accounts, GuessGuard guard, FormPages forms) {
        this.team = team;
        this.accounts = accounts;
        this.guard = guard;
        this.forms = forms;
    }

    @GetMapping
    ModelAndView open(HttpServletRequest request, @PathVariable String token) {
        return opened(request, token).map(this::page).orElseGet(JoinController::ended);
    }

    @PostMapping
    ModelAndView join(
            HttpServletRequest request, @PathVariable String token, @RequestParam(defaultValue = "") String password) {
        Optional<JoinLink> link = opened(request, token);
        if (link.isEmpty()) {
            return ended();
        }
        List<Problem> problems = team.join(link.get(), password);
        return problems.isEmpty()
                ? new ModelAndView("redirect:/sign-in?joined")
                : forms.refused(page(link.get()), problems);
    }

    private Optional<JoinLink> opened(HttpServletRequest request, String token) {
        String address = request.getRemoteAddr();
        if (guard.mustWait(address)) {
            return Optional.empty();
        }
        Optional<JoinLink> link = team.opened(token);
        if (link.isEmpty()) {
            guard.wrong(address);
        }
        return link;
    }

    private ModelAndView page(JoinLink link) {
        return new ModelAndView("studio/join")
                .addObject("link", link)
                .addObject("studio", accounts.studio(link.studioId()).name());
    }

    private static ModelAndView ended() {
        return new ModelAndView("studio/join-ended", HttpStatus.NOT_FOUND);
    }
}
