package openbloom.core.session;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import openbloom.core.Yaml;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;

/**
 * The flows that ship with the program.
 *
 * @see Flow
 * @see Catalogue
 */
public final class Flows {
    private static final String FILE = "/openbloom/flows/flows.yaml";

    private Flows() {}

    /** A flow as it stands in the file. */
    private record TemplateEntry(String name, String about, String kind, List<String> moves, boolean beforeBirth) {
        Flow flow(Catalogue catalogue) {
            Format.FormatKind format =
                    Format.FormatKind.valueOf(kind.toUpperCase(Locale.ROOT).replace('-', '_'));
            return new Flow(
                    name,
                    about,
                    Format.of(format),
                    moves.stream()
                            .map(id -> new Flow.TemplateItem(
                                    id,
                                    catalogue
                                            .find(id)
                                            .map((Move move) -> Edited.partOf(move))
                                            .orElse(Part.WORK),
                                    Optional.empty()))
                            .toList(),
                    beforeBirth ? Optional.of(Published.NO_RISE_PREGNANT.amount()) : Optional.empty());
        }
    }

    private record TemplatesFile(List<TemplateEntry> flows) {}

    public static List<Flow> shipped(Catalogue catalogue) {
        try (InputStream in = Objects.requireNonNull(Flows.class.getResourceAsStream(FILE), "No " + FILE)) {
            TemplatesFile file = Yaml.MAPPER.readValue(in.readAllBytes(), TemplatesFile.class);
            return file.flows().stream().map(entry -> entry.flow(catalogue)).toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
