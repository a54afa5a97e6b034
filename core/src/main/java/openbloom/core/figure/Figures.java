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

/** Every figure that can be drawn, by its id. */
public final class Figures {
    private static final String FILE = "/openbloom/figures/figures.yaml";

    private final Map<String, Figure> figures;

    private Figures(Map<String, Figure> figures) {
        this.figures = Map.copyOf(figures);
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
    public String picture(String id, Look look) {
        return new FigureSheet(figure(id), look).picture();
    }

    /** Two pictures of one size: where the move begins and where it goes to; one if it is held. */
    public List<String> startAndEnd(String id, Look look) {
        Figure figure = figure(id);
        FigureSheet sheet = new FigureSheet(figure, look);
        return figure.at(look.stage()).isHeld() ? List.of(sheet.at(0)) : List.of(sheet.at(0), sheet.at(1));
    }

    /** Pictures of one size from start to end, for showing the move in motion. */
    public List<String> frames(String id, Look look, int count) {
        if (count < 2 || count > 60) {
            throw new IllegalArgumentException("Expected 2 to 60 frames, but was " + count);
        }
        FigureSheet sheet = new FigureSheet(figure(id), look);
        List<String> frames = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            frames.add(sheet.at(i / (count - 1.0)));
        }
        return List.copyOf(frames);
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
