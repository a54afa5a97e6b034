package openbloom.app.feedback;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import openbloom.app.people.Woman;
import openbloom.app.session.LadderDecisions;
import openbloom.app.studio.Editions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.Decision;
import openbloom.core.progress.DoseStep;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What her sessions propose for each ladder; all accepted with one press, or overruled with a reason. */
@Controller
class FeedbackController {
    private static final int LONGEST_REASON = 400;

    private final LadderPages ladders;
    private final LadderDecisions decisions;
    private final FormPages forms;
    private final Editions editions;
    private final StudioDay day;

    FeedbackController(
            LadderPages ladders, LadderDecisions decisions, FormPages forms, Editions editions, StudioDay day) {
        this.editions = editions;
        this.ladders = ladders;
        this.decisions = decisions;
        this.forms = forms;
        this.day = day;
    }

    @GetMapping("/people/{womanId}/response")
    ModelAndView show(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return page(me, woman, Map.of());
    }

    @Idempotent
    @PostMapping("/people/{womanId}/response")
    ModelAndView decide(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        LocalDate today = day.today(me);
        FormReader problems = new FormReader();
        List<LadderDecisions.DecisionMade> made = new ArrayList<>();
        for (LadderPages.LadderLine line : ladders.of(woman, today)) {
            String name = line.strand().name();
            String seen = typed.getOrDefault("proposed-" + name, "");
            if (seen.isEmpty()) {
                continue;
            }
            String proposed = line.proposal().decision() + " " + line.proposal().rung();
            if (!seen.equals(proposed)) {
                problems.refuse("rung-" + name, "response.stale", line.strand().words());
            }
            int rung = problems.requiredWhole("rung-" + name, typed.get("rung-" + name), 1, line.top())
                    .orElse(line.proposal().rung());
            String because = problems.text("because-" + name, typed.get("because-" + name), LONGEST_REASON);
            boolean overruled = rung != line.proposal().rung();
            if (overruled && line.proposal().decision() == Decision.STOP) {
                problems.refuse("rung-" + name, "response.stop", line.strand().words());
            }
            if (overruled && because.isBlank()) {
                problems.refuse("because-" + name, "response.because");
            }
            made.add(new LadderDecisions.DecisionMade(
                    0,
                    woman.id(),
                    today,
                    me.account().name(),
                    line.strand(),
                    LadderDecisions.ProposedDecision.of(line.proposal()),
                    overruled
                            ? new LadderDecisions.ChosenDecision(rung, DoseStep.LOWEST, because)
                            : LadderDecisions.ChosenDecision.as(line.proposal())));
        }
        boolean seen = typed.keySet().stream().anyMatch(field -> field.startsWith("proposed-"));
        if (!seen) {
            problems.refuse("edition", "response.unseen");
        }
        editions.keep(
                me,
                Editions.Subject.LADDERS,
                woman.id(),
                typed.getOrDefault("edition", "0"),
                problems,
                () -> made.forEach(one -> decisions.keep(one, me.accountId(), day.instant())));
        if (!problems.isClean()) {
            return forms.refused(page(me, woman, typed), problems);
        }
        return Saved.then("redirect:/people/" + woman.id() + "/response", "saved.levels");
    }

    /** What was typed about each ladder, so that nothing is lost when somebody else has decided meanwhile. */
    private static List<String> inWords(Map<String, String> typed) {
        return Arrays.stream(ExerciseGroup.values())
                .filter(strand -> !typed.getOrDefault("rung-" + strand, "").isBlank())
                .map(strand -> {
                    String because = typed.getOrDefault("because-" + strand, "").strip();
                    return strand.words() + ": level " + typed.get("rung-" + strand)
                            + (because.isEmpty() ? "" : ", “" + because + "”");
                })
                .toList();
    }

    private ModelAndView page(SignedIn me, Woman woman, Map<String, String> typed) {
        List<LadderDecisions.DecisionMade> before =
                new ArrayList<>(decisions.ofAll(List.of(woman.id())).getOrDefault(woman.id(), List.of()));
        Collections.reverse(before);
        List<LadderPages.LadderLine> lines = ladders.of(woman, day.today(me));
        return new ModelAndView("feedback/feedback")
                .addObject("lines", lines)
                .addObject("edition", editions.of(Editions.Subject.LADDERS, woman.id()))
                .addObject("youTyped", inWords(typed))
                .addObject("typed", typed)
                .addObject("before", before)
                .addObject(
                        "rungs",
                        lines.stream()
                                .collect(Collectors.toMap(
                                        line -> line.strand().name(),
                                        line -> typed.getOrDefault(
                                                "rung-" + line.strand().name(),
                                                Integer.toString(line.proposal().rung())))))
                .addObject("formKey", UUID.randomUUID().toString());
    }
}
