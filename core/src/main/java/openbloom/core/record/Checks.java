package openbloom.core.record;

import java.util.Optional;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.gap.GapCheck;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.SideCheck;

/**
 * What the latest checks found; each has a value of its own for "not checked".
 *
 * @param straightLegRaise active straight leg raise, both sides together, 0 to 10
 *
 * @see Client
 * @see CaseNotes
 */
public record Checks(
        Optional<GapCheck> gap,
        PelvicFloorCheck pelvicFloor,
        Breathing breath,
        ConnectCheck connect,
        SideCheck sides,
        EffortCheck effort,
        Optional<Integer> straightLegRaise,
        ImpactTests impactTests) {}
