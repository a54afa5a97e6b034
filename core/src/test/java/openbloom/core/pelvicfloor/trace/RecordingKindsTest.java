package openbloom.core.pelvicfloor.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Recordings as sensors and bodies make them, a practitioner's bar for each kind (common practice, no source).
 * {@code -Dbloom.recordings=12} tries more of each.
 */
@Tag("long")
class RecordingKindsTest {
    private static final int EACH = Integer.getInteger("bloom.recordings", 6);
    private static final List<String> TABLE = new ArrayList<>();

    @ParameterizedTest
    @EnumSource(RecordingKind.class)
    void meetsThePractitionersBar(RecordingKind kind) {
        FoundAgain holds = new FoundAgain();
        FoundAgain flicks = new FoundAgain();
        DescriptiveStatistics durations = new DescriptiveStatistics();
        DescriptiveStatistics heights = new DescriptiveStatistics();
        DescriptiveStatistics rests = new DescriptiveStatistics();
        DescriptiveStatistics endurances = new DescriptiveStatistics();
        int letGo = 0;
        double minutes = 0;
        for (int seed = 0; seed < EACH; seed++) {
            MadeRecording made = kind.made(seed);
            Trace trace = made.trace();
            TraceUnit unit = kind.name().startsWith("EMG") ? TraceUnit.UV : TraceUnit.CMH2O;
            TraceFindings found = TraceAnalyser.analyse(trace, unit, Convention.USUAL);
            holds.add(
                    made.truth().stream().filter(MadeRecording.Truth::hold).toList(),
                    found.holds(),
                    (truth, one) -> durations.addValue(Math.abs(one.seconds() - (truth.end() - truth.start()))));
            flicks.add(
                    made.truth().stream().filter(one -> !one.hold()).toList(),
                    found.flicks(),
                    (truth, one) -> heights.addValue(Math.abs(one.amplitude() - truth.height()) / truth.height()));
            rests.addValue(Math.abs(found.restLevel() - made.rest()) / made.squeeze());
            made.endurance().ifPresent(held -> endurances.addValue(Math.abs(found.enduranceSeconds() - held) / held));
            letGo += found.letsGoFully().equals(made.letsGo()) ? 1 : 0;
            assertThat(found.aside().leadInSeconds() > 0)
                    .as("a lead-in is left out where there is one, and nowhere else")
                    .isEqualTo(kind == RecordingKind.LEAD_IN);
            assertThat(found.aside().heartbeatsAMinute().isPresent())
                    .as("a heartbeat is told where there is one, and nowhere else")
                    .isEqualTo(kind.name().contains("HEARTBEAT"));
            if (kind.name().contains("HEARTBEAT")) {
                assertThat(found.aside().coughs()).as("a beat is no cough").isEmpty();
            }
            minutes += trace.seconds() / 60;
        }
        boolean hard = kind.isArtefact();
        double falseAMinute = (holds.wrong() + flicks.wrong()) / minutes;
        TABLE.add(String.format(
                "%-18s holds %.2f/%.2f  flicks %.2f/%.2f  duration %.2f s  rest %4.1f %%  endurance %4.1f %%  letting go %.2f"
                        + "  false %.2f a minute",
                kind,
                holds.precision(),
                holds.recall(),
                flicks.precision(),
                flicks.recall(),
                durations.getN() == 0 ? 0 : durations.getPercentile(50),
                100 * rests.getPercentile(50),
                endurances.getN() == 0 ? 0 : 100 * endurances.getPercentile(50),
                letGo / (double) EACH,
                falseAMinute));
        assertThat(Math.min(holds.precision(), holds.recall())).as("holds").isGreaterThanOrEqualTo(hard ? 0.90 : 0.95);
        assertThat(Math.min(flicks.precision(), flicks.recall()))
                .as("flicks")
                .isGreaterThanOrEqualTo(hard ? 0.85 : 0.95);
        if (durations.getN() > 0) {
            assertThat(durations.getPercentile(50)).as("duration").isLessThanOrEqualTo(hard ? 0.7 : 0.5);
            assertThat(endurances.getN() == 0 ? 0 : endurances.getPercentile(50))
                    .as("endurance")
                    .isLessThanOrEqualTo(hard ? 0.2 : 0.15);
        }
        assertThat(rests.getPercentile(50)).as("rest").isLessThanOrEqualTo(hard ? 0.15 : 0.1);
        assertThat(letGo / (double) EACH).as("letting go").isGreaterThanOrEqualTo(hard ? 0.9 : 0.95);
        if (!hard && !kind.name().startsWith("EMG") && heights.getN() > 0) {
            assertThat(heights.getPercentile(50)).as("height of a flick").isLessThanOrEqualTo(0.05);
        }
        if (holds.recall() == 1 && kind.made(0).truth().isEmpty()) {
            assertThat(falseAMinute).isLessThanOrEqualTo(0.1);
        }
    }

    @AfterAll
    static void table() {
        TABLE.forEach(System.out::println);
    }
}
