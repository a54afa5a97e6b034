package openbloom.core.figure;

/**
 * How a figure is to be drawn.
 *
 * @param leftSide drawn as its mirror image, so that her left side works
 * @param tone colour of the working region, {@code #RRGGBB}
 * @param title name of the move
 * @param description what is to be seen, in words
 */
public record Look(BodyStage stage, boolean leftSide, String tone, String title, String description) {
    public Look {
        if (!tone.matches("#[0-9A-Fa-f]{6}")) {
            throw new IllegalArgumentException("A tone is #RRGGBB, but was " + tone);
        }
    }
}
