package openbloom.core.session;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import openbloom.core.Yaml;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;

/** The flows that ship with the program. */
public final class Flows {
    private static final String FILE = "/openbloom/flows/flows.yaml";

    private Flows() {}

    /** A flow as it stands in the file. */
    private record Entry(String name, String about, String kind, List<String> moves) {
        Flow flow(Catalogue catalogue) {
            Format.Kind format =
                    Format.Kind.valueOf(kind.toUpperCase(Locale.ROOT).replace('-', '_'));
            return new Flow(
                    name,
                    about,
                    Format.of(format),
                    moves.stream()
                            .map(id -> new Flow.Item(
                                    id,
                                    catalogue
                                            .find(id)
                                            .map((Move move) -> Edited.partOf(move))
                                            .orElse(Part.WORK),
                                    Optional.empty()))
                            .toList());
        }
    }

    private record File(List<Entry> flows) {}

    public static List<Flow> shipped(Catalogue catalogue) {
        try (InputStream in = Objects.requireNonNull(Flows.class.getResourceAsStream(FILE), "No " + FILE)) {
            File file = Yaml.MAPPER.readValue(in.readAllBytes(), File.class);
            return file.flows().stream().map(entry -> entry.flow(catalogue)).toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
