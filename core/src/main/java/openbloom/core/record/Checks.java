package openbloom.core.record;

import java.util.Optional;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.gap.GapCheck;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.PostureCheck;
import openbloom.core.screening.SideCheck;

/**
 * What the latest checks found; each has a value of its own for "not checked".
 *
 * @param toReturn what tells whether she may go back to running and jumping
 *
 * @see Client
 * @see CaseNotes
 */
public record Checks(
        Optional<GapCheck> gap,
        PelvicFloorCheck pelvicFloor,
        Breathing breath,
        ConnectCheck connect,
        PostureCheck posture,
        SideCheck sides,
        EffortCheck effort,
        ReturnChecks toReturn) {
    /**
     * Tests before going back to running and jumping.
     *
     * @param straightLegRaise active straight leg raise, both sides together, 0 to 10
     * @param impactTests tests of impact, each passed or not
     */
    public record ReturnChecks(Optional<Integer> straightLegRaise, ImpactTests impactTests) {}

    public Optional<Integer> straightLegRaise() {
        return toReturn.straightLegRaise();
    }

    public ImpactTests impactTests() {
        return toReturn.impactTests();
    }
}
