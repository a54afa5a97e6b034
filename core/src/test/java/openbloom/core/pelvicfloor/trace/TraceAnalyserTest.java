package openbloom.core.pelvicfloor.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TraceAnalyserTest {
    /** Profiles that behave as asked; the others are what an instructor learns to read. */
    private static final List<SensorProfile> STEADY = List.of(
            SensorProfile.TYPICAL,
            SensorProfile.WEAK_FADING,
            SensorProfile.TIGHT_HIGH_REST,
            SensorProfile.NO_RELEASE,
            SensorProfile.BEARING_DOWN,
            SensorProfile.NOISY,
            SensorProfile.DROP_OUTS);

    private static final double[] RATES = {10, 20, 50, 100, 250, 1_000};

    /** Found, missed and false contractions of one kind, over all recordings. */
    private static final class Tally {
        private int matched;
        private int missed;
        private int wrong;

        double recall() {
            return matched / (double) (matched + missed);
        }

        double precision() {
            return matched / (double) (matched + wrong);
        }
    }

    /**
     * 200 recordings with known truth, fixed seeds: every profile, 10 to 1,000 samples a second, 10 to 30 dB, drift up to
     * a third of the squeeze, drop-outs.
     */
    @Test
    void findsWhatTheSimulatedSensorDid() {
        Tally holds = new Tally();
        Tally flicks = new Tally();
        DescriptiveStatistics errors = new DescriptiveStatistics();
        DescriptiveStatistics rests = new DescriptiveStatistics();
        for (int run = 0; run < 100; run++) {
            Random random = new Random(run);
            SensorProfile profile = STEADY.get(run % STEADY.size());
            double decibels = profile == SensorProfile.NOISY ? 10 : 10 + 20 * random.nextDouble();
            Protocol protocol = run % 4 == 0
                    ? Protocol.glazer()
                    : Protocol.of(
                            3 + random.nextInt(6), 4 + random.nextInt(7), 6 + random.nextInt(5), 5 + random.nextInt(6));
            SimulatedSensor sensor = new SimulatedSensor(
                    profile, protocol, RATES[run % RATES.length], decibels, random.nextDouble() / 3, run);
            TraceFindings found = TraceAnalyser.analyse(read(sensor), TraceUnit.CMH2O, Convention.USUAL);
            match(sensor.truth().stream().filter(SimulatedSensor.Truth::hold).toList(), found.holds(), holds, errors);
            match(
                    sensor.truth().stream().filter(one -> !one.hold()).toList(),
                    found.flicks(),
                    flicks,
                    new DescriptiveStatistics());
            rests.addValue(Math.abs(found.restLevel() - sensor.restTruth()) / profile.squeeze());
        }
        System.out.printf(
                "100 traces: holds precision %.3f recall %.3f, flicks precision %.3f recall %.3f, hold length off by %.2f s"
                        + " (95th percentile), rest off by %.1f %% of the squeeze (largest).%n",
                holds.precision(),
                holds.recall(),
                flicks.precision(),
                flicks.recall(),
                errors.getPercentile(95),
                100 * rests.getMax());
        assertThat(holds.precision()).isGreaterThanOrEqualTo(0.98);
        assertThat(holds.recall()).isGreaterThanOrEqualTo(0.98);
        assertThat(flicks.precision()).isGreaterThanOrEqualTo(0.98);
        assertThat(flicks.recall()).isGreaterThanOrEqualTo(0.98);
        assertThat(errors.getPercentile(95)).isLessThanOrEqualTo(0.3);
        assertThat(rests.getMax()).isLessThanOrEqualTo(0.05);
    }

    /** A truth is matched by the first contraction of its kind whose middle lies within it. */
    private static void match(
            List<SimulatedSensor.Truth> truths, List<Contraction> found, Tally tally, DescriptiveStatistics errors) {
        List<Contraction> left = new ArrayList<>(found);
        for (SimulatedSensor.Truth truth : truths) {
            Contraction match = left.stream()
                    .filter(one -> (one.start() + one.end()) / 2 > truth.start() - 0.2
                            && (one.start() + one.end()) / 2 < truth.end() + 0.2)
                    .findFirst()
                    .orElse(null);
            if (match == null) {
                tally.missed++;
            } else {
                tally.matched++;
                left.remove(match);
                errors.addValue(Math.abs(match.seconds() - (truth.end() - truth.start())));
            }
        }
        tally.wrong += left.size();
    }

    private static Trace read(SimulatedSensor sensor) {
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        while (sensor.hasNext()) {
            SimulatedSensor.Sample sample = sensor.next();
            if (!Double.isNaN(sample.value())) {
                builder.add(sample.seconds(), sample.value());
            }
        }
        return builder.build();
    }

    private static TraceFindings analyse(SensorProfile profile) {
        SimulatedSensor sensor = new SimulatedSensor(profile, Protocol.of(5, 8, 8, 6), 50, 30, 0, 7);
        return TraceAnalyser.analyse(read(sensor), TraceUnit.CMH2O, Convention.USUAL);
    }

    @Test
    void tellsFadingAndNotLettingGoFromTheTypical() {
        TraceFindings typical = analyse(SensorProfile.TYPICAL);
        assertThat(typical.letsGoFully()).contains(true);
        assertThat(typical.holds()).hasSize(5).allMatch(hold -> hold.faded().isEmpty());
        assertThat(typical.squeeze()).isCloseTo(20, within(2.0));
        assertThat(typical.enduranceSeconds()).isCloseTo(8, within(0.5));
        assertThat(typical.flicks()).allMatch(flick -> flick.returnSeconds().orElse(9) < 1);
        TraceFindings fading = analyse(SensorProfile.WEAK_FADING);
        assertThat(fading.holds()).hasSize(5).allMatch(hold -> hold.faded().isPresent());
        assertThat(fading.enduranceSeconds()).isBetween(4.5, 8.0);
        assertThat(analyse(SensorProfile.NO_RELEASE).letsGoFully()).contains(false);
        assertThat(analyse(SensorProfile.TIGHT_HIGH_REST).restLevel()).isCloseTo(28, within(0.6));
    }

    @ParameterizedTest
    @EnumSource(SensorProfile.class)
    void findsNothingWhereNothingWasAsked(SensorProfile profile) {
        SimulatedSensor sensor = new SimulatedSensor(profile, Protocol.of(0, 1, 1, 0), 100, 10, 0.3, 3);
        TraceFindings found = TraceAnalyser.analyse(read(sensor), TraceUnit.CMH2O, Convention.USUAL);
        assertThat(found.contractions()).isEmpty();
        assertThat(found.letsGoFully()).isEmpty();
        assertThat(found.enduranceSeconds()).isZero();
    }

    @Test
    void comparesWithWhatWasAsked() {
        SimulatedSensor sensor = new SimulatedSensor(SensorProfile.TYPICAL, Protocol.glazer(), 100, 25, 0, 5);
        TraceFindings found = TraceAnalyser.analyse(read(sensor), TraceUnit.CMH2O, Convention.USUAL);
        assertThat(Protocol.glazer().beside(found)).contains("All 6 holds were found.", "All 5 flicks were found.");
        assertThat(Protocol.of(8, 10, 10, 7).beside(found))
                .contains("6 of 8 holds were found.", "5 of 7 flicks were found.");
    }

    /** Mean and quantile beside those of a general library. */
    @Test
    void smoothsAsAGeneralLibraryWould() {
        Random random = new Random(5);
        float[] steps = new float[300];
        double[] same = new double[300];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = (float) random.nextGaussian();
            same[i] = steps[i];
        }
        float[] mean = Smoothing.mean(steps, 4);
        for (int i = 4; i < 296; i++) {
            assertThat((double) mean[i]).isCloseTo(StatUtils.mean(same, i - 4, 9), within(1e-5));
        }
        assertThat((double) Smoothing.quantile(steps, 0.5)).isCloseTo(StatUtils.percentile(same, 50), within(0.02));
        assertThat(Smoothing.bridged(new float[] {Float.NaN, 1, Float.NaN, Float.NaN, 4, Float.NaN}))
                .containsExactly(1, 1, 2, 3, 4, 4);
    }

    @Test
    void takesAnyRateAndRectifiesARawSignal() {
        TraceBuilder raw = new TraceBuilder(TraceUnit.UV);
        Random random = new Random(1);
        for (int i = 0; i < 20_000; i++) {
            double size = i > 8_000 && i < 13_000 ? 30 : 3;
            raw.add(i / 1_000.0, size * random.nextGaussian());
        }
        Trace trace = raw.build();
        assertThat(trace.rate()).isEqualTo(50);
        assertThat(trace.steps()).hasSize(1_000);
        assertThat(trace.rectified()).isTrue();
        assertThat(TraceAnalyser.analyse(trace, TraceUnit.UV, Convention.USUAL).holds())
                .singleElement()
                .satisfies(hold -> assertThat(hold.seconds()).isCloseTo(5, within(0.3)));
    }

    @Test
    void refusesTimeThatDoesNotGoForward() {
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        builder.add(0, 1);
        assertThatIllegalArgumentException().isThrownBy(() -> builder.add(0, 1)).withMessageContaining("go forward");
        assertThatIllegalArgumentException().isThrownBy(() -> builder.add(Double.NaN, 1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> builder.add(200_000, 1))
                .withMessageContaining("48 hours");
        assertThatIllegalArgumentException().isThrownBy(builder::build).withMessageContaining("two samples");
        assertThatIllegalArgumentException().isThrownBy(() -> new Convention(1, 0.5, 0.3, 2, 0.35));
    }

    /** Each time a ninth of a squeeze more stays: far above rest in the end, although no single one looks bad. A sensor drifting as far is no failure. */
    @ParameterizedTest
    @org.junit.jupiter.params.provider.ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void aRestThatCreepsIsToldFromASensorThatDrifts(int seed) {
        Protocol protocol = Protocol.of(6, 6, 8, 5);
        SimulatedSensor creeping =
                new SimulatedSensor(SensorProfile.CREEPING_REST, protocol, 50, 20 + seed % 3 * 5, 0, seed);
        assertThat(TraceAnalyser.analyse(read(creeping), TraceUnit.CMH2O, Convention.USUAL)
                        .letsGoFully())
                .contains(false);
        SimulatedSensor drifting =
                new SimulatedSensor(SensorProfile.TYPICAL, protocol, 50, 20 + seed % 3 * 5, 0.5, seed);
        assertThat(TraceAnalyser.analyse(read(drifting), TraceUnit.CMH2O, Convention.USUAL)
                        .letsGoFully())
                .contains(true);
    }

    /** What an instructor is to learn from each of the simulated behaviours. */
    @Test
    void everyBehaviourOfTheSimulatedSensorIsSaid() {
        assertThat(analyse(SensorProfile.COUGHING).aside().coughs()).hasSize(4);
        assertThat(analyse(SensorProfile.COUGHING).holds()).hasSize(5);
        assertThat(analyse(SensorProfile.MOVING).aside().steps()).hasSize(1);
        assertThat(analyse(SensorProfile.MOVING).letsGoFully()).contains(true);
        assertThat(analyse(SensorProfile.LOST_CONTACT).aside().holes())
                .singleElement()
                .satisfies(hole -> assertThat(hole.to() - hole.from()).isCloseTo(30, within(0.2)));
        assertThat(analyse(SensorProfile.FAST_FLICKS).flicks()).hasSize(12);
        assertThat(analyse(SensorProfile.WEAK_AFTER_STRONG).holds())
                .hasSize(5)
                .satisfies(holds -> assertThat(
                                holds.get(4).amplitude() / holds.get(0).amplitude())
                        .isBetween(0.4, 0.7));
    }
}
