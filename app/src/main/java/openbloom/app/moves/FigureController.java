package openbloom.app.moves;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.Typed;
import openbloom.core.figure.BodyStage;
import openbloom.core.moves.Move;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;

/** Pictures of moves, loaded as they come into view and kept by the browser for a day. */
@Controller
class FigureController {
    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);
    private static final Duration KEPT = Duration.ofDays(1);

    private final Catalogues catalogues;
    private final MoveFigures figures;

    FigureController(Catalogues catalogues, MoveFigures figures) {
        this.catalogues = catalogues;
        this.figures = figures;
    }

    /** What an address asks for; the first of the two that is given counts. */
    record Asked(
            @Nullable String week,
            @Nullable String after,
            @Nullable String side) {
        MoveFigures.Seen seen() {
            Typed typed = new Typed();
            Optional<BodyStage> pregnant =
                    typed.whole("week", week, 0, BodyStage.LAST_WEEK).map(BodyStage.Pregnant::new);
            Optional<BodyStage> born = typed.whole("after", after, 0, 520).map(BodyStage.AfterBirth::new);
            if (!typed.isClean()) {
                throw new ResponseStatusException(HttpStatus.NOT_FOUND);
            }
            BodyStage stage = pregnant.or(() -> born).orElse(BodyStage.NEITHER);
            return new MoveFigures.Seen(stage, "left".equalsIgnoreCase(side));
        }
    }

    @GetMapping("/moves/{moveId}/figure.svg")
    ResponseEntity<String> picture(@AuthenticationPrincipal SignedIn me, @PathVariable String moveId, Asked asked) {
        Move move = find(me, moveId);
        return kept().contentType(SVG).body(figures.picture(move, asked.seen()));
    }

    /** A figure by its own name, to choose one for a move of the studio's own. */
    @GetMapping("/figures/{figureId}.svg")
    ResponseEntity<String> named(@PathVariable String figureId) {
        if (!catalogues.figures().contains(figureId)) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return kept().contentType(SVG).body(figures.named(figureId));
    }

    /** Pictures from start to end, for the module that shows them in motion. */
    @GetMapping("/moves/{moveId}/figure.json")
    @ResponseBody
    ResponseEntity<List<String>> frames(
            @AuthenticationPrincipal SignedIn me, @PathVariable String moveId, Asked asked) {
        Move move = find(me, moveId);
        return kept().body(figures.frames(move, asked.seen()));
    }

    /** Every figure on one page, for looking them over. */
    @GetMapping("/moves/figures")
    String all(@AuthenticationPrincipal SignedIn me, Asked asked, Model model) {
        asked.seen();
        model.addAttribute("moves", catalogues.of(me.studioId()).moves());
        model.addAttribute("week", asked.week());
        model.addAttribute("side", asked.side());
        return "moves/figures";
    }

    private static ResponseEntity.BodyBuilder kept() {
        return ResponseEntity.ok().cacheControl(CacheControl.maxAge(KEPT).cachePrivate());
    }

    private Move find(SignedIn me, String moveId) {
        return catalogues
                .of(me.studioId())
                .find(moveId)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
