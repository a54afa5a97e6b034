package openbloom.app.session;

import java.math.BigDecimal;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.Woman;
import openbloom.app.studio.Editions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Saved;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Moves pinned to a woman, kept out for her, and those she does anyway with her load. */
@Controller
@RequestMapping("/people/{womanId}/wanted")
class WantedController {
    private static final int LONGEST_NOTE = 200;
    private static final int LONGEST_NAME = 120;

    private final WantedMoves wanted;
    private final Catalogues catalogues;
    private final FormPages forms;
    private final Editions editions;

    WantedController(WantedMoves wanted, Catalogues catalogues, FormPages forms, Editions editions) {
        this.editions = editions;
        this.wanted = wanted;
        this.catalogues = catalogues;
        this.forms = forms;
    }

    /** One line of the page. */
    public record WantedLine(
            String moveId,
            String name,
            WantedMoves.WishKind kind,
            @Nullable BigDecimal kilograms,
            String note) {}

    @GetMapping
    ModelAndView show(@AuthenticationPrincipal SignedIn me, Woman woman) {
        Catalogue catalogue = catalogues.of(me.studioId());
        return new ModelAndView("session/wanted")
                .addObject(
                        "lines",
                        wanted.of(woman.id()).stream()
                                .map(one -> new WantedLine(
                                        one.moveId(),
                                        catalogue
                                                .find(one.moveId())
                                                .map(Move::name)
                                                .orElse(one.moveId() + " (no longer among the exercises)"),
                                        one.kind(),
                                        one.kilograms(),
                                        one.note()))
                                .toList())
                .addObject("edition", editions.of(Editions.Subject.PREFERENCES, woman.id()))
                .addObject("kinds", WantedMoves.WishKind.values())
                .addObject("moves", catalogue.moves());
    }

    @PostMapping
    ModelAndView keep(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String move,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String kilograms,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "0") String edition) {
        FormReader typed = new FormReader();
        Optional<Move> found = found(me, typed.requiredText("move", move, LONGEST_NAME));
        if (found.isEmpty() && typed.isClean()) {
            typed.refuse("move", "move.unknown", move);
        }
        Optional<WantedMoves.WishKind> how = typed.requiredChoice("kind", kind, WantedMoves.WishKind.class);
        BigDecimal load = Loads.read(typed, "kilograms", kilograms).orElse(null);
        String words = typed.text("note", note, LONGEST_NOTE);
        editions.keep(
                me,
                Editions.Subject.PREFERENCES,
                woman.id(),
                edition,
                typed,
                () -> wanted.keep(
                        me,
                        woman,
                        new WantedMoves.WantedMove(found.orElseThrow().id(), how.orElseThrow(), load, words)));
        if (!typed.isClean()) {
            return forms.refused(
                    show(me, woman)
                            .addObject("typedMove", move)
                            .addObject("typedKind", kind)
                            .addObject("typedKilograms", kilograms)
                            .addObject("typedNote", note),
                    typed);
        }
        return back(woman);
    }

    @PostMapping("/remove")
    ModelAndView remove(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String move,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "0") String edition) {
        FormReader typed = new FormReader();
        Optional<WantedMoves.WishKind> how = typed.requiredChoice("kind", kind, WantedMoves.WishKind.class);
        editions.keep(
                me,
                Editions.Subject.PREFERENCES,
                woman.id(),
                edition,
                typed,
                () -> wanted.remove(woman, move, how.orElseThrow()));
        return typed.isClean() ? back(woman) : forms.refused(show(me, woman), typed);
    }

    private Optional<Move> found(SignedIn me, String written) {
        return catalogues.of(me.studioId()).meant(written);
    }

    private static ModelAndView back(Woman woman) {
        return Saved.then("redirect:/people/" + woman.id() + "/wanted", "saved.preferences");
    }
}
