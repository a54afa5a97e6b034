package openbloom.app.moves;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormKeys;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.core.breath.CueFamily;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.moves.OwnWords;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** Name, cue and feel of a shipped move in an instructor's or the studio's own words; earlier versions can be taken up again. */
@Controller
class OwnWordsController {
    private final Catalogues catalogues;
    private final OwnWordsShelf shelf;
    private final FormPages forms;

    OwnWordsController(Catalogues catalogues, OwnWordsShelf shelf, FormPages forms) {
        this.catalogues = catalogues;
        this.shelf = shelf;
        this.forms = forms;
    }

    @GetMapping("/moves/{moveId}/words")
    ModelAndView words(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable String moveId,
            @RequestParam(defaultValue = "") String whole) {
        boolean isForAll = "yes".equals(whole);
        Optional<OwnWordsShelf.KeptWords> latest = latest(me, moveId, isForAll);
        OwnWords words = latest.map(OwnWordsShelf.KeptWords::words).orElse(OwnWords.NONE);
        Map<String, String> cues = new LinkedHashMap<>();
        words.cues().forEach((family, cue) -> cues.put(family.name(), cue));
        return page(
                me,
                moveId,
                new OwnWordsForm(
                        "",
                        String.valueOf(latest.map(kept -> kept.row().id()).orElse(0L)),
                        isForAll ? "yes" : "",
                        words.name().orElse(""),
                        words.feel().orElse(""),
                        cues));
    }

    @PostMapping("/moves/{moveId}/words")
    ModelAndView keep(@AuthenticationPrincipal SignedIn me, @PathVariable String moveId, OwnWordsForm form) {
        FormReader typed = new FormReader();
        OwnWords words = form.read(typed, catalogues.shipped(), shipped(moveId));
        return answered(me, moveId, form, typed, words);
    }

    @PostMapping("/moves/{moveId}/words/shipped")
    ModelAndView asShipped(@AuthenticationPrincipal SignedIn me, @PathVariable String moveId, OwnWordsForm form) {
        shipped(moveId);
        return answered(me, moveId, form, new FormReader(), OwnWords.NONE);
    }

    /** An earlier version again. */
    @PostMapping("/moves/{moveId}/words/again")
    ModelAndView again(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable String moveId,
            OwnWordsForm form,
            @RequestParam(defaultValue = "") String of) {
        OwnWords words = shelf.versions(me, moveId).stream()
                .filter(kept -> String.valueOf(kept.row().id()).equals(of))
                .findFirst()
                .map(OwnWordsShelf.KeptWords::words)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return answered(me, moveId, form, new FormReader(), words);
    }

    private ModelAndView answered(SignedIn me, String moveId, OwnWordsForm form, FormReader typed, OwnWords words) {
        if (form.isForAll() && !me.account().owner()) {
            typed.refuse("whole", "words.owner");
        }
        if (!FormKeys.isKey(form.key())) {
            typed.refuse("whole", "words.key");
        }
        Long whose = form.isForAll() ? null : Long.valueOf(me.accountId());
        long madeFrom =
                typed.whole("version", form.version(), 0, Integer.MAX_VALUE).orElse(-1);
        if (typed.isClean() && !shelf.keep(me, whose, moveId, form.key(), madeFrom, words)) {
            typed.refuse("whole", "words.stale");
        }
        return typed.isClean()
                ? new ModelAndView("redirect:/moves/" + moveId + "?said")
                : forms.refused(page(me, moveId, form), typed);
    }

    private Optional<OwnWordsShelf.KeptWords> latest(SignedIn me, String moveId, boolean isForAll) {
        return shelf.versions(me, moveId).stream()
                .filter(kept -> Objects.equals(kept.row().accountId(), isForAll ? null : Long.valueOf(me.accountId())))
                .findFirst();
    }

    private Move shipped(String moveId) {
        return catalogues.shipped().find(moveId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private ModelAndView page(SignedIn me, String moveId, OwnWordsForm form) {
        Move move = shipped(moveId);
        Catalogue now = catalogues.of(me.studioId());
        Map<String, String> typed = new LinkedHashMap<>();
        for (CueFamily family : CueFamily.values()) {
            String cue = form.typedCue(family);
            typed.put(family.name(), cue == null ? "" : cue);
        }
        List<OwnWordsShelf.KeptWords> versions = shelf.versions(me, moveId);
        return new ModelAndView("moves/words")
                .addObject("move", move)
                .addObject("now", now.find(moveId).orElse(move))
                .addObject("form", form)
                .addObject("typed", typed)
                .addObject("isForAll", form.isForAll())
                .addObject("mayForAll", me.account().owner())
                .addObject("versions", versions);
    }
}
