package openbloom.core.moves;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Every move, each in its strand, checked when it was loaded.
 *
 * @see CatalogueLoader
 */
public final class Catalogue {
    private static final Comparator<Move> LADDER_ORDER =
            Comparator.comparing(Move::strand).thenComparing(Move::rung).thenComparing(Move::id);

    private final List<Move> moves;
    private final Map<String, Move> byId;
    private final Map<ExerciseGroup, List<Move>> byStrand;

    /** Looked up for every verdict that is a swap: worked out once. */
    private final Map<String, List<Move>> nearest;

    Catalogue(Collection<Move> moves) {
        this.moves = moves.stream().sorted(LADDER_ORDER).toList();
        this.byId = this.moves.stream().collect(Collectors.toUnmodifiableMap(Move::id, Function.identity()));
        this.byStrand = this.moves.stream()
                .collect(Collectors.groupingBy(Move::strand, TreeMap::new, Collectors.toUnmodifiableList()));
        this.nearest = this.moves.stream()
                .collect(Collectors.toUnmodifiableMap(
                        Move::id, move -> around(move).toList()));
    }

    /** The same moves, some of them told in words of a studio or an instructor; words for a move that is not there say nothing. */
    public Catalogue saying(Map<String, OwnWords> words) {
        return words.values().stream().allMatch(OwnWords::isEmpty)
                ? this
                : new Catalogue(moves.stream()
                        .map(move -> move.saying(words.getOrDefault(move.id(), OwnWords.NONE)))
                        .toList());
    }

    /** All moves, strand by strand, from the first rung. */
    public List<Move> moves() {
        return moves;
    }

    public int size() {
        return moves.size();
    }

    public Optional<Move> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** @throws IllegalArgumentException if there is no such move */
    public Move get(String id) {
        return find(id).orElseThrow(
                        () -> new IllegalArgumentException("An exercise of the catalogue was expected, but was " + id));
    }

    /** The one somebody means who typed its id, its name or what it is usually called; empty where nothing is called so. */
    public Optional<Move> meant(String typed) {
        String asked = typed.strip();
        return asked.isEmpty()
                ? Optional.empty()
                : find(asked)
                        .or(() -> moves.stream()
                                .filter(move -> move.name().equalsIgnoreCase(asked))
                                .findFirst())
                        .or(() -> UsualNames.calledJustSo(asked, moves));
    }

    /** A strand's moves from the first rung; empty if it has none. */
    public List<Move> ladder(ExerciseGroup strand) {
        return byStrand.getOrDefault(strand, List.of());
    }

    public int topRung(ExerciseGroup strand) {
        return ladder(strand).stream().mapToInt(Move::rung).max().orElse(0);
    }

    /**
     * Where to look for a swap, nearest first: the move's own swaps, then the same exercise in another position, then down its
     * strand rung by rung, what needs least kit first, then other exercises of its rung, then moves of the same purpose in other
     * strands from the nearest load downwards. The move itself is not among them.
     */
    public List<Move> nearest(Move move) {
        List<Move> known = nearest.get(move.id());
        return known == null ? around(move).toList() : known;
    }

    private Stream<Move> around(Move move) {
        Stream<Move> named = move.links().swaps().stream().map(this::get);
        Stream<Move> below = ladder(move.strand()).stream()
                .filter(other -> other != move && isNoHarder(other, move))
                .sorted(Comparator.comparingInt((Move other) -> move.isEarned() ? kinship(other, move) : 0)
                        .thenComparing(other -> Math.abs(other.rung() - move.rung()))
                        .thenComparing(other -> move.isEarned() ? other.kit().size() : 0));
        Stream<Move> across = moves.stream()
                .filter(other -> other.strand() != move.strand() && other.purpose() == move.purpose())
                .filter(other -> other.load() <= move.load())
                .sorted(Comparator.comparing(Move::load).reversed());
        return Stream.of(named, below, across).flatMap(Function.identity()).distinct();
    }

    /** 0 for the same exercise in another position, 1 for a rung below, 2 for another exercise of the same rung. */
    private static int kinship(Move other, Move move) {
        if (other.rung() < move.rung()) {
            return 1;
        }
        return other.purpose() == move.purpose() && other.position() != move.position() ? 0 : 2;
    }

    /** On a ladder of loads the same rung or below; where rungs are positions, any of no greater load. */
    private static boolean isNoHarder(Move other, Move move) {
        return move.isEarned() ? other.rung() <= move.rung() : !other.isEarned() && other.load() <= move.load();
    }
}
