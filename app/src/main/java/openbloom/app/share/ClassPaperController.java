package openbloom.app.share;

import java.util.Map;
import java.util.Optional;
import openbloom.app.classes.ClassPapers;
import openbloom.app.language.HerLanguage;
import openbloom.app.language.HerWords;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormKeys;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** A class sheet as a paper of the studio’s own. */
@Controller
@RequestMapping("/teachings/{teachingId:\\d{1,18}}/paper")
class ClassPaperController {

    private final ClassPapers classes;
    private final HandOuts handOuts;
    private final FormPages forms;

    ClassPaperController(ClassPapers classes, HandOuts handOuts, FormPages forms) {
        this.classes = classes;
        this.handOuts = handOuts;
        this.forms = forms;
    }

    @GetMapping
    ModelAndView draft(@AuthenticationPrincipal SignedIn me, @PathVariable long teachingId) {
        return page(teachingId, draftOf(me, teachingId), Map.of());
    }

    private Draft draftOf(SignedIn me, long teachingId) {
        HerWords words = HerWords.in(HerLanguage.ENGLISH);
        return classes.sheet(me, teachingId)
                .map(sheet -> ClassDraft.of(sheet, words))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static ModelAndView page(long teachingId, Draft draft, Map<String, String> typed) {
        return new ModelAndView("share/class-draft")
                .addObject("teachingId", teachingId)
                .addObject("draft", draft)
                .addObject("typed", typed);
    }

    @PostMapping
    Object print(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable long teachingId,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "") String formKey) {
        Draft draft = draftOf(me, teachingId);
        Optional<Long> before = handOuts.madeFrom(me, formKey);
        if (before.isPresent()) {
            return handOuts.pdf(me, 0, before.get())
                    .<Object>map(paper -> ShareController.pdf(paper, HandOutKind.CLASS_SHEET))
                    .orElseGet(() -> ResponseEntity.notFound().build());
        }
        HandOutForm form = new HandOutForm(typed);
        FormReader problems = new FormReader();
        Draft said = form.over(draft, problems);
        if (!FormKeys.isKey(formKey)) {
            problems.refuse("title", "handOut.key");
        }
        if (!problems.isClean()) {
            return forms.refused(page(teachingId, draft, typed), problems);
        }
        byte[] paper = handOuts.make(
                me,
                teachingId,
                said,
                new HandOuts.Making(HandOutKind.CLASS_SHEET, form.isLarge(), Optional.empty(), formKey));
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(paper);
    }
}
