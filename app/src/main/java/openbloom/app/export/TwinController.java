package openbloom.app.export;

import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.Saved;
import openbloom.core.Problem;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The page on which the owner joins two records of one woman, and confirms it or takes it back. */
@Controller
@RequestMapping("/people/{womanId}/twin")
@PreAuthorize("hasRole('OWNER')")
class TwinController {
    private final Joining joining;
    private final FormPages forms;

    TwinController(Joining joining, FormPages forms) {
        this.joining = joining;
        this.forms = forms;
    }

    @GetMapping
    ModelAndView page(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return new ModelAndView("share/twin")
                .addObject("waiting", joining.waiting(woman.id()).orElse(null))
                .addObject("twins", joining.twinsOf(me, woman));
    }

    @PostMapping
    ModelAndView join(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam(defaultValue = "") String twin)
            throws SQLException, IOException {
        List<Joining.Twin> known = joining.twinsOf(me, woman).stream()
                .filter(one -> String.valueOf(one.id()).equals(twin))
                .toList();
        if (known.isEmpty() || isWaiting(woman.id()) || isWaiting(known.get(0).id())) {
            return forms.refused(page(me, woman), List.of(Problem.of("twin", "twin.choose")));
        }
        long joined = joining.join(me, woman.id(), known.get(0).id());
        return new ModelAndView("redirect:/people/" + joined + "/twin");
    }

    private boolean isWaiting(long woman) {
        return joining.waiting(woman).isPresent();
    }

    @PostMapping("/confirm")
    String confirm(Woman woman) throws SQLException {
        var one = joining.waiting(woman.id());
        if (one.isPresent()) {
            joining.confirm(one.get());
        }
        return Saved.address(
                "redirect:/people/" + one.map(Joining.Waiting::womanId).orElse(woman.id()) + "/journey",
                "saved.joined");
    }

    @PostMapping("/take-back")
    String takeBack(Woman woman) throws SQLException {
        var one = joining.waiting(woman.id());
        if (one.isPresent()) {
            joining.takeBack(one.get());
        }
        return Saved.address(
                "redirect:/people/" + one.map(Joining.Waiting::firstId).orElse(woman.id()) + "/twin", "saved.apart");
    }
}
