package openbloom.core.moves;

import java.util.Set;
import openbloom.core.Enums;

/**
 * What a move asks of a body.
 *
 * @param midlineLoad 0 (none) to 5
 * @param pressure on the pelvic floor from above, 0 to 5
 * @param impact 0 (none) to 3
 * @see Move
 * @see MoveReader
 */
public record Demands(
        int midlineLoad, int pressure, Flexion flexion, Rotation rotation, int impact, Set<Demand> features) {
    public Demands {
        features = Enums.copyOf(features);
    }

    public boolean has(Demand feature) {
        return features.contains(feature);
    }

    /** The load a limit speaks of: the greatest of midline load, pressure and impact (impact counts double). */
    public int load() {
        return Math.max(Math.max(midlineLoad, pressure), Math.min(5, 2 * impact));
    }
}
