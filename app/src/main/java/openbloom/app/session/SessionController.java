package openbloom.app.session;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.checks.SafetyService;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.MessageFormatter;
import openbloom.app.system.Saved;
import openbloom.core.picture.SessionStrip;
import openbloom.core.record.CompensationSite;
import openbloom.core.record.Noted;
import openbloom.core.record.Occasion;
import openbloom.core.record.PainSite;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** A session on its page, taught, and printed. */
@Controller
class SessionController {
    private static final MediaType PLAIN = new MediaType("text", "plain", StandardCharsets.UTF_8);

    private final Sessions sessions;
    private final SafetyService safety;
    private final MessageFormatter sentences;
    private final Loads loads;
    private final RunnerPages runners;
    private final RecordReader records;

    SessionController(
            Sessions sessions,
            SafetyService safety,
            MessageFormatter sentences,
            Loads loads,
            RunnerPages runners,
            RecordReader records) {
        this.runners = runners;
        this.records = records;
        this.loads = loads;
        this.sessions = sessions;
        this.safety = safety;
        this.sentences = sentences;
    }

    /** The address above a session's leads to the latest one, too. */
    @GetMapping({"/people/{womanId}/session", "/people/{womanId}/sessions"})
    String latest(Woman woman) {
        return sessions.latest(woman.id())
                .map(id -> "redirect:/people/" + woman.id() + "/sessions/" + id)
                .orElse("session/none");
    }

    @GetMapping("/people/{womanId}/sessions/{sessionId:\\d{1,18}}")
    String show(Woman woman, @PathVariable long sessionId, Model model) {
        Sessions.ComposedFor planned = find(woman, sessionId);
        model.addAttribute("kept", planned.stored());
        model.addAttribute("plan", planned.plan());
        model.addAttribute("shown", runners.drawn(woman, planned.plan()));
        model.addAttribute("picture", strip(planned.plan()));
        model.addAttribute("told", told(sessionId, planned.plan()));
        model.addAttribute("loads", loads.on(woman, planned.stored().plannedOn()));
        return "session/show";
    }

    /** For her: set-up, cue, figure, dose and boxes; nothing internal. */
    @GetMapping("/people/{womanId}/sessions/{sessionId:\\d{1,18}}/sheet")
    String sheet(Woman woman, @PathVariable long sessionId, Model model) {
        Sessions.ComposedFor planned = find(woman, sessionId);
        model.addAttribute("kept", planned.stored());
        model.addAttribute("plan", planned.plan());
        model.addAttribute("shown", runners.drawn(woman, planned.plan()));
        return "session/sheet";
    }

    @GetMapping("/people/{womanId}/sessions/{sessionId:\\d{1,18}}/teach")
    ModelAndView teach(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable long sessionId) {
        Sessions.ComposedFor planned = find(woman, sessionId);
        Optional<String> detour = safety.detour(me, woman, "teach-" + sessionId);
        if (detour.isPresent()) {
            return new ModelAndView(detour.get());
        }
        if (planned.stored().taughtOn() != null) {
            return new ModelAndView("redirect:/people/" + woman.id() + "/sessions/" + sessionId);
        }
        String itself = "/people/" + woman.id() + "/sessions/" + sessionId;
        StageStrip strip = records.stripOn(woman, sessions.today(me));
        RunnerPages.Runner runner = new RunnerPages.Runner(
                planned.plan(),
                List.of(RunnerPages.RunnerPerson.of(strip, sessionId)),
                runners.partsOf(me, woman, planned).stream().map(List::of).toList(),
                strip.drawn().body(),
                itself,
                itself + "/finish");
        return runners.page(woman, runner);
    }

    @Idempotent
    @PostMapping("/people/{womanId}/sessions/{sessionId:\\d{1,18}}/responses")
    ResponseEntity<String> respond(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long sessionId,
            @RequestParam(defaultValue = "") String item,
            @RequestParam(defaultValue = "") String told,
            @RequestParam(defaultValue = "") String place,
            HowForm how,
            @RequestParam(defaultValue = "") String formKey) {
        FormReader typed = new FormReader();
        Optional<Integer> number = typed.requiredWhole("item", item, 0, 500);
        Optional<Noted> answer = typed.requiredChoice("told", told, Noted.class);
        String where = answer.filter(noted -> noted == Noted.TOOK_OVER).isPresent()
                ? typed.choice("place", place, CompensationSite.class)
                        .map(CompensationSite::name)
                        .orElse("")
                : typed.choice("place", place, PainSite.class)
                        .map(PainSite::name)
                        .orElse("");
        Sessions.ComposedFor planned = find(woman, sessionId);
        StoredResponse.How went = how.read(typed, number.orElse(-1), planned.plan());
        Optional<String> instead = how.insteadOf(typed);
        if (how.isTakenBack() && instead.isEmpty()) {
            typed.refuse("instead", "session.noSuchResponse");
        }
        if (isClosed(me, planned.stored())) {
            typed.refuse("session", "session.finished");
        }
        if (typed.isClean()) {
            Sessions.NewResponse noted = new Sessions.NewResponse(
                    number.orElseThrow(), answer.orElseThrow(), where, went, formKey, instead, how.isTakenBack());
            if (sessions.respond(planned, noted, sessions.today(me)).isPresent()) {
                return ResponseEntity.noContent().build();
            }
            typed.refuse("item", "session.noSuchItem");
        }
        return ResponseEntity.unprocessableContent()
                .contentType(PLAIN)
                .body(sentences.of(typed.problems().get(0)));
    }

    @PostMapping("/people/{womanId}/sessions/{sessionId:\\d{1,18}}/finish")
    String finish(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long sessionId,
            @RequestParam(defaultValue = "") String effort) {
        Optional<Noted> told = Arrays.stream(Noted.values())
                .filter(Noted::isEffort)
                .filter(one -> one.name().equals(effort))
                .findFirst();
        sessions.finish(me, find(woman, sessionId), told);
        return Saved.address("redirect:/people/" + woman.id() + "/response", "saved.taught");
    }

    private Sessions.ComposedFor find(Woman woman, long sessionId) {
        return sessions.find(woman, sessionId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static String strip(SessionDocument plan) {
        return SessionStrip.of(
                plan.items().stream()
                        .map(item -> new SessionStrip.StripBlock(
                                item.name(),
                                item.named().strand(),
                                item.seconds(),
                                item.named().position()))
                        .toList(),
                plan.divided().stream()
                        .map(part -> new SessionStrip.StripPart(part.words(), part.percent(), part.items()))
                        .toList());
    }

    /** What was noted beside each item, in words. */
    private Map<Integer, String> told(long sessionId, SessionDocument plan) {
        Map<Integer, List<StoredResponse>> byItem =
                sessions.responsesIn(sessionId).stream().collect(Collectors.groupingBy(plan::itemOf));
        return byItem.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        entry -> entry.getValue().stream()
                                .map(SessionController::words)
                                .distinct()
                                .collect(Collectors.joining(", "))));
    }

    private static String words(StoredResponse response) {
        if (response.told() == Noted.NOTE) {
            return response.how().note();
        }
        String where = PainSite.named(response.place())
                .map(PainSite::words)
                .or(() -> CompensationSite.named(response.place()).map(CompensationSite::words))
                .map(place -> " (" + place + ")")
                .orElse("");
        String pain = response.how().pain() == null ? "" : ", " + response.how().pain() + " of 10";
        boolean partly = response.told() == Noted.PARTLY && response.how().done() != null;
        String count =
                partly ? ", " + response.how().done() + " of " + response.how().asked() : "";
        String load =
                response.how().kilograms() == null ? "" : ", " + response.how().kilograms() + " kg";
        return response.told().words() + where + pain + count + load;
    }

    /** Whether nothing more can be noted: a class may be taught by two, and what the other notes that day is kept. */
    private boolean isClosed(SignedIn me, StoredSession session) {
        LocalDate taught = session.taughtOn();
        return taught != null && !(session.occasion() == Occasion.CLASS && taught.equals(sessions.today(me)));
    }
}
