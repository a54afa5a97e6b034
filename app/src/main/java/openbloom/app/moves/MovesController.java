package openbloom.app.moves;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.app.system.Typed;
import openbloom.core.figure.BodyStage;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.picture.LadderMap;
import openbloom.core.program.Place;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Kind;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.WhoMayNot;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The catalogue: the map of ladders, for nobody or for one woman, and each move's page. */
@Controller
class MovesController {
    private final Catalogues catalogues;
    private final Judgements judgements;
    private final People people;
    private final StudioDay day;

    MovesController(Catalogues catalogues, Judgements judgements, People people, StudioDay day) {
        this.catalogues = catalogues;
        this.judgements = judgements;
        this.people = people;
        this.day = day;
    }

    @GetMapping("/moves")
    String all(@AuthenticationPrincipal SignedIn me, @RequestParam(defaultValue = "") String woman, Model model) {
        Catalogue catalogue = catalogues.of(me.studioId());
        Optional<Woman> her = her(me, woman);
        Optional<Judgement> judgement = her.map(found -> judged(me, found));
        String picture = LadderMap.of(
                catalogue,
                move -> judgement.map(known -> known.of(move).kind()),
                judgement.map(MovesController::rungs).orElse(Map.of()),
                link(her));
        model.addAttribute("picture", picture);
        model.addAttribute("count", catalogue.size());
        model.addAttribute("her", her.orElse(null));
        model.addAttribute("women", people.search(me, ""));
        model.addAttribute("kinds", Kind.values());
        model.addAttribute("catalogue", catalogue);
        model.addAttribute("strands", Strand.values());
        return "moves/list";
    }

    @GetMapping("/moves/{moveId}")
    String one(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable String moveId,
            @RequestParam(defaultValue = "") String woman,
            @RequestParam(defaultValue = "") String week,
            Model model) {
        Catalogue catalogue = catalogues.of(me.studioId());
        Move move = catalogue.find(moveId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        Optional<Woman> her = her(me, woman);
        Optional<Judgement> judgement = her.map(found -> judged(me, found));
        Optional<Verdict> verdict = judgement.map(known -> known.of(move));
        model.addAttribute("week", weekShown(week, judgement));
        model.addAttribute("move", move);
        model.addAttribute("her", her.orElse(null));
        model.addAttribute("verdict", verdict.orElse(null));
        model.addAttribute(
                "easier", move.links().easier().stream().map(catalogue::get).toList());
        model.addAttribute(
                "harder", move.links().harder().stream().map(catalogue::get).toList());
        model.addAttribute(
                "swaps", move.links().swaps().stream().map(catalogue::get).toList());
        model.addAttribute("whoMayNot", WhoMayNot.of(catalogue, move));
        model.addAttribute("ours", !catalogues.isShipped(moveId));
        return "moves/move";
    }

    /** The week that was asked for, or hers; 0 without a bump. */
    private static int weekShown(String week, Optional<Judgement> judgement) {
        return new Typed()
                .whole("week", week, 0, BodyStage.LAST_WEEK)
                .orElseGet(() -> judgement
                        .map(known ->
                                known.facts().client().bodyOn(known.facts().day()))
                        .map(stage -> stage instanceof BodyStage.Pregnant pregnant ? pregnant.week() : 0)
                        .orElse(0));
    }

    private Judgement judged(SignedIn me, Woman woman) {
        return judgements.of(woman, day.today(me), Place.STUDIO);
    }

    /** The woman an address asks for; none if it asks for nobody. */
    private Optional<Woman> her(SignedIn me, String woman) {
        if (woman.isEmpty()) {
            return Optional.empty();
        }
        Optional<Woman> found =
                new Typed().whole("woman", woman, 1, Integer.MAX_VALUE).flatMap(id -> people.find(me, id));
        if (found.isEmpty()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return found;
    }

    private static Map<Strand, Integer> rungs(Judgement judgement) {
        Map<Strand, Integer> rungs = new EnumMap<>(Strand.class);
        rungs.putAll(judgement.facts().client().standing().rungs());
        return rungs;
    }

    private static Function<Move, String> link(Optional<Woman> her) {
        String query = her.map(woman -> "?woman=" + woman.id()).orElse("");
        return move -> "/moves/" + move.id() + query;
    }
}
