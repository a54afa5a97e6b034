package openbloom.app.session;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import openbloom.app.accounts.SignedIn;
import openbloom.app.checks.Safety;
import openbloom.app.people.Woman;
import openbloom.app.system.Typed;
import openbloom.core.picture.SessionStrip;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** A session on its page, taught, and printed. */
@Controller
class SessionController {
    private final Sessions sessions;
    private final Safety safety;

    SessionController(Sessions sessions, Safety safety) {
        this.sessions = sessions;
        this.safety = safety;
    }

    @GetMapping("/people/{womanId}/session")
    String latest(Woman woman) {
        return sessions.of(woman.id()).stream()
                .findFirst()
                .map(planned -> "redirect:/people/" + woman.id() + "/sessions/"
                        + planned.stored().id())
                .orElse("session/none");
    }

    @GetMapping("/people/{womanId}/sessions/{sessionId:\\d+}")
    String show(Woman woman, @PathVariable long sessionId, Model model) {
        Sessions.Planned planned = find(woman, sessionId);
        model.addAttribute("kept", planned.stored());
        model.addAttribute("plan", planned.plan());
        model.addAttribute("picture", strip(planned.plan()));
        model.addAttribute("told", told(sessionId));
        return "session/show";
    }

    @GetMapping("/people/{womanId}/sessions/{sessionId:\\d+}/teach")
    String teach(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable long sessionId, Model model) {
        Sessions.Planned planned = find(woman, sessionId);
        model.addAttribute("kept", planned.stored());
        model.addAttribute("plan", planned.plan());
        model.addAttribute(
                "answers",
                Arrays.stream(Told.values())
                        .filter(told -> !told.key().isEmpty())
                        .toList());
        return safety.detour(me, woman, "session").orElse("session/teach");
    }

    @PostMapping("/people/{womanId}/sessions/{sessionId:\\d+}/responses")
    ResponseEntity<Void> respond(
            Woman woman,
            @PathVariable long sessionId,
            @RequestParam(defaultValue = "") String item,
            @RequestParam(defaultValue = "") String told,
            @RequestParam(defaultValue = "") String formKey) {
        Typed typed = new Typed();
        var number = typed.requiredWhole("item", item, 0, 500);
        var answer = typed.requiredChoice("told", told, Told.class);
        if (!typed.isClean() || formKey.isBlank() || formKey.length() > 36) {
            return ResponseEntity.unprocessableContent().build();
        }
        boolean kept = sessions.respond(find(woman, sessionId), number.orElseThrow(), answer.orElseThrow(), formKey)
                .isPresent();
        return kept
                ? ResponseEntity.noContent().build()
                : ResponseEntity.unprocessableContent().build();
    }

    @PostMapping("/people/{womanId}/sessions/{sessionId:\\d+}/finish")
    String finish(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable long sessionId) {
        sessions.finish(me, find(woman, sessionId));
        return "redirect:/people/" + woman.id() + "/sessions/" + sessionId;
    }

    private Sessions.Planned find(Woman woman, long sessionId) {
        return sessions.find(woman, sessionId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static String strip(PlanDocument plan) {
        return SessionStrip.of(plan.items().stream()
                .map(item -> new SessionStrip.Block(item.name(), item.strand(), item.seconds(), item.position()))
                .toList());
    }

    /** What was noted beside each item, in words. */
    private Map<Integer, String> told(long sessionId) {
        Map<Integer, List<Response>> byItem =
                sessions.responsesIn(sessionId).stream().collect(Collectors.groupingBy(Response::item));
        return byItem.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        entry -> entry.getValue().stream()
                                .map(response -> response.told().words())
                                .distinct()
                                .collect(Collectors.joining(", "))));
    }
}
