package openbloom.app.moves;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.care.Explanations;
import openbloom.core.figure.BodyStage;
import openbloom.core.figure.FigureChange;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.session.Place;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.ExclusionSurvey;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;
import openbloom.core.verdict.Versions;
import org.jspecify.annotations.Nullable;
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
    private static final int MOST_COMPARED = 3;

    private final Catalogues catalogues;
    private final Judgements judgements;
    private final People people;
    private final StudioDay day;
    private final Explanations explanations;

    MovesController(
            Catalogues catalogues, Judgements judgements, People people, StudioDay day, Explanations explanations) {
        this.explanations = explanations;
        this.catalogues = catalogues;
        this.judgements = judgements;
        this.people = people;
        this.day = day;
    }

    /** A move as a cell of its ladder; no verdict for nobody. */
    record WeekCell(Move move, @Nullable VerdictKind kind) {}

    /** A strand with the moves the filter leaves. */
    record MoveRow(ExerciseGroup strand, int done, List<WeekCell> cells) {}

    /**
     * How the move is done differently.
     *
     * @param setUp its line of set-up, or empty
     * @param other the move that is done instead, where it is another
     */
    public record MoveVersion(Adjustment adjustment, String setUp, Optional<Move> other, String who) {}

    @GetMapping("/moves")
    String all(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") String woman,
            @RequestParam(defaultValue = "") String who,
            @RequestParam(defaultValue = "") String position,
            @RequestParam(defaultValue = "") String kit,
            @RequestParam(defaultValue = "") String most,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String named,
            Model model) {
        Catalogue catalogue = catalogues.of(me.studioId());
        People.Picked picked = people.picked(me, her(me, woman), who);
        Optional<Woman> her = picked.her();
        Optional<Judgement> judgement = her.map(found -> judged(me, found));
        MoveFilter filter = new MoveFilter(position, kit, most, kind, named);
        List<MoveRow> rows = rows(catalogue, filter.asked(catalogue, judgement), judgement);
        model.addAttribute("rows", rows);
        model.addAttribute(
                "shown", rows.stream().mapToInt(row -> row.cells().size()).sum());
        model.addAttribute("count", catalogue.size());
        model.addAttribute("filter", filter);
        model.addAttribute("her", her.orElse(null));
        model.addAttribute("week", weekShown("", judgement));
        model.addAttribute("picked", picked);
        model.addAttribute("kinds", VerdictKind.values());
        model.addAttribute("positions", Position.values());
        model.addAttribute("things", Equipment.values());
        return "moves/list";
    }

    private static List<MoveRow> rows(Catalogue catalogue, Predicate<Move> asked, Optional<Judgement> judgement) {
        Map<ExerciseGroup, Integer> done = judgement
                .map(known -> known.facts().client().standing().rungs())
                .orElse(Map.of());
        return Arrays.stream(ExerciseGroup.values())
                .map(strand -> new MoveRow(
                        strand,
                        done.getOrDefault(strand, 0),
                        catalogue.ladder(strand).stream()
                                .filter(asked)
                                .map(move -> new WeekCell(
                                        move,
                                        judgement
                                                .map(known -> known.of(move).kind())
                                                .orElse(null)))
                                .toList()))
                .filter(row -> !row.cells().isEmpty())
                .toList();
    }

    /** Two or three moves side by side. */
    @GetMapping("/moves/compare")
    String compare(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(name = "move", defaultValue = "") List<String> ids,
            @RequestParam(defaultValue = "") String woman,
            Model model) {
        Catalogue catalogue = catalogues.of(me.studioId());
        List<Move> moves = ids.stream()
                .distinct()
                .flatMap(id -> catalogue.find(id).stream())
                .limit(MOST_COMPARED)
                .toList();
        Optional<Woman> her = her(me, woman);
        Optional<Judgement> judgement = her.map(found -> judged(me, found));
        model.addAttribute("moves", moves);
        model.addAttribute("her", her.orElse(null));
        model.addAttribute("week", weekShown("", judgement));
        model.addAttribute(
                "verdicts",
                judgement
                        .map(known -> moves.stream().collect(Collectors.toMap(Move::id, known::of)))
                        .orElse(Map.of()));
        model.addAttribute("choices", catalogue.moves());
        return "moves/compare";
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
        model.addAttribute("catalogue", catalogue);
        model.addAttribute("move", move);
        model.addAttribute("her", her.orElse(null));
        model.addAttribute("verdict", verdict.orElse(null));
        model.addAttribute(
                "easier", move.links().easier().stream().map(catalogue::get).toList());
        model.addAttribute(
                "harder", move.links().harder().stream().map(catalogue::get).toList());
        model.addAttribute(
                "swaps", move.links().swaps().stream().map(catalogue::get).toList());
        List<ExclusionSurvey> whoMayNot = ExclusionSurvey.of(catalogue, move);
        model.addAttribute("whoMayNot", whoMayNot);
        model.addAttribute("versions", versions(catalogue, move, whoMayNot));
        model.addAttribute("ours", !catalogues.isShipped(moveId));
        model.addAttribute("explained", explanations.of(move).orElse(null));
        return "moves/move";
    }

    private static List<MoveVersion> versions(Catalogue catalogue, Move move, List<ExclusionSurvey> whoMayNot) {
        return ExclusionSurvey.versions(catalogue, move, whoMayNot).stream()
                .map(version -> new MoveVersion(
                        version.adjustment(),
                        Versions.seen(version.adjustment())
                                .map(FigureChange::setUp)
                                .orElse(""),
                        Versions.of(version.adjustment(), move, catalogue),
                        String.join(", ", version.who())))
                .toList();
    }

    /** The week that was asked for, or hers; 0 without a bump. */
    private static int weekShown(String week, Optional<Judgement> judgement) {
        return new FormReader()
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
                new FormReader().whole("woman", woman, 1, Integer.MAX_VALUE).flatMap(id -> people.find(me, id));
        if (found.isEmpty()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return found;
    }
}
