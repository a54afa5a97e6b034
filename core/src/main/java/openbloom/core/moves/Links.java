package openbloom.core.moves;

import java.util.List;

/** Ids of the moves beside this one: easier and harder, and what to swap it for. */
public record Links(List<String> easier, List<String> harder, List<String> swaps) {
    public Links {
        easier = List.copyOf(easier);
        harder = List.copyOf(harder);
        swaps = List.copyOf(swaps);
    }
}
