package openbloom.core.picture;

import java.util.List;
import openbloom.core.moves.ExerciseGroup;

/**
 * A session as a ribbon to the scale of its time: a piece for each exercise group, in the order in which they come.
 *
 * @see ExerciseGroup
 * @see SessionStrip
 */
public final class SessionRibbon {
    private static final double WIDTH = 120;
    private static final double HEIGHT = 14;
    private static final double GAP = 1.6;
    private static final double THINNEST = 1.4;

    /**
     * Time for one exercise group.
     *
     * @param group the {@link ExerciseGroup} it is coloured by
     * @param seconds its breadth
     */
    public record RibbonPiece(ExerciseGroup group, int seconds) {}

    private SessionRibbon() {}

    /**
     * @param longestSeconds of the longest session it stands beside: that one is drawn at full width
     */
    public static String of(String name, List<RibbonPiece> pieces, int longestSeconds) {
        Svg svg = Svg.drawing(0, 0, WIDTH, HEIGHT, name, "session-ribbon");
        double scale = WIDTH / Math.max(1, longestSeconds);
        double x = 0;
        for (RibbonPiece piece : pieces) {
            double width = piece.seconds() * scale;
            svg.named(piece.group().words() + ", " + Math.max(1, Math.round(piece.seconds() / 60.0)) + " min");
            svg.box(x, 0, Math.max(THINNEST, width - GAP), HEIGHT, 2, Paint.filled(SessionStrip.tone(piece.group())));
            svg.close();
            x += width;
        }
        return svg.finish();
    }
}
