package openbloom.app.checks;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import openbloom.app.system.Joined;
import openbloom.core.breath.BreathFinding;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.stage.Told;
import openbloom.core.verdict.ImpactTests;
import org.jspecify.annotations.Nullable;

/** Breath, pelvic floor, straight leg raise and return tests as found on one day; never changed afterwards. */
public record BodyCheck(
        long id,
        long womanId,
        LocalDate checkedOn,
        String checkedBy,
        BreathFinding breath,
        Tone tone,
        Told letsGo,
        Told painWithLifts,
        @Nullable Integer straightLegRaise,
        String impactTests) {
    public PelvicFloorCheck pelvicFloor() {
        return new PelvicFloorCheck(0, 0, 0, letsGo, tone, painWithLifts, Told.UNKNOWN);
    }

    public ImpactTests tests() {
        Set<ImpactTests.Test> passed = Joined.constants(impactTests, ImpactTests.Test.class);
        return new ImpactTests(passed.isEmpty() ? Optional.empty() : Optional.of(checkedOn), passed);
    }

    /** What was found, in one line. */
    public String words() {
        String raise = straightLegRaise == null ? "" : "; straight leg raise " + straightLegRaise + " of 10";
        int passed = tests().passed().size();
        String tests = passed == 0 ? "" : "; return tests " + passed + " of " + ImpactTests.Test.values().length;
        return "breath " + breath.words() + "; pelvic floor " + tone.words() + raise + tests;
    }
}
