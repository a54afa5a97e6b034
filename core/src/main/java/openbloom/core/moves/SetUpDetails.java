package openbloom.core.moves;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import openbloom.core.Yaml;
import openbloom.core.YamlFieldReader;

/**
 * Details of setting up that belong to a position rather than to one move: said once, wherever they fit (common practice, no
 * source).
 *
 * @see Position
 */
public final class SetUpDetails {
    private static final String FILE = "/openbloom/catalogue/words/details.yaml";
    private static final DetailFile TOLD = read();

    private SetUpDetails() {}

    private record DetailFile(Map<String, List<String>> positions, String ribs, String forearm) {}

    /** What is worth saying before a move, in the order of the file; empty where its position needs nothing. */
    public static List<String> of(Move move) {
        List<String> details =
                new ArrayList<>(TOLD.positions().getOrDefault(YamlFieldReader.asWritten(move.position()), List.of()));
        String setup = String.join(" ", move.teaching().setup()).toLowerCase(Locale.ROOT);
        if (setup.contains("forearm") && move.position() == Position.SIDE_LYING) {
            details.add(TOLD.forearm());
        }
        if (move.strand() == ExerciseGroup.BREATH && setup.contains("ribs")) {
            details.add(TOLD.ribs());
        }
        return List.copyOf(details);
    }

    /** For moves one after another: each detail stands with the first move it belongs to, and is not said again. */
    public static List<List<String>> inTurn(List<Move> moves) {
        Set<String> said = new HashSet<>();
        return moves.stream()
                .map(move -> of(move).stream().filter(said::add).toList())
                .toList();
    }

    private static DetailFile read() {
        try (InputStream in = Objects.requireNonNull(SetUpDetails.class.getResourceAsStream(FILE), "No " + FILE)) {
            return Yaml.MAPPER.readValue(in.readAllBytes(), DetailFile.class);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
