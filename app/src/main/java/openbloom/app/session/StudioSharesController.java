package openbloom.app.session;

import java.util.ArrayList;
import java.util.List;
import openbloom.app.studio.Editions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.core.Problem;
import openbloom.core.session.Shares;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** How a studio divides the work of its sessions: seen by everybody of it, set by its owner. */
@Controller
class StudioSharesController {
    private final StudioShares shares;
    private final Editions editions;
    private final FormPages forms;

    StudioSharesController(StudioShares shares, Editions editions, FormPages forms) {
        this.shares = shares;
        this.editions = editions;
        this.forms = forms;
    }

    @GetMapping("/studio/shares")
    ModelAndView show(@AuthenticationPrincipal SignedIn me) {
        return page(
                me,
                shares.all(me.studioId()).stream()
                        .flatMap(one -> one.percent().stream())
                        .map(String::valueOf)
                        .toList());
    }

    @PostMapping("/studio/shares")
    @PreAuthorize("hasRole('OWNER')")
    ModelAndView keep(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") List<String> percent,
            @RequestParam(defaultValue = "0") String edition) {
        FormReader typed = new FormReader();
        List<Shares> all = read(percent, typed);
        editions.keep(
                me, Editions.Subject.SHARES, me.studioId(), edition, typed, () -> shares.keep(me.studioId(), all));
        return typed.isClean()
                ? new ModelAndView("redirect:/studio/shares?saved")
                : forms.refused(page(me, percent), typed);
    }

    /** One share, then two, then three; what is wrong by the field {@code percent[0]} and so on. */
    private static List<Shares> read(List<String> percent, FormReader typed) {
        List<Shares> all = new ArrayList<>();
        int from = 0;
        for (int goals = 1; goals <= Shares.MOST_GOALS; goals++) {
            List<Integer> read = new ArrayList<>();
            for (int at = from; at < from + goals; at++) {
                typed.requiredWhole(
                                "percent[" + at + "]",
                                at < percent.size() ? percent.get(at) : "",
                                Shares.LEAST,
                                Shares.MOST)
                        .ifPresent(read::add);
            }
            Shares shares = new Shares(read);
            int first = from;
            shares.problems()
                    .forEach(problem -> typed.refuse(
                            field(problem, first), problem.key(), problem.args().toArray()));
            all.add(shares);
            from += goals;
        }
        return all;
    }

    /** What is wrong with the shares of a line stands beside the first of them. */
    private static String field(Problem problem, int first) {
        int at = Integer.parseInt(problem.field().replaceAll("\\D", ""));
        return "percent[" + (first + at) + "]";
    }

    private ModelAndView page(SignedIn me, List<String> percent) {
        return new ModelAndView("session/shares")
                .addObject("percent", percent)
                .addObject("edition", editions.of(Editions.Subject.SHARES, me.studioId()));
    }
}
