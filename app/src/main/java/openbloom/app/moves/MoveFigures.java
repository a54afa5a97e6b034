package openbloom.app.moves;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.Enums;
import openbloom.core.figure.BodyStage;
import openbloom.core.figure.FigureChange;
import openbloom.core.figure.FigureStyle;
import openbloom.core.figure.Figures;
import openbloom.core.figure.OwnPose;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.picture.SessionStrip;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Versions;
import org.springframework.stereotype.Service;

/** Draws a move: the same figure on pages, in the runner and on paper. */
@Service
public class MoveFigures {
    /** Enough that a move flows, few enough that it loads at once. */
    static final int FRAMES = 13;

    private final Figures figures;

    MoveFigures(Figures figures) {
        this.figures = figures;
    }

    /** Where the move goes to, paler where it began, and an arrow. */
    public String picture(FigureSeen seen) {
        return figures.picture(figure(seen), look(seen));
    }

    /** Where it begins and where it goes to; one picture if it is held. */
    public List<String> startAndEnd(FigureSeen seen) {
        return figures.startAndEnd(figure(seen), look(seen));
    }

    /** From start to end; a single one if it is held. */
    public List<String> frames(FigureSeen seen) {
        List<String> ends = startAndEnd(seen);
        return ends.size() == 1 ? ends : figures.frames(figure(seen), look(seen), FRAMES);
    }

    /** How changes are asked for in the address of a figure. */
    public static String address(Collection<Adjustment> changes) {
        return changes.stream().sorted().map(Adjustment::name).collect(Collectors.joining(","));
    }

    /** The changes an address asks for; words that are no change, or no longer, change nothing. */
    public static List<Adjustment> changesIn(String address) {
        return Arrays.stream(address.split(","))
                .flatMap(name -> Enums.named(Adjustment.class, name).stream())
                .sorted()
                .toList();
    }

    /**
     * A figure by its name, of nobody in particular.
     *
     * @param own where it goes to instead, if some of its joints are turned
     */
    String named(String figure, Optional<OwnPose> own) {
        return figures.picture(
                figure,
                new FigureStyle(BodyStage.NEITHER, false, "#3F6B57", figure.replace('-', ' '), "", Set.of(), own));
    }

    /**
     * Whose picture it is.
     *
     * @param leftSide her left side works
     * @param shownBy the version of the move that is shown, or the move itself
     */
    public record FigureSeen(BodyStage stage, boolean leftSide, Move shownBy, Set<FigureChange> changes) {
        /** The move as it is written. */
        public static FigureSeen plain(BodyStage stage, boolean leftSide, Move move) {
            return new FigureSeen(stage, leftSide, move, Set.of());
        }

        /** The move with what its rules change. */
        public static FigureSeen changed(
                BodyStage stage, boolean leftSide, Move move, Collection<Adjustment> changes, Catalogue catalogue) {
            return new FigureSeen(stage, leftSide, Versions.shownBy(move, changes, catalogue), Versions.seen(changes));
        }
    }

    private static String figure(FigureSeen seen) {
        return seen.shownBy().teaching().figure();
    }

    private static FigureStyle look(FigureSeen seen) {
        Move move = seen.shownBy();
        String changes = seen.changes().stream().map(FigureChange::setUp).collect(Collectors.joining(" "));
        String description = String.join(
                " ", move.where() + ".", String.join(" ", move.teaching().setup()), changes);
        return new FigureStyle(
                seen.stage(),
                seen.leftSide(),
                SessionStrip.tone(move.strand()),
                move.name(),
                description.strip(),
                seen.changes(),
                move.teaching().pose());
    }
}
