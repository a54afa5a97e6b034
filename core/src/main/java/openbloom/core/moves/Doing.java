package openbloom.core.moves;

import java.util.List;
import java.util.Map;

/**
 * How a move is done.
 *
 * @param doses one for every stage
 *
 * @see Move
 * @see MoveReader
 */
public record Doing(BreathPattern breath, PelvicTone tone, Sides sides, List<Kit> kit, Map<DoseStage, Dose> doses) {
    public Doing {
        kit = List.copyOf(kit);
        doses = Map.copyOf(doses);
    }
}
