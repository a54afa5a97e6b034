package openbloom.app.export;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.Problem;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Everything of hers, as a file; and erasing her. */
@Controller
class ExportController {
    private final Exporting exporting;
    private final Erasing erasing;
    private final FormPages forms;
    private final StudioDay day;

    ExportController(Exporting exporting, Erasing erasing, FormPages forms, StudioDay day) {
        this.exporting = exporting;
        this.erasing = erasing;
        this.forms = forms;
        this.day = day;
    }

    @GetMapping("/people/{womanId}/share/everything.zip")
    void everything(@AuthenticationPrincipal SignedIn me, Woman woman, HttpServletResponse response)
            throws IOException, SQLException {
        begin(response, plain(woman.name()));
        exporting.write(me, woman, response.getOutputStream());
    }

    /** The records of all its women, one after the other. */
    @GetMapping("/studio/everything.zip")
    @PreAuthorize("hasRole('OWNER')")
    void everyRecord(@AuthenticationPrincipal SignedIn me, HttpServletResponse response)
            throws IOException, SQLException {
        begin(response, plain(me.studio().name()));
        exporting.writeAll(me, response.getOutputStream());
    }

    private static void begin(HttpServletResponse response, String name) {
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("open-bloom-" + name + ".zip")
                        .build()
                        .toString());
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
    }

    /** How long backups still hold her: as long as the oldest monthly one is kept. */
    private static final int MONTHS_IN_BACKUPS = 12;

    @GetMapping("/people/{womanId}/erase")
    @PreAuthorize("hasRole('OWNER')")
    ModelAndView erase(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return page(me, "");
    }

    @PostMapping("/people/{womanId}/erase")
    @PreAuthorize("hasRole('OWNER')")
    ModelAndView erase(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(name = "eraseName", defaultValue = "") String typed)
            throws SQLException {
        List<Problem> problems = erasing.erase(woman, typed);
        return problems.isEmpty()
                ? new ModelAndView("redirect:/people?erased")
                : forms.refused(page(me, typed), problems);
    }

    private ModelAndView page(SignedIn me, String typed) {
        return new ModelAndView("share/erase")
                .addObject("typed", typed)
                .addObject("until", Days.words(day.today(me).plusMonths(MONTHS_IN_BACKUPS)));
    }

    /** Her name in plain letters, as a file may be called everywhere. */
    private static String plain(String name) {
        String letters = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("[^A-Za-z0-9]+", "-")
                .toLowerCase(Locale.ROOT)
                .replaceAll("^-|-$", "");
        return letters.isEmpty() ? "record" : letters;
    }
}
