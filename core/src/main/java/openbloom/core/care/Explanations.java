package openbloom.core.care;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import openbloom.core.Yaml;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Facts;
import org.jspecify.annotations.Nullable;

/**
 * The cards that explain, in the order of the file.
 *
 * @see Explanation
 */
public final class Explanations {
    private static final String FILE = "/openbloom/care/explained.yaml";

    private final List<Explanation> all;

    private Explanations(List<Explanation> all) {
        this.all = List.copyOf(all);
    }

    /** A card as it stands in the file. */
    private record ExplanationEntry(
            String id,
            String title,
            String when,
            List<String> groups,
            @Nullable List<String> moves,
            String words) {
        Explanation explanation() {
            return new Explanation(
                    id,
                    title,
                    words,
                    Explanation.ForWhom.valueOf(constant(when)),
                    groups.stream()
                            .map(group -> ExerciseGroup.valueOf(constant(group)))
                            .toList(),
                    moves == null ? List.of() : moves);
        }

        private static String constant(String written) {
            return written.toUpperCase(Locale.ROOT).replace('-', '_');
        }
    }

    private record ExplanationFile(List<ExplanationEntry> explained) {}

    /** The cards that ship with the program. */
    public static Explanations shipped() {
        try (InputStream in = Objects.requireNonNull(Explanations.class.getResourceAsStream(FILE), "No " + FILE)) {
            ExplanationFile file = Yaml.MAPPER.readValue(in.readAllBytes(), ExplanationFile.class);
            return new Explanations(
                    file.explained().stream().map(ExplanationEntry::explanation).toList());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    public List<Explanation> all() {
        return all;
    }

    public Optional<Explanation> find(String id) {
        return all.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** What explains a move: a card of its own before that of its group. */
    public Optional<Explanation> of(Move move) {
        return all.stream()
                .filter(one -> one.explainsItself(move))
                .findFirst()
                .or(() -> all.stream().filter(one -> one.explains(move)).findFirst());
    }

    /** By move the card that explains it; a move that none explains is not in it. */
    public Map<String, Explanation> byMove(Collection<Move> moves) {
        Map<String, Explanation> byMove = new HashMap<>();
        moves.forEach(move -> of(move).ifPresent(card -> byMove.put(move.id(), card)));
        return Map.copyOf(byMove);
    }

    /** Those that fit a woman on a day; none while a warning sign stands. */
    public List<Explanation> offered(Facts facts) {
        return facts.client().safety().standing().isEmpty()
                ? all.stream().filter(one -> one.when().isMet(facts)).toList()
                : List.of();
    }
}
