package openbloom.core.moves;

import java.util.List;

/**
 * Ids of the moves beside this one: easier and harder, and what to swap it for.
 *
 * @param easier ids of {@link Move}s, the nearest first
 * @param harder ids, the nearest first
 * @param swaps ids that stand in for it, the best first
 */
public record Links(List<String> easier, List<String> harder, List<String> swaps) {
    public Links {
        easier = List.copyOf(easier);
        harder = List.copyOf(harder);
        swaps = List.copyOf(swaps);
    }
}
