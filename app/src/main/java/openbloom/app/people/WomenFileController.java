package openbloom.app.people;

import java.util.List;
import java.util.Objects;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.Idempotent;
import openbloom.app.system.MessageFormatter;
import openbloom.app.system.RefusedLine;
import openbloom.app.system.TextGiven;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Women from a spreadsheet: first looked at, then added. */
@Controller
class WomenFileController {
    private final WomenFile women;
    private final FormPages forms;
    private final MessageFormatter sentences;

    WomenFileController(WomenFile women, FormPages forms, MessageFormatter sentences) {
        this.women = women;
        this.forms = forms;
        this.sentences = sentences;
    }

    @GetMapping("/people/file")
    ModelAndView page(@RequestParam(defaultValue = "-1") String added) {
        return new ModelAndView("people/file")
                .addObject("written", "")
                .addObject("columns", WomenFile.columns())
                .addObject("kept", added.matches("\\d{1,4}") ? Integer.parseInt(added) : -1);
    }

    /** Shows what the lines would do; nothing is added. */
    @PostMapping("/people/file/look")
    ModelAndView look(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") String written,
            @RequestParam(required = false) @Nullable MultipartFile file) {
        Outcome<String> text = TextGiven.of(file, written);
        return text.problems().isEmpty() ? preview(me, text.value()) : refused(written, text.problems());
    }

    private ModelAndView preview(SignedIn me, String text) {
        WomenFile.WomenPreview preview = women.look(me, text);
        return page("").addObject("written", text)
                .addObject("preview", preview)
                .addObject(
                        "names",
                        preview.added().stream()
                                .map(line -> Objects.toString(line.form().who().name(), ""))
                                .toList())
                .addObject("refused", RefusedLine.shown(preview.refused(), sentences));
    }

    private ModelAndView refused(String written, List<Problem> problems) {
        String shown = written.length() > TextGiven.LARGEST_BYTES ? "" : written;
        return forms.refused(page("").addObject("written", shown), problems);
    }

    @Idempotent
    @PostMapping("/people/file")
    ModelAndView keep(@AuthenticationPrincipal SignedIn me, @RequestParam(defaultValue = "") String written) {
        Outcome<String> text = TextGiven.of(null, written);
        return text.problems().isEmpty()
                ? new ModelAndView("redirect:/people/file?added=" + women.keep(me, text.value()))
                : refused(written, text.problems());
    }

    /** Every woman of the studio, as a spreadsheet that can be read in again. */
    @GetMapping("/people/women.csv")
    ResponseEntity<String> women(@AuthenticationPrincipal SignedIn me) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"women.csv\"")
                .body(women.written(me));
    }
}
