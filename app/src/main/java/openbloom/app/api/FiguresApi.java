package openbloom.app.api;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.MoveFigures;
import openbloom.app.studio.SignedIn;
import openbloom.core.figure.BodyStage;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Adjustment;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;

/** The picture of a move, or of a version of it: another move by its id, or the names of changes with commas between. */
@RestController
@RequestMapping("/api/v1")
class FiguresApi {
    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);
    private static final int LONGEST_AFTER_BIRTH = 520;

    private final Catalogues catalogues;
    private final MoveFigures figures;

    FiguresApi(Catalogues catalogues, MoveFigures figures) {
        this.catalogues = catalogues;
        this.figures = figures;
    }

    /** Which of the pictures: where the move begins, where it goes to, or both in one with an arrow. */
    enum FigureShown {
        START,
        END,
        BOTH
    }

    /** Which side works. */
    enum FigureSide {
        LEFT,
        RIGHT
    }

    @GetMapping("/figures/{move}.svg")
    ResponseEntity<String> figure(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable String move,
            @RequestParam(required = false) @Nullable Integer week,
            @RequestParam(required = false) @Nullable Integer afterBirthWeeks,
            @RequestParam(defaultValue = "RIGHT") String side,
            @RequestParam(defaultValue = "BOTH") String pose,
            @RequestParam(defaultValue = "") String version) {
        Catalogue catalogue = catalogues.of(me.studioId());
        Move found = catalogue
                .find(move)
                .orElseThrow(
                        () -> new ResponseStatusException(HttpStatus.NOT_FOUND, "There is no exercise " + move + "."));
        JsonFieldReader reading = new JsonFieldReader();
        int weeks = reading.numberOr("week", week, 0, 0, BodyStage.LAST_WEEK);
        int after = reading.numberOr("afterBirthWeeks", afterBirthWeeks, 0, 0, LONGEST_AFTER_BIRTH);
        Optional<FigureSide> works = reading.oneOf("side", side.toUpperCase(Locale.ROOT), FigureSide.class);
        Optional<FigureShown> shown = reading.oneOf("pose", pose.toUpperCase(Locale.ROOT), FigureShown.class);
        Optional<Move> named = catalogue.find(version);
        List<Adjustment> changes = named.isPresent() ? List.of() : changes(reading, version);
        reading.orRefuse();
        BodyStage born = afterBirthWeeks == null ? BodyStage.NEITHER : new BodyStage.AfterBirth(after);
        BodyStage of = week == null ? born : new BodyStage.Pregnant(weeks);
        boolean left = works.orElseThrow() == FigureSide.LEFT;
        MoveFigures.FigureSeen seen = named.map(other -> MoveFigures.FigureSeen.plain(of, left, other))
                .orElseGet(() -> MoveFigures.FigureSeen.changed(of, left, found, changes, catalogue));
        return ResponseEntity.ok().contentType(SVG).body(drawn(seen, shown.orElseThrow()));
    }

    /** The names of changes, as verdicts give them. */
    private static List<Adjustment> changes(JsonFieldReader reading, String version) {
        return Arrays.stream(version.split(","))
                .filter(word -> !word.isBlank())
                .flatMap(word -> reading.oneOf("version", word.strip(), Adjustment.class).stream())
                .toList();
    }

    private String drawn(MoveFigures.FigureSeen seen, FigureShown shown) {
        List<String> ends = figures.startAndEnd(seen);
        return switch (shown) {
            case START -> ends.get(0);
            case END -> ends.get(ends.size() - 1);
            case BOTH -> figures.picture(seen);
        };
    }
}
