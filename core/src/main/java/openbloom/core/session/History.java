package openbloom.core.session;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What she did before.
 *
 * @param recent ids of the moves of her last sessions, the latest first
 * @param known ids of every move she ever did
 * @see SessionRequest
 * @see Wishes
 */
public record History(List<List<String>> recent, Set<String> known) {
    public static final History NONE = new History(List.of(), Set.of());
    private static final int REMEMBERED = 3;

    public History {
        recent = recent.stream().map(List::copyOf).toList();
        known = Set.copyOf(known);
    }

    /** Of her last sessions alone. */
    public static History of(List<List<String>> recent) {
        Set<String> known = new HashSet<>();
        recent.forEach(known::addAll);
        return new History(recent, known);
    }

    /** Whether nothing was ever done. */
    public boolean isFirstSession() {
        return known.isEmpty();
    }

    /** Whether her last session had a move. */
    boolean isInTheLast(String moveId) {
        return !recent.isEmpty() && recent.get(0).contains(moveId);
    }

    /** In how many of the last three sessions a move was. */
    int timesLately(String moveId) {
        return (int) recent.stream()
                .limit(REMEMBERED)
                .filter(moves -> moves.contains(moveId))
                .count();
    }
}
