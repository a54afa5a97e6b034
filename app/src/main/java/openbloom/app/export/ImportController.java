package openbloom.app.export;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
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

/** The page on which a record of another studio, or all of them, is taken in. */
@Controller
@RequestMapping("/people/take-in")
class ImportController {
    private final Importing importing;
    private final FormPages forms;

    ImportController(Importing importing, FormPages forms) {
        this.importing = importing;
        this.forms = forms;
    }

    @GetMapping
    ModelAndView page() {
        return page(new Importing.Result(), false);
    }

    private static ModelAndView page(Importing.Result done, boolean twinsToo) {
        return new ModelAndView("share/take-in").addObject("done", done).addObject("twinsToo", twinsToo);
    }

    @PostMapping
    ModelAndView take(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(required = false) @Nullable MultipartFile file,
            @RequestParam(defaultValue = "false") boolean twinsToo)
            throws IOException {
        Importing.Result done = new Importing.Result();
        if (file == null || file.isEmpty()) {
            return forms.refused(page(done, twinsToo), List.of(Problem.of("file", "takenIn.nothing")));
        }
        try (InputStream opened = file.getInputStream()) {
            importing.take(me, opened, twinsToo, done);
            return page(done, twinsToo);
        } catch (NotTakenIn refused) {
            return forms.refused(page(done, twinsToo), refused.problems());
        }
    }
}
