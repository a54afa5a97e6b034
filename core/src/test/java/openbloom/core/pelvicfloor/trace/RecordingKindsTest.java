package openbloom.core.pelvicfloor.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Recordings as sensors and bodies make them, a practitioner's bar for each kind (common practice, no source). */
@Tag("long")
class RecordingKindsTest {
    private static final int EACH = 12;
    private static final List<String> TABLE = new ArrayList<>();

    /** What was found of one kind, over all its recordings. */
    private static final class Tally {
        private int matched;
        private int missed;
        private int wrong;

        void add(
                List<MadeRecording.Truth> truths,
                List<Contraction> found,
                DescriptiveStatistics errors,
                DescriptiveStatistics heights) {
            List<Contraction> left = new ArrayList<>(found);
            for (MadeRecording.Truth truth : truths) {
                Optional<Contraction> match = left.stream()
                        .filter(one -> (one.start() + one.end()) / 2 > truth.start() - 0.2
                                && (one.start() + one.end()) / 2 < truth.end() + 0.2)
                        .findFirst();
                match.ifPresent(left::remove);
                match.ifPresent(one -> errors.addValue(Math.abs(one.seconds() - (truth.end() - truth.start()))));
                match.ifPresent(one -> heights.addValue(Math.abs(one.amplitude() - truth.height()) / truth.height()));
                matched += match.isPresent() ? 1 : 0;
                missed += match.isPresent() ? 0 : 1;
            }
            wrong += left.size();
        }

        double precision() {
            return matched + wrong == 0 ? 1 : matched / (double) (matched + wrong);
        }

        double recall() {
            return matched + missed == 0 ? 1 : matched / (double) (matched + missed);
        }
    }

    @ParameterizedTest
    @EnumSource(RecordingKind.class)
    void meetsThePractitionersBar(RecordingKind kind) {
        Tally holds = new Tally();
        Tally flicks = new Tally();
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
                    durations,
                    new DescriptiveStatistics());
            flicks.add(
                    made.truth().stream().filter(one -> !one.hold()).toList(),
                    found.flicks(),
                    new DescriptiveStatistics(),
                    heights);
            rests.addValue(Math.abs(found.restLevel() - made.rest()) / made.squeeze());
            made.endurance().ifPresent(held -> endurances.addValue(Math.abs(found.enduranceSeconds() - held) / held));
            letGo += found.letsGoFully().equals(made.letsGo()) ? 1 : 0;
            assertThat(found.aside().leadInSeconds() > 0)
                    .as("a lead-in is left out where there is one, and nowhere else")
                    .isEqualTo(kind == RecordingKind.LEAD_IN);
            minutes += trace.seconds() / 60;
        }
        boolean hard = kind.isArtefact();
        double falseAMinute = (holds.wrong + flicks.wrong) / minutes;
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
                .isGreaterThanOrEqualTo(hard ? 0.85 : 0.93);
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
        if (kind.name().startsWith("REST") || kind == RecordingKind.KNOCKS_AT_REST) {
            assertThat(falseAMinute).isLessThanOrEqualTo(0.1);
        }
    }

    @AfterAll
    static void table() {
        TABLE.forEach(System.out::println);
    }
}
