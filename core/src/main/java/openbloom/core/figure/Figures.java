package openbloom.core.figure;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every figure that can be drawn, by its id.
 *
 * @see Figure
 * @see FigureSheet
 */
public final class Figures {
    private static final String FILE = "/openbloom/figures/figures.yaml";

    private final Map<String, Figure> figures;

    private final Map<String, ObjectNode> poses;

    private Figures(FigureFile.FigureRead read) {
        this.figures = Map.copyOf(read.figures());
        this.poses = Map.copyOf(read.poses());
    }

    /** @throws IllegalStateException naming every problem, if the shipped file does not pass the checker */
    public static Figures shipped() {
        Outcome<Figures> read = read(shippedFile());
        if (!read.problems().isEmpty()) {
            throw new IllegalStateException("The shipped figures should pass the checker, but: " + read.problems());
        }
        return read.value();
    }

    /** @return the figures of a file in the shipped form, or every problem with it */
    public static Outcome<Figures> read(String yaml) {
        return FigureFile.read(yaml).map(Figures::new);
    }

    public Set<String> ids() {
        return new TreeSet<>(figures.keySet());
    }

    public boolean has(String id) {
        return figures.containsKey(id);
    }

    /** One picture: where the move goes to, paler where it began, and an arrow. */
    public String picture(String id, FigureStyle look) {
        return new FigureSheet(figure(id, look), look).picture();
    }

    /** Two pictures of one size: where the move begins and where it goes to; one if it is held. */
    public List<String> startAndEnd(String id, FigureStyle look) {
        Figure figure = figure(id, look);
        FigureSheet sheet = new FigureSheet(figure, look);
        return figure.at(look.stage()).isHeld() ? List.of(sheet.at(0)) : List.of(sheet.at(0), sheet.at(1));
    }

    /** Pictures of one size from start to end, for showing the move in motion. */
    public List<String> frames(String id, FigureStyle look, int count) {
        if (count < 2 || count > 60) {
            throw new IllegalArgumentException("Expected 2 to 60 frames, but was " + count);
        }
        FigureSheet sheet = new FigureSheet(figure(id, look), look);
        List<String> frames = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            frames.add(sheet.at(i / (count - 1.0)));
        }
        return List.copyOf(frames);
    }

    /**
     * A pose of a studio's own, told in the form of the shipped file; it may start {@code from} a shipped pose.
     *
     * @return the pose, or everything that is wrong with it: an unknown word, a missing limb, a joint out of its range, a body
     *     that floats or goes through the floor
     */
    public Outcome<OwnPose> own(String owner, ObjectNode told) {
        String from = told.path("from").asString("");
        if (from.isEmpty()) {
            return OwnPoses.read(owner, told);
        }
        ObjectNode base = poses.get(from);
        return base == null
                ? Outcome.refused(Problem.of(owner + ".from", "pose.unknown", from))
                : OwnPoses.read(owner, FigureFile.over(base, told));
    }

    /** The directions of the pose a figure goes to, in degrees. */
    public Map<Joint, Integer> joints(String id) {
        return OwnPoses.measured(figure(id).usual().end());
    }

    /** What a studio's file says for the pose a figure goes to with some of its joints turned. */
    public Map<String, Object> turned(String id, Map<Joint, Integer> joints) {
        return OwnPoses.written(figure(id).usual().end(), joints);
    }

    private Figure figure(String id, FigureStyle look) {
        Figure figure = figure(id);
        return look.own().map(own -> figure.goingTo(own.pose())).orElse(figure);
    }

    Figure figure(String id) {
        Figure figure = figures.get(id);
        if (figure == null) {
            throw new IllegalArgumentException("A figure was expected, but was " + id);
        }
        return figure;
    }

    private static String shippedFile() {
        try (InputStream in =
                Objects.requireNonNull(Figures.class.getResourceAsStream(FILE), () -> "No figures file " + FILE)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
