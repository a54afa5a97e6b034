package openbloom.app.studio;

import java.util.List;
import java.util.Optional;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.core.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The page on which the owner decides who works in the studio. */
@Controller
@RequestMapping("/studio/team")
@PreAuthorize("hasRole('OWNER')")
class TeamController {
    private final Team team;
    private final SecondFactor factors;
    private final FormPages forms;

    TeamController(Team team, SecondFactor factors, FormPages forms) {
        this.team = team;
        this.factors = factors;
        this.forms = forms;
    }

    @GetMapping
    ModelAndView team(@AuthenticationPrincipal SignedIn me) {
        return page(me, new Team.Invitation("", "", Role.INSTRUCTOR.name()));
    }

    private ModelAndView page(SignedIn me, Team.Invitation typed) {
        return new ModelAndView("studio/team")
                .addObject("here", team.of(me.studioId()))
                .addObject("withFactor", factors.whoHasOne(me.studioId()))
                .addObject("left", team.whoLeft(me.studioId()))
                .addObject("links", team.openLinks(me.studioId()))
                .addObject("roles", Role.values())
                .addObject("typed", typed)
                .addObject("moment", new Moments(me.studio().zone()));
    }

    @PostMapping("/invitations")
    ModelAndView invite(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String email,
            @RequestParam(defaultValue = "") String role,
            RedirectAttributes told) {
        Team.Invitation wanted = new Team.Invitation(name, email, role);
        FormReader typed = new FormReader();
        Optional<String> token = team.invite(me, wanted, typed);
        return token.map(made -> shown(made, name, told))
                .orElseGet(() -> forms.refused(page(me, wanted), typed.problems()));
    }

    /** Shown once: it is kept nowhere. */
    private static ModelAndView shown(String token, String name, RedirectAttributes told) {
        told.addFlashAttribute(
                "made",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/join/" + token)
                        .toUriString());
        told.addFlashAttribute("madeFor", name);
        return new ModelAndView("redirect:/studio/team");
    }

    @PostMapping("/invitations/{id}/cancel")
    String takeBack(@AuthenticationPrincipal SignedIn me, @PathVariable String id) {
        team.takeBack(me, number(id));
        return "redirect:/studio/team?takenBack";
    }

    @PostMapping("/{id}/reset")
    ModelAndView reset(@AuthenticationPrincipal SignedIn me, @PathVariable String id, RedirectAttributes told) {
        String token = team.reset(me, number(id)).orElseThrow(TeamController::nobody);
        String name = team.of(me.studioId()).stream()
                .filter(one -> one.id() == number(id))
                .map(Account::name)
                .findFirst()
                .orElse("");
        return shown(token, name, told);
    }

    @PostMapping("/{id}/role")
    ModelAndView changeRole(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable String id,
            @RequestParam(defaultValue = "") String role) {
        return after(me, team.changeRole(me, known(me, id), role), "role");
    }

    @PostMapping("/{id}/leave")
    ModelAndView leave(@AuthenticationPrincipal SignedIn me, @PathVariable String id) {
        return after(me, team.leave(me, known(me, id)), "leave");
    }

    private ModelAndView after(SignedIn me, List<Problem> problems, String done) {
        return problems.isEmpty()
                ? new ModelAndView("redirect:/studio/team?" + done)
                : forms.refused(page(me, new Team.Invitation("", "", Role.INSTRUCTOR.name())), problems);
    }

    private long known(SignedIn me, String id) {
        long number = number(id);
        if (team.of(me.studioId()).stream().noneMatch(one -> one.id() == number)) {
            throw nobody();
        }
        return number;
    }

    private static long number(String id) {
        if (!id.matches("\\d{1,18}")) {
            throw nobody();
        }
        return Long.parseLong(id);
    }

    static ResponseStatusException nobody() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
