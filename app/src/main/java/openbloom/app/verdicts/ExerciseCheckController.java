package openbloom.app.verdicts;

import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.SheetFindings;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.session.ComposeForm;
import openbloom.app.session.Sessions;
import openbloom.app.session.StudioShares;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.StudioDay;
import openbloom.core.care.Explanations;
import openbloom.core.record.Goal;
import openbloom.core.session.Format;
import openbloom.core.session.Place;
import openbloom.core.session.SessionRequest;
import openbloom.core.session.Wishes;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.VerdictKind;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** "What may she do?" and composing a session from it. */
@Controller
class ExerciseCheckController {
    private static final int USUAL_MINUTES = 30;

    private final Judgements judgements;
    private final Sessions sessions;
    private final SafetyService safety;
    private final Programs programs;
    private final SheetFindings findings;
    private final StudioShares shares;
    private final FormPages forms;
    private final StudioDay day;
    private final Explanations explanations;

    ExerciseCheckController(
            Judgements judgements,
            Sessions sessions,
            SafetyService safety,
            Programs programs,
            SheetFindings findings,
            StudioShares shares,
            FormPages forms,
            StudioDay day,
            Explanations explanations) {
        this.explanations = explanations;
        this.judgements = judgements;
        this.sessions = sessions;
        this.safety = safety;
        this.programs = programs;
        this.findings = findings;
        this.shares = shares;
        this.forms = forms;
        this.day = day;
    }

    /** Its address before it had a name of its own; links that were kept lead on. */
    @GetMapping("/people/{womanId}/plan")
    ModelAndView before(Woman woman, HttpServletRequest asked) {
        String query = asked.getQueryString() == null ? "" : "?" + asked.getQueryString();
        return new ModelAndView("redirect:/people/" + woman.id() + "/exercise-check" + query);
    }

    @GetMapping("/people/{womanId}/exercise-check")
    ModelAndView show(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "STUDIO") String place,
            @RequestParam(defaultValue = "") String only) {
        return page(me, woman, placeOf(place), kindOf(only), ComposeForm.of(USUAL_MINUTES));
    }

    @Idempotent
    @PostMapping("/people/{womanId}/sessions")
    ModelAndView compose(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @ModelAttribute("compose") ComposeForm form,
            @RequestParam(defaultValue = "STUDIO") String place,
            @RequestParam(defaultValue = "false") boolean gentle,
            @RequestParam(defaultValue = "") String formKey) {
        FormReader typed = new FormReader();
        safety.require(me, woman, typed);
        int minutes = form.minutes(typed);
        LocalDate today = day.today(me);
        Wishes wanted = programs.wishesOn(woman, today);
        Wishes wishes = form.shares(typed)
                .or(() -> shares.of(me.studioId(), minutes, wanted.goals().size()))
                .map(wanted::divided)
                .orElse(wanted);
        SessionRequest request = SessionRequest.of(
                        minutes, placeOf(place), today.toEpochDay(), sessions.history(woman.id()))
                .in(form.format(typed, minutes))
                .wanting(wishes)
                .breathingIn(findings.breathesIn(woman.id(), today))
                .gently(gentle);
        if (typed.isClean()) {
            typed.refuseAll(request.problems());
        }
        if (!typed.isClean()) {
            return forms.refused(page(me, woman, placeOf(place), Optional.empty(), form), typed);
        }
        Judgement judgement = judgements.of(woman, today, placeOf(place));
        long id = sessions.compose(me, woman, judgement, request, formKey);
        return new ModelAndView("redirect:/people/" + woman.id() + "/sessions/" + id);
    }

    private ModelAndView page(SignedIn me, Woman woman, Place place, Optional<VerdictKind> only, ComposeForm form) {
        Judgement judgement = judgements.of(woman, day.today(me), place);
        List<Goal> goals = programs.wishesOn(woman, judgement).goals();
        return new ModelAndView(
                        "verdicts/exercise-check",
                        Map.of(
                                "plan", ExerciseCheckView.of(judgement, only),
                                "place", place,
                                "places", Place.values(),
                                "kinds", VerdictKind.values(),
                                "formats", Format.FormatKind.values(),
                                "only", only.map(VerdictKind::name).orElse(""),
                                "compose", form,
                                "asked", safety.today(me, woman).isPresent(),
                                "lowDay", judgement.facts().client().hasLowDay(),
                                "formKey", UUID.randomUUID().toString()))
                .addObject(
                        "explained", explanations.byMove(judgement.catalogue().moves()))
                .addObject("goals", goals.stream().limit(3).toList())
                .addObject(
                        "usualShares",
                        shares.forGoals(me.studioId(), goals.size()).percent());
    }

    private static Place placeOf(String typed) {
        return typed.equals(Place.HOME.name()) ? Place.HOME : Place.STUDIO;
    }

    private static Optional<VerdictKind> kindOf(String typed) {
        return Arrays.stream(VerdictKind.values())
                .filter(kind -> kind.name().equals(typed))
                .findFirst();
    }
}
