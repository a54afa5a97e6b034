package openbloom.app.session;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import openbloom.app.checks.SafetyService;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.session.Flow;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** Flows: kept from a session, looked at for a woman with what changes, and made into her session. */
@Controller
class FlowController {
    private static final int LONGEST_NAME = 80;

    private final FlowShelf shelf;
    private final Sessions sessions;
    private final Judgements judgements;
    private final SafetyService safety;
    private final FormPages forms;
    private final StudioDay day;

    FlowController(
            FlowShelf shelf,
            Sessions sessions,
            Judgements judgements,
            SafetyService safety,
            FormPages forms,
            StudioDay day) {
        this.shelf = shelf;
        this.sessions = sessions;
        this.judgements = judgements;
        this.safety = safety;
        this.forms = forms;
        this.day = day;
    }

    /** A flow as it would be for her. */
    public record ForHer(String name, String about, boolean own, int moves, List<String> changes) {}

    @GetMapping("/people/{womanId}/flows")
    ModelAndView list(@AuthenticationPrincipal SignedIn me, Woman woman) {
        Judgement judgement = judgements.of(woman, day.today(me), Place.STUDIO);
        List<String> own = shelf.own(me.studioId());
        List<ForHer> flows = shelf.of(me.studioId()).stream()
                .map(flow -> forHer(flow, judgement, own.contains(flow.name())))
                .toList();
        return new ModelAndView("session/flows")
                .addObject("flows", flows)
                .addObject("formKey", UUID.randomUUID().toString());
    }

    private static ForHer forHer(Flow flow, Judgement judgement, boolean own) {
        Flow.Fitted fitted = flow.fittedTo(judgement);
        return new ForHer(
                flow.name(), flow.about(), own, fitted.outline().entries().size(), fitted.changes());
    }

    @Idempotent
    @PostMapping("/people/{womanId}/flows")
    ModelAndView use(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String flow,
            @RequestParam(defaultValue = "") String formKey) {
        FormReader typed = new FormReader();
        safety.require(me, woman, typed);
        Optional<Flow> found = shelf.find(me.studioId(), flow);
        if (found.isEmpty()) {
            typed.refuse("flow", "flow.unknown", flow);
        }
        Judgement judgement = judgements.of(woman, day.today(me), Place.STUDIO);
        Optional<Flow.Fitted> hers = found.map(one -> one.fittedTo(judgement));
        hers.filter(one -> one.outline().entries().isEmpty())
                .ifPresent(one -> typed.refuse("flow", "flow.nothing", flow, String.join("; ", one.changes())));
        if (!typed.isClean()) {
            return forms.refused(list(me, woman), typed);
        }
        Flow.Fitted fitted = hers.orElseThrow();
        long id = sessions.fromFlow(me, woman, judgement, found.get().name(), fitted, formKey);
        return new ModelAndView("redirect:/people/" + woman.id() + "/sessions/" + id);
    }

    /** Keeps a session as a flow of the studio's. */
    @PostMapping("/people/{womanId}/sessions/{sessionId:\\d{1,18}}/flow")
    ModelAndView keep(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long sessionId,
            @RequestParam(defaultValue = "") String name) {
        Sessions.ComposedFor planned =
                sessions.find(woman, sessionId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        FormReader typed = new FormReader();
        String called = typed.requiredText("name", name, LONGEST_NAME);
        Judgement judgement =
                judgements.of(woman, day.today(me), planned.stored().place());
        if (typed.isClean() && !shelf.keep(me, called, planned.plan().outline(judgement.catalogue()))) {
            typed.refuse("name", "flow.taken", called);
        }
        return typed.isClean()
                ? Saved.then("redirect:/people/" + woman.id() + "/flows", "saved.flow")
                : forms.refused(list(me, woman).addObject("typedName", name).addObject("from", sessionId), typed);
    }

    @PostMapping("/people/{womanId}/flows/remove")
    ModelAndView remove(
            @AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam(defaultValue = "") String flow) {
        FormReader typed = new FormReader();
        if (!shelf.remove(me, flow)) {
            typed.refuse("flow", "flow.unknown", flow);
            return forms.refused(list(me, woman), typed);
        }
        return Saved.then("redirect:/people/" + woman.id() + "/flows", "saved.flowRemoved");
    }
}
