package openbloom.app.checks;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.NextSteps;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.Problem;
import openbloom.core.record.OpeningCheck;
import openbloom.core.verdict.CheckWindow;
import openbloom.core.verdict.Facts;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** The sheets of the check room: fill in, see, keep, correct. */
@Controller
@RequestMapping("/people/{womanId}/checks/{kind:[a-z-]+}")
class SheetController {
    private static final int LONGEST_REASON = 300;
    private static final int LONGEST_ANSWER = 400;
    private static final List<String> NOT_FOUND_IN_HER = List.of("formKey", "_csrf", "reason", "then", "checkedOn");

    /** How a try-out went, as a row of choices. */
    private static final List<String> TRIES = Arrays.stream(OpeningCheck.TryOutOutcome.values())
            .map(outcome -> outcome + ":" + outcome.words())
            .toList();

    private final Sheets sheets;
    private final Map<SheetKind, SheetReader> readers;
    private final SafetyService safety;
    private final Catalogues catalogues;
    private final RecordReader records;
    private final FormPages forms;
    private final NextSteps next;
    private final StudioDay day;

    SheetController(
            Sheets sheets,
            List<SheetReader> readers,
            SafetyService safety,
            Catalogues catalogues,
            RecordReader records,
            FormPages forms,
            NextSteps next,
            StudioDay day) {
        this.sheets = sheets;
        this.readers = readers.stream().collect(Collectors.toMap(SheetReader::kind, reader -> reader));
        this.safety = safety;
        this.catalogues = catalogues;
        this.records = records;
        this.forms = forms;
        this.next = next;
        this.day = day;
    }

    @GetMapping
    ModelAndView blank(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable String kind) {
        Optional<String> detour = safety.detour(me, woman, kind);
        return detour.map(ModelAndView::new)
                .orElseGet(() -> page(woman, kindAt(kind), today(me), Map.of("formKey", newKey()), List.of()));
    }

    /** Redraws the picture from what has been filled in so far; nothing is kept. */
    @PostMapping("/look")
    ModelAndView look(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable String kind,
            @RequestParam MultiValueMap<String, String> typed) {
        SheetReader reader = readers.get(kindAt(kind));
        SheetAnswers answers = new SheetAnswers(found(typed));
        return new ModelAndView("checks/sheet :: seen")
                .addObject("view", reader.view(answers, beside(woman, today(me))));
    }

    @Idempotent
    @PostMapping
    ModelAndView keep(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable String kind,
            @RequestParam MultiValueMap<String, String> typed) {
        SheetAnswers answers = new SheetAnswers(found(typed));
        safety.require(me, woman, answers.problems());
        check(kindAt(kind), answers, typed, woman, today(me));
        if (!answers.problems().isClean()) {
            return forms.refused(page(woman, kindAt(kind), today(me), joined(typed), List.of()), answers.problems());
        }
        sheets.keep(draft(me, woman, kindAt(kind), typed, today(me)), found(typed));
        return Saved.then(next.redirect(woman, today(me), typed.getFirst("then"), "checks"), "saved.check");
    }

    @GetMapping("/{id}/correct")
    ModelAndView correct(Woman woman, @PathVariable String kind, @PathVariable String id) {
        List<Sheet> versions = versions(woman, kindAt(kind), id);
        Sheet latest = versions.get(0);
        Map<String, String> fields = new HashMap<>(latest.found());
        fields.put("formKey", newKey());
        return page(woman, latest.kind(), latest.checkedOn(), fields, versions);
    }

    @Idempotent
    @PostMapping("/{id}/correct")
    ModelAndView keepCorrection(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable String kind,
            @PathVariable String id,
            @RequestParam MultiValueMap<String, String> typed) {
        Sheet latest = versions(woman, kindAt(kind), id).get(0);
        SheetAnswers answers = new SheetAnswers(joined(typed));
        boolean withdrawn = answers.text("then").equals("withdraw");
        LocalDate on = answers.problems()
                .pastDate("checkedOn", answers.text("checkedOn"), today(me))
                .orElse(latest.checkedOn());
        String reason = answers.problems().requiredText("reason", answers.text("reason"), LONGEST_REASON);
        if (!withdrawn) {
            check(latest.kind(), answers, typed, woman, on);
        }
        if (!id.equals(String.valueOf(latest.id()))) {
            answers.problems().refuse("reason", "gap.overtaken");
        }
        if (answers.problems().isClean()) {
            Map<String, String> found = withdrawn ? Map.of() : found(typed);
            Optional<Problem> overtaken =
                    sheets.correct(draft(me, woman, latest.kind(), typed, on), found, latest, reason);
            if (overtaken.isEmpty()) {
                return toChecks(woman, withdrawn ? "saved.withdrawn" : "saved.corrected");
            }
            answers.problems().refuseAll(List.of(overtaken.get()));
        }
        List<Sheet> versions = versions(woman, latest.kind(), id);
        return forms.refused(page(woman, latest.kind(), on, joined(typed), versions), answers.problems());
    }

    private void check(
            SheetKind kind, SheetAnswers answers, MultiValueMap<String, String> typed, Woman woman, LocalDate on) {
        typed.forEach((field, all) -> {
            int length = String.join(",", all).length();
            if (length > LONGEST_ANSWER) {
                answers.problems().refuse("sheet", "typed.long", LONGEST_ANSWER, length);
            }
        });
        boolean found = readers.get(kind).examine(answers, beside(woman, on));
        if (answers.problems().isClean() && !found) {
            answers.problems().refuse("sheet", "sheet.empty");
        }
    }

    private Sheets.SheetDraft draft(
            SignedIn me, Woman woman, SheetKind kind, MultiValueMap<String, String> typed, LocalDate on) {
        String key = joined(typed).getOrDefault("formKey", "");
        return new Sheets.SheetDraft(woman.id(), kind, key, on, me.accountId(), day.instant());
    }

    /** What was answered, without blanks and without the fields that only carry the form. */
    private static Map<String, String> found(MultiValueMap<String, String> typed) {
        Map<String, String> found = new HashMap<>(joined(typed));
        found.keySet().removeAll(NOT_FOUND_IN_HER);
        found.values().removeIf(String::isBlank);
        return found;
    }

    /** Answers given more than once joined by commas; far too long ones are cut, so that nothing swells. */
    private static Map<String, String> joined(MultiValueMap<String, String> typed) {
        Map<String, String> joined = new HashMap<>();
        typed.forEach((field, answers) -> {
            String all = String.join(",", answers);
            joined.put(field, all.length() > LONGEST_ANSWER ? all.substring(0, LONGEST_ANSWER) : all);
        });
        return joined;
    }

    private ModelAndView page(
            Woman woman, SheetKind kind, LocalDate on, Map<String, String> fields, List<Sheet> versions) {
        SheetAnswers answers = new SheetAnswers(fields);
        Optional<Sheet> before = sheets.latest(woman.id(), kind, on).filter(sheet -> versions.isEmpty());
        return new ModelAndView("checks/" + kind.path())
                .addObject(
                        "before",
                        before.map(sheet -> Days.words(sheet.checkedOn()) + ": "
                                        + readers.get(kind).words(sheet.answers()))
                                .orElse(""))
                .addObject("kind", kind)
                .addObject("form", answers)
                .addObject("versions", versions)
                .addObject("catalogue", catalogues.of(woman.studioId()))
                .addObject("faults", PelvicFloorSheet.Fault.values())
                .addObject("tryOuts", kind == SheetKind.OPENING ? OpeningSheet.tryOuts(beside(woman, on)) : List.of())
                .addObject("tries", TRIES)
                .addObject("floorWindow", CheckWindow.floor(beside(woman, on).facts()))
                .addObject("tryUpTo", kind == SheetKind.LOAD ? LoadSheet.upTo(beside(woman, on)) : Map.of())
                .addObject("view", readers.get(kind).view(new SheetAnswers(fields), beside(woman, on)));
    }

    private SheetReader.SheetContext beside(Woman woman, LocalDate on) {
        boolean pregnant = woman.dating().flatMap(dating -> dating.ageOn(on)).isPresent();
        return new SheetReader.SheetContext(
                on,
                woman.ageYears(on),
                pregnant,
                catalogues.of(woman.studioId()),
                new Facts(records.clientOn(woman, on), on));
    }

    private List<Sheet> versions(Woman woman, SheetKind kind, String id) {
        List<Sheet> versions = id.matches("\\d{1,18}") ? sheets.versionsOf(woman.id(), Long.parseLong(id)) : List.of();
        if (versions.isEmpty() || versions.get(0).kind() != kind) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return versions;
    }

    private static SheetKind kindAt(String path) {
        return SheetKind.at(path).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private LocalDate today(SignedIn me) {
        return day.today(me);
    }

    private static String newKey() {
        return UUID.randomUUID().toString();
    }

    private static ModelAndView toChecks(Woman woman, String line) {
        return Saved.then("redirect:/people/" + woman.id() + "/checks", line);
    }
}
