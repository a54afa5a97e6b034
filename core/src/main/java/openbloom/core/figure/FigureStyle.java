package openbloom.core.figure;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * How a figure is to be drawn.
 *
 * @param leftSide drawn as its mirror image, so that her left side works
 * @param tone colour of the working region, {@code #RRGGBB}
 * @param title name of the move
 * @param description what is to be seen, in words
 * @param changes what is done differently, in the order of {@link FigureChange}
 * @param own where it goes to, if that is a pose of the studio's own
 */
public record FigureStyle(
        BodyStage stage,
        boolean leftSide,
        String tone,
        String title,
        String description,
        Set<FigureChange> changes,
        Optional<OwnPose> own) {
    public FigureStyle {
        changes = changes.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(changes));
        if (!tone.matches("#[0-9A-Fa-f]{6}")) {
            throw new IllegalArgumentException("A tone is #RRGGBB, but was " + tone);
        }
    }
}
