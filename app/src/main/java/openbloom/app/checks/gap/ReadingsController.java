package openbloom.app.checks.gap;

import java.nio.charset.StandardCharsets;
import java.util.List;
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
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** A woman's readings as a file, out and in. */
@Controller
@RequestMapping("/people/{womanId}/checks/gap")
class ReadingsController {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private final GapChecks checks;
    private final ReadingsFile carrying;
    private final MessageFormatter sentences;
    private final FormPages forms;

    ReadingsController(GapChecks checks, ReadingsFile carrying, MessageFormatter sentences, FormPages forms) {
        this.checks = checks;
        this.carrying = carrying;
        this.sentences = sentences;
        this.forms = forms;
    }

    /** One check that would be added, as it is shown. */
    public record AddedLine(String day, String by, String method, int readings, boolean second) {}

    @GetMapping(value = "/readings.csv", produces = "text/csv")
    ResponseEntity<String> out(Woman woman) {
        String name = ContentDisposition.attachment()
                .filename("readings-" + woman.id() + ".csv")
                .build()
                .toString();
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, name)
                .body(CsvOut.write(checks.of(woman.id()), checks.secondReadingsOf(woman.id())));
    }

    @GetMapping("/readings")
    ModelAndView page(Woman woman, @RequestParam(defaultValue = "-1") String kept) {
        return new ModelAndView("checks/gap/readings")
                .addObject("written", "")
                .addObject("columns", CsvColumns.headers())
                .addObject("kept", kept.matches("\\d{1,6}") ? Integer.parseInt(kept) : -1);
    }

    /** Shows what the file would do; nothing is kept. */
    @PostMapping("/readings/look")
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
        return forms.refused(page(woman, "").addObject("written", shown), problems);
    }

    private ModelAndView preview(SignedIn me, Woman woman, String text) {
        ReadingsFile.Preview preview = carrying.look(me, woman, text);
        return page(woman, "")
                .addObject("written", text)
                .addObject("preview", preview)
                .addObject(
                        "added",
                        preview.added().stream().map(ReadingsController::line).toList())
                .addObject("refused", RefusedLine.shown(preview.refused(), sentences));
    }

    private static AddedLine line(ReadingsFile.CheckOfFile check) {
        CsvIn.CheckKey key = check.key();
        return new AddedLine(
                Days.words(key.date()),
                key.by().name(),
                key.method().words(),
                check.readings().size(),
                key.reading() == 2);
    }

    @Idempotent
    @PostMapping("/readings")
    ModelAndView keep(
            @AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam(defaultValue = "") String written) {
        if (written.length() > TextGiven.LARGEST_BYTES) {
            return refused(woman, written, List.of(TextGiven.tooLarge()));
        }
        int readings = carrying.keep(me, woman, written);
        return new ModelAndView("redirect:/people/" + woman.id() + "/checks/gap/readings?kept=" + readings);
    }
}
