package openbloom.app.session;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.app.checks.SafetyService;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.MessageFormatter;
import openbloom.core.moves.Catalogue;
import openbloom.core.picture.SessionStrip;
import openbloom.core.record.CompensationSite;
import openbloom.core.record.Noted;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainSite;
import openbloom.core.verdict.Judgement;
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

/** A session on its page, taught, and printed. */
@Controller
class SessionController {
    private static final MediaType PLAIN = new MediaType("text", "plain", StandardCharsets.UTF_8);

    private final Sessions sessions;
    private final SafetyService safety;
    private final MessageFormatter sentences;
    private final Catalogues catalogues;
    private final Loads loads;
    private final Judgements judgements;

    SessionController(
            Sessions sessions,
            SafetyService safety,
            MessageFormatter sentences,
            Catalogues catalogues,
            Loads loads,
            Judgements judgements) {
        this.judgements = judgements;
        this.loads = loads;
        this.sessions = sessions;
        this.safety = safety;
        this.sentences = sentences;
        this.catalogues = catalogues;
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
        model.addAttribute("shown", drawn(woman, planned.plan()));
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
        model.addAttribute("shown", drawn(woman, planned.plan()));
        return "session/sheet";
    }

    @GetMapping("/people/{womanId}/sessions/{sessionId:\\d{1,18}}/teach")
    String teach(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable long sessionId, Model model) {
        Sessions.ComposedFor planned = find(woman, sessionId);
        Optional<String> detour = safety.detour(me, woman, "teach-" + sessionId);
        if (detour.isPresent()) {
            return detour.get();
        }
        if (planned.stored().taughtOn() != null) {
            return "redirect:/people/" + woman.id() + "/sessions/" + sessionId;
        }
        model.addAttribute("kept", planned.stored());
        model.addAttribute("plan", planned.plan());
        model.addAttribute("shown", drawn(woman, planned.plan()));
        model.addAttribute("loads", loads.on(woman, sessions.today(me)));
        model.addAttribute("weighted", loads.weighted(woman));
        model.addAttribute("places", PainSite.values());
        model.addAttribute("tookOver", CompensationSite.values());
        model.addAttribute("start", start(sessionId, planned.plan()));
        model.addAttribute("noted", noted(sessionId, planned.plan()));
        model.addAttribute("counts", sessions.counts(planned.plan()));
        model.addAttribute("taught", taught(me, woman, planned));
        model.addAttribute("stopsAbove", PainHold.HOLDS_ABOVE);
        model.addAttribute(
                "efforts", Arrays.stream(Noted.values()).filter(Noted::isEffort).toList());
        model.addAttribute(
                "answers",
                Arrays.stream(Noted.values())
                        .filter(told -> !told.key().isEmpty())
                        .toList());
        return "session/teach";
    }

    /**
     * What the runner knows of a move beside its line.
     *
     * @param earned whether its ladder is earned rung by rung, so that pain holds all of it
     * @param loads the places it loads, so that pain there stops it at once
     * @param held why it waits today, in words; empty where it does not
     */
    public record Loaded(boolean earned, String loads, String held) {}

    private Map<String, Loaded> taught(SignedIn me, Woman woman, Sessions.ComposedFor planned) {
        Judgement judgement =
                judgements.of(woman, sessions.today(me), planned.stored().place());
        List<PainHold> holds = judgement.facts().client().standing().holds();
        Map<String, Loaded> all = new HashMap<>();
        planned.plan().items().stream()
                .map(SessionLine::moveId)
                .distinct()
                .flatMap(id -> judgement.catalogue().find(id).stream())
                .forEach(move -> all.put(
                        move.id(),
                        new Loaded(
                                move.isEarned(),
                                Arrays.stream(PainSite.values())
                                        .filter(place -> place.isLoadedBy(move))
                                        .map(PainSite::name)
                                        .collect(Collectors.joining(" ")),
                                holds.stream()
                                        .filter(hold -> hold.holds(move))
                                        .map(PainHold::words)
                                        .findFirst()
                                        .orElse(""))));
        return all;
    }

    /** What was noted about each item so far, as the runner keeps it: what, where, how much, and its key. */
    private Map<Integer, String> noted(long sessionId, SessionDocument plan) {
        return sessions.responsesIn(sessionId).stream()
                .filter(told -> told.told() != Noted.NOTE)
                .collect(Collectors.groupingBy(
                        told -> itemOf(told, plan),
                        Collectors.mapping(
                                told -> told.told() + ":" + told.when().key(), Collectors.joining(" "))));
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
        if (planned.stored().taughtOn() != null) {
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
        return "redirect:/people/" + woman.id() + "/response";
    }

    /** Where teaching stopped: after the last item that was done, in part, or skipped. */
    private int start(long sessionId, SessionDocument plan) {
        int next = sessions.responsesIn(sessionId).stream()
                .filter(told ->
                        told.told() == Noted.DONE || told.told() == Noted.PARTLY || told.told() == Noted.SKIPPED)
                .mapToInt(told -> told.item() + 1)
                .max()
                .orElse(0);
        return Math.min(next, Math.max(0, plan.items().size() - 1));
    }

    private Sessions.ComposedFor find(Woman woman, long sessionId) {
        return sessions.find(woman, sessionId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    /** Moves of a plan that can still be drawn; one the studio took out since is told in words alone. */
    private Set<String> drawn(Woman woman, SessionDocument plan) {
        Catalogue catalogue = catalogues.of(woman.studioId());
        return plan.items().stream()
                .map(SessionLine::moveId)
                .filter(id -> catalogue.find(id).isPresent())
                .collect(Collectors.toSet());
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
        Map<Integer, List<StoredResponse>> byItem = sessions.responsesIn(sessionId).stream()
                .collect(Collectors.groupingBy(response -> itemOf(response, plan)));
        return byItem.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        entry -> entry.getValue().stream()
                                .map(SessionController::words)
                                .distinct()
                                .collect(Collectors.joining(", "))));
    }

    /** The item it was noted about, wherever a change has moved it since. */
    private static int itemOf(StoredResponse response, SessionDocument plan) {
        List<SessionLine> items = plan.items();
        boolean there = response.item() < items.size()
                && items.get(response.item()).moveId().equals(response.moveId());
        if (there) {
            return response.item();
        }
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i).moveId().equals(response.moveId())) {
                return i;
            }
        }
        return response.item();
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
}
