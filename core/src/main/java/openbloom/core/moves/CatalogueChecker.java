package openbloom.core.moves;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import openbloom.core.Problem;
import openbloom.core.Problems;

/** Looks at the moves together: ids, links, ladders. */
final class CatalogueChecker {
    private final Map<String, Move> byId = new LinkedHashMap<>();
    private final Problems problems = new Problems();

    private CatalogueChecker() {}

    static List<Problem> check(Collection<Move> moves) {
        CatalogueChecker checker = new CatalogueChecker();
        moves.forEach(checker::register);
        moves.forEach(checker::checkLinks);
        checker.checkCycles("easier", move -> move.links().easier());
        checker.checkCycles("harder", move -> move.links().harder());
        checker.checkFirstRungs(moves);
        return checker.problems.all();
    }

    private void register(Move move) {
        if (byId.putIfAbsent(move.id(), move) != null) {
            refuse(move, "id", "move.twice", move.id());
        }
    }

    private void checkLinks(Move move) {
        checkKnown(move, "easier", move.links().easier());
        checkKnown(move, "harder", move.links().harder());
        checkKnown(move, "swaps", move.links().swaps());
        move.links().harder().stream()
                .map(byId::get)
                .filter(harder -> harder != null && harder.strand() == move.strand())
                .filter(harder ->
                        harder.demands().midlineLoad() < move.demands().midlineLoad())
                .forEach(harder -> refuse(move, "harder", "move.harderIsLighter", harder.id()));
        boolean oneSided = move.sides() != Sides.BOTH;
        if (oneSided && move.doing().doses().values().stream().anyMatch(dose -> !dose.perSide())) {
            refuse(move, "dose", "move.perSide");
        }
    }

    private void checkKnown(Move move, String field, List<String> ids) {
        ids.stream().filter(id -> !byId.containsKey(id)).forEach(id -> refuse(move, field, "move.unknown", id));
        if (ids.contains(move.id())) {
            refuse(move, field, "move.itself");
        }
    }

    private void checkCycles(String field, Function<Move, List<String>> next) {
        Set<String> cleared = new HashSet<>();
        for (Move move : byId.values()) {
            findCycle(move, next, new HashSet<>(), cleared, field);
        }
    }

    private boolean findCycle(
            Move move, Function<Move, List<String>> next, Set<String> path, Set<String> cleared, String field) {
        if (cleared.contains(move.id())) {
            return false;
        }
        if (!path.add(move.id())) {
            refuse(
                    move,
                    field,
                    "move.cycle",
                    String.join(", ", path.stream().sorted().toList()));
            return true;
        }
        boolean found = next.apply(move).stream()
                .map(byId::get)
                .filter(Objects::nonNull)
                .anyMatch(other -> findCycle(other, next, path, cleared, field));
        path.remove(move.id());
        cleared.add(move.id());
        return found;
    }

    private void checkFirstRungs(Collection<Move> moves) {
        moves.stream().map(Move::strand).distinct().sorted().forEach(strand -> {
            boolean hasFirst = moves.stream().anyMatch(move -> move.strand() == strand && move.rung() == 1);
            if (!hasFirst) {
                problems.refuse(strand.fileName(), "move.firstRung", strand.words());
            }
        });
    }

    private void refuse(Move move, String field, String key, Object... args) {
        problems.refuse(move.id() + "." + field, key, args);
    }
}
