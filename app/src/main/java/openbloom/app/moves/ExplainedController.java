package openbloom.app.moves;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import openbloom.core.care.Explanation;
import openbloom.core.care.Explanations;
import openbloom.core.picture.ExplainingView;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;

/** The cards that explain, for the studio; their pictures, which her page at home shows as well. */
@Controller
class ExplainedController {
    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);
    private static final Duration KEPT = Duration.ofDays(1);
    private static final int FRAMES = 24;

    private final Explanations explanations;

    ExplainedController(Explanations explanations) {
        this.explanations = explanations;
    }

    @GetMapping("/explained")
    String all(Model model) {
        model.addAttribute("cards", explanations.all());
        model.addAttribute(
                "seen",
                explanations.all().stream()
                        .collect(Collectors.toMap(
                                Explanation::id,
                                card -> ExplainingView.valueOf(card.view()).words())));
        return "moves/explained";
    }

    /** The view where its movement has gone to. */
    @GetMapping("/explained/{id}/picture.svg")
    @ResponseBody
    ResponseEntity<String> picture(@PathVariable String id) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(KEPT).cachePublic())
                .contentType(SVG)
                .body(view(id).at(1));
    }

    /** From beginning to end, for the module that shows it in motion. */
    @GetMapping("/explained/{id}/picture.json")
    @ResponseBody
    ResponseEntity<List<String>> frames(@PathVariable String id) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(KEPT).cachePublic())
                .body(view(id).frames(FRAMES));
    }

    private ExplainingView view(String id) {
        return explanations
                .find(id)
                .map(Explanation::view)
                .map(ExplainingView::valueOf)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
