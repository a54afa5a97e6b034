package openbloom.app.moves;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormReader;
import openbloom.app.system.MessageFormatter;
import openbloom.core.Outcome;
import openbloom.core.figure.BodyStage;
import openbloom.core.figure.OwnPose;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Adjustment;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;

/** Pictures of moves, loaded as they come into view and kept by the browser for a day. */
@Controller
class FigureController {
    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);
    private static final Duration KEPT = Duration.ofDays(1);

    private final Catalogues catalogues;
    private final MoveFigures figures;
    private final StudioPoses poses;
    private final MessageFormatter sentences;

    FigureController(Catalogues catalogues, MoveFigures figures, StudioPoses poses, MessageFormatter sentences) {
        this.catalogues = catalogues;
        this.figures = figures;
        this.poses = poses;
        this.sentences = sentences;
    }

    /** What an address asks for; the first of the two that is given counts. */
    record FigureQuery(
            @Nullable String week,
            @Nullable String after,
            @Nullable String side,
            @Nullable String version) {
        BodyStage stage() {
            FormReader typed = new FormReader();
            Optional<BodyStage> pregnant =
                    typed.whole("week", week, 0, BodyStage.LAST_WEEK).map(BodyStage.Pregnant::new);
            Optional<BodyStage> born = typed.whole("after", after, 0, 520).map(BodyStage.AfterBirth::new);
            if (!typed.isClean()) {
                throw new ResponseStatusException(HttpStatus.NOT_FOUND);
            }
            return pregnant.or(() -> born).orElse(BodyStage.NEITHER);
        }

        List<Adjustment> changes() {
            return version == null ? List.of() : MoveFigures.changesIn(version);
        }
    }

    @GetMapping("/moves/{moveId}/figure.svg")
    ResponseEntity<String> picture(
            @AuthenticationPrincipal SignedIn me, @PathVariable String moveId, FigureQuery asked) {
        return kept().contentType(SVG).body(figures.picture(seen(me, moveId, asked)));
    }

    /** A figure by its own name, to choose one for a move of the studio's own. */
    @GetMapping("/figures/{figureId}.svg")
    ResponseEntity<String> named(@PathVariable String figureId, @RequestParam Map<String, String> asked) {
        requireFigure(figureId);
        Map<String, Object> turned = poses.turned(figureId, JointFields.of(asked));
        if (turned.size() <= 1) {
            return kept().contentType(SVG).body(figures.named(figureId, Optional.empty()));
        }
        Outcome<OwnPose> pose = poses.read(turned);
        return pose.problems().isEmpty()
                ? kept().contentType(SVG).body(figures.named(figureId, Optional.of(pose.value())))
                : ResponseEntity.unprocessableContent()
                        .contentType(MediaType.TEXT_PLAIN)
                        .body(pose.problems().stream().map(sentences::of).collect(Collectors.joining(" ")));
    }

    /** The directions of the pose a figure goes to, in degrees, to turn them. */
    @GetMapping("/figures/{figureId}.json")
    @ResponseBody
    ResponseEntity<Map<String, Integer>> joints(@PathVariable String figureId) {
        requireFigure(figureId);
        return kept().body(JointFields.written(poses.joints(figureId)));
    }

    private void requireFigure(String figureId) {
        if (!catalogues.figures().contains(figureId)) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }

    /** Pictures from start to end, for the module that shows them in motion. */
    @GetMapping("/moves/{moveId}/figure.json")
    @ResponseBody
    ResponseEntity<List<String>> frames(
            @AuthenticationPrincipal SignedIn me, @PathVariable String moveId, FigureQuery asked) {
        return kept().body(figures.frames(seen(me, moveId, asked)));
    }

    /** The figures of a strand. */
    public record FigureRow(ExerciseGroup strand, List<Move> moves) {}

    /** Every figure on one page, for looking them over. */
    @GetMapping("/moves/figures")
    String all(@AuthenticationPrincipal SignedIn me, FigureQuery asked, Model model) {
        asked.stage();
        Catalogue catalogue = catalogues.of(me.studioId());
        model.addAttribute(
                "rows",
                Arrays.stream(ExerciseGroup.values())
                        .map(strand -> new FigureRow(strand, catalogue.ladder(strand)))
                        .toList());
        model.addAttribute("week", asked.week());
        model.addAttribute("side", asked.side());
        return "moves/figures";
    }

    private static ResponseEntity.BodyBuilder kept() {
        return ResponseEntity.ok().cacheControl(CacheControl.maxAge(KEPT).cachePrivate());
    }

    private MoveFigures.FigureSeen seen(SignedIn me, String moveId, FigureQuery asked) {
        Catalogue catalogue = catalogues.of(me.studioId());
        Move move = catalogue.find(moveId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        boolean leftSide = "left".equalsIgnoreCase(asked.side());
        return MoveFigures.FigureSeen.changed(asked.stage(), leftSide, move, asked.changes(), catalogue);
    }
}
