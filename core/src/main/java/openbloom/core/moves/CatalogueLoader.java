package openbloom.core.moves;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.figure.Figures;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads the catalogue that ships with the program and the moves a studio adds to it.
 *
 * @see Move
 * @see Catalogue
 */
public final class CatalogueLoader {
    private static final String FOLDER = "/openbloom/catalogue/";
    private final MoveReader reader;

    private final Map<String, Dose> doseSchemes;

    public CatalogueLoader() {
        this(Figures.shipped());
    }

    /** @param figures those a move may name */
    public CatalogueLoader(Figures figures) {
        Map<String, JsonNode> schemes = StrandFile.doseSchemes(resource("doses"));
        DoseReader doses = new DoseReader(schemes);
        doseSchemes = doses.schemes();
        reader = new MoveReader(doses, figures, new Leads(StrandFile.leads(resource("words/leads"))));
    }

    /** Doses a move may refer to by name, each as it is for a woman neither pregnant nor newly delivered. */
    public Map<String, Dose> doseSchemes() {
        return doseSchemes;
    }

    /**
     * The catalogue that ships with the program.
     *
     * @throws IllegalStateException naming every problem, if the shipped files do not pass the checker
     */
    public Catalogue shipped() {
        List<Move> moves = new ArrayList<>();
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            Map<String, ObjectNode> words = StrandFile.words(resource("words/" + strand.fileName()));
            Outcome<List<Move>> read = read(resource(strand.fileName()), words);
            requireClean(strand.fileName(), read.problems());
            moves.addAll(read.value());
        }
        List<Move> linked = Ladders.link(moves);
        requireClean("catalogue", CatalogueChecker.check(linked));
        requireClean("words", WordsChecker.check(linked));
        return new Catalogue(linked);
    }

    /**
     * A catalogue with a studio's own moves added.
     *
     * @param yaml a file of moves in the shipped form; its ids must be new
     * @return the larger catalogue, or every problem with the file, its moves and their place among the others
     */
    public Outcome<Catalogue> add(Catalogue base, String yaml) {
        Outcome<List<Move>> read = read(yaml, Map.of());
        if (!read.problems().isEmpty()) {
            return new Outcome.Refused<>(read.problems());
        }
        List<Move> all =
                Stream.concat(base.moves().stream(), read.value().stream()).toList();
        List<Problem> problems = CatalogueChecker.check(all);
        return problems.isEmpty() ? Outcome.accepted(new Catalogue(all)) : new Outcome.Refused<>(problems);
    }

    private Outcome<List<Move>> read(String yaml, Map<String, ObjectNode> words) {
        Outcome<List<MoveEntry>> entries = StrandFile.entries(yaml, words);
        if (!entries.problems().isEmpty()) {
            return new Outcome.Refused<>(entries.problems());
        }
        List<Outcome<Move>> read = entries.value().stream().map(reader::read).toList();
        List<Problem> problems =
                read.stream().map(Outcome::problems).flatMap(Collection::stream).toList();
        return problems.isEmpty()
                ? Outcome.accepted(read.stream().map(Outcome::value).toList())
                : new Outcome.Refused<>(problems);
    }

    private static void requireClean(String what, List<?> problems) {
        if (!problems.isEmpty()) {
            throw new IllegalStateException("The shipped " + what + " should pass the checker, but: " + problems);
        }
    }

    private static String resource(String name) {
        try (InputStream in = Objects.requireNonNull(
                CatalogueLoader.class.getResourceAsStream(FOLDER + name + ".yaml"),
                () -> "No catalogue file " + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
