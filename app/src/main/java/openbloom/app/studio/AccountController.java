package openbloom.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.system.ApplicationVersion;
import openbloom.app.system.FormReader;
import openbloom.app.system.MessageFormatter;
import openbloom.core.Problem;
import openbloom.core.gap.FingerWidths;
import openbloom.core.record.ApproachPreset;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Signing in, the first visit, and the studio's own page. */
@Controller
class AccountController {
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final int MOST_REFUSED_LINES = 20;

    private final Accounts accounts;
    private final MessageFormatter sentences;
    private final OpenSessions sessions;
    private final TourMapper tours;
    private final Editions editions;
    private final SignIns signIns;
    private final boolean demo;

    AccountController(
            Accounts accounts,
            MessageFormatter sentences,
            OpenSessions sessions,
            TourMapper tours,
            Editions editions,
            SignIns signIns,
            @Value("${bloom.demo}") boolean demo) {
        this.editions = editions;
        this.signIns = signIns;
        this.tours = tours;
        this.accounts = accounts;
        this.sentences = sentences;
        this.sessions = sessions;
        this.demo = demo;
    }

    @GetMapping("/sign-in")
    String signIn(Model model) {
        model.addAttribute("demo", demo);
        return accounts.isEmpty() ? "redirect:/first" : "studio/sign-in";
    }

    @GetMapping("/first")
    String first(Model model) {
        model.addAttribute("form", Map.of("studio", "", "zone", "Europe/London", "name", "", "email", ""));
        return accounts.isEmpty() ? "studio/first" : "redirect:/sign-in";
    }

    @PostMapping("/first")
    ModelAndView createStudio(
            @RequestParam(defaultValue = "") String studio,
            @RequestParam(defaultValue = "") String zone,
            @ModelAttribute NewAccount owner) {
        if (!accounts.isEmpty()) {
            return new ModelAndView("redirect:/sign-in");
        }
        List<Problem> problems;
        try {
            problems = accounts.createFirstStudio(studio, zone, owner);
        } catch (DuplicateKeyException | ConcurrencyFailureException somebodyWasQuicker) {
            return new ModelAndView("redirect:/sign-in");
        }
        if (problems.isEmpty()) {
            return new ModelAndView("redirect:/sign-in?made");
        }
        Map<String, String> typed =
                Map.of("studio", studio, "zone", zone, "name", owner.name(), "email", owner.email());
        return refused("studio/first", Map.of("form", typed, "errors", sentences.byField(problems)));
    }

    @GetMapping("/studio")
    ModelAndView studio(@AuthenticationPrincipal SignedIn me) {
        return new ModelAndView("studio/studio", studioPage(me));
    }

    /** A sign-in in words. */
    record SignInLine(String since, String seen, String from, boolean isThis) {}

    @GetMapping("/studio/sign-ins")
    ModelAndView signIns(@AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        ZoneId zone = me.studio().zone();
        return new ModelAndView("studio/sign-ins")
                .addObject(
                        "signIns",
                        signIns.open(me).stream()
                                .map(one -> new SignInLine(
                                        MOMENT.format(one.begunAt().atZone(zone)),
                                        MOMENT.format(one.seenAt().atZone(zone)),
                                        one.browser() + ", " + one.address(),
                                        signIns.isThis(one, request)))
                                .toList());
    }

    @PostMapping("/studio/sign-ins")
    String endOthers(@AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        signIns.endOthers(me, request);
        return "redirect:/studio/sign-ins?ended";
    }

    @PostMapping("/studio/fingers")
    ModelAndView changeFingers(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") ApplicationVersion version,
            @RequestParam(defaultValue = "") List<String> fingers) {
        List<Problem> problems = accounts.changeFingers(me.account(), version.number(), fingers);
        if (problems.isEmpty()) {
            return new ModelAndView("redirect:/studio?fingers");
        }
        return studioRefused(me, Map.of("errors", sentences.byField(problems), "fingers", fingers));
    }

    /** Closes the tour for good, and goes back to the woman it was closed at. */
    @PostMapping("/studio/tour")
    String closeTour(@AuthenticationPrincipal SignedIn me, @RequestParam(defaultValue = "") String back) {
        tours.close(me.accountId());
        return "redirect:" + (back.matches("/people/\\d{1,18}/[a-z]{1,20}") ? back : "/");
    }

    @PostMapping("/studio/keys")
    String changeKeys(@AuthenticationPrincipal SignedIn me, @RequestParam(defaultValue = "") String keys) {
        accounts.changeKeys(me, keys.equals("on"));
        return "redirect:/studio?keys";
    }

    @PostMapping("/studio/approach")
    @PreAuthorize("hasRole('OWNER')")
    ModelAndView chooseApproach(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") ApplicationVersion version,
            @RequestParam(defaultValue = "") String preset) {
        List<Problem> problems = accounts.chooseApproach(me.studioId(), version.number(), preset);
        if (problems.isEmpty()) {
            return new ModelAndView("redirect:/studio?approach");
        }
        return studioRefused(me, Map.of("errors", sentences.byField(problems), "preset", preset));
    }

    @PostMapping("/studio/numbers")
    @PreAuthorize("hasRole('OWNER')")
    ModelAndView setNumbers(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") String emergencyNumber,
            @RequestParam(defaultValue = "") String maternityNumber,
            @RequestParam(defaultValue = "0") String edition) {
        NumbersToCall numbers = new NumbersToCall(emergencyNumber, maternityNumber);
        FormReader typed = new FormReader();
        editions.keep(
                me,
                Editions.Subject.NUMBERS,
                me.studioId(),
                edition,
                typed,
                () -> typed.refuseAll(accounts.setNumbers(me.studioId(), numbers)));
        if (typed.isClean()) {
            return new ModelAndView("redirect:/studio?numbers");
        }
        return studioRefused(
                me,
                Map.of(
                        "errors",
                        sentences.byField(typed.problems()),
                        "numbers",
                        numbers,
                        "numbersNow",
                        accounts.numbersOf(me.studioId())));
    }

    @PostMapping("/studio/password")
    ModelAndView changePassword(
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestParam(defaultValue = "") String current,
            @RequestParam(defaultValue = "") String next) {
        List<Problem> problems = accounts.changePassword(me, current, next);
        if (problems.isEmpty()) {
            sessions.goOn(me, request, response);
            signIns.endOthers(me, request);
            return new ModelAndView("redirect:/studio?changed");
        }
        return studioRefused(me, Map.of("errors", sentences.byField(problems)));
    }

    /** Everything the studio page shows; a refused form lays what was typed and its errors over it. */
    private Map<String, Object> studioPage(SignedIn me) {
        Map<String, Object> page = new HashMap<>();
        page.put(
                "accounts",
                accounts.ofStudio(me.studioId()).stream()
                        .filter(one -> one.leftAt() == null)
                        .toList());
        page.put("presets", ApproachPreset.values());
        page.put("numbers", accounts.numbersOf(me.studioId()));
        page.put("numbersEdition", editions.of(Editions.Subject.NUMBERS, me.studioId()));
        page.put("studioVersion", accounts.studioVersion(me.studioId()));
        page.put("accountVersion", accounts.fresh(me).settings().version());
        page.put("refused", me.account().owner() ? refusedLines(me) : List.of());
        page.put(
                "preset",
                accounts.presetOf(me.studioId()).map(ApproachPreset::name).orElse(""));
        page.put(
                "fingers",
                accounts.fresh(me).fingers().map(FingerWidths::togetherMm).orElse(List.of()));
        return page;
    }

    /** Refused sign-ins of one account from one address on one day, as one line. */
    record RefusedSignInLine(String at, String email, String address, String why) {}

    private List<RefusedSignInLine> refusedLines(SignedIn me) {
        ZoneId zone = me.studio().zone();
        Map<List<Object>, List<AccountMapper.RefusedSignIn>> gathered = accounts.refusedOf(me.studioId()).stream()
                .collect(Collectors.groupingBy(
                        refused -> List.of(
                                refused.email(),
                                refused.address(),
                                refused.refusedAt().atZone(zone).toLocalDate()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return gathered.values().stream()
                .limit(MOST_REFUSED_LINES)
                .map(tries -> refusedLine(tries, zone))
                .toList();
    }

    /** @param tries the latest first */
    private static RefusedSignInLine refusedLine(List<AccountMapper.RefusedSignIn> tries, ZoneId zone) {
        AccountMapper.RefusedSignIn latest = tries.get(0);
        AccountMapper.RefusedSignIn first = tries.get(tries.size() - 1);
        long paused = tries.stream()
                .filter(one -> one.why().equals(SignInGuard.PAUSED))
                .count();
        String at = MOMENT.format(first.refusedAt().atZone(zone))
                + (tries.size() == 1 ? "" : "–" + HOUR.format(latest.refusedAt().atZone(zone)));
        long codes = tries.stream()
                .filter(one -> one.why().equals(SignInGuard.WRONG_CODE))
                .count();
        String wrong = Stream.of(
                        counted(tries.size() - paused - codes, "wrong password", "wrong passwords"),
                        counted(codes, "wrong code", "wrong codes"))
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
        String refused = paused == 0 ? "" : paused + (paused == 1 ? " try" : " tries") + " while it was paused";
        return new RefusedSignInLine(
                at,
                latest.email(),
                latest.address(),
                wrong + (wrong.isEmpty() || refused.isEmpty() ? "" : ", then ") + refused);
    }

    private static String counted(long many, String one, String more) {
        return many == 0 ? "" : many == 1 ? one : many + " " + more;
    }

    private ModelAndView studioRefused(SignedIn me, Map<String, ?> typed) {
        Map<String, Object> page = studioPage(me);
        page.putAll(typed);
        return refused("studio/studio", page);
    }

    private static ModelAndView refused(String view, Map<String, ?> model) {
        return new ModelAndView(view, model, HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
