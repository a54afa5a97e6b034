package openbloom.core.care;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import openbloom.core.Yaml;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;

/**
 * Small sets for a desk, a queue, the feeding chair, the bed and the playground (common practice, no source).
 *
 * @see PlaceSet
 */
public final class PlaceSets {
    private static final String FILE = "/openbloom/care/places.yaml";

    private final List<PlaceEntry> all;

    private PlaceSets(List<PlaceEntry> all) {
        this.all = List.copyOf(all);
    }

    /** A set as it stands in the file. */
    private record PlaceEntry(String id, String title, List<String> moves) {}

    private record PlaceFile(List<PlaceEntry> places) {}

    /** The sets that ship with the program. */
    public static PlaceSets shipped() {
        try (InputStream in = Objects.requireNonNull(PlaceSets.class.getResourceAsStream(FILE), "No " + FILE)) {
            return new PlaceSets(
                    Yaml.MAPPER.readValue(in.readAllBytes(), PlaceFile.class).places());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Each set as it is for her: what passes, else what stands in for it; none while a warning sign stands. */
    public List<PlaceSet> of(Judgement judgement) {
        if (!judgement.facts().client().safety().standing().isEmpty()) {
            return List.of();
        }
        return all.stream()
                .map(entry -> new PlaceSet(entry.id(), entry.title(), fitting(entry, judgement)))
                .filter(set -> !set.moves().isEmpty())
                .toList();
    }

    private static List<Verdict> fitting(PlaceEntry entry, Judgement judgement) {
        List<Verdict> fitting = new ArrayList<>();
        for (String id : entry.moves()) {
            Verdict verdict = judgement.of(judgement.catalogue().get(id));
            Optional<Move> other = verdict.passes() ? Optional.of(verdict.move()) : verdict.swapTo();
            other.map(judgement::of)
                    .filter(Verdict::passes)
                    .filter(one ->
                            fitting.stream().noneMatch(there -> there.move().equals(one.move())))
                    .ifPresent(fitting::add);
        }
        return fitting;
    }
}
