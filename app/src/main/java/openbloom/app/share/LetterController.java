package openbloom.app.share;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.Enums;
import openbloom.core.evidence.Published;
import openbloom.core.letter.Letter;
import openbloom.core.letter.LetterKind;
import openbloom.core.letter.LetterSentence;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.ClinicianAnswer.Said;
import openbloom.core.screening.WarningSign;
import openbloom.core.verdict.ClinicianQuestion;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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

/** Letters to her clinician: what waits for one, what was sent, and what came back. */
@Controller
@RequestMapping("/people/{womanId}/letters")
class LetterController {
    private final HandOuts handOuts;
    private final LetterDrafts drafts;
    private final ClinicianAnswers answers;
    private final FormPages forms;
    private final StudioDay day;

    LetterController(HandOuts handOuts, LetterDrafts drafts, ClinicianAnswers answers, FormPages forms, StudioDay day) {
        this.drafts = drafts;
        this.handOuts = handOuts;
        this.answers = answers;
        this.forms = forms;
        this.day = day;
    }

    @GetMapping
    ModelAndView show(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return page(me, woman, Map.of(), woman.limits());
    }

    /** A published number as the page shows it, with the sentences that lean on it. */
    public record NumberOfLetter(Published number, List<String> sentences) {}

    /** What the draft of a letter leans on: each published number with its source. */
    @GetMapping("/evidence/{kind}")
    ModelAndView evidence(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable String kind) {
        LetterKind letter = Enums.named(LetterKind.class, kind)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        Letter drafted = drafts.known(me, woman, day.today(me)).letter(letter);
        List<NumberOfLetter> numbers = drafted.leansOn().entrySet().stream()
                .map(one -> new NumberOfLetter(
                        one.getKey(),
                        one.getValue().stream().map(LetterSentence::dated).toList()))
                .toList();
        return new ModelAndView(
                "share/letter-evidence",
                Map.of(
                        "kind", letter,
                        "numbers", numbers,
                        "sources",
                                drafted.sources().stream()
                                        .map(LetterSentence::words)
                                        .toList()));
    }

    private ModelAndView page(SignedIn me, Woman woman, Map<String, String> typed, List<String> limits) {
        LocalDate today = day.today(me);
        Judgement now = answers.judgement(woman, today);
        List<ClinicianQuestion> open = ClinicianQuestion.of(now, Letter.where(now.facts()));
        List<WarningSign> signs = now.facts().client().safety().standing().keySet().stream()
                .sorted()
                .toList();
        LetterKind fits =
                !signs.isEmpty() ? LetterKind.REPORTING : open.isEmpty() ? LetterKind.ANSWERING : LetterKind.ASKING;
        Map<String, Object> shown = new HashMap<>();
        shown.put(
                "kinds", Arrays.stream(LetterKind.values()).map(HandOutKind::of).toList());
        shown.put("fits", HandOutKind.of(fits));
        shown.put("waits", open.stream().map(ClinicianQuestion::words).toList());
        shown.put("signs", signs);
        shown.put("conditions", ClinicianAnswers.askable(now));
        shown.put("answered", now.facts().answeredConditions());
        shown.put("restrictions", ClinicalRestriction.values());
        shown.put("limits", limits);
        shown.put("typed", typed);
        shown.put("said", Said.values());
        shown.put(
                "words",
                typed.getOrDefault(
                        "limitWords",
                        String.join(
                                "\n",
                                limits.stream()
                                        .filter(limit ->
                                                ClinicalRestriction.parse(limit).isEmpty())
                                        .toList())));
        shown.put(
                "sent",
                handOuts.of(woman).stream()
                        .filter(one -> Enums.named(HandOutKind.class, one.kind())
                                .flatMap(HandOutKind::letter)
                                .isPresent())
                        .toList());
        shown.put("came", answers.of(woman));
        return new ModelAndView("share/letters", shown);
    }

    @Idempotent
    @PostMapping("/answer")
    ModelAndView answer(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam Map<String, String> fields,
            @RequestParam(required = false) @Nullable List<String> limits,
            RedirectAttributes told) {
        FormReader typed = new FormReader();
        List<String> ticked = Objects.requireNonNullElse(limits, List.of());
        Optional<ClinicianAnswers.AnswerRead> read = answers.keep(me, woman, fields, ticked, typed);
        if (read.isEmpty()) {
            return forms.refused(page(me, woman, fields, ticked), typed);
        }
        if (read.get().ofSign() == Said.YES) {
            String on = Days.words(read.get().answer().on());
            told.addFlashAttribute("liftedBy", read.get().answer().by());
            told.addFlashAttribute("liftReason", "Her clinician’s answer of " + on + ": she may go on.");
            return new ModelAndView("redirect:/people/" + woman.id() + "/safe?again=yes");
        }
        return Saved.then("redirect:/people/" + woman.id() + "/letters", "saved.answer");
    }
}
