package openbloom.core.pelvicfloor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.YesNoUnknown;

class PacerTest {
    /** For every check: as many lifts as were prescribed, letting go at least as long as lifting, no lift in release. */
    @Property(tries = 1_000, seed = "20261129")
    void pacesWhatWasPrescribed(
            @ForAll @IntRange(max = 20) int seconds,
            @ForAll @IntRange(max = 20) int repetitions,
            @ForAll @IntRange(max = 20) int flicks,
            @ForAll LettingGo lettingGo,
            @ForAll Tone tone,
            @ForAll Allowance allowance) {
        PelvicFloorCheck check = new PelvicFloorCheck(
                seconds, repetitions, flicks, lettingGo, tone, YesNoUnknown.NO, YesNoUnknown.UNKNOWN);
        Prescription given = Prescriber.of(check, Effort.GENTLE, allowance);
        List<Pacer.Phase> phases = Pacer.of(given);
        assertThat(phases.stream().filter(Pacer.Phase::counts).count()).isEqualTo(given.contractionsPerSet());
        int lifting = total(phases, Pacer.PhaseKind.LIFT) + total(phases, Pacer.PhaseKind.FLICK);
        int lettingGoSeconds = Pacer.seconds(phases) - lifting;
        assertThat(lettingGoSeconds).isGreaterThanOrEqualTo(lifting);
        if (given.track() == Track.RELEASE) {
            assertThat(phases)
                    .allMatch(phase ->
                            phase.kind() == Pacer.PhaseKind.RELEASE && phase.seconds() >= 60 && phase.seconds() <= 120);
        }
    }

    private static int total(List<Pacer.Phase> phases, Pacer.PhaseKind kind) {
        return phases.stream()
                .filter(phase -> phase.kind() == kind)
                .mapToInt(Pacer.Phase::seconds)
                .sum();
    }
}
