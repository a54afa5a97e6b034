package openbloom.core.care;

import java.util.List;
import openbloom.core.verdict.Verdict;

/**
 * A small set for a place away from the mat, judged for one woman on a day.
 *
 * @param id as in the file: {@code feeding-chair}
 * @param moves what of it passes for her, or what stands in; at least one
 * @see PlaceSets
 */
public record PlaceSet(String id, String title, List<Verdict> moves) {
    public PlaceSet {
        moves = List.copyOf(moves);
    }
}
