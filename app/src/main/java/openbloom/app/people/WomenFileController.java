package openbloom.app.people;

import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.Idempotent;
import openbloom.app.system.MessageFormatter;
import openbloom.core.Problem;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Women from a spreadsheet: first looked at, then added. */
@Controller
class WomenFileController {
    private static final int LONGEST = 400_000;

    private final WomenFile file;
    private final FormPages forms;
    private final MessageFormatter sentences;

    WomenFileController(WomenFile file, FormPages forms, MessageFormatter sentences) {
        this.file = file;
        this.forms = forms;
        this.sentences = sentences;
    }

    /** One refused line as it is shown. */
    public record RefusedWomanLine(long line, String why) {}

    @GetMapping("/people/file")
    ModelAndView page(@RequestParam(defaultValue = "-1") String added) {
        return new ModelAndView("people/file")
                .addObject("written", "")
                .addObject("columns", WomenFile.columns())
                .addObject("kept", added.matches("\\d{1,4}") ? Integer.parseInt(added) : -1);
    }

    /** Shows what the lines would do; nothing is added. */
    @PostMapping("/people/file/look")
    ModelAndView look(@AuthenticationPrincipal SignedIn me, @RequestParam(defaultValue = "") String written) {
        if (written.isBlank() || written.length() > LONGEST) {
            return refused(written);
        }
        WomenFile.WomenPreview preview = file.look(me, written);
        return page("").addObject("written", written)
                .addObject("preview", preview)
                .addObject(
                        "names",
                        preview.added().stream()
                                .map(line -> Objects.toString(line.form().who().name(), ""))
                                .toList())
                .addObject("refused", preview.refused().stream().map(this::line).toList());
    }

    private ModelAndView refused(String written) {
        boolean empty = written.isBlank();
        return forms.refused(
                page("").addObject("written", empty ? "" : written.substring(0, Math.min(LONGEST, written.length()))),
                List.of(Problem.of("written", empty ? "women.nothing" : "typed.long", LONGEST, written.length())));
    }

    private RefusedWomanLine line(WomenFile.RefusedWoman refused) {
        return new RefusedWomanLine(
                refused.number(),
                refused.problems().stream()
                        .map(problem -> problem.field() + ": " + sentences.of(problem))
                        .collect(Collectors.joining(" ")));
    }

    @Idempotent
    @PostMapping("/people/file")
    ModelAndView keep(@AuthenticationPrincipal SignedIn me, @RequestParam(defaultValue = "") String written) {
        return written.isBlank() || written.length() > LONGEST
                ? refused(written)
                : new ModelAndView("redirect:/people/file?added=" + file.keep(me, written));
    }

    /** Every woman of the studio, as a spreadsheet that can be read in again. */
    @GetMapping("/people/women.csv")
    ResponseEntity<String> women(@AuthenticationPrincipal SignedIn me) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"women.csv\"")
                .body(file.written(me));
    }
}
