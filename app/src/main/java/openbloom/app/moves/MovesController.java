package openbloom.app.moves;

import java.util.Arrays;
import java.util.List;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** The catalogue: strands and moves. */
@Controller
class MovesController {
    private final Catalogue catalogue;

    MovesController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** One strand with its moves from the first rung. */
    record Ladder(Strand strand, List<Move> moves) {}

    @GetMapping("/moves")
    String all(Model model) {
        model.addAttribute(
                "ladders",
                Arrays.stream(Strand.values())
                        .map(strand -> new Ladder(strand, catalogue.ladder(strand)))
                        .toList());
        model.addAttribute("count", catalogue.size());
        return "moves/list";
    }

    @GetMapping("/moves/{moveId}")
    String one(@PathVariable String moveId, Model model) {
        Move move = catalogue.find(moveId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        model.addAttribute("move", move);
        model.addAttribute(
                "easier", move.links().easier().stream().map(catalogue::get).toList());
        model.addAttribute(
                "harder", move.links().harder().stream().map(catalogue::get).toList());
        model.addAttribute(
                "swaps", move.links().swaps().stream().map(catalogue::get).toList());
        return "moves/move";
    }
}
