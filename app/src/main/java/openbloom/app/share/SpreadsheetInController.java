package openbloom.app.share;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.Idempotent;
import openbloom.app.system.MessageFormatter;
import openbloom.app.system.RefusedLine;
import openbloom.app.system.TextGiven;
import openbloom.core.Days;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Her sessions and what was noted in them from a spreadsheet: looked at first, then kept. */
@Controller
@RequestMapping("/people/{womanId}/share/spreadsheets")
class SpreadsheetInController {
    private final SpreadsheetsIn sheets;
    private final MessageFormatter sentences;
    private final FormPages forms;

    SpreadsheetInController(SpreadsheetsIn sheets, MessageFormatter sentences, FormPages forms) {
        this.sheets = sheets;
        this.sentences = sentences;
        this.forms = forms;
    }

    /** Something that would be added, as it is shown. */
    public record AddedToHer(String day, String what) {}

    @GetMapping
    ModelAndView page(Woman woman) {
        return new ModelAndView("share/spreadsheets")
                .addObject("written", "")
                .addObject("ofSessions", String.join(", ", SheetColumns.OF_SESSIONS))
                .addObject("ofResponses", String.join(", ", SheetColumns.OF_RESPONSES));
    }

    /** Shows what the file would do; nothing is kept. */
    @PostMapping("/look")
    ModelAndView look(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String written,
            @RequestParam(required = false) @Nullable MultipartFile file) {
        Outcome<String> text = TextGiven.of(file, written);
        return text.problems().isEmpty() ? preview(me, woman, text.value()) : refused(woman, written, text.problems());
    }

    private ModelAndView refused(Woman woman, String written, List<Problem> problems) {
        String shown = written.length() > TextGiven.LARGEST_BYTES ? "" : written;
        return forms.refused(page(woman).addObject("written", shown), problems);
    }

    private ModelAndView preview(SignedIn me, Woman woman, String text) {
        SpreadsheetsIn.Preview preview = sheets.look(me, woman, text);
        List<AddedToHer> added = new ArrayList<>();
        preview.sessions().forEach(one -> added.add(session(one)));
        preview.responses().forEach(one -> added.add(response(one.told())));
        return page(woman)
                .addObject("written", text)
                .addObject("preview", preview)
                .addObject("added", added)
                .addObject("refused", RefusedLine.shown(preview.refused(), sentences));
    }

    private static AddedToHer session(SheetIn.SheetSession one) {
        String exercises = one.exercises().stream()
                .map(exercise -> exercise.move().name())
                .distinct()
                .collect(Collectors.joining(", "));
        return new AddedToHer(
                Days.words(one.head().plannedOn()),
                one.head().taughtOn().map(day -> "taught " + Days.words(day)).orElse("planned") + ": " + exercises);
    }

    private static AddedToHer response(SheetIn.SheetResponse one) {
        String pain = one.pain().map(number -> ", " + number + " of 10").orElse("");
        String counted = one.done()
                .map(done -> ", counted " + done
                        + one.asked().map(asked -> " of " + asked).orElse(""))
                .orElse("");
        return new AddedToHer(
                Days.words(one.on()), one.move().name() + ": " + one.noted().words() + pain + counted);
    }

    @Idempotent
    @PostMapping
    ModelAndView keep(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String written,
            RedirectAttributes told) {
        if (written.length() > TextGiven.LARGEST_BYTES) {
            return refused(woman, written, List.of(TextGiven.tooLarge()));
        }
        told.addFlashAttribute("kept", sheets.keep(me, woman, written));
        return new ModelAndView("redirect:/people/" + woman.id() + "/share/spreadsheets");
    }
}
