package openbloom.core.moves;

import java.util.List;
import java.util.Objects;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** Where a shipped move names no easier or harder one, the nearest rungs of its strand stand in. */
final class Ladders {
    private Ladders() {}

    static List<Move> link(List<Move> moves) {
        return moves.stream().map(move -> link(move, moves)).toList();
    }

    private static Move link(Move move, List<Move> moves) {
        Links links = move.links();
        List<String> easier = links.easier().isEmpty() ? neighbours(move, moves, -1) : links.easier();
        List<String> harder = links.harder().isEmpty() ? neighbours(move, moves, 1) : links.harder();
        return move.linked(new Links(easier, harder, links.swaps()));
    }

    private static List<String> neighbours(Move move, List<Move> moves, int direction) {
        IntPredicate used =
                rung -> moves.stream().anyMatch(other -> other.strand() == move.strand() && other.rung() == rung);
        return IntStream.iterate(move.rung() + direction, rung -> rung > 0 && rung <= 40, rung -> rung + direction)
                .filter(used)
                .mapToObj(rung -> idsOn(move.strand(), rung, moves))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(List.of());
    }

    private static List<String> idsOn(ExerciseGroup strand, int rung, List<Move> moves) {
        return moves.stream()
                .filter(other -> other.strand() == strand && other.rung() == rung)
                .map(Move::id)
                .toList();
    }
}
