package openbloom.app.moves;

import java.util.List;
import openbloom.core.figure.BodyStage;
import openbloom.core.figure.Figures;
import openbloom.core.figure.Look;
import openbloom.core.moves.Move;
import openbloom.core.picture.SessionStrip;
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
    public String picture(Move move, Seen seen) {
        return figures.picture(move.teaching().figure(), look(move, seen));
    }

    /** Where it begins and where it goes to; one picture if it is held. */
    public List<String> startAndEnd(Move move, Seen seen) {
        return figures.startAndEnd(move.teaching().figure(), look(move, seen));
    }

    /** From start to end; a single one if it is held. */
    List<String> frames(Move move, Seen seen) {
        List<String> ends = startAndEnd(move, seen);
        return ends.size() == 1 ? ends : figures.frames(move.teaching().figure(), look(move, seen), FRAMES);
    }

    /** A figure by its name, of nobody in particular. */
    String named(String figure) {
        return figures.picture(figure, new Look(BodyStage.NEITHER, false, "#3F6B57", figure.replace('-', ' '), ""));
    }

    /** @param leftSide her left side works */
    public record Seen(BodyStage stage, boolean leftSide) {}

    private static Look look(Move move, Seen seen) {
        String description = move.position().words() + ". "
                + String.join(" ", move.teaching().setup());
        return new Look(seen.stage(), seen.leftSide(), SessionStrip.tone(move.strand()), move.name(), description);
    }
}
